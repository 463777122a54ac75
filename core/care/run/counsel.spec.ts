import fc from 'fast-check';
import type { CaptureEvent, EventPayloads, EventType } from '../../domain/capture/event.js';
import { DEFAULT_PRACTICES, type FightPractice } from '../../domain/practice/bankPractices.js';
import type { RunContextInput } from './runContext.js';
import type { Sign } from '../../domain/capture/sign.js';
import { replay } from '../../domain/capture/replay.js';
import type { WoundKind } from '../../domain/fish/wound.js';
import { anyHistory, CAPTURE, event } from '../../spec/events.js';
import { anySituation, runAfter } from '../../spec/runContexts.js';
import { NO_RULES, type WaterRules } from '../../domain/water/rules.js';
import { findings } from '../counsel.js';
import { counselOfRun, RUN_RULES } from './counselOfRun.js';
import { runStateOf } from './runState.js';
import type { RunMessages } from './runMessages.js';
import { enGB } from '../../text/en-GB/catalogue.js';
import { sayIn } from '../../text/texts.js';
import { spoken } from '../../text/en-GB/spoken.js';

const inEnglish = sayIn(enGB);
type Tap = readonly [type: EventType, atS: number, payload?: object];
const log = (...taps: readonly Tap[]): CaptureEvent[] => [
  event('hooked', 0),
  ...taps.map(([type, atS, payload]) => event(type as 'seen', atS * 1000, payload as EventPayloads['seen'])),
];
const seen = (sign: Sign, atS = 1): Tap => ['seen', atS, { sign }];
const wound = (atS: number, kind: WoundKind = 'ulcer'): Tap => [
  ...(['wound-noted', atS, { wound: { kind, side: 'left', at: { u: 0.5, v: 0 }, sizeMm: 20 } }] as const),
];
const treated = (what: string, atS: number): Tap => ['treated', atS, { with: what }];
const NETTED: Tap[] = [['netted', 300]];
const UNHOOKED: Tap[] = [...NETTED, ['hook-out', 310]];
const LIFTED: Tap[] = [...UNHOOKED, ['lifted', 350]];
const RESTING: Tap[] = [...LIFTED, ['rested', 360]];
const HOLDING: Tap[] = [...LIFTED, ['held', 370]];
const water = (rules: Partial<WaterRules>): Partial<RunContextInput> => ({
  water: { name: 'Mere', rules: { ...NO_RULES, ...rules }, altitudeM: 0, salinity: 0 },
});
const warm = { conditions: { waterC: 26 } };
const hot = { conditions: { waterC: 29 } };
const school = (fight: FightPractice): Partial<RunContextInput> => ({ schools: { ...DEFAULT_PRACTICES, fight } });
const mesh: Partial<RunContextInput> = { schools: { ...DEFAULT_PRACTICES, lift: 'mesh' } };
const crouching: Partial<RunContextInput> = { schools: { ...DEFAULT_PRACTICES, pictureAt: 'water' } };
const measuring: Partial<RunContextInput> = { schools: { ...DEFAULT_PRACTICES, measure: true } };
const pliers: Partial<RunContextInput> = { schools: { ...DEFAULT_PRACTICES, swallowed: 'pliers' } };
const onMat: Partial<RunContextInput> = { schools: { ...DEFAULT_PRACTICES, unhook: 'mat' } };

/**
 * Each rule with a state of the run at which it speaks, and what it says; and one, nearly the same, at which it is
 * silent.
 */
const CASES: Record<
  string,
  readonly [Tap[], number, Partial<RunContextInput>, keyof RunMessages, Tap[], number, Partial<RunContextInput>]
