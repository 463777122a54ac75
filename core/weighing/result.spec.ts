import { chance } from '../chance/chance.js';
import { gramsOf, poundsOunces, type Mass } from '../measure/mass.js';
import { probabilityHeavier } from './heavier.js';
import type { WeightReading } from './reading.js';
import { weightResult, type WeighedWith } from './result.js';
import { roundToDivision } from './rounding.js';
import { judgeCheck } from './scaleCheck.js';
import { slingDrain } from './slingDrain.js';

const OUNCE: Mass = { unit: 'oz', count: 1 };
const around: WeighedWith = {
  division: OUNCE,
  scaleClass: 'III',
  check: undefined,
  drain: undefined,
  rounding: 'down',
};
const reading: WeightReading = { asRead: poundsOunces(23, 11), method: 'zeroed', steadyGrams: 5 };
const of = (source: string, result = weightResult(reading, around)) =>
  result?.budget.find((each) => each.source === source)?.uGrams ?? NaN;

test('a budget worked by hand: squares are added, and the sum is doubled', () => {
  const result = weightResult(reading, around);
  // d / sqrt(12) = 28.3495 / 3.4641 = 8.1838, twice; 5 as measured; 30 by custom; limit of 379 divisions in class III in service: one division,
  // 28.3495 / sqrt(3) = 16.3676. The root of 66.97 + 66.97 + 25 + 900 + 267.90 is 36.42.
  expect(of('resolution')).toBeCloseTo(8.1838, 3);
  expect(of('zero')).toBeCloseTo(8.1838, 3);
  expect(of('calibration')).toBeCloseTo(16.3676, 3);
  expect(result?.uGrams).toBeCloseTo(36.42, 1);
  expect(result?.expandedGrams).toBeCloseTo(72.85, 1);
});

test('the combined uncertainty is what ten thousand weighings with the same doubts come to, within 2 in a hundred (JCGM 101)', () => {
  const luck = chance('JCGM 101');
  const drawn = { ...reading, slingAfter: { unit: 'oz', count: 3 } as const };
  const result = weightResult(drawn, around);
  if (!result) throw new Error('No result.');
  const step = gramsOf(OUNCE);
  const even = (halfWidth: number) => luck.between(-halfWidth, halfWidth);
  const limit = step;
  const runs = Array.from({ length: 200_000 }, () => {
    const tare = luck.between(0, 3 * step);
    return gramsOf(drawn.asRead) - tare + even(step / 2) + even(step / 2) + 5 * luck.normal() + even(limit);
  });
  const mean = runs.reduce((sum, each) => sum + each, 0) / runs.length;
  const sd = Math.sqrt(runs.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (runs.length - 1));
  expect(result.bestGrams).toBeCloseTo(mean, -1);
  expect(Math.abs(result.uGrams / sd - 1)).toBeLessThan(0.02);
});

test('a zero of forty minutes is said to be old, with the error to be expected; a fresh one counts for little', () => {
  const drain = slingDrain([{ at: '2026-06-01T05:00:00Z', wet: true, mass: { unit: 'g', count: 800 } }]);
  const aged = (min: number) =>
    weightResult(
      { ...reading, zeroedAt: '2026-06-01T05:00:00Z', readAt: new Date(Date.UTC(2026, 5, 1, 5, min)).toISOString() },
      { ...around, drain },
    );
  expect(aged(40)?.budget.find(({ source }) => source === 'tare')?.why).toMatch(
    /40 minutes old: such a sling changes by \d+ g/,
  );
  expect(of('tare', aged(1))).toBeLessThan(of('tare', aged(40)) / 5);
});

test('a check in force is quoted and its correction offered, never applied', () => {
  const points = [2000, 5000, 12_000].map((trueGrams) => ({
    ...{ how: 'known-mass' as const, trueGrams, uGrams: 1 },
    shown: { unit: 'g', count: Math.round(trueGrams * 1.01) } as const,
  }));
  const judged = judgeCheck({ at: '2026-03-01T09:00:00Z', points }, { division: OUNCE, scaleClass: 'III', checks: [] });
  if (!judged.ok) throw new Error(judged.reason);
  const result = weightResult(reading, { ...around, check: judged.value });
  expect(result?.asFound?.byGrams).toBeCloseTo(-106, 0);
  expect(result?.stands).toEqual(poundsOunces(23, 11));
  expect(of('calibration', result)).toBeGreaterThan(60);
});

test('a scale held by hand widens the doubt, and the best guess lies below', () => {
  const held = weightResult({ ...reading, support: 'held' }, around);
  expect(held?.bestGrams).toBeLessThan(gramsOf(reading.asRead) / 1.03);
  expect(held?.expandedGrams).toBeGreaterThan(300);
});

test('a fine reading is brought down to the division, or to the nearer one, or kept', () => {
  const fine: WeightReading = { asRead: { unit: 'lb/100', count: 2374 }, method: 'zeroed' };
  expect(weightResult(fine, around)?.stands).toEqual(poundsOunces(23, 11));
  expect(weightResult(fine, { ...around, rounding: 'nearest' })?.stands).toEqual(poundsOunces(23, 12));
  expect(weightResult(fine, { ...around, rounding: 'as-read' })?.stands).toEqual(fine.asRead);
  expect(weightResult({ asRead: { unit: 'lb/100', count: 2374 }, method: 'gross-minus-tare' }, around)).toBeUndefined();
  expect(roundToDivision({ unit: 'g', count: 10_000 }, { unit: 'g', count: 10 }, 'down').count).toBe(10_000);
  expect(roundToDivision({ unit: 'g', count: 10_009 }, { unit: 'g', count: 10 }, 'down').count).toBe(10_000);
  // 23 lb 10 oz, as a scale sends it that can only say hundredths of a pound.
  expect(roundToDivision({ unit: 'lb/100', count: 2362 }, OUNCE, 'down')).toEqual(poundsOunces(23, 10));
});

test('two weights that overlap are held against each other by chance', () => {
  expect(probabilityHeavier({ grams: 10_000, uGrams: 25 }, { grams: 9950, uGrams: 25 })).toBeCloseTo(0.921, 3);
  expect(probabilityHeavier({ grams: 10_000, uGrams: 25 }, { grams: 10_000, uGrams: 25 })).toBeCloseTo(0.5, 6);
  expect(probabilityHeavier({ grams: 10_000, uGrams: 0 }, { grams: 9999, uGrams: 0 })).toBe(1);
});
