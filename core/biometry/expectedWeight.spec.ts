import { createRng } from '../statistics/rng.js';
import { expectedWeight } from './expectedWeight.js';
import { weightOfGirth } from './girthWeight.js';
import { weightOfLength } from './lengthWeight.js';
import { ownRelation, type OwnFish } from './ownRelation.js';
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

test('the published relation gives way to the keeper as far as the keeper has fish of the water: at 0, 1, 5 and 50', () => {
  const here = (n: number) => fish(n, 1.2).map((each) => ({ ...each, waterId: 'mere' }));
  const moved = [0, 1, 5, 50].map((n) => ownRelation('carp', here(n), 'mere').move / Math.log(1.2));
  expect(moved[0]).toBe(0);
  // By hand: 0.12 within, and 0.08 and 0.09 of keeper and water together 0.1204: 0.0145 / (0.0145 + 0.0144).
  expect(moved[1]).toBeCloseTo(0.502, 2);
  expect(moved[2]).toBeGreaterThan(0.83);
  expect(moved[3]).toBeGreaterThan(0.98);
});

test('fifty fish of another water say less of this one than five of its own', () => {
  const of = (waterId: string, n: number) => fish(n, 1.2).map((each) => ({ ...each, waterId }));
  const elsewhere = ownRelation('carp', of('far', 50), 'mere');
  const here = ownRelation('carp', of('mere', 5), 'mere');
  expect(elsewhere.move).toBeLessThan(here.move);
  // What is never known from elsewhere: how this water differs from the others.
  expect(elsewhere.unsure).toBeGreaterThan(0.09);
  expect(here.unsure).toBeLessThan(0.06);
});

test('one fish met ten times is one fish', () => {
  const again = fish(10, 1.2).map((each) => ({ ...each, waterId: 'mere', fishId: 'f1' }));
  const once = ownRelation('carp', again, 'mere');
  expect(once.fish).toBe(1);
  expect(once.move).toBeCloseTo(ownRelation('carp', again.slice(0, 1), 'mere').move, 9);
});

test.each([3, 10, 60, 200])(
  'of %d own fish of five waters, 19 of 20 next ones lie within twice what is said',
  (count) => {
    const luck = createRng(`own fish ${count}`);
    let held = 0;
    const tries = 600;
    for (let i = 0; i < tries; i += 1) {
      const keeper = 0.08 * luck.normal();
      const waters = [0, 1, 2, 3, 4].map(() => keeper + 0.09 * luck.normal());
      const weigh = (water: number, lengthMm: number) =>
        (weightOfLength('carp', lengthMm) ?? 0) * Math.exp((waters[water] ?? 0) + 0.12 * luck.normal());
      const own = Array.from({ length: count }, (): OwnFish => {
        const water = Math.floor(luck.next() * 5);
        const lengthMm = luck.between(600, 900);
        return { species: 'carp', lengthMm, grams: weigh(water, lengthMm), waterId: `w${water}` };
      });
      const water = Math.floor(luck.next() * 5);
      const { lnGrams, sd } = expectedWeight({ ...asked, own, waterId: `w${water}` });
      if (Math.abs(Math.log(weigh(water, 800)) - lnGrams) < 2 * sd) held += 1;
    }
    expect(held / tries).toBeGreaterThan(0.93);
    expect(held / tries).toBeLessThan(0.985);
  },
);

test('what is expected becomes surer with own fish, and wider when they scatter more than most', () => {
  const sd = (own: readonly OwnFish[]) =>
    expectedWeight({ ...asked, waterId: 'mere', own: own.map((each) => ({ ...each, waterId: 'mere' })) }).sd;
  expect(sd(fish(5, 1))).toBeLessThan(sd([]));
  expect(sd(fish(50, 1))).toBeLessThan(sd(fish(5, 1)));
  expect(sd(fish(50, 1, 0.25))).toBeGreaterThan(sd([]));
});

test('closest first: its own history, its girth, its length, its kind', () => {
  const by = (more: object) => expectedWeight({ ...asked, own: [], ...more });
  expect(by({}).basis.code).toBe('biometry.byLength');
  expect(by({ girthMm: 640 }).basis.code).toBe('biometry.byGirth');
  expect(by({ history: [{ grams: 9000, daysAgo: 300 }] }).basis.code).toBe('biometry.byHistory');
  expect(by({ lengthMm: null }).basis.code).toBe('biometry.byKind');
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
