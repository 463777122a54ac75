import fc from 'fast-check';
import { findRoot } from './findRoot.js';

test('the root of two, to the last digits', () => {
  expect(findRoot((x) => x * x - 2, 0, 2)).toBeCloseTo(Math.SQRT2, 11);
});

test('where a function does not cross nothing, the nearer end is given', () => {
  expect(findRoot(() => 1, 3, 5)).toBeCloseTo(3, 9);
  expect(findRoot(() => -1, 3, 5)).toBeCloseTo(5, 9);
});

test('a step is found as well as a slope, wherever it lies', () => {
  fc.assert(
    fc.property(fc.double({ min: -900, max: 900, noNaN: true }), (at) => {
      expect(Math.abs(findRoot((x) => (x < at ? -1 : 1), -1000, 1000) - at)).toBeLessThan(1e-8);
    }),
  );
});
