import { gramsOf, poundsOunces } from '../measure/mass.js';
import { bracketTare } from './tareBracket.js';
import { nearest } from '../measure/nearestMass.js';
import type { WeightReading } from '../domain/capture/weightReading.js';

const zeroed: WeightReading = { asRead: poundsOunces(23, 11), method: 'zeroed' };
const OUNCE = gramsOf({ unit: 'oz', count: 1 });
const bracketed = (reading: WeightReading) => bracketTare(reading, OUNCE);

test('a sling that came out heavier takes half of it off the weight', () => {
  const bracket = bracketed({ ...zeroed, slingAfter: { unit: 'oz', count: 4 } });
  expect(bracket?.correctionGrams).toBeCloseTo(-2 * OUNCE, 6);
  // Anywhere between the two is as likely: the width over the root of twelve; half of the step of the second comes on
  // top.
  expect(bracket?.uGrams).toBeCloseTo((Math.hypot(4, 0.5) * OUNCE) / Math.sqrt(12), 6);
  expect(bracket?.says).toEqual({
    code: 'weighing.slingHeavier',
    values: { change: { unit: 'oz', count: 4 } },
  });
});

test('one that had drained puts half of it on', () => {
  const bracket = bracketed({ ...zeroed, slingAfter: { unit: 'oz', count: -3 } });
  expect(bracket?.correctionGrams).toBeCloseTo(1.5 * OUNCE, 6);
  expect(bracket?.says).toEqual({
    code: 'weighing.slingLighter',
    values: { change: { unit: 'oz', count: 3 } },
  });
});

test('by the other school the second tare is compared with the first, and none is known better than its step', () => {
  const gross: WeightReading = { asRead: poundsOunces(25, 3), method: 'gross-minus-tare', tare: poundsOunces(1, 8) };
  const same = bracketed({ ...gross, slingAfter: poundsOunces(1, 8) });
  expect(same).toMatchObject({ changeGrams: 0, correctionGrams: 0 });
  expect(same?.uGrams).toBeCloseTo(OUNCE / 2 / Math.sqrt(12), 6);
  expect(bracketed({ ...gross, slingAfter: poundsOunces(1, 11) })?.changeGrams).toBeCloseTo(3 * OUNCE, 6);
});

test('with no second weighing, or no first, there is no bracket', () => {
  expect(bracketed(zeroed)).toBeUndefined();
  // A whole sling more is no water.
  expect(bracketed({ ...zeroed, slingAfter: { unit: 'oz', count: 27 } })).toBeUndefined();
  expect(bracketed({ ...zeroed, method: 'gross-minus-tare', slingAfter: poundsOunces(1, 8) })).toBeUndefined();
});

test('nothing sent by a zeroed scale is a bound, for its packet has no sign; nothing set by hand is a value', () => {
  const nothing = { unit: 'oz', count: 0 } as const;
  expect(bracketed({ ...zeroed, slingAfter: nothing, slingAfterWay: 'live' })).toBeUndefined();
  expect(
    bracketed({ ...zeroed, slingAfter: { unit: 'oz', count: 1 }, slingAfterWay: 'live' })?.changeGrams,
  ).toBeCloseTo(OUNCE);
  expect(bracketed({ ...zeroed, slingAfter: nothing, slingAfterWay: 'set' })?.changeGrams).toBe(0);
  // Of books from before it was noted, how the fish was read tells.
  expect(bracketed({ ...zeroed, way: 'live', slingAfter: nothing })).toBeUndefined();
  expect(bracketed({ ...zeroed, way: 'live', slingAfter: nothing, slingAfterWay: 'set' })).toBeDefined();
});

test('grams go to the nearest whole unit', () => {
  expect(nearest(85, 'oz')).toEqual({ unit: 'oz', count: 3 });
  expect(nearest(70, 'oz')).toEqual({ unit: 'oz', count: 2 });
  expect(nearest(10_737.4, 'g')).toEqual({ unit: 'g', count: 10_737 });
  expect(nearest(10_737.5, 'g')).toEqual({ unit: 'g', count: 10_738 });
});
