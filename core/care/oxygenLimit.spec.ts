import { SPECIES } from '../domain/fish/species.js';
import { oxygenLimitOf } from './oxygenLimit.js';

test.each([
  // Directive 2006/44/EC, annex I (from memory): salmonid waters 9 half of the time and 6 at the least, cyprinid ones 7
  // and 4.
  ['trout', 9, 6],
  ['pike', 7, 4],
  ['barbel', 7, 4],
  ['zander', 7, 4],
  // EIFAC (Alabaster and Lloyd 1982, from memory): what bears little.
  ['carp', 5, 2],
  ['tench', 5, 2],
  ['wels', 5, 2],
] as const)('%s: with care below %d mg/L, not at all below %d', (species, leastMgL, dangerMgL) => {
  expect(oxygenLimitOf(species)).toMatchObject({ leastMgL, dangerMgL });
});

test('every kind has both limits, the graver one below, and names where they come from', () => {
  for (const { id } of SPECIES) {
    const { leastMgL, dangerMgL, basis } = oxygenLimitOf(id);
    expect(dangerMgL).toBeLessThan(leastMgL);
    expect(basis.kind).toBe('published');
  }
});

test('a species that is not known needs as much as any but trout', () => {
  const but = SPECIES.filter(({ id }) => id !== 'trout').map(({ id }) => oxygenLimitOf(id).leastMgL);
  expect(oxygenLimitOf('other').leastMgL).toBe(Math.max(...but));
});
