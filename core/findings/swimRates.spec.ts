import { shrinkRates } from './swimRates.js';

const place = (fish: number, rodHours: number) => ({ fish, rodHours });

test('a place is drawn towards the others the more the less it was fished', () => {
  const rates = shrinkRates([place(0, 0), place(1, 10), place(5, 50), place(50, 100), place(10, 200), place(30, 100)]);
  const all = 96 / 460;
  // Never fished: what all bring. A fish in ten hours is 0.1, five in fifty as well: the second is believed more.
  expect(rates[0]?.rate).toBeCloseTo(all, 9);
  expect(rates[1]?.rate).toBeGreaterThan(rates[2]?.rate ?? NaN);
  expect(rates[2]?.rate).toBeGreaterThan(0.1);
  expect(Math.abs((rates[3]?.rate ?? 0) - 0.5)).toBeLessThan(0.03);
  expect(rates[0]?.low).toBeLessThan(rates[3]?.low ?? NaN);
  expect(rates[0]?.high).toBeGreaterThan(rates[3]?.rate ?? NaN);
});

test('places that do not differ more than chance has it are all the same', () => {
  const rates = shrinkRates([place(10, 100), place(9, 100), place(11, 100), place(1, 10)]);
  for (const { rate } of rates) expect(rate).toBeCloseTo(0.1, 2);
});

/** `scipy.stats.gamma.ppf`, SciPy 1.17.1, for the shape that the likelihood picks. */
test('the limits are those of the gamma distribution', () => {
  const [first] = shrinkRates([place(40, 100), place(2, 100), place(12, 100)]);
  expect(first).toEqual({
    rate: expect.closeTo(0.38842, 4),
    low: expect.closeTo(0.27874, 4),
    high: expect.closeTo(0.51602, 4),
  });
});

test('where nothing was caught, or nothing fished, nothing is likely', () => {
  expect(shrinkRates([place(0, 50), place(0, 10)])).toEqual([]);
  expect(shrinkRates([])).toEqual([]);
});
