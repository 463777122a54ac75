import { bSplinesAt } from './bSplines.js';
import { fitPenalisedPoisson, type CountedRow } from './penalisedPoisson.js';

/** Drawn once with numpy (seed 7): a rate that rises and falls, counted over some hours each. */
const X = [
  0.04, 0.06, 0.14, 0.43, 0.53, 1.85, 1.92, 2.31, 2.41, 2.58, 2.7, 2.97, 3.06, 3.34, 3.6, 3.64, 4.43, 5.34, 5.59, 5.62,
  5.96, 6.05, 6.17, 6.18, 6.64, 7.35, 7.47, 7.5, 7.55, 8.3, 9.31, 9.51, 9.56, 9.85, 9.96, 10.48, 10.77, 11.01, 11.87,
  11.95,
];
const HOURS = [
  2.3, 5.4, 3.5, 5.2, 4.2, 4.7, 1.5, 3.7, 3.5, 5.4, 2.8, 4, 1.3, 2.9, 2.6, 1.8, 5.1, 2.9, 5.9, 3.9, 4, 4.2, 4.4, 1.8,
  3.2, 2.2, 3, 1.5, 5.8, 2.1, 4.4, 2.5, 5.4, 4.3, 1.7, 5.2, 5.7, 5.5, 3.8, 1.7,
];
const COUNTS = [
  0, 2, 3, 1, 0, 5, 1, 3, 5, 5, 2, 2, 2, 2, 1, 2, 5, 3, 4, 3, 5, 1, 0, 0, 2, 0, 0, 0, 1, 1, 0, 0, 0, 0, 0, 2, 0, 3, 1,
  0,
];
const ACROSS = { low: 0, high: 12, pieces: 8 };
const SIZE = ACROSS.pieces + 3;

const rowAt = (x: number, exposure: number, count: number): CountedRow => {
  const { first, values } = bSplinesAt(x, ACROSS);
  return { count, exposure, columns: values.map((_, i) => first + i), values };
};
const ROWS = X.map((x, i) => rowAt(x, HOURS[i] ?? 0, COUNTS[i] ?? 0));

/** Second differences squared, times `strength`. */
const smoothness = (strength: number) => {
  const penalty = new Float64Array(SIZE * SIZE);
  for (let k = 0; k + 2 < SIZE; k += 1)
    for (const [i, a] of [1, -2, 1].entries())
      for (const [j, b] of [1, -2, 1].entries()) {
        const at = (k + i) * SIZE + k + j;
        penalty[at] = (penalty[at] ?? 0) + strength * a * b;
      }
  return penalty;
};

/** The same likelihood made largest by `scipy.optimize.minimize` over `scipy.interpolate.BSpline` (SciPy 1.17.1). */
test.each([
  [0.5, [-2.08735, -1.23382, -0.29773, -0.03967, 0.00494, -0.56813, -1.8367, -2.4281, -1.89442], 37.24893, 5.53109],
  [20, [-1.06299, -0.72113, -0.39548, -0.22954, -0.32271, -0.65312, -1.09889, -1.50067, -1.80582], 45.54418, 3.13483],
])('a penalised spline of strength %d is the one that another program fits', (strength, first, deviance, freedom) => {
  const fit = fitPenalisedPoisson(ROWS, SIZE, smoothness(strength));
  expect([...(fit?.coefficients ?? [])].slice(0, 9)).toEqual(first.map((each): unknown => expect.closeTo(each, 4)));
  expect(fit?.deviance).toBeCloseTo(deviance, 4);
  expect(fit?.freedom).toBeCloseTo(freedom, 4);
});

test('without columns that tell them apart all have the rate of all', () => {
  const rows = [
    { count: 3, exposure: 10, columns: [0], values: [1] },
    { count: 0, exposure: 2, columns: [0], values: [1] },
  ];
  const fit = fitPenalisedPoisson(rows, 1, new Float64Array(1));
  expect(Math.exp(fit?.coefficients[0] ?? NaN)).toBeCloseTo(0.25, 9);
  expect(fit?.inverse[0]).toBeCloseTo(1 / 3, 9);
  expect(fit?.freedom).toBeCloseTo(1, 9);
});

test('what the rows do not decide is not fitted, nor what was never counted', () => {
  const twice = [{ count: 3, exposure: 1, columns: [0, 1], values: [1, 1] }];
  expect(fitPenalisedPoisson(twice, 2, new Float64Array(4))).toBeNull();
  expect(fitPenalisedPoisson(twice, 2, Float64Array.of(1, 0, 0, 1))).not.toBeNull();
  expect(
    fitPenalisedPoisson([{ count: 0, exposure: 5, columns: [0], values: [1] }], 1, new Float64Array(1)),
  ).toBeNull();
  expect(fitPenalisedPoisson([], 1, new Float64Array(1))).toBeNull();
});

test('B-splines add up to one everywhere, and the ends are taken for what lies outside', () => {
  for (const x of [0, 1.5, 4.49, 11.999, 12])
    expect(bSplinesAt(x, ACROSS).values.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 12);
  expect(bSplinesAt(-3, ACROSS)).toEqual(bSplinesAt(0, ACROSS));
  expect(bSplinesAt(12, ACROSS).first).toBe(7);
  expect(bSplinesAt(1.5, ACROSS)).toMatchObject({ first: 1, values: [1 / 6, 4 / 6, 1 / 6, 0] });
});
