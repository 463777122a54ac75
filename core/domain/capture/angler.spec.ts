import { anglerFor, FIRST_KEEPER, keeperOf } from './angler.js';

const ANN = '0190a000-0000-7000-8000-00000000000a';
const BEN = '0190a000-0000-7000-8000-00000000000b';

test.each([
  ['nobody was named and no device', undefined, null, FIRST_KEEPER],
  ['it was said to be the own one', null, null, FIRST_KEEPER],
  ['begun on the device of another keeper', null, ANN, ANN],
  ['said to be another keeper’s', { who: 'keeper', keeperId: BEN } as const, ANN, BEN],
  ['a friend’s, whoever’s device it was', { who: 'friend' } as const, ANN, null],
  ['a child’s', { who: 'child', name: 'Tom' } as const, null, null],
])('%s', (_, angler, begunBy, keeperId) => {
  expect(keeperOf(angler, begunBy)).toBe(keeperId);
});

test.each([
  [FIRST_KEEPER, null],
  [FIRST_KEEPER, ANN],
  [ANN, ANN],
  [BEN, ANN],
])('said to be of %s on the device of %s, it is', (keeperId, begunBy) => {
  expect(keeperOf(anglerFor(keeperId, begunBy), begunBy)).toBe(keeperId);
});

test('of the keeper whose device it is, nothing needs to be said', () => {
  expect(anglerFor(FIRST_KEEPER, null)).toBeNull();
  expect(anglerFor(ANN, ANN)).toBeNull();
  expect(anglerFor(BEN, ANN)).toEqual({ who: 'keeper', keeperId: BEN });
});
