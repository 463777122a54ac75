import { aboutMass, nearest } from './nearestMass.js';

test.each([
  [85, 'oz', 3],
  [28.3 * 1.49, 'oz', 1],
  [28.35 * 1.51, 'oz', 2],
  [10_750, 'oz', 379],
  [10_754, 'g', 10_754],
] as const)('%d g in %s is the nearest whole of it: %i', (grams, unit, count) => {
  expect(nearest(grams, unit)).toEqual({ unit, count });
});

test.each([
  [10_754, 'g', 10_750],
  [10_755, 'g', 10_760],
  [10_754, 'oz', 379],
] as const)('about %d g in %s is %i', (grams, unit, count) => {
  expect(aboutMass(grams, unit)).toEqual({ unit, count });
});
