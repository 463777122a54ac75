import { chanceLarger, proportionOf } from './proportion.js';

/** `scipy.stats.beta.ppf` of SciPy 1.17.1, as printed. */
test.each([
  [10, 20, 0.2934, 0.7066],
  [1, 20, 0.0054, 0.2108],
  [7, 9, 0.4562, 0.9507],
])('Jeffreys’ limits of %d of %d', (times, of, low, high) => {
  const found = proportionOf(times, of);
  expect(found.low).toBeCloseTo(low, 3);
  expect(found.high).toBeCloseTo(high, 3);
});

test('what never happened may never happen, what always did may always do', () => {
  expect(proportionOf(0, 12).low).toBe(0);
  expect(proportionOf(1, 12).low).toBeGreaterThan(0);
  expect(proportionOf(12, 12).high).toBe(1);
  expect(proportionOf(11, 12).high).toBeLessThan(1);
  expect(proportionOf(0, 0)).toMatchObject({ low: 0, high: 1 });
  expect(() => proportionOf(3, 2)).toThrow(RangeError);
});

test('the chance that one share is the larger', () => {
  expect(chanceLarger({ times: 5, of: 10 }, { times: 5, of: 10 })).toBeCloseTo(0.5, 3);
  // Four million draws of numpy’s beta: 0.9831 and 0.8674, give or take 0.0003.
  expect(chanceLarger({ times: 9, of: 12 }, { times: 10, of: 26 })).toBeCloseTo(0.983, 2);
  expect(chanceLarger({ times: 1, of: 3 }, { times: 2, of: 20 })).toBeCloseTo(0.867, 2);
});
