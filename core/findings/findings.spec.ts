import type { SpeciesId } from '../domain/fish/species.js';
import { HOUR_MS, MINUTE_MS } from '../measure/timeSpan.js';
import { createRng } from '../statistics/rng.js';
import { sunDay } from '../weather/sun.js';
import { effortOf } from './effort.js';
import { levelOf } from './factors.js';
import { findingsOf, LEAST_FISH } from './findings.js';
import {
  UNTOLD_FISH,
  type FishingRecord,
  type FishTaken,
  type HourOfOuting,
  type OutingFished,
} from './fishingRecord.js';
import { lightAt, lightChanges } from './light.js';
import { partOfRecord } from './partOfRecord.js';

const SIX = Date.UTC(2026, 5, 10, 6);
const MERE = { latitudeDeg: 52, longitudeDeg: -1 };
const NOT_TOLD = { swimId: null, rig: null, bait: null, distanceM: null };
const NEVER: Omit<HourOfOuting, 'atMs'> = { waterC: null, pressureHpa: null, windMs: null, cloudOctas: null };

const outing = (n: number, more: Partial<OutingFished> = {}): OutingFished => {
  const fromMs = SIX + n * 24 * HOUR_MS;
  const stretch = {
    fromMs,
    toMs: fromMs + 2 * HOUR_MS,
    swimId: n % 2 === 0 ? 'reeds' : 'dam',
    rig: null,
    bait: 'Maggot',
    distanceM: null,
  };
  const stretches = [1, 2].map((rod) => ({ ...stretch, rod }));
  return { outingId: `o${n}`, waterId: 'mere', fromMs, expected: [], stretches, hours: [], missed: [], ...more };
};
const fish = (n: number, minute: number, more: Partial<FishTaken> = {}): FishTaken => ({
  ...UNTOLD_FISH,
  captureId: `c${n} ${minute}`,
  outingId: `o${n}`,
  waterId: 'mere',
  atMs: SIX + n * 24 * HOUR_MS + minute * MINUTE_MS,
  species: 'carp',
  ...more,
});
const record = (more: Partial<FishingRecord>): FishingRecord => {
  return { outings: [], fish: [], positions: { mere: MERE }, ...more };
};

describe('effort', () => {
  test('is the time of each rod, blanks as well; a fish goes to its rod and its hour', () => {
    const effort = effortOf(record({ outings: [outing(0), outing(1)], fish: [fish(0, 70, { rod: 2 })] }));
    expect(effort).toMatchObject({ rodHours: 8, fish: 1, blanks: 1, withoutRods: 0, fishOutside: 0 });
    const [first] = effort.outings;
    const at = first?.fish.indexOf(1) ?? -1;
    expect(first?.rodHours[at]).toMatchObject({ atMs: SIX + HOUR_MS, stretch: { rod: 2 } });
  });
  test.each([
    [-11, 0],
    [-10, 1],
    [0, 1],
    [129.9, 1],
    [130, 0],
  ])('a fish of minute %d while rods were out from 0 to 120 counts %i', (minute, counted) => {
    expect(effortOf(record({ outings: [outing(0)], fish: [fish(0, minute)] })).fish).toBe(counted);
  });
  test('what says nothing of how often is counted beside it', () => {
    const told = { outings: [outing(0), outing(1, { stretches: [] })], fish: [fish(1, 5), fish(0, 5, { atMs: null })] };
    expect(effortOf(record(told))).toMatchObject({ withoutRods: 1, fish: 0, fishOutside: 2, blanks: 1 });
  });
  test('is cut where the light changes', () => {
    const changes = lightChanges(SIX, MERE);
    const [, secondMs = 0] = changes;
    const long = outing(0, {
      stretches: [{ rod: 1, fromMs: secondMs - HOUR_MS, toMs: secondMs + HOUR_MS, ...NOT_TOLD }],
    });
    const [effort] = effortOf(record({ outings: [long] })).outings;
    expect(effort?.rodHours.map(({ atMs }) => atMs)).toContain(secondMs);
    const light = effort?.rodHours.map((rodHour) => [rodHour.atMs < secondMs, levelOf('light', rodHour, effort)]);
    expect(light?.every(([isBefore, level]) => level === (isBefore ? 'first' : 'day'))).toBe(true);
  });
});

