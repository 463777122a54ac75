import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type SqliteDatabase from 'better-sqlite3';
import type { BookPage } from '@keeper/contract/book';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { replay } from '@keeper/core/domain/capture/replay';
import { recordOf } from '@keeper/core/domain/capture/record';
import { searchWords } from '@keeper/core/domain/capture/searchWords';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { SettingsService } from '@keeper/server/settings/settings.service';
import { CapturesRepository } from '@keeper/server/captures/captures.repository';
import { Database } from '@keeper/server/storage/database';
import { event, newId } from './events.js';
import { quantile, report, timedRuns } from './figures.js';
import { runServer } from './runningServer.js';

const CAPTURES = 100_000;
const RUNS = 400;
/** A kind, a word of a note, a year, a weight and a bait. */
const SOUGHT = 'pike weir 2000 over 10 lb sardine';
const MIGRATIONS = fileURLToPath(new URL('../../server/drizzle', import.meta.url));

/**
 * The first page of a book of 100,000 captures: read by the server's own code, against the bare statement that finds
 * its rows; and the whole way over HTTP.
 */
export async function bookBench(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const database = Database.open(folder, MIGRATIONS);
  const { sqlite } = database;
  fill(sqlite);
  const bare = sqlite.prepare(
    `SELECT id, started_at, summary FROM captures WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL
     ORDER BY started_at DESC, id DESC LIMIT 41`,
  );
  const book = new CapturesRepository(database, new SettingsService(database));
  const bareTimes = await timedRuns(RUNS, () => bare.all());
  const pageTimes = await timedRuns(RUNS, () => book.page({}));
  // One at a time has the book.
  database.onApplicationShutdown();
  const { url, stop } = await runServer(folder);
  const get = async (path: string) => (await (await fetch(`${url}/api/captures${path}`)).json()) as BookPage;
  const httpTimes = await timedRuns(RUNS, () => get(''));
  const heaviest = await timedRuns(RUNS, () => get('?order=heaviest&species=pike'));
  const find = await timedRuns(RUNS / 4, () => get(`?q=${encodeURIComponent(SOUGHT)}`));
  const common = await timedRuns(RUNS / 4, () => get('?q=boilie'));
  const tally = await timedRuns(RUNS / 8, () => get('/tally'));
  await stop();
  rmSync(folder, { recursive: true });
  report('book: bare statement for the first page, p95', quantile(bareTimes, 0.95), 'ms');
  report('book: first page of 100,000, p95', quantile(pageTimes, 0.95), 'ms', 25);
  report('book: times the bare statement, p95', quantile(pageTimes, 0.95) / quantile(bareTimes, 0.95), 'x', 3);
  report('book: first page over HTTP, p95', quantile(httpTimes, 0.95), 'ms', 25);
  report('book: heaviest pike first over HTTP, p95', quantile(heaviest, 0.95), 'ms', 25);
  report('book: searched for five things over HTTP, p95', quantile(find, 0.95), 'ms', 30);
  report('book: searched for a word of every fourth fish, p95', quantile(common, 0.95), 'ms', 30);
  report('book: tally of 100,000 over HTTP, p95', quantile(tally, 0.95), 'ms');
}

function fill(sqlite: SqliteDatabase.Database): void {
  const addCapture = sqlite.prepare(
    `INSERT INTO captures (id, started_at, outcome, species, net_grams, weight_rank, written_up, summary)
     VALUES (?, ?, ?, ?, ?, ?, 1, ?)`,
  );
  const addWords = sqlite.prepare('INSERT INTO capture_words (capture_id, words) VALUES (?, ?)');
  const addEvent = sqlite.prepare('INSERT INTO events VALUES (?, ?, ?, ?, ?, ?, ?, ?)');
  sqlite.transaction(() => {
    for (let i = 0; i < CAPTURES; i += 1) {
      const events = oneCapture(i);
      const captureId = events[0]?.captureId ?? '';
      const state = replay(captureId, events);
      const summary = summaryOf(state);
      const { startedAt, outcome, species, netGrams } = summary;
      addCapture.run(captureId, startedAt, outcome, species, netGrams, netGrams ?? -1, JSON.stringify(summary));
      addWords.run(captureId, searchWords(summary, recordOf(state)));
      for (const each of events) {
        const { id, deviceId, at, elapsedMs, type, payload } = each;
        addEvent.run(id, captureId, deviceId, at, elapsedMs, type, JSON.stringify(payload), at);
      }
    }
  })();
}

const NOTES = ['Wind off the dam.', 'At the weir, just after dark.', 'Off the lilies.'];
const BAITS = ['Boilie', 'Bread', 'Tiger nut', 'Sardine'];

function oneCapture(i: number): CaptureEvent[] {
  const captureId = newId();
  const at = new Date(Date.UTC(1990, 0, 1) + i * 3_000_000).toISOString();
  const species = (['carp', 'pike', 'barbel', 'wels'] as const)[i % 4] ?? 'carp';
  return [
    event(captureId, 'hooked', at, 0, {}),
    event(captureId, 'netted', at, 300_000, {}),
    event(captureId, 'lifted', at, 360_000, {}),
    event(captureId, 'reading-taken', at, 380_000, {
      weight: { asRead: { unit: 'oz', count: 100 + (i % 500) }, method: 'zeroed' },
    }),
    event(captureId, 'returned', at, 400_000, {}),
    event(captureId, 'released', at, 540_000, {}),
    event(captureId, 'described', at, 900_000, { facts: { species, note: NOTES[i % NOTES.length] } }),
    event(captureId, 'rod-told', at, 900_001, { bait: BAITS[i % BAITS.length] }),
  ];
}
