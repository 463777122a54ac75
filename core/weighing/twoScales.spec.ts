import { poundsOunces } from '../measure/mass.js';
import type { WeightReading } from '../domain/capture/weightReading.js';
import { resultOfReading } from './resultOf.js';

const one = (pounds: number, ounces: number): WeightReading => ({
  asRead: poundsOunces(pounds, ounces),
  method: 'zeroed',
  steadyGrams: 5,
  steadyFreedom: 11,
});
const result = (reading: WeightReading) => resultOfReading(reading, '2026-06-01T05:00:00Z', [], 'down');

test('two scales add to the ounce, and their doubts as squares', () => {
  const [a, b] = [result(one(110, 0)), result(one(24, 3))];
  const both = result({ ...one(110, 0), also: { asRead: poundsOunces(24, 3) } });
  expect(both?.net).toEqual(poundsOunces(134, 3));
  expect(both?.stands).toEqual(poundsOunces(134, 3));
  expect(both?.best.grams).toBeCloseTo((a?.best.grams ?? 0) + (b?.best.grams ?? 0), 6);
  // The second was read by eye: half an ounce where the first had 5 g.
  const second = result({ asRead: poundsOunces(24, 3), method: 'zeroed' });
  expect(both?.best.uGrams).toBeCloseTo(Math.hypot(a?.best.uGrams ?? 0, second?.best.uGrams ?? 0), 6);
  expect(both?.best.expandedGrams).toBeGreaterThan(a?.best.expandedGrams ?? Infinity);
  expect(both?.best.expandedGrams).toBeLessThan((a?.best.expandedGrams ?? 0) + (second?.best.expandedGrams ?? 0));
  expect(both?.budget).toHaveLength((a?.budget.length ?? 0) + (second?.budget.length ?? 0));
});

test('each of the two comes off its own sling', () => {
  const gross = { asRead: poundsOunces(60, 4), method: 'gross-minus-tare', tare: poundsOunces(1, 4) } as const;
  const both = result({ ...gross, also: { asRead: poundsOunces(50, 2), tare: poundsOunces(1, 2) } });
  expect(both?.net).toEqual(poundsOunces(108, 0));
  expect(result({ ...gross, also: { asRead: poundsOunces(50, 2) } })).toBeUndefined();
});

test('pounds and kilograms are not added', () => {
  expect(result({ ...one(60, 0), also: { asRead: { unit: 'g', count: 20_000 } } })).toBeUndefined();
});

test('each scale is checked by its own check', () => {
  const scale = { division: { unit: 'oz', count: 8 }, scaleClass: 'IIII', checks: [] } as const;
  const kit = [{ id: 'coarse', scale, tares: [] }];
  const also = { asRead: poundsOunces(24, 0), scalesId: 'coarse' };
  const coarse = resultOfReading({ ...one(110, 0), also }, '2026-06-01T05:00:00Z', kit, 'down');
  const fine = result({ ...one(110, 0), also });
  expect(coarse?.best.uGrams).toBeGreaterThan(fine?.best.uGrams ?? Infinity);
});
