import { HOUR_MS } from '../measure/timeSpan.js';
import type { RodSpell } from '../domain/outing/rods.js';
import { FAIR_WAIT_MS, LEAST_OWN_ROD_MS, MOVE_BELOW, quietSwim } from './quietSwim.js';

const spell = (rod: number, fromHours: number, toHours: number | null = null): RodSpell => ({
  rod,
  setup: {},
  swimId: 's',
  fromMs: fromHours * HOUR_MS,
  toMs: toHours === null ? null : toHours * HOUR_MS,
});
const input = (hours: number, change: Partial<Parameters<typeof quietSwim>[0]> = {}) => ({
  rods: [spell(1, 0), spell(2, 0)],
  lastSignMs: null,
  predatorFollowed: false,
  hereSinceMs: 0,
  ownOfSwim: { signs: 0, rodMs: 0 },
  ownOfWater: { signs: 10, rodMs: 40 * HOUR_MS },
  nowMs: hours * HOUR_MS,
  ...change,
});
const code = (hours: number, change: Parameters<typeof input>[1] = {}) =>
  quietSwim(input(hours, change))?.says.code.replace('bank.', '');

test.each([
  [FAIR_WAIT_MS - 1, undefined],
  [FAIR_WAIT_MS, 'bank.quietUsual'],
])('a swim is given a fair wait: after %i ms it says %s', (quietMs, says) => {
  expect(quietSwim(input(0, { nowMs: quietMs }))?.says.code).toBe(says);
});

test.each([
  [LEAST_OWN_ROD_MS - 1, 'quietUnknown'],
  [LEAST_OWN_ROD_MS, 'quietMove'],
])('%i ms of rod time of one own: %s', (rodMs, says) => {
  expect(code(6, { ownOfWater: { signs: 9, rodMs } })).toBe(says);
});

// By hand: 10 signs in 40 rod-hours; two rods for t hours; (40 / (40 + 2t)) ** 10.5 passes 0.2 at t = 3.313.
test.each([
  [3.31, 'quietUsual'],
  [3.32, 'quietMove'],
])('where chance falls below one in five, after %d hours: %s', (hours, says) => {
  expect(MOVE_BELOW).toBe(0.2);
  expect(code(hours)).toBe(says);
});

test('this swim is asked before the whole water, once it is known well enough', () => {
  const known = quietSwim(input(3.32, { ownOfSwim: { signs: 0, rodMs: 30 * HOUR_MS } }));
  expect(known).toMatchObject({ move: false, reason: { values: { here: 'swim', ownSigns: 0 } } });
  expect(quietSwim(input(3.32))?.reason).toMatchObject({ values: { here: 'water', ownSigns: 10 } });
});

test('the quiet begins with the last sign, the move to this swim or the first cast, whichever is last', () => {
  expect(code(3, { lastSignMs: 1.5 * HOUR_MS })).toBeUndefined();
  expect(code(3, { hereSinceMs: 1.5 * HOUR_MS })).toBeUndefined();
  expect(code(3, { hereSinceMs: null, rods: [spell(1, 1.5)] })).toBeUndefined();
  expect(code(3, { lastSignMs: 1 * HOUR_MS })).toBe('quietUsual');
});

test('a rod that was in for a while was not fishing: only its time in the water counts', () => {
  const resting = { rods: [spell(1, 0), spell(2, 0, 1)] };
  expect(code(4)).toBe('quietMove');
  expect(code(4, resting)).toBe('quietUsual');
});

test('with no rod out nothing is said, and a predator that followed moves one at once', () => {
  expect(quietSwim(input(9, { rods: [spell(1, 0, 2)] }))).toBeNull();
  expect(quietSwim(input(0.1, { predatorFollowed: true, rods: [] }))).toMatchObject({ move: true });
});
