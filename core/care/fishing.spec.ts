import { NO_RULES, type WaterRules } from '../domain/water/rules.js';
import { basisMessage } from './counsel.js';
import { FISHING_RULE_IDS, shouldWeFish, type FishingState } from './fishing.js';
import { hotCaptureWays } from './hotCapture.js';
import type { HeatMoment } from './heatForecast.js';
import { stopLineOf } from './stopLine.js';

const HOUR = 3_600_000;
const moment = (atMs: number, waterC: number): HeatMoment => ({
  atMs,
  waterC,
  airC: 20,
  matC: 20,
  matWaterKgM2: 0,
  bucketC: 20,
  sunAltitudeDeg: 30,
  matShaded: false,
  face: 'up',
});
const rules = (change: Partial<WaterRules>) => ({
  name: 'Mere',
  altitudeM: 0,
  salinity: 0,
  rules: { ...NO_RULES, ...change },
});
const mild: FishingState = {
  species: 'pike',
  water: rules({}),
  school: 'per-species',
  today: { month: 7, day: 15 },
  waterC: 16,
  airC: 18,
  deepC: null,
  daysAhead: [],
  oxygenMgL: 9,
  pressureHpa: 1013.25,
  thunder: false,
  ahead: [],
  tempHabit: 'C',
  clock: (atMs) => `${atMs / HOUR}:00`,
};
const says = (change: Partial<FishingState>) => shouldWeFish({ ...mild, ...change });
const rule = (id: string, change: Partial<FishingState>) => says(change).findings.find((each) => each.rule === id);

const summer = { from: { month: 7, day: 1 }, to: { month: 8, day: 1 } };
/** For each rule a state in which it speaks; the mild state, or the one named, in which it is silent. */
const FIRES: Record<string, { when: Partial<FishingState>; not?: Partial<FishingState> }> = {
  'closed-season': {
    when: { water: rules({ closedSeasons: [{ ...summer, species: ['pike'] }] }) },
    not: { water: rules({ closedSeasons: [{ ...summer, species: ['carp'] }] }) },
  },
  'closed-season-ahead': {
    when: {
      water: rules({ closedSeasons: [{ from: { month: 7, day: 17 }, to: { month: 8, day: 1 }, species: ['pike'] }] }),
      daysAhead: [
        { month: 7, day: 16 },
        { month: 7, day: 17 },
      ],
    },
    not: {
      water: rules({ closedSeasons: [{ from: { month: 7, day: 17 }, to: { month: 8, day: 1 }, species: ['pike'] }] }),
      daysAhead: [{ month: 7, day: 16 }],
    },
  },
  lightning: { when: { thunder: true } },
  'too-warm': { when: { waterC: 22 }, not: { waterC: 21.9 } },
  'nearly-too-warm': { when: { waterC: 20 }, not: { waterC: 19.9 } },
  'warming-past-the-line': { when: { ahead: [moment(HOUR, 22.1)] }, not: { ahead: [moment(HOUR, 21)] } },
  'cool-below': { when: { waterC: 20, deepC: 12 }, not: { waterC: 19.9, deepC: 12 } },
  'oxygen-low': { when: { oxygenMgL: 6.9 }, not: { oxygenMgL: 7 } },
  // At 16 degrees C and sea level fresh water holds 9.87 mg/L.
  'oxygen-above': { when: { oxygenMgL: 10.87 }, not: { oxygenMgL: 10.84 } },
  'oxygen-limited': { when: { oxygenMgL: null, waterC: 27 }, not: { oxygenMgL: null, waterC: 20 } },
  frost: { when: { airC: 0 }, not: { airC: 0.5 } },
  'frost-ahead': {
    when: { ahead: [{ ...moment(HOUR, 8), airC: 0 }] },
    not: { ahead: [{ ...moment(HOUR, 8), airC: 0.1 }] },
  },
  'water-not-measured': { when: { waterC: null } },
  'cool-enough': { when: {}, not: { waterC: 21 } },
  'oxygen-good': { when: {}, not: { oxygenMgL: null } },
};

test('every rule is held to firing and to silence', () => {
  expect(Object.keys(FIRES).sort()).toEqual([...FISHING_RULE_IDS].sort());
});

test.each(Object.entries(FIRES))(
  '%s speaks when it should, with a reason and a basis, and is silent otherwise',
  (id, { when, not }) => {
    const said = rule(id, when);
    expect(said?.reason.code).toMatch(/^care\.\w+Reason$/);
    expect(said && basisMessage(said.basis).code).toMatch(/^care\.basis/);
    expect(rule(id, not ?? {})).toBeUndefined();
  },
);

