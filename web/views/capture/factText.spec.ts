import { poundsOunces } from '@keeper/core/measure/mass';
import type { Angler } from '@keeper/core/domain/capture/angler';
import { factText, weightText } from './factText.js';

const names = {
  waterName: () => 'The Mere',
  swimName: () => 'Reed gate',
  outingName: (id: string) => (id === 'o1' ? 'Sat 6 June, 05:00' : null),
  zone: 'UTC',
  whoseText: ({ who }: Angler) => (who === 'keeper' ? null : `a ${who}’s`),
};

test.each([
  ['species', 'wels', 'Wels catfish'],
  ['form', 'mirror', 'mirror'],
  ['waterId', 'w1', 'The Mere'],
  ['swimId', 's1', 'Reed gate'],
  ['swimId', null, 'not known'],
  ['outingId', 'o1', 'Sat 6 June, 05:00'],
  ['outingId', 'o2', 'another outing'],
  [
    'taken',
    { at: '2019-06-01T12:00:00.000Z', dated: { as: 'month', from: '2019-06-01', to: '2019-06-30' } },
    'June 2019',
  ],
  ['length', { unit: 'quarter-in', count: 125 }, '31¼ in'],
  ['weight', { asRead: poundsOunces(23, 11), method: 'zeroed' }, '23 lb 11 oz'],
  ['note', 'Took on the drop.', 'Took on the drop.'],
  ['weight', null, 'not known'],
  ['angler', null, 'the keeper'],
  ['angler', { who: 'child' }, 'a child’s'],
  ['angler', { who: 'keeper', keeperId: 'ben' }, 'the keeper'],
] as const)('%s %j reads %s', (field, value, text) => expect(factText(field, value, names)).toBe(text));

test('a weight by sum says what it was worked out from', () => {
  const gross = { asRead: poundsOunces(25, 3), method: 'gross-minus-tare' as const };
  expect(weightText({ ...gross, tare: poundsOunces(1, 8) })).toBe('23 lb 11 oz (25 lb 3 oz less 1 lb 8 oz of sling)');
  expect(weightText(gross)).toBe('25 lb 3 oz gross, no tare');
});
