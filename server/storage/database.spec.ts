import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CaptureEventsService } from '../captures/captureEvents.service.js';
import { CaptureLogsRepository } from '../captures/captureLogs.repository.js';
import { event, newId, wholeCapture } from '../spec/events.js';
import { Database } from './database.js';

const folder = mkdtempSync(join(tmpdir(), 'keeper-database-'));
const open = () => Database.open(folder, join(__dirname, '..', 'drizzle'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let standing: Database | undefined;
const opened = () => (standing = open());
afterEach(() => {
  standing?.onApplicationShutdown();
  standing = undefined;
});

test('every commit is on the disk before it is acknowledged, and foreign keys hold', () => {
  const { sqlite, drizzle } = opened();
  const pragma = (name: string) => sqlite.pragma(name, { simple: true }) as string | number;
  // 2 is FULL: https://www.sqlite.org/pragma.html#pragma_synchronous
  expect([pragma('journal_mode'), pragma('synchronous'), pragma('foreign_keys')]).toEqual(['wal', 2, 1]);
  const orphan = sqlite.prepare(`INSERT INTO events VALUES ('e', 'nobody', 'd', '', 0, 'hooked', '{}', '')`);
  expect(() => orphan.run()).toThrow(/FOREIGN KEY/);
  expect(drizzle).toBeDefined();
});

test('a book that was written is there when it is opened again, and migrating twice changes nothing', () => {
  const first = open();
  const { captureId, events } = wholeCapture(4, 250);
  new CaptureEventsService(first).append(events, new Date());
  first.onApplicationShutdown();
  expect(new CaptureLogsRepository(opened()).capture(captureId)?.events).toHaveLength(events.length);
});

test('the pages of the book are found by index, not by sorting', () => {
  const { sqlite } = opened();
  const plan = (query: string) =>
    (sqlite.prepare(`EXPLAIN QUERY PLAN ${query}`).all() as { detail: string }[])
      .map(({ detail }) => detail)
      .join('; ');
  const inTheBook = `outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL`;
  for (const query of [
    `SELECT summary FROM captures WHERE ${inTheBook} ORDER BY started_at DESC, id DESC LIMIT 41`,
    `SELECT summary FROM captures WHERE ${inTheBook} AND species = 'pike' ORDER BY weight_rank DESC, id DESC LIMIT 41`,
    `SELECT summary FROM captures WHERE ${inTheBook} AND water_id = 'w' ORDER BY started_at DESC, id DESC LIMIT 41`,
  ]) {
    expect(plan(query)).toMatch(/USING INDEX/);
    expect(plan(query)).not.toMatch(/TEMP B-TREE/);
  }
});

test('two devices may send the same capture in any order; the state is one', () => {
  const database = opened();
  const append = new CaptureEventsService(database);
  const captureId = newId();
  const phone = [event(captureId, 'hooked', 0), event(captureId, 'lifted', 300_000)];
  const helper = [event(captureId, 'returned', 340_000), event(captureId, 'released', 400_000)];
  append.append(helper, new Date());
  append.append([...phone, ...helper], new Date());
  const row = database.sqlite.prepare('SELECT outcome, summary FROM captures WHERE id = ?').get(captureId) as {
    outcome: string;
    summary: string;
  };
  expect(row.outcome).toBe('released');
  expect(JSON.parse(row.summary)).toMatchObject({ airMs: 40_000, elapsedMs: 400_000 });
});
