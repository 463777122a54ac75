import { emptyCapture } from '../domain/capture/captureState.js';
import { replay } from '../domain/capture/replay.js';
import { CAPTURE, event } from '../spec/events.js';
import { wasZeroed } from './wasZeroed.js';

const TAKEN = '2026-06-01T12:00:00.000Z';
const taken = { ...emptyCapture('c'), startedAt: TAKEN };

test('a zero that was tapped in the run counts, whatever was before', () => {
  expect(wasZeroed(replay(CAPTURE, [event('hooked', 0), event('zeroed', 60_000)]), undefined)).toBe(true);
});

// A zero of another day was of another wetness: common practice, no source.
test.each([
  ['2026-06-01T00:00:00.001Z', true],
  ['2026-06-01T00:00:00.000Z', false],
  ['2026-06-01T23:59:59.999Z', true],
  ['2026-06-02T00:00:00.000Z', false],
])('zeroed on the bank at %s: %s', (zeroedAt, expected) => expect(wasZeroed(taken, zeroedAt)).toBe(expected));

test('without a zero, or without a take, nothing was seen', () => {
  expect(wasZeroed(taken, undefined)).toBe(false);
  expect(wasZeroed(taken, '')).toBe(false);
  expect(wasZeroed({ ...taken, startedAt: null }, TAKEN)).toBe(false);
});
