import { createRng } from '../statistics/rng.js';
import { estimatedWeight } from './estimatedWeight.js';
import { expectedWeight } from './expectedWeight.js';

const wels = { species: 'wels', lengthMm: 2000, girthMm: 850 } as const;

test('without length and girth there is no estimate', () => {
  expect(estimatedWeight({ ...wels, girthMm: null })).toBeUndefined();
  expect(estimatedWeight({ ...wels, lengthMm: null, overGrams: 60_000 })).toBeUndefined();
});

test('its middle is the expected weight, its limits two standard deviations either side', () => {
  const { lnGrams, sd } = expectedWeight({ ...wels, own: [] });
  const estimate = estimatedWeight(wels);
  expect(estimate?.grams).toBeCloseTo(Math.exp(lnGrams), -1);
  expect(Math.log((estimate?.mostGrams ?? 0) / (estimate?.grams ?? 1))).toBeCloseTo(2 * sd, 3);
  expect(Math.log((estimate?.leastGrams ?? 0) / (estimate?.grams ?? 1))).toBeCloseTo(-2 * sd, 3);
});

test('the scale that ended below it cuts off what cannot be, as drawn fish say', () => {
  const { lnGrams, sd } = expectedWeight({ ...wels, own: [] });
  const overGrams = Math.exp(lnGrams + 0.5 * sd);
  const luck = createRng('over the scale');
  // Box and Muller (1958): exactly normal, where twelve uniform numbers are only about so.
  const normal = () => Math.sqrt(-2 * Math.log(1 - luck.next())) * Math.cos(2 * Math.PI * luck.next());
  const heavier = Array.from({ length: 200_000 }, () => Math.exp(lnGrams + sd * normal()))
    .filter((grams) => grams > overGrams)
    .sort((a, b) => a - b);
  const estimate = estimatedWeight({ ...wels, overGrams });
  expect(estimate?.leastGrams).toBeGreaterThan(overGrams);
  const share = (grams = 0) => heavier.filter((each) => each < grams).length / heavier.length;
  expect(share(estimate?.grams)).toBeCloseTo(0.5, 2);
  expect(share(estimate?.mostGrams)).toBeCloseTo(0.977, 2);
});

test('where the scale bore more than tape and board can mean, the scale is believed', () => {
  const estimate = estimatedWeight({ ...wels, overGrams: 150_000 });
  expect(estimate).toEqual({ grams: 150_000, leastGrams: 150_000, mostGrams: 150_000 });
});
