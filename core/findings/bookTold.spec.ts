import { createRng } from '../statistics/rng.js';
import { DAY_MS, HOUR_MS } from '../measure/timeSpan.js';
import { behindLevel } from './behindLevel.js';
import { tellPart, TRIPS } from './bookTold.js';
import { effortOf } from './effort.js';
import { UNTOLD_FISH, type FishingRecord, type FishTaken, type OutingFished } from './fishingRecord.js';
import { jointModelOf } from './jointModel.js';
import { partOfRecord } from './partOfRecord.js';
import { LEAST_DRAWN, rateCurveOf } from './rateCurve.js';
import { swimRatesOf } from './swimRates.js';

const MERE = { latitudeDeg: 52, longitudeDeg: 0 };
/** By the sun at that place, the equinox: it rises near six. */
const SIX = Date.UTC(2025, 2, 21, 6);
const SWIMS = ['reeds', 'dam', 'point'];

/** Eight hours from four in the morning, one rod in a swim by turns, its water as warm as asked. */
const outing = (n: number, more: Partial<OutingFished> = {}): OutingFished => {
  const fromMs = SIX + n * DAY_MS - 2 * HOUR_MS;
  const swimId = SWIMS[n % 3] ?? null;
  const stretch = { rod: 1, fromMs, toMs: fromMs + 8 * HOUR_MS, swimId, rig: null, bait: 'Maggot', distanceM: null };
  return {
    outingId: `o${n}`,
    waterId: 'mere',
    fromMs,
    expected: [],
    stretches: [stretch],
    hours: [],
    missed: [],
    ...more,
  };
};
const fish = (n: number, hour: number, more: Partial<FishTaken> = {}): FishTaken => ({
  ...UNTOLD_FISH,
  captureId: `c${n} ${hour}`,
  outingId: `o${n}`,
  waterId: 'mere',
  atMs: SIX + n * DAY_MS + hour * HOUR_MS,
  species: 'carp',
  ...more,
});
const record = (outings: readonly OutingFished[], taken: readonly FishTaken[]): FishingRecord => {
  return { outings, fish: taken, positions: { mere: MERE } };
};
const days = (of: number, more?: (n: number) => Partial<OutingFished>) =>
  Array.from({ length: of }, (_, n) => outing(n, more?.(n)));

describe('a curve', () => {
  test('rises where fish come, and is drawn only where rods were out', () => {
    const taken = Array.from({ length: 40 }, (_, n) => fish(n, (n % 4) / 4));
    const curve = rateCurveOf('sunrise', effortOf(record(days(40), taken)));
    expect(curve?.fish).toBe(40);
    const at = (x: number) => curve?.points.find((point) => Math.abs(point.x - x) < 0.2)?.rate ?? 0;
    // The sun rises earlier day by day: an hour and a half in forty days.
    expect(at(0.9)).toBeGreaterThan(0.3);
    expect(at(-0.8)).toBeLessThan(0.1);
    expect(at(3)).toBeLessThan(0.1);
    expect(Math.min(...(curve?.points.map(({ x }) => x) ?? []))).toBeGreaterThanOrEqual(-2.3);
    for (const { low, rate, high } of curve?.points ?? []) expect(low < rate && rate < high).toBe(true);
  });

  test('asks for so many fish, and for a place or a thermometer', () => {
    const of = (many: number) =>
      effortOf(
        record(
          days(many),
          Array.from({ length: many }, (_, n) => fish(n, n % 5)),
        ),
      );
    expect(rateCurveOf('sunrise', of(LEAST_DRAWN - 1))).toBeNull();
    expect(rateCurveOf('sunrise', of(LEAST_DRAWN))).not.toBeNull();
    expect(rateCurveOf('waterC', of(40))).toBeNull();
    const nowhere = effortOf({
      ...record(
        days(40),
        Array.from({ length: 40 }, (_, n) => fish(n, 1)),
      ),
      positions: {},
    });
    expect(rateCurveOf('sunset', nowhere)).toBeNull();
  });
});

test('all at once, what a bait brought by its swim alone is the swim’s', () => {
  // Every good day is at the reeds; the nut was fished there twice as often as elsewhere, and brings nothing itself.
  const outings = days(240, (n) => {
    const nut = n % 3 === 0 ? n % 9 !== 0 : n % 9 === 1;
    const [stretch] = outing(n).stretches;
    return { stretches: stretch ? [{ ...stretch, bait: nut ? 'Tiger nut' : 'Maggot' }] : [] };
  });
  const taken = outings.flatMap((_, n) => (n % 3 === 0 ? [fish(n, 1), fish(n, 2), fish(n, 3)] : [fish(n, 1)]));
  const effort = effortOf(record(outings, taken));
  const joint = jointModelOf(effort, ['swim', 'bait']);
  expect(joint?.factors).toEqual(['swim', 'bait']);
  const swim = joint?.ratioOf('swim', 'reeds');
  expect(swim?.low).toBeGreaterThan(2);
  expect(swim?.high).toBeLessThan(3.7);
  const bait = joint?.ratioOf('bait', 'tiger nut');
  expect(bait?.low).toBeLessThan(1);
  expect(bait?.high).toBeGreaterThan(1);
  expect(bait?.ratio).toBeLessThan(1.2);
  expect(joint?.ratioOf('bait', 'boilie')).toBeNull();
  // One factor alone is nothing to be taken together; nor are two with too few fish.
  expect(jointModelOf(effort, ['swim'])).toBeNull();
  expect(jointModelOf(effortOf(record(outings, taken.slice(0, 14))), ['swim', 'bait'])).toBeNull();
});