describe('light', () => {
  const { riseMs, setMs } = sunDay(SIX, MERE);
  test.each([
    ['half an hour and a moment before sunrise', (riseMs ?? 0) - 30 * MINUTE_MS - 1, 'night'],
    ['half an hour before sunrise', (riseMs ?? 0) - 30 * MINUTE_MS, 'first'],
    ['a moment before two hours are over', (riseMs ?? 0) + 90 * MINUTE_MS - 1, 'first'],
    ['two hours later', (riseMs ?? 0) + 90 * MINUTE_MS, 'day'],
    ['an hour and a half before sunset', (setMs ?? 0) - 90 * MINUTE_MS, 'last'],
    ['half an hour after sunset', (setMs ?? 0) + 30 * MINUTE_MS, 'night'],
  ])('%s it is', (_when, atMs, is) => expect(lightAt(atMs, MERE)).toBe(is));
  test('where the sun does not rise it is night all day, where it does not set day', () => {
    const north = { latitudeDeg: 75, longitudeDeg: 20 };
    expect(lightAt(Date.UTC(2026, 11, 21, 12), north)).toBe('night');
    expect(lightAt(Date.UTC(2026, 5, 21, 0), north)).toBe('day');
    expect(lightChanges(Date.UTC(2026, 5, 21, 0), north)).toEqual([]);
  });
});

describe('levels', () => {
  const hour = (atMs: number, more: Partial<HourOfOuting>) => ({ ...NEVER, atMs, ...more });
  const level = (factor: Parameters<typeof levelOf>[0], ...hours: HourOfOuting[]) => {
    const [effort] = effortOf(record({ outings: [outing(0, { hours })] })).outings;
    const [first] = effort?.rodHours ?? [];
    return effort && first ? levelOf(factor, first, effort) : undefined;
  };
  test.each([
    [7.9, '|8'],
    [8, '8|12'],
    [19.9, '16|20'],
    [20, '20|'],
  ])('water of %d degrees is in the band %s', (waterC, is) =>
    expect(level('waterTemp', hour(SIX, { waterC }))).toBe(is),
  );
  test.each([
    [14.29, 14, 'steady'],
    [14.3, 14, 'rising'],
    [13.7, 14, 'falling'],
  ])('water of %d degrees that had %d is %s', (waterC, before, is) =>
    expect(level('waterTrend', hour(SIX - 3 * HOUR_MS, { waterC: before }), hour(SIX, { waterC }))).toBe(is),
  );
  test('what nobody measured has no level', () => {
    for (const factor of ['waterTemp', 'waterTrend', 'pressure', 'wind', 'cloud', 'rig'] as const)
      expect(level(factor)).toBeNull();
    expect(level('waterTrend', hour(SIX, { waterC: 14 }))).toBeNull();
  });
  test('moon, month and bait are told from the day and the rod', () => {
    expect([level('month'), level('bait'), level('swim')]).toEqual(['6', 'maggot', 'reeds']);
    // Full on 30 June 2026, 0:57 TDB by the almanac, from memory: a day that is nearest to it.
    const full = outing(0, { fromMs: Date.UTC(2026, 5, 29, 22) });
    const stretches = full.stretches.map((each) => ({ ...each, fromMs: full.fromMs, toMs: full.fromMs + HOUR_MS }));
    const [effort] = effortOf(record({ outings: [{ ...full, stretches }] })).outings;
    expect(effort?.rodHours[0] && levelOf('moon', effort.rodHours[0], effort)).toBe('full');
  });
});

