import { gillBeatOf } from './gillBeat.js';

const every = (...gapsMs: number[]) =>
  gapsMs.reduce<number[]>((taps, gap) => [...taps, (taps.at(-1) ?? 0) + gap], [500]);

test('the median interval decides, of the newest six', () => {
  expect(gillBeatOf(every(1000, 1000, 1000))).toBe(60);
  expect(gillBeatOf(every(1000, 1000, 2000, 1000, 1000))).toBe(60);
  expect(gillBeatOf(every(900, 1100, 1000, 1200))).toBe(57);
  expect(gillBeatOf(every(500, 500, 500, 2000, 2000, 2000, 2000, 2000, 2000))).toBe(30);
});

test('three taps are too few, and what cannot be is not said', () => {
  expect(gillBeatOf(every(1000, 1000))).toBeNull();
  expect(gillBeatOf(every(100, 100, 100))).toBeNull();
  expect(gillBeatOf(every(9000, 9000, 9000))).toBeNull();
});