> = {
  'hot-water-fight': [[], 60, hot, 'hotWaterFight', [], 60, warm],
  'hot-water-break-off': [
    [],
    60,
    { ...hot, hotCapture: 'break-off' },
    'hotWaterBreakOff',
    [],
    60,
    { ...hot, hotCapture: 'land' },
  ],
  'lightning-fight': [
    [],
    60,
    { conditions: { thunder: true } },
    'lightningFight',
    NETTED,
    310,
    { conditions: { thunder: true } },
  ],
  'fight-short': [[], 60, school('short'), 'fightShort', [], 60, school('settle')],
  'fight-played-out': [[], 599, school('played-out'), 'fightPlayedOut', [], 600, school('played-out')],
  'predator-fight': [[seen('predator-near')], 60, {}, 'predatorFight', [], 60, {}],
  'power-line': [[], 60, { hazards: ['power-line'] }, 'powerLine', NETTED, 310, { hazards: ['power-line'] }],
  'long-fight': [[], 601, {}, 'longFight', [], 599, {}],
  'long-fight-warm': [[], 601, warm, 'longFightWarm', [], 599, warm],
  'go-to-the-fish': [[], 60, { bank: 'gravel' }, 'goToTheFishGoInToThe', [], 60, {}],
  'boat-side': [[], 60, { bank: 'boat' }, 'boatSide', [], 60, {}],
  swallowed: [[...NETTED, seen('hook-swallowed', 305)], 310, {}, 'swallowed', [seen('hook-swallowed')], 60, {}],
  'deep-hook': [
    [...NETTED, seen('hook-deep', 305)],
    310,
    {},
    'deepHookDeepCutTheHook',
    [...NETTED, seen('hook-deep', 305), seen('hook-easy', 306)],
    310,
    {},
  ],
  'too-many-tries': [NETTED, 360, {}, 'tooManyTries', NETTED, 359, {}],
  thrashing: [
    [...NETTED, seen('thrashing', 305)],
    310,
    {},
    'thrashing',
    [...NETTED, seen('thrashing', 305), seen('calm', 309)],
    310,
    {},
  ],
  'thrashing-in-air': [[...LIFTED, seen('thrashing', 351)], 352, {}, 'downWithItMat', LIFTED, 352, {}],
  bleeding: [[...NETTED, seen('bleeding', 305)], 310, {}, 'bleeding', NETTED, 310, {}],
  'from-the-net': [UNHOOKED, 320, hot, 'fromTheNet', UNHOOKED, 320, warm],
  'grip-toothed': [NETTED, 310, { species: 'pike' }, 'gripToothed', NETTED, 310, {}],
  'grip-on-the-mat': [
    [...NETTED, ['lifted', 350]],
    352,
    { species: 'pike', ...onMat },
    'gripToothed',
    LIFTED,
    352,
    { species: 'pike', ...onMat },
  ],
  hung: [
    [...LIFTED, seen('hangs-upright', 351)],
    352,
    {},
    'hung',
    [...LIFTED, seen('hangs-upright', 351), seen('level', 352)],
    353,
    {},
  ],
  'two-fish-on': [[], 60, { otherFish: 'playing' }, 'twoFishOn', [], 60, { otherFish: 'in-water' }],
  'two-fish-one-net': [[], 60, { otherFish: 'in-water' }, 'twoFishOneNet', [], 60, {}],
  'two-fish-first-waits': [
    UNHOOKED,
    320,
    { otherFish: 'playing' },
    'twoFishFirstWaits',
    UNHOOKED,
    320,
    { otherFish: 'in-water' },
  ],
  'two-fish-back-in': [
    LIFTED,
    352,
    { otherFish: 'playing' },
    'twoFishBackIn',
    LIFTED,
    352,
    { otherFish: 'playing', conditions: { companions: 1 } },
  ],
  'without-net': [[seen('no-net')], 60, {}, 'withoutNet', [...NETTED, seen('no-net', 301)], 310, {}],
  'rig-away': [UNHOOKED, 324, {}, 'rigAway', UNHOOKED, 325, {}],
  'hook-back': [NETTED, 310, {}, 'hookBack', [...NETTED, seen('hook-deep', 305)], 310, {}],
  'net-off': [LIFTED, 359, mesh, 'netOff', LIFTED, 360, mesh],
  'zip-again': [RESTING, 365, {}, 'zipAgain', UNHOOKED, 365, {}],
  'board-first': [UNHOOKED, 345, measuring, 'boardFirst', UNHOOKED, 345, {}],
  'on-the-board': [
    [...LIFTED, ['looked-over', 351]],
    352,
    measuring,
    'onTheBoard',
    [...LIFTED, ['looked-over', 351], ['measured', 352]],
    353,
    measuring,
  ],
  carry: [
    [...LIFTED, ['looked-over', 351], ['weighed', 352], ['pictured', 355]],
    356,
    {},
    'carry',
    [...LIFTED, ['looked-over', 351], ['weighed', 352]],
    356,
    {},
  ],
  'picture-in-water': [UNHOOKED, 331, crouching, 'pictureInWater', UNHOOKED, 331, { ...crouching, bank: 'boat' }],
  'swallowed-pliers': [
    [...NETTED, seen('hook-swallowed', 305)],
    359,
    pliers,
    'swallowedPliers',
    [...NETTED, seen('hook-swallowed', 305)],
    360,
    pliers,
  ],
  'to-the-mat': [NETTED, 310, onMat, 'toTheMat', NETTED, 310, { ...onMat, bank: 'boat' }],
  'lifted-against': [LIFTED, 352, hot, 'liftedAgainstBackInNowNo', LIFTED, 352, warm],
  'grip-trout': [NETTED, 310, { species: 'trout' }, 'gripTrout', NETTED, 310, { species: 'pike' }],
  'line-caught': [[...UNHOOKED, seen('line-caught', 315)], 320, {}, 'lineCaught', UNHOOKED, 320, {}],
  settle: [UNHOOKED, 320, {}, 'settle', UNHOOKED, 331, {}],
  'small-one': [[...NETTED, seen('small', 305)], 310, {}, 'smallOne', NETTED, 310, {}],
  shed: [[...NETTED, ['hook-shed', 305]], 310, {}, 'shed', UNHOOKED, 320, {}],
  'before-the-lift': [UNHOOKED, 345, {}, 'beforeTheLift', LIFTED, 352, {}],
  'air-over': [LIFTED, 381, {}, 'airOverBackIntoTheWater', LIFTED, 379, {}],
  'no-further-lift': [[...LIFTED, ['rested', 411]], 420, {}, 'noFurtherLift', [...LIFTED, ['rested', 409]], 420, {}],
  dropped: [[...LIFTED, ['dropped', 352]], 353, {}, 'dropped', LIFTED, 353, {}],
  'mat-hot': [UNHOOKED, 345, { matC: 27 }, 'matHot', [...UNHOOKED, ['wetted', 320]], 345, { matC: 27 }],
  pour: [
    LIFTED,
    411,
    { schools: { ...DEFAULT_PRACTICES, air: 'own', airOwnS: 200 } },
    'pour',
    [...LIFTED, ['wetted', 400]],
    411,
    { schools: { ...DEFAULT_PRACTICES, air: 'own', airOwnS: 200 } },
  ],
  'wound-treat': [[...LIFTED, wound(352)], 353, {}, 'woundTreat', [...LIFTED, wound(352, 'healed')], 353, {}],
  'wound-leave': [
    [...LIFTED, wound(352)],
    353,
    water({ treatments: 'forbidden' }),
    'woundLeave',
    [...LIFTED, wound(352)],
    353,
    water({ treatments: 'allowed' }),
  ],
  'sealed-dirty': [
    [...LIFTED, wound(352), treated('sealant', 353)],
    354,
    {},
    'sealedDirty',
    [...LIFTED, wound(352), treated('antiseptic', 353), treated('sealant', 354)],
    355,
    {},
  ],
  'air-three-quarters': [LIFTED, 373, {}, 'airThreeQuarters', LIFTED, 372, {}],
  'zero-first': [UNHOOKED, 345, {}, 'zeroFirst', [...UNHOOKED, ['zeroed', 340]], 345, {}],
  'picture-low': [LIFTED, 355, {}, 'pictureLowKneelElbowsInHands', [...LIFTED, ['pictured', 353]], 355, {}],
  overnight: [UNHOOKED, 7600, {}, 'overnight', UNHOOKED, 7400, {}],
  'kept-too-long': [UNHOOKED, 1201, {}, 'keptTooLongInNetAndSling', UNHOOKED, 1199, {}],
  'kept-half': [UNHOOKED, 751, {}, 'keptHalf', UNHOOKED, 749, {}],
  'predator-release': [[...HOLDING, seen('predator-near', 372)], 380, {}, 'predatorRelease', HOLDING, 380, {}],
  'not-coming': [
    HOLDING,
    1271,
    {},
    'notComing',
    [...HOLDING, ...(['gills', 'fins', 'upright'] as const).map((sign): Tap => ['recovering', 400, { sign }])],
    1271,
    {},
  ],
  'slow-recovery': [HOLDING, 671, {}, 'slowRecovery', HOLDING, 669, {}],
  'hold-upright': [HOLDING, 380, {}, 'holdUpright', HOLDING, 671, {}],
  'rest-before-picture': [RESTING, 370, {}, 'restBeforePicture', [...RESTING, ['lifted', 365]], 370, {}],
};

