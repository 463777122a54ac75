import { expectedWeight, ownRelation, type OwnFish } from './expectedWeight.js';
import { weightOfGirth } from './girthWeight.js';
import { LENGTH_WEIGHT, weightOfLength } from './lengthWeight.js';
import { relativeWeight, standardWeightGrams, STANDARD_WEIGHT } from './relativeWeight.js';

/** Fish that are all so much heavier than the published relation says. */
function fish(count: number, share: number, scatter = 0): OwnFish[] {
  return Array.from({ length: count }, (_, i) => {
    const lengthMm = 700 + 10 * i;
    const wobble = scatter * (i % 2 === 0 ? 1 : -1);
    return { species: 'carp', lengthMm, grams: (weightOfLength('carp', lengthMm) ?? 0) * share * Math.exp(wobble) };
  });
}
const asked = { species: 'carp' as const, lengthMm: 800, girthMm: null };
const published = LENGTH_WEIGHT.carp?.scatter ?? 0;

test('the published relation gives way to the keeper as far as the keeper has fish: at 0, 1, 5 and 50', () => {
  const moved = [0, 1, 5, 50].map((n) => ownRelation('carp', fish(n, 1.2), published).move / Math.log(1.2));
  expect(moved[0]).toBe(0);
  // n / (n + scatter^2 / between^2), with the published scatter of 0.12 and 0.12 between waters.
  expect(moved[1]).toBeCloseTo(1 / 2, 2);
  expect(moved[2]).toBeGreaterThan(0.83);
  expect(moved[3]).toBeGreaterThan(0.98);
});

test('what is expected becomes surer with own fish, and wider when they scatter more than most', () => {
  const sd = (own: readonly OwnFish[]) => expectedWeight({ ...asked, own }).sd;
  expect(sd(fish(5, 1))).toBeLessThan(sd([]));
  expect(sd(fish(50, 1))).toBeLessThan(sd(fish(5, 1)));
  expect(sd(fish(50, 1, 0.25))).toBeGreaterThan(sd([]));
});

test('closest first: its own history, its girth, its length, its kind', () => {
  const by = (more: object) => expectedWeight({ ...asked, own: [], ...more });
  expect(by({}).basis).toBe('its length');
  expect(by({ girthMm: 640 }).basis).toBe('its length and girth');
  expect(by({ history: [{ grams: 9000, daysAgo: 300 }] }).basis).toBe('what this fish weighed before');
  expect(by({ lengthMm: null }).basis).toBe('the kind');
  expect(by({ history: [{ grams: 9000, daysAgo: 30 }] }).sd).toBeLessThan(by({}).sd);
  expect(by({ species: null, lengthMm: null }).sd).toBe(1);
});

test('the girth rule: 40 in long and 20 in round is 20 lb', () => {
  expect(weightOfGirth(1016, 508)).toBeCloseTo(20 * 453.59237, 3);
});

// The same standard weights published in inches and pounds: a second set of intercepts, each from memory.
test.each([
  ['pike', -3.745, 3.096],
  ['carp', -3.194, 2.92],
] as const)('the standard weight of %s agrees with its form in inches and pounds', (species, intercept, slope) => {
  const pounds = 10 ** (intercept + slope * Math.log10(30));
  expect((standardWeightGrams(species, 762) ?? 0) / 453.59237).toBeCloseTo(pounds, 1);
});

test('relative weight: a hundred is a fish in good order; none is given where none is published', () => {
  expect(relativeWeight('pike', 1000, standardWeightGrams('pike', 1000) ?? 0)).toBeCloseTo(100, 9);
  expect(relativeWeight('barbel', 700, 4000)).toBeUndefined();
  expect(relativeWeight('carp', (STANDARD_WEIGHT.carp?.leastMm ?? 0) - 1, 100)).toBeUndefined();
});

test('a metre of pike is about seven kilograms; a kind without a relation has none', () => {
  expect(weightOfLength('pike', 1000)).toBeCloseTo(7085, -2);
  expect(weightOfLength('other', 1000)).toBeUndefined();
});
