import { permissibleError } from './permissibleError.js';

// OIML R 76-1 (2006), table 6, at first verification, from memory.
test.each([
  ['III', 0, 0.5],
  ['III', 500, 0.5],
  ['III', 501, 1],
  ['III', 2000, 1],
  ['III', 2001, 1.5],
  ['III', 10_000, 1.5],
  ['IIII', 50, 0.5],
  ['IIII', 51, 1],
  ['IIII', 200, 1],
  ['IIII', 1000, 1.5],
  ['II', 5000, 0.5],
  ['II', 20_000, 1],
  ['II', 100_000, 1.5],
] as const)('class %s at %d divisions: %d of one', (scaleClass, divisions, limit) => {
  expect(permissibleError(divisions * 10, 10, scaleClass, 'verification')?.divisions).toBe(limit);
  expect(permissibleError(divisions * 10, 10, scaleClass)?.grams).toBe(limit * 20);
});

test('beyond what a class allows there is no limit to keep', () => {
  expect(permissibleError(10_010, 10, 'IIII')).toBeUndefined();
  expect(permissibleError(-1, 10, 'III')).toBeUndefined();
});