describe('findings', () => {
  const luck = () => createRng('findings');
  const outings = Array.from({ length: 30 }, (_, n) => outing(n));
  const better = outings.flatMap((_, n) => (n % 2 === 0 ? [fish(n, 10), fish(n, 50), fish(n, 90)] : [fish(n, 30)]));
  test('a swim that brings three times as many is found, with its interval and what it rests on', () => {
    const { findings, rests } = findingsOf(record({ outings, fish: better }), luck());
    expect(findings[0]).toMatchObject({ factor: 'swim', says: 'found' });
    const reeds = findings[0]?.levels.find(({ level }) => level === 'reeds');
    expect(reeds).toMatchObject({ fish: 45, rodHours: 60, outings: 15 });
    expect(reeds?.ratio?.ratio).toBeCloseTo(3, 10);
    expect(rests).toMatchObject({ outings: 30, rodHours: 120, fish: 60, blanks: 0 });
  });
  test('levels stand in their order: the hours of a day, and bands from the lowest', () => {
    const hours = (waterC: number) => [
      { ...NEVER, atMs: SIX - HOUR_MS, waterC },
      { ...NEVER, atMs: SIX + 30 * 24 * HOUR_MS, waterC },
    ];
    const days = outings.map((each, n) => ({ ...each, hours: hours([5, 10, 21][n % 3] ?? 5) }));
    const { findings } = findingsOf(record({ outings: days, fish: better }), luck());
    const levels = (factor: string) =>
      findings.find((each) => each.factor === factor)?.levels.map(({ level }) => level);
    expect(levels('waterTemp')).toEqual(['|8', '8|12', '20|']);
    expect(levels('light')).toEqual(undefined);
    expect(levels('swim')).toEqual(['dam', 'reeds']);
  });
  test('the same record says the same each time', () => {
    const told = record({ outings, fish: better });
    expect(findingsOf(told, luck())).toEqual(findingsOf(told, luck()));
  });
  test.each([
    ['no outings', record({})],
    ['no rods', record({ outings: outings.map((each) => ({ ...each, stretches: [] })), fish: better })],
    ['all blanks', record({ outings })],
    ['one fish', record({ outings, fish: [fish(0, 5)] })],
    ['fish without hours', record({ outings, fish: better.map((each) => ({ ...each, atMs: null })) })],
    ['one outing', record({ outings: [outing(0)], fish: [fish(0, 5)] })],
    [
      'a stretch of no time',
      record({
        outings: [outing(0, { stretches: [{ rod: 1, fromMs: SIX, toMs: SIX, ...NOT_TOLD }] })],
      }),
    ],
  ])('of %s nothing is found, and nothing is no number', (_what, told) => {
    const report = findingsOf(told, luck());
    expect(report.findings.filter(({ says }) => says === 'found')).toEqual([]);
    expect(JSON.stringify(report)).not.toContain('NaN');
  });
  test('with fewer than a dozen fish nothing is asked', () => {
    const some = better.slice(0, LEAST_FISH);
    const asked = (of: readonly FishTaken[]) => findingsOf(record({ outings, fish: of }), luck()).findings.length;
    expect(asked(some)).toBeGreaterThan(0);
    expect(asked(some.slice(1))).toBe(0);
  });
});

describe('a part of the record', () => {
  const expecting = (n: number, ...expected: SpeciesId[]) => outing(n, { expected });
  const told = record({
    outings: [expecting(0, 'pike'), expecting(1, 'carp'), expecting(2), expecting(3, 'pike')],
    fish: [fish(1, 5), fish(3, 5), fish(0, 5, { species: 'pike' })],
  });
  const left = (...of: Parameters<typeof partOfRecord>) => partOfRecord(...of).outings.map(({ outingId }) => outingId);
  test('a day for another kind is no blank, but it counts where the kind took', () => {
    expect(left(told, { species: 'carp' })).toEqual(['o1', 'o2', 'o3']);
    expect(partOfRecord(told, { species: 'carp' }).fish).toHaveLength(2);
  });
  test('water and year', () => {
    expect(left(told, { waterId: 'pit' })).toEqual([]);
    expect(left(told, { year: 2026 })).toHaveLength(4);
    expect(left(told, { year: 2025 })).toEqual([]);
    expect(left(told, {})).toHaveLength(4);
  });
});
