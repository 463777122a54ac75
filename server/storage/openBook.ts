import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { hadBook, sayWhatLiesHere, type BookFolder } from './bookFolder.js';
import { bookTroubleOf } from './bookTrouble.js';
import * as schema from './schema.js';
import { StartError } from './startError.js';

export type Drizzle = BetterSQLite3Database<typeof schema>;

export interface OpenBook {
  readonly sqlite: SqliteDatabase.Database;
  readonly drizzle: Drizzle;
  /** Where the book lies as it was before its tables were brought up to date; null where they were. */
  readonly copiedTo: string | null;
}

/**
 * Opens the book, or begins one where there never was one, and brings its tables up to date; before tables change, a
 * copy is made.
 * @throws StartError when the book is damaged, gone from beside its pictures, from a newer version, or cannot be
 *   brought up to date: then it stands as it was.
 */
export function openBook(where: BookFolder, migrationsFolder: string, now: Date): OpenBook {
  if (!existsSync(where.book)) beginBook(where, migrationsFolder);
  const last = readMigrations(migrationsFolder).at(-1) ?? 0;
  const applied = lastMigrationOf(where);
  if (isNewerBook(where, migrationsFolder)) {
    throw new StartError(
      `The book in ${where.folder} was written by a newer version of Unhurried Keeper. It was not touched. Start that version, or a newer one.`,
    );
  }
  const sqlite = connect(where.book);
  const copiedTo = applied < last ? copyBefore(where, sqlite, now) : null;
  const orm = drizzle(sqlite, { schema });
  try {
    // In one transaction: all of it, or nothing.
    migrate(orm, { migrationsFolder });
  } catch (cause) {
    sqlite.close();
    throw copiedTo === null ? cause : notBroughtUp(where, copiedTo, cause);
  }
  sayWhatLiesHere(where);
  return { sqlite, drizzle: orm, copiedTo };
}

/** A connection on which a commit is on the platter before it is acknowledged. */
export function connect(file: string): SqliteDatabase.Database {
  const sqlite = new SqliteDatabase(file);
  sqlite.pragma('busy_timeout = 5000');
  sqlite.pragma('journal_mode = WAL');
  sqlite.pragma('synchronous = FULL');
  sqlite.pragma('foreign_keys = ON');
  sqlite.function('fold_word', { deterministic: true }, (word) => (typeof word === 'string' ? foldWord(word) : null));
  return sqlite;
}

/** A new book is made beside its place and put there whole: an empty file in its place is then always damage. */
function beginBook(where: BookFolder, migrationsFolder: string): void {
  if (hadBook(where)) {
    throw new StartError(
      `In ${where.folder} was a book, and now there is no book: book.sqlite is missing. Put it back, from ${where.copies} perhaps.\nTo begin a new book, name another folder: npm start -- --data FOLDER`,
    );
  }
  const begun = `${where.book}.begun`;
  for (const ending of ['', '-wal', '-shm']) rmSync(begun + ending, { force: true });
  const sqlite = connect(begun);
  migrate(drizzle(sqlite, { schema }), { migrationsFolder });
  sqlite.close();
  renameSync(begun, where.book);
}

/**
 * Whether a book was written by a newer version than this one. @throws StartError when it is no book, or damaged
 */
export function isNewerBook(where: BookFolder, migrationsFolder: string): boolean {
  return lastMigrationOf(where) > (readMigrations(migrationsFolder).at(-1) ?? 0);
}

function readMigrations(folder: string): number[] {
  const journal = JSON.parse(readFileSync(join(folder, 'meta', '_journal.json'), 'utf8')) as {
    entries: { when: number }[];
  };
  return journal.entries.map(({ when }) => when);
}

/**
 * When the newest of its migrations was made, read without touching the book; 0 for one that has none. @throws
 * StartError when it is no book
 */
function lastMigrationOf(where: BookFolder): number {
  if (statSync(where.book).size === 0) throw damaged(where, 'it is empty');
  let sqlite: SqliteDatabase.Database | undefined;
  try {
    sqlite = new SqliteDatabase(where.book, { readonly: true, fileMustExist: true });
    const table = sqlite.prepare(`SELECT 1 FROM sqlite_schema WHERE name = '__drizzle_migrations'`).get();
    if (!table) throw damaged(where, 'its tables are missing');
    const row = sqlite.prepare('SELECT max(created_at) AS last FROM __drizzle_migrations').get() as { last: number };
    return Number(row.last);
  } catch (cause) {
    if (bookTroubleOf(cause) === 'book-damaged') throw damaged(where, (cause as Error).message);
    throw cause;
  } finally {
    sqlite?.close();
  }
}

function damaged({ folder, book, copies }: BookFolder, why: string): StartError {
  return new StartError(
    `The book in ${folder} is damaged: ${why}. It was not touched.\nPut back a copy as ${book}, from ${copies} or from a backup; the devices send what they still hold. Or begin a new book in another folder: npm start -- --data FOLDER`,
  );
}

function notBroughtUp({ folder }: BookFolder, copy: string, cause: unknown): StartError {
  return new StartError(
    `The book in ${folder} could not be brought up to date: ${innermost(cause)}\nIt stands as it was, and a copy of it is ${copy}. Start the version that you had before.`,
  );
}

/** What SQLite itself said: Drizzle wraps it into the statement that it was asked. */
function innermost(cause: unknown): string {
  if (!(cause instanceof Error)) return String(cause);
  return cause.cause === undefined ? cause.message : innermost(cause.cause);
}

function copyBefore(where: BookFolder, sqlite: SqliteDatabase.Database, now: Date): string {
  const copy = join(where.copies, `book-${now.toISOString().replace(/[:.]/g, '-')}.sqlite`);
  mkdirSync(where.copies, { recursive: true, mode: 0o700 });
  try {
    sqlite.prepare('VACUUM INTO ?').run(copy);
    return copy;
  } catch (cause) {
    rmSync(copy, { force: true });
    const why = cause instanceof Error ? cause.message : String(cause);
    throw new StartError(
      `The book in ${where.folder} has to be brought up to date, and a copy of it could not be made first: ${why}. It was not touched.`,
    );
  }
}
