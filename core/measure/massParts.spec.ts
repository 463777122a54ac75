import fc from 'fast-check';
import { MASS_UNITS, poundsOunces } from './mass.js';
import { massFromParts, massParts, partsFromMass } from './massParts.js';

test('the wheels stand where the weight is', () => {
  expect(partsFromMass(poundsOunces(23, 11))).toEqual([23, 11]);
  expect(partsFromMass({ unit: 'quarter-oz', count: 1517 })).toEqual([23, 11, 1]);
  expect(partsFromMass({ unit: 'lb/100', count: 2311 })).toEqual([23, 11]);
  expect(massFromParts('g', [8, 450])).toEqual({ unit: 'g', count: 8450 });
});

test('setting and reading are inverse, and no wheel goes beyond its most', () => {
  fc.assert(
    fc.property(fc.constantFrom(...MASS_UNITS), fc.integer({ min: 0, max: 19_000 }), (unit, count) => {
      const parts = partsFromMass({ unit, count });
      expect(massFromParts(unit, parts)).toEqual({ unit, count });
      massParts(unit).forEach((part, i) => expect(i === 0 || (parts[i] ?? NaN) <= part.most).toBe(true));
    }),
  );
});