test('swims stand with their months, where there are three at a water', () => {
  const taken = [fish(0, 1), fish(0, 2), fish(3, 1), fish(1, 1)];
  const [water, ...more] = swimRatesOf(effortOf(record(days(12), taken)));
  expect(more).toEqual([]);
  expect(water?.swims.map(({ swimId, fish: of, outings }) => [swimId, of, outings])).toEqual([
    ['reeds', 3, 4],
    ['dam', 1, 4],
    ['point', 0, 4],
  ]);
  expect(water?.swims[0]?.months[2]).toEqual({ fish: 3, rodHours: expect.closeTo(32, 6) });
  expect(swimRatesOf(effortOf(record(days(2), taken)))).toEqual([]);
});

test('behind a level stand its fish and its outings, blanks with them, the newest first', () => {
  const behind = behindLevel(record(days(7), [fish(0, 1), fish(3, 1), fish(1, 1)]), 'swim', 'reeds');
  expect(behind.fish).toEqual(['c3 1', 'c0 1']);
  expect(behind.outings.map(({ outingId, isBlank }) => [outingId, isBlank])).toEqual([
    ['o6', true],
    ['o3', false],
    ['o0', false],
  ]);
  expect(behindLevel(record(days(7), []), 'swim', 'nowhere')).toEqual({ fish: [], outings: [] });
});

test('of one swim the rods and the fish count that were there; of one keeper the fish', () => {
  const all = record(days(4), [fish(0, 1, { swimId: 'reeds', keeperId: 'cleo' }), fish(1, 1, { swimId: 'dam' })]);
  const reeds = partOfRecord(all, { swimId: 'reeds' });
  expect(reeds.outings.map(({ outingId }) => outingId)).toEqual(['o0', 'o3']);
  expect(reeds.fish.map(({ captureId }) => captureId)).toEqual(['c0 1']);
  const cleo = partOfRecord(all, { keeperId: 'cleo' });
  expect([cleo.outings.length, cleo.fish.length]).toEqual([4, 1]);
});

describe('a part of what is told', () => {
  const asking = { luck: createRng('told'), filter: {}, goals: [5000, 8000, 10_000, 11_000, 15_000, 60_000] };
  const heavy = Array.from({ length: 60 }, (_, n) => fish(n, 1, { netGrams: 5000 + 100 * ((n * 17) % 60) }));

  test('chances are those of the nearest weights below and above the best, where the book carries them', () => {
    const told = tellPart('chances', record(days(80), heavy), asking);
    expect(told.map(({ species, grams, trips }) => [species, grams, trips])).toEqual([
      ['carp', 10_000, TRIPS],
      ['carp', 11_000, TRIPS],
    ]);
    const [ten, eleven] = told.map(({ chance }) => chance);
    expect(ten?.share).toBeGreaterThan(eleven?.share ?? 1);
    expect(tellPart('chances', record(days(80), heavy.slice(0, 20)), asking)).toEqual([]);
    expect(tellPart('chances', record(days(80), heavy), { ...asking, filter: { species: 'pike' } })).toEqual([]);
  });

  test('rates are not asked by keeper, all else is', () => {
    const mixed = heavy.map((each, n) => ({ ...each, bait: 'Maggot', keeperId: n % 2 ? 'cleo' : 'me' }));
    const filter = { keeperId: 'cleo' };
    expect(tellPart('when', record(days(80), mixed), { ...asking, filter }).rests.fish).toBe(60);
    expect(tellPart('tackle', record(days(80), mixed), { ...asking, filter }).bait[0]?.takes).toBe(30);
  });

  test('an empty record tells nothing, part by part', () => {
    const none = record([], []);
    expect(tellPart('when', none, asking)).toMatchObject({ findings: [], curves: [], swims: [], together: [] });
    expect(tellPart('tackle', none, asking)).toEqual({ rig: [], hook: [], bait: [] });
    expect(tellPart('handling', none, asking)).toMatchObject({ findings: [], seasons: [] });
    expect(tellPart('stocks', none, asking)).toEqual([]);
    expect(tellPart('chances', none, asking)).toEqual([]);
  });
});