test('every rule is tried', () => expect(Object.keys(CASES).sort()).toEqual(RUN_RULES.map(({ id }) => id).sort()));

test.each(Object.entries(CASES))(
  '%s speaks when it should and is silent when not',
  (id, [taps, atS, change, says, still, stillS, stillChange]) => {
    const said = (events: Tap[], nowS: number, context: Partial<RunContextInput>) =>
      findings(RUN_RULES, runAfter(log(...events), nowS * 1000, context)).find(({ rule }) => rule === id);
    const finding = said(taps, atS, change);
    expect(finding?.text.code).toBe(`run.${says}`);
    expect(said(still, stillS, stillChange)).toBeUndefined();
  },
);

test.each(Object.entries(CASES))('%s is one of the lines that are read at its moment', (id, [taps, atS, change]) => {
  const lines = counselOfRun(runAfter(log(...taps), atS * 1000, change)).map(({ rule }) => rule);
  expect(lines).toContain(id);
});

test('no two rules pull both ways, whatever happens', () => {
  fc.assert(
    fc.property(anyHistory, anySituation, fc.integer({ min: 0, max: 12_000_000 }), (events, context, nowMs) => {
      const said = findings(RUN_RULES, runStateOf(replay(CAPTURE, events), context, nowMs));
      const against = new Map(said.flatMap(({ rule, avoids = [] }) => avoids.map((act) => [act, rule] as const)));
      for (const { rule, does = [] } of said)
        for (const act of does) expect([rule, act, against.get(act)]).toEqual([rule, act, undefined]);
    }),
    { numRuns: 3000 },
  );
});

