import {
  chmodSync,
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { CaptureEventsService } from '../captures/captureEvents.service.js';
import { CaptureLogsRepository } from '../captures/captureLogs.repository.js';
import { wholeCapture } from '../spec/events.js';
import { bookTroubleOf } from './bookTrouble.js';
import { Database } from './database.js';
import { findDamage } from './integrity.js';

const MIGRATIONS = join(__dirname, '..', 'drizzle');
let folder: string;
const book = () => join(folder, 'book.sqlite');
const open = (migrations = MIGRATIONS) => Database.open(folder, migrations);
const bytes = () => readFileSync(book());

/** A book with some fish in it, closed. */
function writeBook(fish = 3, migrations = MIGRATIONS): string[] {
  const database = open(migrations);
  const captures = Array.from({ length: fish }, (_, i) => wholeCapture((i % 28) + 1, 200 + i));
  new CaptureEventsService(database).append(
    captures.flatMap(({ events }) => events),
    new Date(),
  );
  database.onApplicationShutdown();
  return captures.map(({ captureId }) => captureId);
}

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'keeper-open-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('one server a folder: the second is told so, and the lock goes with the first', () => {
  const first = open();
  expect(() => open()).toThrow(/Another server has the book in .* open/);
  first.onApplicationShutdown();
  open().onApplicationShutdown();
});

test('a folder that could not be opened is free again', () => {
  writeBook();
  truncateSync(book(), 0);
  expect(open).toThrow();
  expect(open).toThrow(/is damaged/);
});

describe('a book that is no book is said to be, and stays as it is', () => {
  test('an empty file', () => {
    writeBook();
    truncateSync(book(), 0);
    expect(open).toThrow(/is damaged: it is empty\. It was not touched\.\nPut back a copy/);
    expect(statSync(book()).size).toBe(0);
  });
  test('a file of something else', () => {
    writeFileSync(book(), 'not a book '.repeat(1000));
    const before = bytes();
    expect(open).toThrow(/is damaged/);
    expect(bytes().equals(before)).toBe(true);
  });
  test('a database without the tables of a book', () => {
    const other = new SqliteDatabase(book());
    other.exec('CREATE TABLE other (a)');
    other.close();
    const before = bytes();
    expect(open).toThrow(/its tables are missing/);
    expect(bytes().equals(before)).toBe(true);
  });
  test('no book beside pictures', () => {
    mkdirSync(join(folder, 'pictures', 'originals', 'ab'), { recursive: true });
    writeFileSync(join(folder, 'pictures', 'originals', 'ab', 'x'), 'a picture');
    expect(open).toThrow(/was a book, and now there is no book/);
    expect(existsSync(book())).toBe(false);
  });
  test('no book where one was, though it had no picture', () => {
    writeBook();
    for (const file of readdirSync(folder)) if (file.startsWith('book.')) rmSync(join(folder, file));
    expect(open).toThrow(/was a book, and now there is no book: book\.sqlite is missing/);
    expect(existsSync(book())).toBe(false);
  });
});

test('a book that was being begun when the power went is begun again', () => {
  writeFileSync(`${book()}.begun`, 'half');
  open().onApplicationShutdown();
  expect(existsSync(`${book()}.begun`)).toBe(false);
  expect(findDamage(book())).toEqual([]);
});

/** The migrations as they were before the last one. */
function earlierMigrations(): string {
  const earlier = join(folder, 'earlier');
  cpSync(MIGRATIONS, earlier, { recursive: true });
  const file = join(earlier, 'meta', '_journal.json');
  const journal = JSON.parse(readFileSync(file, 'utf8')) as { entries: object[] };
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.slice(0, -1) }));
  return earlier;
}

test('a book of a newer version is refused, to the last byte untouched', () => {
  writeBook();
  const before = bytes();
  expect(() => open(earlierMigrations())).toThrow(/written by a newer version .* It was not touched/);
  expect(bytes().equals(before)).toBe(true);
});

test('before its tables change a copy is made, and only then', () => {
  const copies = () => readdirSync(join(folder, 'copies'));
  open(earlierMigrations()).onApplicationShutdown();
  expect(copies()).toEqual([]);
  const updated = open();
  updated.onApplicationShutdown();
  expect(copies()).toHaveLength(1);
  expect(updated.copiedTo).toBe(join(folder, 'copies', copies()[0] ?? ''));
  expect(findDamage(join(folder, 'copies', copies()[0] ?? ''))).toEqual([]);
  const again = open();
  again.onApplicationShutdown();
  expect(again.copiedTo).toBeNull();
  expect(copies()).toHaveLength(1);
});

test('a change of its tables that fails leaves the book as it was, and says so with the copy', () => {
  const [captureId = ''] = writeBook(1);
  // As if the newest of its changes had been made by somebody else: it cannot be made again.
  const sqlite = new SqliteDatabase(book());
  sqlite.exec('DELETE FROM __drizzle_migrations WHERE created_at = (SELECT max(created_at) FROM __drizzle_migrations)');
  sqlite.close();
  const told = () => {
    const read = new SqliteDatabase(book(), { readonly: true });
    const rows = ['sqlite_schema', 'events', '__drizzle_migrations'].map((table) =>
      read.prepare(`SELECT * FROM ${table}`).all(),
    );
    read.close();
    return JSON.stringify(rows);
  };
  const before = told();
  expect(open).toThrow(
    /could not be brought up to date: .*already exists[\s\S]*It stands as it was, and a copy of it is .*copies\/book-/,
  );
  expect(told()).toBe(before);
  expect(before).toContain(captureId);
  const [copy = ''] = readdirSync(join(folder, 'copies'));
  expect(findDamage(join(folder, 'copies', copy))).toEqual([]);
  // The folder is free again.
  expect(open).toThrow(/could not be brought up to date/);
});

