import { anchorAt, elapsedSince, type DeviceClock } from './stopwatch.js';

const clock = (timelineId: string, monotonicMs: number, wallMs: number): DeviceClock => ({
  timelineId,
  monotonicMs: () => monotonicMs,
  wallMs: () => wallMs,
});

const anchor = anchorAt(clock('page 1', 500, 1_000_000), 10_000);

test('the monotonic clock counts', () => {
  expect(elapsedSince(anchor, clock('page 1', 2500, 1_002_000))).toBe(12_000);
});

test.each([
  ['put back an hour', -3_600_000],
  ['put on an hour', 3_600_000],
])('the wall clock %s moves nothing', (_, shiftMs) => {
  expect(elapsedSince(anchor, clock('page 1', 2500, 1_002_000 + shiftMs))).toBe(12_000);
});

test('after a reload the wall clock spans the gap, and never backwards', () => {
  expect(elapsedSince(anchor, clock('page 2', 3, 1_004_000))).toBe(14_000);
  expect(elapsedSince(anchor, clock('page 2', 3, 400_000))).toBe(10_000);
});

test('a device that slept while the page was hidden counts its sleep', () => {
  expect(elapsedSince(anchor, clock('page 1', 1500, 1_061_000), true)).toBe(71_000);
  expect(elapsedSince(anchor, clock('page 1', 1500, 1_001_900), true)).toBe(11_000);
});
