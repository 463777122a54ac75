import fc from 'fast-check';
import { gramsOf, poundsOunces, type Mass } from '../measure/mass.js';
import { liveReading } from './liveReading.js';
import { ROUNDINGS } from './rounding.js';

const OUNCE: Mass = { unit: 'oz', count: 1 };
const settled = (grams: number) => ({ steadiness: 'settled' as const, grams, uGrams: 3.04, freedom: 0.4 });

test('down to the division, and what the scale sent is kept beside it', () => {
  const read = liveReading(settled(10_737), { unit: 'g', division: { unit: 'g', count: 50 }, rounding: 'down' });
  expect(read).toMatchObject({ asRead: { unit: 'g', count: 10_700 }, sent: { unit: 'g', count: 10_737 } });
  expect(read).toMatchObject({ settledGrams: 10_737, steadyGrams: 3, steadyFreedom: 1 });
  // 50 g over the root of twelve.
  expect(read?.resolutionGrams).toBeCloseTo(14.4, 6);
});

test('a scale of ounces that sends steps of 5 g loses no ounce, whatever it shows', () => {
  fc.assert(
    fc.property(fc.integer({ min: 16, max: 900 }), (ounces) => {
      const sent = 5 * Math.round(gramsOf({ unit: 'oz', count: ounces }) / 5);
      const read = liveReading(settled(sent), { unit: 'g', division: OUNCE, rounding: 'down' });
      expect(read?.asRead).toEqual({ unit: 'oz', count: ounces });
    }),
  );
});

test('half a step below an ounce counts as reached, anything less does not', () => {
  const pounds = (hundredths: number) =>
    liveReading(settled(gramsOf({ unit: 'lb/100', count: hundredths })), {
      unit: 'lb/100' as const,
      division: OUNCE,
      rounding: 'down' as const,
    })?.asRead;
  // 23 lb 10 oz is 23.625 lb.
  expect(pounds(2361)).toEqual(poundsOunces(23, 9));
  expect(pounds(2362)).toEqual(poundsOunces(23, 10));
  expect(pounds(2363)).toEqual(poundsOunces(23, 10));
});

test('steps that do not go into each other are each cut once', () => {
  const of = (unit: 'g' | 'lb/100') =>
    liveReading(
      { ...settled(5000), resolutionGrams: 0 },
      { unit, division: { unit: 'g', count: 5 }, rounding: 'as-read' },
    );
  expect(of('g')?.resolutionGrams).toBe(0);
  // A hundredth of a pound is 4.536 g: over the root of twelve 1.3 g.
  expect(of('lb/100')?.resolutionGrams).toBe(1.3);
});

test('while there is no value there is no reading', () => {
  const into = { unit: 'g', division: OUNCE, rounding: 'down' } as const;
  expect(liveReading({ steadiness: 'moving' }, into)).toBeUndefined();
  expect(liveReading({ steadiness: 'settling', grams: 5000 }, into)).toBeUndefined();
});

test('whatever a scale settles at, what goes into the book is counted in whole units', () => {
  const divisions: Mass[] = [
    OUNCE,
    { unit: 'quarter-oz', count: 2 },
    { unit: 'g', count: 50 },
    { unit: 'g', count: 5 },
  ];
  fc.assert(
    fc.property(
      fc.double({ min: 100, max: 60_000, noNaN: true }),
      fc.constantFrom<'g' | 'lb/100'>('g', 'lb/100'),
      fc.constantFrom(...divisions),
      fc.constantFrom(...ROUNDINGS),
      (grams, unit, division, rounding) => {
        const read = liveReading(settled(grams), { unit, division, rounding });
        expect(Number.isInteger(read?.asRead.count)).toBe(true);
        expect(Number.isInteger(read?.sent.count)).toBe(true);
        expect(Math.abs(gramsOf(read?.sent ?? OUNCE) - grams)).toBeLessThanOrEqual(
          gramsOf({ unit, count: 1 }) / 2 + 1e-9,
        );
      },
    ),
  );
});
