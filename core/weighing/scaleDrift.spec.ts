import { driftPerRootYear } from './scaleDrift.js';

const check = (year: number, gain: number, sd = 0, shape = 'straight') => ({
  at: new Date(Date.UTC(2018, 0, 1) + year * 365.25 * 86_400_000).toISOString(),
  shape,
  gain,
  covariance: [[sd ** 2, 0] as const, [0, 1] as const] as const,
});

test('with one check there is only the usual wander: a thousandth a year, as if seen four times', () => {
  expect(driftPerRootYear([check(0, 1.004)])).toEqual({ perRootYear: 0.001, freedom: 4 });
  expect(driftPerRootYear([])).toEqual({ perRootYear: 0.001, freedom: 4 });
});

test('by hand: a change of 0.002 in each of four years, beside four usual ones of 0.001', () => {
  const checks = [0, 1, 2, 3, 4].map((year) => check(year, 1 + 0.002 * (year % 2)));
  // sqrt((4 x 0.001² + 4 x 0.002²) / 8)
  expect(driftPerRootYear(checks).perRootYear).toBeCloseTo(0.0015811, 7);
  expect(driftPerRootYear(checks).freedom).toBe(8);
});

test('the same change over four years is a fourth of the square a year', () => {
  // sqrt((4 x 0.001² + 0.004² / 4) / 5)
  expect(driftPerRootYear([check(0, 1), check(4, 1.004)]).perRootYear).toBeCloseTo(0.0012649, 7);
});

test('what the two checks were unsure of themselves is no drift', () => {
  const unsure = driftPerRootYear([check(0, 1, 0.003), check(1, 1.004, 0.003)]);
  // 0.004² - 2 x 0.003² is below zero.
  expect(unsure.perRootYear).toBeCloseTo(Math.sqrt((4 * 0.001 ** 2) / 5), 9);
});

test.each([
  [1 / 26 - 0.001, 4],
  [1 / 26 + 0.001, 5],
])('two checks %d years apart: %d changes count', (years, freedom) => {
  expect(driftPerRootYear([check(0, 1), check(years, 1.002)]).freedom).toBe(freedom);
});

test('a crooked check says nothing of the gain', () => {
  const crooked = [check(0, 1), check(1, 1.05, 0, 'crooked'), check(2, 1)];
  expect(driftPerRootYear(crooked)).toEqual(driftPerRootYear([check(0, 1), check(2, 1)]));
});
