import { gramsOf, poundsOunces } from '../measure/mass.js';
import { bracketTare, nearest } from './tareBracket.js';
import type { WeightReading } from './reading.js';

const zeroed: WeightReading = { asRead: poundsOunces(23, 11), method: 'zeroed' };
const OUNCE = gramsOf({ unit: 'oz', count: 1 });

test('a sling that came out heavier takes half of it off the weight', () => {
  const bracket = bracketTare({ ...zeroed, slingAfter: { unit: 'oz', count: 4 } });
  expect(bracket?.correctionGrams).toBeCloseTo(-2 * OUNCE, 6);
  // Anywhere between the two is as likely: the width over the root of twelve.
  expect(bracket?.uGrams).toBeCloseTo((4 * OUNCE) / Math.sqrt(12), 6);
  expect(bracket?.says).toMatch(/held 0?\s?4 oz more water with the fish out/);
});

test('one that had drained puts half of it on', () => {
  const bracket = bracketTare({ ...zeroed, slingAfter: { unit: 'oz', count: -3 } });
  expect(bracket?.correctionGrams).toBeCloseTo(1.5 * OUNCE, 6);
  expect(bracket?.says).toMatch(/3 oz lighter/);
});

test('by the other school the second tare is held against the first', () => {
  const gross: WeightReading = { asRead: poundsOunces(25, 3), method: 'gross-minus-tare', tare: poundsOunces(1, 8) };
  expect(bracketTare({ ...gross, slingAfter: poundsOunces(1, 8) })).toMatchObject({
    changeGrams: 0,
    correctionGrams: 0,
    uGrams: 0,
  });
  expect(bracketTare({ ...gross, slingAfter: poundsOunces(1, 11) })?.changeGrams).toBeCloseTo(3 * OUNCE, 6);
});

test('with no second weighing, or no first, there is no bracket', () => {
  expect(bracketTare(zeroed)).toBeUndefined();
  // A whole sling more is no water.
  expect(bracketTare({ ...zeroed, slingAfter: { unit: 'oz', count: 27 } })).toBeUndefined();
  expect(bracketTare({ ...zeroed, method: 'gross-minus-tare', slingAfter: poundsOunces(1, 8) })).toBeUndefined();
});

test('grams go to the nearest whole unit', () => {
  expect(nearest(85, 'oz')).toEqual({ unit: 'oz', count: 3 });
  expect(nearest(70, 'oz')).toEqual({ unit: 'oz', count: 2 });
});
