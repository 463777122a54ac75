import { checkInForce, correctShown, judgeCheck } from './scaleCheck.js';
import type { ScaleCheck, ScaleNature } from './scaleNature.js';

const scale: ScaleNature = { division: { unit: 'g', count: 10 }, scaleClass: 'III', checks: [] };
const check = (shown: readonly number[], at = '2026-03-01T09:00:00Z'): ScaleCheck => ({
  at,
  points: shown.map((count, i) => ({
    how: 'known-mass',
    trueGrams: [2000, 5000, 10_000][i] ?? 0,
    uGrams: 1,
    shown: { unit: 'g', count },
  })),
});

test('offset and gain are found, and each point is held against the limits of its class', () => {
  const judged = judgeCheck(check([2010, 5020, 10_040]), scale);
  if (!judged.ok) throw new Error(judged.reason);
  const { line, points, within, due } = judged.value;
  expect(line.slope).toBeCloseTo(1.00378, 4);
  expect(line.offset).toBeCloseTo(1.9, 0);
  expect(points.map(({ errorGrams }) => errorGrams)).toEqual([10, 20, 40]);
  // 200, 500 and 1000 divisions: half, half and one of them, twice that in service.
  expect(points.map(({ limitGrams }) => limitGrams)).toEqual([10, 10, 20]);
  expect(points.map((point) => point.within)).toEqual([true, false, false]);
  expect(within).toBe(false);
  expect(due).toBe('2026-08-30');
});

test('the correction takes the error off again, and is surest among the masses', () => {
  const judged = judgeCheck(check([2010, 5020, 10_040]), scale);
  if (!judged.ok) throw new Error(judged.reason);
  const { grams, byGrams, uGrams } = correctShown(judged.value, 5020);
  expect(grams).toBeCloseTo(5000, -1);
  expect(byGrams).toBeCloseTo(grams - 5020, 9);
  expect(correctShown(judged.value, 27_000).uGrams).toBeGreaterThan(2 * uGrams);
});

test('too few masses, or one mass three times, say nothing', () => {
  expect(
    judgeCheck({ at: '2026-03-01T09:00:00Z', points: check([2000, 5000, 10_000]).points.slice(0, 2) }, scale),
  ).toMatchObject({ ok: false });
  const same = check([2000, 2000, 2000]).points.map((point) => ({ ...point, trueGrams: 2000 }));
  expect(judgeCheck({ at: '2026-03-01T09:00:00Z', points: same }, scale)).toMatchObject({
    reason: expect.stringMatching(/differ/),
  });
});

test('a weight quotes the check that stood that day', () => {
  const checked = {
    ...scale,
    checks: [check([2000, 5000, 10_000], '2026-05-01T09:00:00Z'), check([2010, 5010, 10_010], '2026-03-01T09:00:00Z')],
  };
  expect(checkInForce(checked, '2026-02-01T00:00:00Z')).toBeUndefined();
  expect(checkInForce(checked, '2026-04-01T00:00:00Z')?.line.offset).toBeCloseTo(10, 6);
  expect(checkInForce(checked, '2026-06-01T00:00:00Z')?.line.offset).toBeCloseTo(0, 6);
});
