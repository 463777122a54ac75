import { readEventBatch } from './eventBatch.js';
import { MOST_EVENTS } from './limits.js';

const ID = '01930000-0000-7000-8000-00000000000a';
const AT = '2026-06-01T05:00:00.000Z';
const event = (change: object = {}) => ({
  id: ID,
  captureId: ID,
  deviceId: 'phone',
  at: AT,
  elapsedMs: 0,
  type: 'netted',
  payload: {},
  ...change,
});
const batch = (count: number, wrongAt: readonly number[] = []) => ({
  events: Array.from({ length: count }, (_, i) => event(wrongAt.includes(i) ? { elapsedMs: -1 } : {})),
});
const fields = (body: unknown) => {
  const read = readEventBatch(body);
  return read.ok ? read.events.length : read.problems.map(({ field }) => field);
};

test.each([1, 10, 11, MOST_EVENTS])('%d good events are read, each as what it is', (count) => {
  const read = readEventBatch(batch(count));
  expect(read).toMatchObject({ ok: true });
  expect(read.ok && read.events.map(({ type }) => type)).toEqual(Array.from({ length: count }, () => 'netted'));
});

test('one more than the most is refused whole, with the sentence that says the most', () => {
  expect(readEventBatch(batch(MOST_EVENTS + 1))).toEqual({
    ok: false,
    problems: [{ field: 'events', sentence: `Send at most ${MOST_EVENTS} events at once.` }],
  });
});

test.each([
  ['no list', { events: 'netted' }, ['events']],
  ['an empty list', { events: [] }, ['events']],
  ['nothing', {}, ['events']],
  ['null', null, ['events']],
  ['a list with a gap', { events: [null] }, ['']],
  ['something beside it', { ...batch(1), hello: 1 }, ['hello']],
])('%s is refused', (_what, body, at) => expect(fields(body)).toEqual(at));

test('a bad event is told by its own place in the batch, of those that were looked at with it', () => {
  expect(fields(batch(12, [0]))).toEqual(['events.0.elapsedMs']);
  expect(fields(batch(12, [9]))).toEqual(['events.9.elapsedMs']);
  expect(fields(batch(12, [10]))).toEqual(['events.10.elapsedMs']);
  expect(fields(batch(12, [11]))).toEqual(['events.11.elapsedMs']);
  // Ten are looked at together: what lies behind them is not looked at any more.
  expect(fields(batch(12, [9, 10]))).toEqual(['events.9.elapsedMs']);
  expect(fields(batch(12, [8, 9]))).toEqual(['events.8.elapsedMs', 'events.9.elapsedMs']);
});
