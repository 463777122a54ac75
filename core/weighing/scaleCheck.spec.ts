import { correctNet } from './correctNet.js';
import { checkInForce, errorAt, judgeCheck, type StandingCheck } from './scaleCheck.js';
import { driftPerRootYear } from './scaleDrift.js';
import type { ScaleCheck, ScaleSpec } from '../domain/kit/scaleSpec.js';

const scale: ScaleSpec = { division: { unit: 'g', count: 10 }, scaleClass: 'III', checks: [] };
const SPREAD = [2000, 5000, 10_000, 15_000, 20_000, 25_000];
const check = (shown: readonly number[], at = '2026-03-01T09:00:00Z'): ScaleCheck => ({
  at,
  points: shown.map((count, i) => ({
    how: 'known-mass',
    trueGrams: SPREAD[i] ?? 0,
    uGrams: 1,
    shown: { unit: 'g', count },
  })),
});
function judged(shown: readonly number[], at?: string) {
  const answer = judgeCheck(check(shown, at), scale);
  if (!answer.ok) throw new Error(answer.reason.code);
  return answer.value;
}
function standing(shown: readonly number[]): StandingCheck {
  return { ...judged(shown), drift: driftPerRootYear([]) };
}
const AT_ONCE = '2026-03-01T09:00:00Z';

test('offset and gain are found, and each point is compared with the limits of its class', () => {
  const { gain, offsetGrams, points, within, due, shape } = judged([2010, 5020, 10_040]);
  expect(gain).toBeCloseTo(1.00378, 4);
  expect(offsetGrams).toBeCloseTo(1.9, 0);
  expect(shape).toBe('straight');
  expect(points.map(({ errorGrams }) => errorGrams)).toEqual([10, 20, 40]);
  // 200, 500 and 1000 divisions: half, half and one of them, twice that in service.
  expect(points.map(({ limitGrams }) => limitGrams)).toEqual([10, 10, 20]);
  expect(points.map((point) => point.within)).toEqual([true, false, false]);
  expect(within).toBe(false);
  expect(due).toBe('2026-08-30');
});

test('a pure offset is in both loads of a net and changes nothing; a gain acts on the fish', () => {
  const offset = correctNet(standing([2100, 5100, 10_100]), { netGrams: 10_000, slingGrams: 800, readAt: AT_ONCE });
  expect(offset.byGrams).toBeCloseTo(0, 6);
  const gain = correctNet(standing([2020, 5050, 10_100]), { netGrams: 10_100, slingGrams: 800, readAt: AT_ONCE });
  expect(gain.byGrams).toBeCloseTo(-100, 0);
});

test('a curve takes off what lies between the sling alone and the sling with the fish', () => {
  // Shown = true + 1e-6 true^2: worked backwards from a fish of 10 kg in a sling of 1 kg, 121 less 1 = 120 g too much.
  const bent = standing(SPREAD.map((grams) => Math.round((grams + 1e-6 * grams ** 2) / 10) * 10));
  expect(bent.shape).toBe('curved');
  const fixed = correctNet(bent, { netGrams: 10_120, slingGrams: 1000, readAt: AT_ONCE });
  expect(fixed.byGrams).toBeGreaterThan(-130);
  expect(fixed.byGrams).toBeLessThan(-110);
  const lightSling = correctNet(bent, { netGrams: 10_120, slingGrams: 0, readAt: AT_ONCE });
  expect(lightSling.byGrams).toBeGreaterThan(fixed.byGrams);
  expect(errorAt(bent, 20_000)).toBeCloseTo(400, -1.5);
});

test('a scale that is far off in the middle of its range is crooked: nothing is put right, and the doubt is wide', () => {
  const crooked = standing([2000, 5300, 10_000]);
  expect(crooked.shape).toBe('crooked');
  expect(crooked.reducedChiSquared).toBeGreaterThan(100);
  const { byGrams, uCheckGrams } = correctNet(crooked, { netGrams: 5000, slingGrams: 800, readAt: AT_ONCE });
  expect(byGrams).toBe(0);
  expect(uCheckGrams).toBeCloseTo(300 / Math.sqrt(3), 6);
});

// One degree of freedom: the masses and the step (1 and 2.89 g) leave a bend of one step in the middle to chance, one
// of two not.
test.each([
  [5010, 'straight'],
  [5020, 'crooked'],
])('a middle of %d g of 5000 is %s', (middle, shape) => {
  expect(judged([2000, middle, 10_000]).shape).toBe(shape);
});

test('what a check says grows old: a thousandth of the load in a year, four times the time twice that', () => {
  const after = (readAt: string) =>
    correctNet(standing([2000, 5000, 10_000]), { netGrams: 10_000, slingGrams: 800, readAt }).uDriftGrams;
  expect(after(AT_ONCE)).toBe(0);
  expect(after('2027-03-01T15:00:00Z')).toBeCloseTo(10, 1);
  expect(after('2030-03-01T09:00:00Z')).toBeCloseTo(20, 1);
});

test('a scale that changed from check to check is believed to go on so, one that did not the less', () => {
  const year = (of: number, gain: number) =>
    judged(
      [2000, 5000, 10_000].map((grams) => Math.round((grams * gain) / 10) * 10),
      `20${20 + of}-03-01T09:00:00Z`,
    );
  const restless = driftPerRootYear([year(0, 1), year(1, 1.01), year(2, 1), year(3, 1.01)]);
  expect(restless.freedom).toBe(7);
  expect(restless.perRootYear).toBeGreaterThan(0.005);
  expect(driftPerRootYear([year(0, 1), year(1, 1), year(2, 1)]).perRootYear).toBeLessThan(0.001);
  expect(driftPerRootYear([])).toEqual({ perRootYear: 0.001, freedom: 4 });
});

test('too few masses, or one mass three times, say nothing', () => {
  expect(judgeCheck({ at: AT_ONCE, points: check([2000, 5000]).points }, scale)).toMatchObject({ ok: false });
  const same = check([2000, 2000, 2000]).points.map((point) => ({ ...point, trueGrams: 2000 }));
  expect(judgeCheck({ at: AT_ONCE, points: same }, scale)).toMatchObject({
    reason: { code: 'weighing.checkOneMass' },
  });
});

test('a weight quotes the check that stood that day', () => {
  const checked = {
    ...scale,
    checks: [check([2000, 5000, 10_000], '2026-05-01T09:00:00Z'), check([2010, 5010, 10_010], '2026-03-01T09:00:00Z')],
  };
  expect(checkInForce(checked, '2026-02-01T00:00:00Z')).toBeUndefined();
  expect(checkInForce(checked, '2026-04-01T00:00:00Z')?.offsetGrams).toBeCloseTo(10, 6);
  expect(checkInForce(checked, '2026-06-01T00:00:00Z')?.offsetGrams).toBeCloseTo(0, 6);
});
