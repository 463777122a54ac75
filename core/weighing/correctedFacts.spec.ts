import { emptyCapture } from '../domain/capture/captureState.js';
import type { Facts } from '../domain/capture/event.js';
import { poundsOunces } from '../measure/mass.js';
import { correctedFacts } from './correctedFacts.js';
import type { Explanation } from './explain.js';

const POUND = 453.59237;
const zeroed = { asRead: poundsOunces(22, 0), method: 'zeroed' as const };
const netted = { ...zeroed, method: 'gross-minus-tare' as const, tare: poundsOunces(1, 11) };

const made = (kind: Explanation['kind'], corrected: Explanation['corrected'], facts: Facts) =>
  correctedFacts({ kind, corrected }, { ...emptyCapture('c1'), facts });

test.each<[Explanation['kind'], Explanation['corrected'], Facts, object | undefined]>([
  ['wrong-species', { species: 'barbel' }, {}, { species: 'barbel', form: null }],
  ['sling-left-on', { grams: 20.3125 * POUND }, { weight: zeroed }, { weight: netted }],
  ['sling-taken-twice', { grams: 22 * POUND }, { weight: netted }, { weight: zeroed }],
  ['scale-held', { grams: 21 * POUND }, { weight: zeroed }, { weight: { ...zeroed, support: 'cupped' } }],
  [
    'pounds-for-kilograms',
    { grams: 9994 },
    { weight: zeroed },
    { weight: { asRead: { unit: 'g', count: 9990 }, method: 'zeroed' } },
  ],
  [
    'kilograms-for-pounds',
    { grams: 10 * POUND },
    { weight: { ...zeroed, asRead: { unit: 'g', count: 22_000 } } },
    { weight: { asRead: poundsOunces(10, 0), method: 'zeroed' } },
  ],
  [
    'lost-point',
    { grams: 2.25 * POUND },
    { weight: zeroed },
    { weight: { asRead: poundsOunces(2, 4), method: 'zeroed' } },
  ],
  ['same-entry-twice', {}, { weight: zeroed }, undefined],
  ['lost-point', { grams: 1000 }, {}, undefined],
  [
    'inches-for-centimetres',
    { lengthMm: 790 },
    { length: { unit: 'quarter-in', count: 124, of: 'pinched' } },
    { length: { unit: 'half-cm', count: 158, of: 'pinched' } },
  ],
  [
    'centimetres-for-inches',
    { lengthMm: 793.75 },
    { length: { unit: 'half-cm', count: 62, of: 'pinched' } },
    { length: { unit: 'quarter-in', count: 125, of: 'pinched' } },
  ],
])('%s of %j', (kind, corrected, facts, wanted) => {
  expect(made(kind, corrected, facts)).toEqual(wanted);
});

test('what a connected scale sent does not stay with a weight that is corrected', () => {
  const live = { ...zeroed, sent: { unit: 'oz' as const, count: 352 }, settledGrams: 9979, steadyGrams: 9979 };
  expect(made('lost-point', { grams: 2.25 * POUND }, { weight: live })).toEqual({
    weight: { asRead: poundsOunces(2, 4), method: 'zeroed' },
  });
});

test('a length that is corrected stays to where it was read', () => {
  const length = { unit: 'half-cm' as const, count: 160, of: 'fork' as const };
  const facts = made('swapped-digits', { lengthMm: 900 }, { species: 'carp', length });
  expect(facts?.length).toMatchObject({ of: 'fork' });
  expect((facts?.length?.count ?? 0) * 5).toBeLessThan(900);
});
