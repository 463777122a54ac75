import { lnNormal, normalBelow } from './normal.js';

// Abramowitz and Stegun (1964), table 26.1, from memory.
test.each([
  [0, 0.5],
  [1, 0.8413447],
  [1.96, 0.9750021],
  [3, 0.9986501],
  [-1, 0.1586553],
])('below %d lies %d of a normal distribution', (z, share) => {
  expect(normalBelow(z)).toBeCloseTo(share, 6);
});

test('the density at its middle', () => {
  expect(lnNormal(3, 3, 1)).toBeCloseTo(-0.9189385, 6);
});
