import { aboveChiSquared } from './chiSquared.js';
import { belowF, quantileF } from './fisherF.js';
import { incompleteBeta } from './incompleteBeta.js';
import { lnGamma } from './lnGamma.js';
import { coverageFactor, withinT } from './studentT.js';

// JCGM 100:2008, table G.2, column for p = 95.45 %; from memory.
test.each([
  [1, 13.97],
  [2, 4.53],
  [3, 3.31],
  [5, 2.65],
  [10, 2.28],
  [20, 2.13],
  [50, 2.05],
  [Infinity, 2.0],
])('%d degrees of freedom widen two standard deviations to %d', (freedom, factor) => {
  expect(coverageFactor(freedom)).toBeCloseTo(factor, 2);
});

// Abramowitz and Stegun (1964), table 26.10 (Student), 26.9 (Fisher) and 26.8 (chi squared); from memory.
test('shares of Student, Fisher and chi squared lie where the tables have them', () => {
  expect(coverageFactor(1, 0.95)).toBeCloseTo(12.706, 3);
  expect(coverageFactor(4, 0.95)).toBeCloseTo(2.776, 3);
  expect(withinT(2.228, 10)).toBeCloseTo(0.95, 4);
  expect(quantileF(0.95, 1, 10)).toBeCloseTo(4.965, 3);
  expect(quantileF(0.95, 2, 5)).toBeCloseTo(5.786, 3);
  expect(belowF(3.326, 5, 10)).toBeCloseTo(0.95, 4);
  expect(aboveChiSquared(3.841, 1)).toBeCloseTo(0.05, 4);
  expect(aboveChiSquared(11.07, 5)).toBeCloseTo(0.05, 4);
  expect(aboveChiSquared(6.635, 1)).toBeCloseTo(0.01, 4);
  expect(aboveChiSquared(0, 3)).toBe(1);
  expect(aboveChiSquared(900, 3)).toBe(0);
});

test('a square of Student is one of Fisher, and two halves of a beta are one', () => {
  expect(belowF(2.5 ** 2, 1, 7)).toBeCloseTo(withinT(2.5, 7), 12);
  expect(incompleteBeta(2, 3, 0.5)).toBeCloseTo(0.6875, 12);
  expect(incompleteBeta(2.5, 0.7, 0.9) + incompleteBeta(0.7, 2.5, 0.1)).toBeCloseTo(1, 12);
  expect(lnGamma(5)).toBeCloseTo(Math.log(24), 12);
  expect(lnGamma(0.5)).toBeCloseTo(Math.log(Math.PI) / 2, 12);
});
