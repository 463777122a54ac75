import { HOUR_MS, MINUTE_MS } from '../../measure/timeSpan.js';
import { rodsNow, rodsOutAt, rodSpells, rodTimeMs, type RodTap } from './rods.js';

let count = 0;
const out = (rod: number, hours: number, bait = 'corn'): RodTap => ({
  eventId: String((count += 1)).padStart(4, '0'),
  kind: 'out',
  rod,
  setup: { bait },
  swimId: null,
  atMs: hours * HOUR_MS,
});
const back = (rod: number, hours: number, why: 'rested' | 'fish' = 'rested'): RodTap => ({
  eventId: String((count += 1)).padStart(4, '0'),
  kind: 'in',
  rod,
  why,
  atMs: hours * HOUR_MS,
});
const told = (taps: readonly RodTap[], endHours: number | null = null) =>
  rodSpells(taps, endHours === null ? null : endHours * HOUR_MS).map(({ rod, setup, fromMs, toMs }) => [
    rod,
    setup.bait,
    fromMs / HOUR_MS,
    toMs === null ? null : toMs / HOUR_MS,
  ]);

test('two rods, one cast anew with another bait, one taken in for a fish and cast again', () => {
  const taps = [out(1, 6), out(2, 6.5), out(1, 8, 'pellet'), back(2, 9, 'fish'), out(2, 9.5)];
  expect(told(taps, 12)).toEqual([
    [1, 'corn', 6, 8],
    [2, 'corn', 6.5, 9],
    [1, 'pellet', 8, 12],
    [2, 'corn', 9.5, 12],
  ]);
  // By hand: 2 + 2.5 + 4 + 2.5.
  expect(rodTimeMs(rodSpells(taps, 12 * HOUR_MS), 12 * HOUR_MS)).toBe(11 * HOUR_MS);
});

test('taps count by their moments, however they came; of two at once the later told is the later', () => {
  const taps = [back(1, 9), out(1, 6)];
  expect(told(taps)).toEqual([[1, 'corn', 6, 9]]);
  expect(told([out(1, 6, 'corn'), out(1, 6, 'pellet')], 7)).toEqual([
    [1, 'corn', 6, 6],
    [1, 'pellet', 6, 7],
  ]);
});

test('a rod that is in already is not taken in again, and one that never was out neither', () => {
  expect(told([back(1, 5), out(1, 6), back(1, 8), back(1, 9)])).toEqual([[1, 'corn', 6, 8]]);
});

test('an outing that was ended before a rod was cast, by a clock put back, has no time below zero', () => {
  expect(told([out(1, 6)], 5)).toEqual([[1, 'corn', 6, 6]]);
});

test.each([
  ['before it began', 5, -Infinity, 0],
  ['at its first minute', 6 + 1 / 60, -Infinity, MINUTE_MS],
  ['while it lasts', 7, -Infinity, HOUR_MS],
  ['since a sign', 7, 6.75, HOUR_MS / 4],
  ['since a sign yet to come', 7, 8, 0],
])('the time of a rod that is still out, looked at %s', (_when, untilHours, sinceHours, ms) => {
  const spells = rodSpells([out(1, 6)], null);
  expect(rodTimeMs(spells, untilHours * HOUR_MS, sinceHours * HOUR_MS)).toBeCloseTo(ms, 3);
});

test('each rod is shown as it was cast last', () => {
  const now = rodsNow(rodSpells([out(2, 6), out(1, 6.5), back(2, 7), out(1, 8, 'pellet')], null));
  expect(now.map(({ rod, setup, toMs }) => [rod, setup.bait, toMs === null])).toEqual([
    [1, 'pellet', true],
    [2, 'corn', false],
  ]);
});

test.each([
  [6 - 1e-6, []],
  [6, [1]],
  [8, [1]],
  [8 + 1e-6, []],
])('a rod that was out from six to eight is out at %d: %p', (hours, rods) => {
  const spells = rodSpells([out(1, 6), back(1, 8, 'fish')], null);
  expect(rodsOutAt(spells, hours * HOUR_MS).map(({ rod }) => rod)).toEqual(rods);
});
