import { falseDiscoveryRates } from './falseDiscovery.js';
import type { FactorTable, OutingAtLevel } from './factorTable.js';
import { rateInterval } from './rateInterval.js';
import { rateRatioOf } from './rateRatio.js';
import { unlikelihoodOf } from './unlikelihood.js';
import { createRng } from '../statistics/rng.js';

describe('the interval of a rate', () => {
  // Garwood's limits (1936), worked out with chi2.ppf of scipy 1.17.1.
  test.each([
    [0, 0, 3.6889],
    [1, 0.0253, 5.5716],
    [5, 1.6235, 11.6683],
    [10, 4.7954, 18.3904],
    [50, 37.111, 65.9188],
  ])('of %i fish in an hour is %f to %f', (count, low, high) => {
    const interval = rateInterval(count, 1);
    expect(interval.low).toBeCloseTo(low, 3);
    expect(interval.high).toBeCloseTo(high, 3);
    expect(rateInterval(count, 20).high).toBeCloseTo(high / 20, 4);
  });
  test('is known only from some time', () => {
    expect(() => rateInterval(1, 0)).toThrow(RangeError);
    expect(() => rateInterval(-1, 1)).toThrow(RangeError);
  });
});

test('of fifteen questions at once four are found, as Benjamini and Hochberg (1995) have it in their example', () => {
  const p = [
    0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.324, 0.4262, 0.5719, 0.6528, 0.759, 1,
  ];
  const rates = falseDiscoveryRates(p);
  expect(rates.filter((rate) => rate <= 0.05)).toHaveLength(4);
  expect(falseDiscoveryRates([0.5, 0.01, 0.04])).toEqual([0.5, 0.03, 0.06]);
  expect(falseDiscoveryRates([])).toEqual([]);
});

/** So many outings of a stratum at each of two levels, each with so many fish in so many hours. */
const part = (outing: number, level: number, fish: number, hours: number): OutingAtLevel => {
  return { outing, level, fish, hours };
};
const swims = (...strata: OutingAtLevel[][]): FactorTable => {
  return { factor: 'swim', levels: ['reeds', 'dam'], strata, courses: [] };
};

describe('the ratio of two rates', () => {
  test('is theirs, whatever the hours, and the other way round its inverse', () => {
    const table = swims([part(0, 0, 4, 10), part(1, 0, 2, 5), part(2, 1, 3, 10), part(3, 1, 1, 10)]);
    expect(rateRatioOf(table, 0)?.ratio).toBeCloseTo(6 / 15 / (4 / 20), 10);
    expect(rateRatioOf(table, 1)?.ratio).toBeCloseTo(0.5, 10);
  });
  test('is held within each water: a better water is no better swim', () => {
    const rich = [part(0, 0, 20, 10), part(1, 1, 10, 5)];
    const poor = [part(2, 0, 1, 10), part(3, 1, 4, 40)];
    expect(rateRatioOf(swims(rich, poor), 0)?.ratio).toBeCloseTo(1, 10);
  });
  test('is not known where one of the two brought nothing, or was never compared', () => {
    expect(rateRatioOf(swims([part(0, 0, 4, 10), part(1, 1, 0, 10)]), 0)).toBeNull();
    expect(rateRatioOf(swims([part(0, 0, 4, 10)], [part(1, 1, 4, 10)]), 0)).toBeNull();
  });
  test('one lucky day says less than the same fish of many days', () => {
    const even = Array.from({ length: 20 }, (_, i) => part(i, i % 2, i % 2 === 0 ? 2 : 1, 10));
    const lucky = even.map(({ outing, level, hours }) =>
      part(outing, level, level === 0 ? (outing === 0 ? 20 : 0) : 1, hours),
    );
    const [sure, unsure] = [rateRatioOf(swims(even), 0), rateRatioOf(swims(lucky), 0)];
    expect(sure?.ratio).toBe(unsure?.ratio);
    expect(sure?.low).toBeGreaterThan(1);
    expect(unsure?.low).toBeLessThan(1);
  });
});

describe('how often chance does as much', () => {
  const luck = () => createRng('shuffles');
  test('of a swim that always brings is seldom, of one that brings no more often', () => {
    const more = Array.from({ length: 30 }, (_, i) => part(i, i % 2, i % 2 === 0 ? 3 : 1, 10));
    const same = more.map(({ outing, level, hours }) => part(outing, level, outing % 3, hours));
    expect(unlikelihoodOf(swims(more), luck()).p).toBe(0.002);
    expect(unlikelihoodOf(swims(same), luck()).p).toBeGreaterThan(0.2);
  });
  test('of twelve outings is what all 924 ways to share them out come to', () => {
    // By numpy over every one of them: 0.0433; scipy 1.17.1, permutation_test by 20,000 pairings: 0.0416.
    const fish = [4, 3, 5, 2, 6, 1, 1, 2, 0, 3, 1, 2];
    const hours = [10, 8, 12, 6, 14, 9, 10, 7, 11, 8, 12, 9];
    const table = swims(fish.map((count, i) => part(i, i < 6 ? 0 : 1, count, hours[i] ?? 0)));
    const runs = Array.from({ length: 20 }, (_, n) => unlikelihoodOf(table, createRng(`run ${n}`)));
    expect(runs[0]?.z[0]).toBeCloseTo(2.09677, 5);
    expect(runs.reduce((sum, { p }) => sum + p, 0) / runs.length).toBeCloseTo(0.0433, 2);
  });
  test('of one lucky day is often, though its fish would be many', () => {
    const lucky = Array.from({ length: 12 }, (_, i) => part(i, i % 2, i === 0 ? 20 : 1, 10));
    const { p, z } = unlikelihoodOf(swims(lucky), luck());
    expect(Math.max(...z)).toBeGreaterThan(3);
    expect(p).toBeGreaterThan(0.05);
  });
  test('of a factor that brought no fish anywhere is 1', () => {
    expect(unlikelihoodOf(swims([part(0, 0, 0, 10), part(1, 1, 0, 10)]), luck())).toEqual({ z: [0, 0], p: 1 });
  });
  test('a shoal that stays is turned round the day as one', () => {
    const course = { levels: [0, 1, 1, 1], hours: [1, 1, 1, 1], fish: [6, 0, 0, 0] };
    const once: FactorTable = {
      factor: 'light',
      levels: ['first', 'day'],
      strata: [[part(0, 0, 6, 1), part(0, 1, 0, 3)]],
      courses: [course],
    };
    // Six fish of one hour of four are one piece of evidence: chance puts them there in a quarter of all turns.
    expect(unlikelihoodOf(once, luck()).p).toBeGreaterThan(0.1);
    const days = Array.from({ length: 8 }, (_, i) => [part(i, 0, 2, 1), part(i, 1, 0, 3)]);
    const courses = days.map(() => ({ ...course, fish: [2, 0, 0, 0] }));
    expect(unlikelihoodOf({ ...once, strata: days, courses }, luck()).p).toBeLessThan(0.01);
  });
});
