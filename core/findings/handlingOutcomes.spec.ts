import { createRng } from '../statistics/rng.js';
import { UNTOLD_FISH, type FishHandled, type FishTaken } from './fishingRecord.js';
import { handlingBySeason, middleOf, woundsSeen } from './handlingBySeason.js';
import { LEAST_HANDLED, LEAST_OF_EACH, handlingOutcomes } from './handlingOutcomes.js';

const HANDLED: FishHandled = {
  fightMs: 300_000,
  airMs: 40_000,
  heldMs: 120_000,
  restedMs: 0,
  gillBeat: null,
  leaving: 'strong',
  waterC: null,
  openWounds: 0,
};
const fish = (n: number, handled: Partial<FishHandled>, more: Partial<FishTaken> = {}): FishTaken => ({
  ...UNTOLD_FISH,
  captureId: `c${n}`,
  species: 'carp',
  atMs: Date.UTC(2024, 5, 1 + n),
  handled: { ...HANDLED, ...handled },
  ...more,
});
const many = (of: number, make: (n: number) => FishTaken) => Array.from({ length: of }, (_, n) => make(n));
const told = (all: readonly FishTaken[]) => handlingOutcomes(all, createRng('handling'));

test('what goes with what is found, with how much; what makes no difference is said', () => {
  const luck = createRng('fish');
  const all = many(60, (n) => {
    const airMs = 20_000 + 1000 * ((n * 37) % 60);
    return fish(n, { airMs, heldMs: 2 * airMs + 3000 * luck.normal(), fightMs: 200_000 + 1000 * luck.whole(0, 300) });
  });
  const findings = told(all);
  const [first] = findings;
  expect(first).toMatchObject({ strain: 'air', show: 'held', says: 'found', fish: 60, middle: 49_000 });
  // The upper half lies half a minute in the air above the lower: a minute in what it is held.
  expect(first?.shift?.by).toBeGreaterThan(55_000);
  expect(first?.shift?.by).toBeLessThan(65_000);
  expect(findings.find(({ strain, show }) => strain === 'fight' && show === 'held')?.says).toBe('nothing');
  expect(findings.map(({ says }) => says)).not.toContain('open');
});

test('how it left is a count of each half, asked once there are enough of both', () => {
  const weakly = (weak: number) =>
    told(many(40, (n) => fish(n, { airMs: 1000 * n, leaving: n >= 40 - weak ? 'slow' : 'strong' }))).find(
      ({ strain, show }) => strain === 'air' && show === 'weakly',
    );
  expect(weakly(LEAST_OF_EACH - 1)).toBeUndefined();
  const found = weakly(LEAST_OF_EACH + 3);
  expect(found).toMatchObject({ says: 'found', shift: null });
  expect(found?.halves).toMatchObject({ lower: { times: 0, of: 20 }, upper: { times: 8, of: 20 } });
});

test('nothing is asked of too few, of what was never told, or of those that were lost', () => {
  const some = (of: number) => many(of, (n) => fish(n, { airMs: 1000 * n, heldMs: 2000 * n }));
  expect(told(some(LEAST_HANDLED - 1))).toEqual([]);
  expect(told(some(LEAST_HANDLED)).map(({ strain }) => strain)).toContain('air');
  expect(told(some(40).map((each) => ({ ...each, handled: null })))).toEqual([]);
  expect(told(many(40, (n) => fish(n, { airMs: null, heldMs: 2000 * n })))).toEqual([]);
});

test('one that came back is told by its next capture, within its kind and year', () => {
  const all = Array.from({ length: 40 }, (_, n) => [
    fish(2 * n, { fightMs: 10_000 * n }, { fishId: `f${n}` }),
    ...(n < 12 ? [fish(2 * n + 81, { fightMs: 200_000 }, { fishId: `f${n}` })] : []),
  ]).flat();
  const back = told(all).find(({ strain, show }) => strain === 'fight' && show === 'back');
  expect(back).toMatchObject({ says: 'found', fish: 52 });
  expect(back?.halves?.upper.share).toBeLessThan(back?.halves?.lower.share ?? 0);
});

test('a middle has limits once there are six', () => {
  expect(middleOf([])).toBeNull();
  expect(middleOf([5, 1, 9, 3, 7])).toEqual({ middle: 5, low: null, high: null, fish: 5 });
  expect(middleOf([5, 1, 9, 3, 7, 11])).toEqual({ middle: 6, low: 1, high: 11, fish: 6 });
  // Of nine the second from either end (Conover 1999, table A3, from memory).
  expect(middleOf([1, 2, 3, 4, 5, 6, 7, 8, 9])).toMatchObject({ low: 2, high: 8 });
});

test('years have their middles, and wounds what became of them', () => {
  const year = (n: number) => Date.UTC(n, 6, 1);
  const all = [
    fish(1, { airMs: 50_000, openWounds: 1 }, { atMs: year(2023), fishId: 'a' }),
    fish(2, { airMs: 30_000, leaving: 'slow' }, { atMs: year(2024), fishId: 'a' }),
    fish(3, { airMs: 34_000, openWounds: 2 }, { atMs: year(2024) }),
    fish(4, {}, { atMs: year(2024), handled: null }),
  ];
  const [first, second, ...more] = handlingBySeason(all);
  expect(more).toEqual([]);
  expect(first).toMatchObject({ year: 2023, air: { middle: 50_000, fish: 1 }, weakly: { times: 0, of: 1 } });
  expect(second).toMatchObject({ year: 2024, air: { middle: 32_000, fish: 2 }, weakly: { times: 1, of: 2 } });
  expect(second?.gillBeat).toBeNull();
  expect(woundsSeen(all)).toMatchObject({ open: { times: 2, of: 3 }, healed: { times: 1, of: 1 } });
});
