import { chmodSync, existsSync, mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Where everything of one book lies, in its data folder. */
export interface BookFolder {
  readonly folder: string;
  readonly book: string;
  readonly lock: string;
  /** Lies there while a server has the book open: found at a start, it says that the last stop was none. */
  readonly inUse: string;
  /** Says to whoever opens the folder what lies in it, and to a server that a book was begun here. */
  readonly about: string;
  readonly copies: string;
  readonly pictures: string;
  readonly prints: string;
}

export function bookFolder(folder: string): BookFolder {
  return {
    folder,
    book: join(folder, 'book.sqlite'),
    lock: join(folder, 'lock.sqlite'),
    inUse: join(folder, 'in-use'),
    about: join(folder, 'about-this-folder.txt'),
    copies: join(folder, 'copies'),
    pictures: join(folder, 'pictures'),
    prints: join(folder, 'prints'),
  };
}

/** What SQLite keeps beside a database. */
const BESIDE = ['', '-wal', '-shm', '-journal'] as const;

/**
 * Lets nobody but the owner read the book: 0600 for its files, 0700 for its folders. The data folder itself stays as
 * the keeper made it.
 */
export function makePrivate({ book, copies, pictures, prints }: BookFolder): void {
  for (const ending of BESIDE) if (existsSync(book + ending)) chmodSync(book + ending, 0o600);
  for (const folder of [copies, pictures, prints]) {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    chmodSync(folder, 0o700);
  }
}

const ABOUT = `This folder holds a book of Unhurried Keeper.

book.sqlite  every fish, outing, water and setting
pictures     the originals, each named after its bytes
copies       the book as it was before it was brought up to date
prints       made from the pictures; can be thrown away

For a backup: npm run backup -- FILE.zip
`;

/** Leaves word of what lies here, once; where there is no room for it, at another start. */
export function sayWhatLiesHere({ about }: BookFolder): void {
  if (existsSync(about)) return;
  try {
    writeFileSync(about, ABOUT, { mode: 0o600 });
  } catch {
    rmSync(about, { force: true });
  }
}

/** Whether there was a book: word of it was left, or originals lie there. */
export function hadBook({ about, pictures }: BookFolder): boolean {
  if (existsSync(about)) return true;
  const originals = join(pictures, 'originals');
  return existsSync(originals) && readdirSync(originals).some((name) => readdirSync(join(originals, name)).length > 0);
}

/**
 * Which file a name stands for now: it changes when a file is deleted, moved or put in its place. Undefined where there
 * is none.
 */
export function fileIdentity(file: string): string | undefined {
  const stat = statSync(file, { throwIfNoEntry: false });
  return stat && `${stat.dev}:${stat.ino}`;
}
