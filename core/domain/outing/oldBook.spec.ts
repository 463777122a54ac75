import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { EVENT_TYPES, type CaptureEvent } from '../capture/event.js';
import { recordOf } from '../capture/record.js';
import { replay } from '../capture/replay.js';
import { summaryOf } from '../capture/summary.js';
import { OUTING_EVENT_TYPES, type OutingEvent } from './event.js';
import { replayOuting, summaryOfOuting } from './outingState.js';

/**
 * Logs as they were written by the version of a month, and what that version said of them. They are never changed: a
 * newer one is added.
 */
interface OldBook {
  readonly captureEvents: readonly CaptureEvent[];
  readonly outingEvents: readonly OutingEvent[];
  readonly told: readonly { readonly captureId: string; readonly summary: object; readonly record: object }[];
  readonly outing: object;
}

const FOLDER = join(__dirname, '..', '..', 'spec', 'books');
const read = (file: string) => JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as OldBook;
const books = readdirSync(FOLDER).sort();

/** A page that was begun from pictures is told by its origin since there are others than the bank. */
function inTodaysNames({ fromPictures, ...told }: { fromPictures?: boolean }): object {
  return { ...told, ...(fromPictures !== undefined && { origin: fromPictures ? 'pictures' : 'bank' }) };
}

test.each(books)('the book of %s is replayed whole, and says what it said then', (file) => {
  const { captureEvents, outingEvents, told, outing } = read(file);
  for (const { captureId, summary, record } of told) {
    const state = replay(
      captureId,
      captureEvents.filter((event) => event.captureId === captureId),
    );
    expect(state.setAside).toEqual([]);
    // What is told since then may stand beside it.
    expect(summaryOf(state)).toMatchObject(inTodaysNames(summary));
    expect(recordOf(state)).toMatchObject(record);
  }
  const state = replayOuting(outingEvents[0]?.outingId ?? '', outingEvents);
  expect(state.setAside).toEqual([]);
  expect(summaryOfOuting(state)).toMatchObject(outing);
});

test('the newest of them has an event of every kind: a new kind wants a new book beside the old ones', () => {
  const { captureEvents, outingEvents } = read(books.at(-1) ?? '');
  expect([...new Set(captureEvents.map(({ type }) => type))].sort()).toEqual([...EVENT_TYPES].sort());
  expect([...new Set(outingEvents.map(({ type }) => type))].sort()).toEqual([...OUTING_EVENT_TYPES].sort());
});