test('nobody but the owner reads the book', () => {
  const database = open();
  const mode = (name: string) => statSync(join(folder, name)).mode & 0o777;
  expect(['book.sqlite', 'book.sqlite-wal', 'in-use'].map(mode)).toEqual([0o600, 0o600, 0o600]);
  expect(['pictures', 'prints', 'copies'].map(mode)).toEqual([0o700, 0o700, 0o700]);
  database.onApplicationShutdown();
  chmodSync(book(), 0o644);
  open().onApplicationShutdown();
  expect(mode('book.sqlite')).toBe(0o600);
});

describe('after a stop that was none', () => {
  test('it is known at the next start; after a good one it is not', () => {
    const killed = open();
    cpSync(folder, `${folder}-after`, { recursive: true });
    killed.onApplicationShutdown();
    const next = Database.open(`${folder}-after`, MIGRATIONS);
    expect(next.wasInUse).toBe(true);
    next.onApplicationShutdown();
    const again = Database.open(`${folder}-after`, MIGRATIONS);
    expect(again.wasInUse).toBe(false);
    again.onApplicationShutdown();
    rmSync(`${folder}-after`, { recursive: true });
  });

  /** Overwrites a page in the middle of the book. */
  function damage(): void {
    const whole = bytes();
    whole.fill(0x5a, 4096 * Math.floor(whole.length / 8192), 4096 * Math.floor(whole.length / 8192) + 4096);
    writeFileSync(book(), whole);
  }

  test('damage that is found stops all writing, and is said', async () => {
    writeBook(60);
    damage();
    const database = open();
    await database.check((file) => Promise.resolve(findDamage(file)));
    expect(database.foundDamage().length).toBeGreaterThan(0);
    expect(database.trouble()).toBe('book-damaged');
    const append = () => new CaptureEventsService(database).append(wholeCapture(1, 1).events, new Date());
    expect(append).toThrow('book-damaged');
    database.onApplicationShutdown();
    // The next start looks again.
    expect(existsSync(join(folder, 'in-use'))).toBe(true);
  });

  test('a sound book is found sound', async () => {
    writeBook(60);
    const database = open();
    await database.check((file) => Promise.resolve(findDamage(file)));
    expect([database.foundDamage(), database.trouble()]).toEqual([[], null]);
    database.onApplicationShutdown();
  });

  test('damage that is met while reading has the whole book read, once', async () => {
    const database = open();
    let asked = 0;
    let find: (damage: string[]) => void = () => undefined;
    const check = () => {
      asked += 1;
      return new Promise<string[]>((resolve) => (find = resolve));
    };
    await database.suspectDamage(check);
    await database.suspectDamage(check);
    expect([asked, database.trouble()]).toEqual([1, null]);
    find(['page 3 is never used']);
    await new Promise((resolve) => setImmediate(resolve));
    await database.suspectDamage(check);
    expect([asked, database.trouble()]).toEqual([1, 'book-damaged']);
    database.onApplicationShutdown();
  });

  test('a check that takes long does not keep the book closed; what it finds in the end holds', async () => {
    const database = open();
    let find: (damage: string[]) => void = () => undefined;
    await database.check(() => new Promise((resolve) => (find = resolve)), 1);
    expect(database.trouble()).toBeNull();
    find(['row 7 of events belongs to nothing']);
    await new Promise((resolve) => setImmediate(resolve));
    expect(database.trouble()).toBe('book-damaged');
    database.onApplicationShutdown();
  });
});

describe('a book that goes while it is open', () => {
  test.each([
    ['deleted', () => rmSync(folder, { recursive: true })],
    ['deleted and made anew, empty', () => (rmSync(folder, { recursive: true }), mkdirSync(folder))],
    ['replaced by another', () => (cpSync(book(), `${book()}.copy`), rmSync(book()), cpSync(`${book()}.copy`, book()))],
  ])('%s: nothing more is acknowledged', (_, go) => {
    writeBook();
    const database = open();
    go();
    const writing = () => new CaptureEventsService(database).append(wholeCapture(2, 2).events, new Date());
    expect(writing).toThrow('book-gone');
    expect(database.trouble()).toBe('book-gone');
    database.onApplicationShutdown();
  });

  test('moved and put back it is the same book', () => {
    const [captureId = ''] = writeBook();
    const database = open();
    renameSync(folder, `${folder}-away`);
    expect(database.trouble()).toBe('book-gone');
    renameSync(`${folder}-away`, folder);
    expect(database.trouble()).toBeNull();
    expect(new CaptureLogsRepository(database).capture(captureId)).toBeDefined();
    database.onApplicationShutdown();
  });
});

test('a writing that failed for its disk is tried again when asked how the book is', () => {
  const database = open();
  const full = Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
  expect(() =>
    database.write(() => {
      throw full;
    }),
  ).toThrow('full');
  // The disk is not full, so trying finds all well.
  expect(database.trouble()).toBeNull();
  database.onApplicationShutdown();
});

test.each([
  ['SQLITE_FULL', 'disk-full'],
  ['ENOSPC', 'disk-full'],
  ['SQLITE_READONLY', 'read-only'],
  ['SQLITE_READONLY_DBMOVED', 'book-gone'],
  ['EROFS', 'read-only'],
  ['SQLITE_CORRUPT_INDEX', 'book-damaged'],
  ['SQLITE_NOTADB', 'book-damaged'],
  ['SQLITE_BUSY_SNAPSHOT', 'book-busy'],
  ['SQLITE_IOERR_WRITE', 'disk-fails'],
  ['SQLITE_CONSTRAINT_UNIQUE', undefined],
  [undefined, undefined],
])('%s is %s', (code, trouble) => expect(bookTroubleOf({ code })).toBe(trouble));
