import fc from 'fast-check';
import { expectedWeight } from './expectedWeight.js';
import { fabensGrowth } from './fabens.js';
import { metadataLogOdds, combineLogOdds } from '../recognition/identity/metadataLogOdds.js';
import { growthChange, growthFit } from './growth.js';
import type { LinkedFacts } from '../recognition/identity/consistencyChecks.js';
import { consistencyChecks } from '../recognition/identity/consistencyChecks.js';
import { relativeWeight } from './relativeWeight.js';
import { SPECIES_IDS } from '../domain/fish/species.js';

/** Whatever an old or mangled book may hold where a number belongs. */
const anyNumber = fc.oneof(
  fc.constantFrom(0, -0, -1, NaN, Infinity, -Infinity, 1e-9, 1e12),
  fc.double({ min: 1, max: 50_000, noNaN: true }),
);
const anySpecies = fc.constantFrom(...SPECIES_IDS);
const orNull = fc.option(anyNumber, { nil: null });

/** Every number in a value, however deep; a rate without an end may be infinite. */
function numbersIn(value: unknown, key = ''): [key: string, value: number][] {
  if (typeof value === 'number') return [[key, value]];
  if (value === null || typeof value !== 'object') return [];
  return Object.entries(value).flatMap(([name, inner]) => numbersIn(inner, name));
}
function expectNumbers(value: unknown) {
  for (const [key, each] of numbersIn(value)) expect(key === 'rateTo' ? each > 0 : Number.isFinite(each)).toBe(true);
}

test('no growth of any book is no number', () => {
  const measure = fc.record({ atMs: anyNumber.map((x) => x * 1e7), value: anyNumber, u: anyNumber });
  fc.assert(
    fc.property(
      fc.array(measure, { maxLength: 12 }),
      fc.constantFrom('weight' as const, 'length' as const),
      (measures, of) => {
        expectNumbers(growthChange(measures));
        const fit = growthFit(measures, of);
        expectNumbers(fit?.perYear);
        expectNumbers(fit?.at(Date.UTC(2026, 1, 1)));
      },
    ),
    { numRuns: 500 },
  );
});

test('no growth from recaptures of any book is no number', () => {
  const pair = fc.record({ firstMm: anyNumber, secondMm: anyNumber, years: anyNumber });
  fc.assert(
    fc.property(fc.array(pair, { maxLength: 12 }), (pairs) => expectNumbers(fabensGrowth(pairs))),
    { numRuns: 500 },
  );
});

test('no expectation, standard or fact of any book is no number', () => {
  const own = fc.record({
    species: anySpecies,
    lengthMm: orNull,
    grams: anyNumber,
    waterId: fc.constantFrom('a', null),
  });
  const linked = fc.record({
    captureId: fc.constantFrom('1', '2'),
    atMs: fc.integer({ min: 0, max: 2e12 }),
    elapsedMs: fc.constant(0),
    species: fc.option(anySpecies, { nil: null }),
    waterId: fc.constantFrom('a', 'b', null),
    lengthMm: orNull,
    grams: orNull,
  });
  fc.assert(
    fc.property(
      anySpecies,
      orNull,
      orNull,
      fc.array(own, { maxLength: 12 }),
      fc.array(linked, { minLength: 1, maxLength: 12 }),
      (species, lengthMm, girthMm, fish, facts) => {
        const history = fish.map(({ grams }, i) => ({ grams, daysAgo: i * 30 }));
        expectNumbers(expectedWeight({ species, lengthMm, girthMm, own: fish }));
        expectNumbers(expectedWeight({ species, lengthMm, girthMm, own: fish, history }));
        expectNumbers(relativeWeight(species, lengthMm ?? 0, girthMm ?? 0) ?? 0);
        const kind = {
          lengthsMm: facts.map((each) => each.lengthMm ?? 0),
          grams: facts.map((each) => each.grams ?? 0),
        };
        const said = metadataLogOdds(facts[0] as LinkedFacts, facts.slice(1), { ...kind, atThisWater: 0.5 });
        for (const { evidence } of said) expectNumbers(evidence);
        expectNumbers(combineLogOdds(said));
        expect(consistencyChecks(facts)).toBeInstanceOf(Array);
      },
    ),
    { numRuns: 500 },
  );
});