test('the gravest finding is the verdict: stop before care before good', () => {
  expect(says({}).verdict).toBe('good');
  expect(says({ waterC: 21 }).verdict).toBe('care');
  expect(says({ waterC: 24, airC: 0 }).verdict).toBe('stop');
  expect(says({ waterC: 24, airC: 0 }).findings.map(({ severity }) => severity)).toEqual(['stop', 'care', 'good']);
});

test('it says when the surface should be under the line again, and when it will not be', () => {
  const ahead = [moment(18 * HOUR, 23), moment(20 * HOUR, 22.4), moment(21 * HOUR, 21.9)];
  expect(rule('too-warm', { waterC: 23, ahead })?.changes).toEqual({
    code: 'care.coolerFrom',
    values: { clock: '21:00', lineC: 22, tempHabit: 'C' },
  });
  expect(rule('too-warm', { waterC: 23, ahead: ahead.slice(0, 2) })?.changes?.code).toBe('care.notCoolerYet');
});

describe('the schools', () => {
  test.each([
    ['per-species', 'pike', 22],
    ['per-species', 'carp', 28],
    ['eighty-fahrenheit', 'pike', 26.67],
    ['eighty-fahrenheit', 'carp', 28],
    ['cool-pike', 'pike', 20.5],
    ['cool-pike', 'wels', 28],
  ] as const)('%s: %s stop at %s', (school, species, tempC) => {
    expect(stopLineOf(species, school, NO_RULES, 'Mere').tempC).toBeCloseTo(tempC, 2);
  });
  test('the water’s own line comes before any school, and says whose it is', () => {
    const own = rules({ stopTemperatures: [{ species: 'pike', tempC: 18 }] });
    const said = rule('too-warm', { waterC: 18.5, water: own, school: 'eighty-fahrenheit' });
    expect(said?.basis).toEqual({ kind: 'local-rule', water: 'Mere' });
  });
});

test('height takes oxygen: the same water at 2000 m holds a fifth less', () => {
  const low = says({}).saturationMgL ?? 0;
  const high = says({ water: { ...rules({}), altitudeM: 2000 } }).saturationMgL ?? 0;
  expect(high / low).toBeCloseTo(0.78, 2);
  expect(says({ waterC: null }).saturationMgL).toBeNull();
});

test('a hot-water capture has two ways, the keeper’s own school first, each with what speaks against it', () => {
  expect(hotCaptureWays('break-off').map(({ school }) => school)).toEqual(['break-off', 'land']);
  expect(hotCaptureWays('land').map(({ speaksAgainst }) => speaksAgainst.code)).toEqual([
    'care.hotLandAgainst',
    'care.hotBreakOffAgainst',
  ]);
});

test('a closed season is told with the day that is looked at, and one that begins during the outing with its first', () => {
  const water = rules({
    closedSeasons: [{ from: { month: 3, day: 15 }, to: { month: 6, day: 15 }, species: ['pike'] }],
  });
  expect(rule('closed-season', { water, today: { month: 3, day: 20 } })?.text).toEqual({
    code: 'care.closedSeason',
    values: { species: 'pike', today: { month: 3, day: 20 } },
  });
  const ahead = {
    water,
    today: { month: 3, day: 13 },
    daysAhead: [
      { month: 3, day: 14 },
      { month: 3, day: 15 },
    ],
  };
  expect(rule('closed-season-ahead', ahead)?.text.values).toMatchObject({ at: { month: 3, day: 15 } });
});

// Directive 2006/44/EC and EIFAC (Alabaster and Lloyd 1982), both from memory.
test.each([
  ['trout', 8.9, 'care'],
  ['trout', 5.9, 'stop'],
  ['trout', 9, 'good'],
  ['pike', 6.9, 'care'],
  ['pike', 3.9, 'stop'],
  ['barbel', 4, 'care'],
  ['carp', 5, 'good'],
  ['carp', 4.9, 'care'],
  ['carp', 1.9, 'stop'],
  ['carp', 2, 'care'],
] as const)('%s with %d mg/L in cool water: %s', (species, oxygenMgL, verdict) => {
  expect(says({ species, oxygenMgL, waterC: 14 }).verdict).toBe(verdict);
});

test('water that holds more than it should is no good water, and says so more gravely from 120 %', () => {
  const share = (of: number) => ({ oxygenMgL: of * (says({}).saturationMgL ?? 0) });
  expect(says(share(1.15)).findings.map((each) => each.rule)).not.toContain('oxygen-good');
  expect(rule('oxygen-above', share(1.15))?.text.values).toMatchObject({ danger: false });
  expect(rule('oxygen-above', share(1.2))?.text.values).toMatchObject({ danger: true });
});
