import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { CaptureEventsService } from '@keeper/server/captures/captureEvents.service';
import { Database } from '@keeper/server/storage/database';
import { event, newId } from './events.js';
import { quantile, report, timedRuns } from './figures.js';
import { runServer } from './runningServer.js';

const ROUNDS = 5;
const RUNS = 400;
/** Taps in a capture: the log is replayed after each. */
const TAPS = 12;
const MIGRATIONS = fileURLToPath(new URL('../../server/drizzle', import.meta.url));

/** A tap may cost so many times a bare insert of the same rows, as kept as it. */
const AIMS = [
  { share: 0.5, mostTimes: 1.5 },
  { share: 0.95, mostTimes: 2 },
] as const;

/**
 * Appending one event: the transaction that writes it and replays its log, against a bare prepared insert of the same
 * row into a twin of the book with the same durability on the same disk; and the whole way over HTTP.
 */
export async function appendBench(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const open = (name: string) => {
    mkdirSync(join(folder, name));
    return Database.open(join(folder, name), MIGRATIONS);
  };
  const [book, twin] = [open('book'), open('twin')];
  const append = new CaptureEventsService(book);
  const bare = bareInsert(twin);
  mkdirSync(join(folder, 'served'));
  const { url, stop } = await runServer(join(folder, 'served'));
  const nextEvent = taps();

  const times = { bare: [] as number[], append: [] as number[], http: [] as number[] };
  // Turn about, so that all meet the same disk.
  for (let round = 0; round < ROUNDS; round += 1) {
    times.bare.push(...(await timedRuns(RUNS, () => bare(nextEvent()))));
    times.append.push(...(await timedRuns(RUNS, () => append.append([nextEvent()], new Date()))));
    times.http.push(...(await timedRuns(RUNS, () => post(url, nextEvent()))));
  }
  const after = await appendAfterMany(append);
  await stop();
  book.onApplicationShutdown();
  twin.onApplicationShutdown();
  rmSync(folder, { recursive: true });
  for (const { share, mostTimes } of AIMS) {
    const name = `p${share * 100}`;
    const baseline = quantile(times.bare, share);
    report(`append: bare prepared insert, ${name}`, baseline, 'ms');
    report(`append: one event with its state, ${name}`, quantile(times.append, share), 'ms');
    report(`append: times the bare insert, ${name}`, quantile(times.append, share) / baseline, 'x', mostTimes);
    report(`append: one event over HTTP, ${name}`, quantile(times.http, share), 'ms');
    report(`append: one event after 20,000 others of its capture, ${name}`, quantile(after, share), 'ms', 20);
  }
}

/** How long one more tap takes on a capture that has very many. */
async function appendAfterMany(append: CaptureEventsService): Promise<number[]> {
  const at = new Date().toISOString();
  const captureId = newId();
  const tap = (i: number) => event(captureId, i === 0 ? 'hooked' : i % 2 ? 'lifted' : 'returned', at, i * 1000, {});
  append.append(
    Array.from({ length: 20_000 }, (_, i) => tap(i)),
    new Date(),
  );
  let next = 20_000;
  return timedRuns(RUNS / 4, () => {
    append.append([tap(next)], new Date());
    next += 1;
  });
}

function taps(): () => CaptureEvent {
  const at = new Date().toISOString();
  let captureId = newId();
  let tap = 0;
  return () => {
    const inCapture = tap % TAPS;
    if (inCapture === 0) captureId = newId();
    tap += 1;
    const type = inCapture === 0 ? 'hooked' : inCapture % 2 ? 'lifted' : 'returned';
    return event(captureId, type, at, inCapture * 1000, {});
  };
}

async function post(url: string, one: CaptureEvent): Promise<void> {
  const answer = await fetch(`${url}/api/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events: [one] }),
  });
  const text = await answer.text();
  if (answer.status !== 201) throw new Error(text);
}

function bareInsert({ sqlite }: Database): (one: CaptureEvent) => void {
  const capture = sqlite.prepare(
    `INSERT INTO captures (id, outcome, weight_rank, written_up, summary) VALUES ('twin', 'open', -1, 0, '{}')`,
  );
  capture.run();
  const insert = sqlite.prepare(`INSERT INTO events VALUES (?, 'twin', ?, ?, ?, ?, ?, ?)`);
  return ({ id, deviceId, at, elapsedMs, type, payload }) => {
    insert.run(id, deviceId, at, elapsedMs, type, JSON.stringify(payload), at);
  };
}