test('one line, at most two, and nothing nice beside something grave', () => {
  const lines = counselOfRun(runAfter(log(...NETTED, seen('thrashing', 305), seen('hook-deep', 306)), 310_000));
  expect(lines.map(({ rule }) => rule)).toEqual(['deep-hook', 'thrashing']);
  fc.assert(
    fc.property(anyHistory, anySituation, (events, context) => {
      const said = counselOfRun(runStateOf(replay(CAPTURE, events), context, 5_000_000));
      expect(said.length).toBeLessThanOrEqual(2);
      expect(
        new Set(said.map(({ severity }) => severity)).size === 2 &&
          said.some(({ severity }) => severity === 'good') &&
          said.some(({ severity }) => severity === 'stop'),
      ).toBe(false);
    }),
  );
});

test('a deep-hooked pike at 22 degrees in a boat: land it fast, cut the hook, away from the net, hold it', () => {
  const boat = { species: 'pike', bank: 'boat', conditions: { waterC: 22 } } as const;
  const first = (nowS: number, ...taps: Tap[]) =>
    counselOfRun(runAfter(log(...taps), nowS * 1000, boat)).map(({ rule }) => rule)[0];
  expect([
    first(60),
    first(310, ...NETTED, seen('hook-deep', 305)),
    first(340, ...NETTED, seen('hook-deep', 305), ['hook-cut', 335]),
    first(350, ...NETTED, seen('hook-deep', 305), ['hook-cut', 335], ['held', 345]),
  ]).toEqual(['hot-water-fight', 'deep-hook', 'from-the-net', 'hold-upright']);
});

test('times as they are said', () => {
  expect([29_000, 61_000, 95_000, 125_000].map(spoken)).toEqual(['29 seconds', '1 minute', '1½ minutes', '2 minutes']);
});

test.each([
  ['pike', 'chin', false, 'Fingers along the gill cover’s edge'],
  ['pike', 'plate', false, 'Fingers flat along the inside'],
  ['zander', 'cradle', true, 'On the mat, its back towards you. The cradle holds it'],
  ['wels', 'thumb', true, 'On the mat, belly down. Glove on'],
] as const)('a %s is held by the keeper’s way: %s', (species, grip, mat, begins) => {
  const schools = {
    ...DEFAULT_PRACTICES,
    grip: grip === 'thumb' ? 'chin' : grip,
    unhook: mat ? 'mat' : 'water',
  } as const;
  const taps: Tap[] = mat ? [...NETTED, ['lifted', 305]] : NETTED;
  const [line] = counselOfRun(runAfter(log(...taps), 306_000, { species, schools }));
  expect(line && inEnglish(line.text)).toMatch(new RegExp(`^${begins}`));
});

test('a way that is set for one water says so where it acts', () => {
  const schools = { ...DEFAULT_PRACTICES, recover: 'rock' } as const;
  const practicesHere = new Set(['recover'] as const);
  const [here] = counselOfRun(runAfter(log(...HOLDING), 400_000, { schools, practicesHere }));
  expect(here?.basis).toMatchObject({ kind: 'school', water: 'Mere' });
  expect(here && inEnglish(here.text)).toMatch(/to and fro/);
  const [elsewhere] = counselOfRun(runAfter(log(...HOLDING), 400_000, { schools }));
  expect(elsewhere?.basis).not.toHaveProperty('water');
});

test.each([
  [['mouth'], 'mouth'],
  [['left', 'right'], 'body'],
  [['mouth', 'left'], 'both'],
] as const)('wounds at %j take the preparation of the %s', (sides, where) => {
  const wounds = sides.map((side, i): Tap => [
    ...(['wound-noted', 352 + i, { wound: { kind: 'hook-hold', side, at: { u: 0.5, v: 0 }, sizeMm: 5 } }] as const),
  ]);
  const said = findings(RUN_RULES, runAfter(log(...LIFTED, ...wounds), 356_000));
  expect(said.find(({ rule }) => rule === 'wound-treat')?.text.values).toEqual({ sealNow: false, where });
});
