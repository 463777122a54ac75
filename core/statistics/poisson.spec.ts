import { chanceOfNone } from './poisson.js';
import { lnGamma } from './lnGamma.js';

// By hand: the Poisson chance of none, exp(-rate * length), averaged over the posterior density of the rate.
test.each([
  [0, 12, 6],
  [3, 20, 5],
  [11, 40, 9],
])('%i events in %d hours, then none in %d: as the posterior averages it', (count, seen, length) => {
  const shape = count + 0.5;
  const lnDensity = (rate: number) =>
    shape * Math.log(seen) + (shape - 1) * Math.log(rate) - seen * rate - lnGamma(shape);
  let sum = 0;
  const step = 1e-4;
  // By the square of a variable, so that the density of no events has no pole.
  for (let x = step / 2; x < 2; x += step) sum += Math.exp(lnDensity(x * x) - length * x * x) * 2 * x * step;
  expect(chanceOfNone(count, seen, length)).toBeCloseTo(sum, 5);
});

test('of much that was seen it is the plain Poisson chance; in no time nothing ever happens', () => {
  expect(chanceOfNone(5000, 10_000, 2)).toBeCloseTo(Math.exp(-1), 3);
  expect(chanceOfNone(5, 10, 0)).toBe(1);
});

test.each([
  [1, 0, 1],
  [1, -1, 1],
  [-1, 1, 1],
  [1, 1, -1],
])('%d in %d, for %d: no rate is known', (count, seen, length) => {
  expect(() => chanceOfNone(count, seen, length)).toThrow(RangeError);
});
