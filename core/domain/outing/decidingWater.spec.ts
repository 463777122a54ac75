import { decidingWater } from './decidingWater.js';
import type { WaterDepth } from './event.js';
import type { TakenCondition } from './outingState.js';

const HOUR = 3_600_000;
const reading = (atH: number, waterC: number, depth?: WaterDepth): TakenCondition => ({
  source: 'hand',
  eventId: `${atH}`,
  atMs: atH * HOUR,
  waterC,
  ...(depth && { depth }),
});
const decided = (...conditions: TakenCondition[]) => {
  const found = decidingWater({ conditions }, 24 * HOUR);
  return found && [found.waterC, found.deepC];
};

// Common practice, no source.
test('a cool reading off the bottom never takes the place of a warm surface', () => {
  expect(decided(reading(1, 27, 'surface'), reading(2, 15, 'bottom'))).toEqual([27, 15]);
  expect(decided(reading(1, 27), reading(20, 15, 'bottom'))).toEqual([27, null]);
  expect(decided(reading(1, 15, 'bottom'), reading(2, 27, 'net-depth'))).toEqual([27, 15]);
});

test('a newer reading of the same depth takes the place of the older one; of two depths the warmer counts for three hours', () => {
  expect(decided(reading(1, 27, 'surface'), reading(2, 21, 'surface'))).toEqual([21, null]);
  expect(decided(reading(1, 27, 'surface'), reading(4, 21, 'net-depth'))).toEqual([27, null]);
  expect(decided(reading(1, 27, 'surface'), reading(4.1, 21, 'net-depth'))).toEqual([21, null]);
});

test('the bottom alone decides where nothing else was measured; a warmer bottom is no refuge either', () => {
  expect(decided(reading(1, 15, 'bottom'))).toEqual([15, null]);
  expect(decided(reading(1, 12, 'surface'), reading(1.5, 14, 'bottom'))).toEqual([12, null]);
  expect(decided()).toBeNull();
  expect(decidingWater({ conditions: [reading(5, 20)] }, 4 * HOUR)).toBeNull();
});
