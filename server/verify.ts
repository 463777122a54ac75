import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { replay } from '@keeper/core/domain/capture/replay';
import { verifyBackup } from './backup/backup.js';
import { eventOf } from './captures/eventRow.js';
import { hashOf } from './hashOf.js';
import { readOptions } from './options.js';
import { bookFolder, type BookFolder } from './storage/bookFolder.js';
import { findDamage } from './storage/integrity.js';
import { StartError } from './storage/startError.js';

/** What a full check of a data folder found. */
export interface Verified {
  readonly captures: number;
  readonly events: number;
  readonly pictures: number;
  readonly problems: readonly string[];
}

/**
 * Reads all of a book: the database for damage, each capture's line against its log, each original against its name.
 * Writes nothing; a server may have the book open meanwhile.
 */
export async function verifyBook(where: BookFolder): Promise<Verified> {
  if (!existsSync(where.book)) throw new StartError(`There is no book in ${where.folder}.`);
  const damage = findDamage(where.book).map((line) => `Book: ${line}`);
  if (damage.length > 0) return { captures: 0, events: 0, pictures: 0, problems: damage };
  const sqlite = new SqliteDatabase(where.book, { readonly: true });
  try {
    const logs = verifyCaptures(sqlite);
    const pictures = await verifyPictures(sqlite, join(where.pictures, 'originals'));
    return { ...logs, pictures: pictures.count, problems: [...logs.problems, ...pictures.problems] };
  } finally {
    sqlite.close();
  }
}

type Row = Parameters<typeof eventOf>[0];

function verifyCaptures(sqlite: SqliteDatabase.Database): Pick<Verified, 'captures' | 'events' | 'problems'> {
  const log = sqlite.prepare(
    `SELECT id, capture_id AS captureId, device_id AS deviceId, at, elapsed_ms AS elapsedMs, type, payload
     FROM events WHERE capture_id = ? ORDER BY elapsed_ms, id`,
  );
  const problems: string[] = [];
  let [captures, events] = [0, 0];
  for (const { id, summary } of sqlite.prepare('SELECT id, summary FROM captures').all() as {
    id: string;
    summary: string;
  }[]) {
    const rows = log.all(id) as Row[];
    captures += 1;
    events += rows.length;
    const state = replay(id, rows.map(eventOf));
    for (const { eventId, type } of state.setAside)
      problems.push(`Capture ${id}: entry ${eventId} (${type}) cannot be read.`);
    if (JSON.stringify(summaryOf(state)) !== summary) {
      problems.push(`Capture ${id}: its line in the book is not what its log tells.`);
    }
  }
  return { captures, events, problems };
}

async function verifyPictures(
  sqlite: SqliteDatabase.Database,
  folder: string,
): Promise<{ count: number; problems: string[] }> {
  const problems: string[] = [];
  const names = (sqlite.prepare('SELECT sha256 FROM pictures').all() as { sha256: string }[]).map(
    ({ sha256 }) => sha256,
  );
  for (const name of names) {
    const file = join(folder, name.slice(0, 2), name);
    if (!existsSync(file)) problems.push(`Picture ${name}: the original is gone.`);
    else if ((await hashOf(file)) !== name) problems.push(`Picture ${name}: the original is damaged.`);
  }
  const known = new Set(names);
  for (const entry of await readdir(folder, { recursive: true, withFileTypes: true }).catch(() => [])) {
    if (entry.isFile() && !known.has(entry.name)) problems.push(`Picture ${entry.name}: the book does not know it.`);
  }
  return { count: names.length, problems };
}

/** Says what a check of a book, or of a backup that is named, found; 1 where something is wrong. */
export async function verify(argv: readonly string[], say: (line: string) => void): Promise<number> {
  const [file] = argv;
  if (file !== undefined && !file.startsWith('-')) return verifyBackup(file, say);
  const where = bookFolder(readOptions(argv, process.env).dataFolder);
  const { captures, events, pictures, problems } = await verifyBook(where);
  for (const problem of problems) say(problem);
  say(`${captures} captures, ${events} entries, ${pictures} pictures: ${problems.length} problems.`);
  return problems.length > 0 ? 1 : 0;
}
