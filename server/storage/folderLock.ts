import SqliteDatabase from 'better-sqlite3';
import { bookTroubleOf } from './bookTrouble.js';

/** Holds a data folder for one server. The lock is one of the system's, so a server that was killed holds none. */
export interface FolderLock {
  release(): void;
}

/** Takes the lock, or undefined while another server holds it. */
export function takeFolderLock(file: string): FolderLock | undefined {
  const lock = new SqliteDatabase(file, { timeout: 0 });
  try {
    lock.exec('BEGIN EXCLUSIVE');
  } catch (cause) {
    lock.close();
    if (bookTroubleOf(cause) === 'book-busy') return undefined;
    throw cause;
  }
  return { release: () => lock.close() };
}
