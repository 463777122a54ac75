import { mean, squaresAboutMean } from './mean.js';

test('the mean of nothing is nought, and of one it is that', () => {
  expect([mean([]), mean([7]), mean([1, 2, 6])]).toEqual([0, 7, 3]);
});

// NIST StRD, data set NumAcc1: 10000001, 10000003, 10000002; mean 10000002, standard deviation 1 (from memory).
test('large numbers that lie close together lose nothing', () => {
  const values = [10_000_001, 10_000_003, 10_000_002];
  expect(mean(values)).toBe(10_000_002);
  expect(Math.sqrt(squaresAboutMean(values) / 2)).toBe(1);
  expect(squaresAboutMean([])).toBe(0);
});
