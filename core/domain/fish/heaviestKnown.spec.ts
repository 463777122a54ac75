import { isBeyondKnown } from './heaviestKnown.js';

test.each([
  ['carp', 55_000, false],
  ['carp', 55_001, true],
  ['barbel', 14_001, true],
  ['wels', 181_000, false],
  ['other', 900_000, false],
  [null, 900_000, false],
  ['pike', null, false],
] as const)('a %s of %p g is beyond what is known: %p', (species, grams, is) => {
  expect(isBeyondKnown(species, grams)).toBe(is);
});
