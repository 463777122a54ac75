import type { CaptureEvent, EventPayloads, EventType } from '../../domain/capture/event.js';
import { event } from '../../spec/events.js';
import { runAfter } from '../../spec/runContexts.js';
import { DEFAULT_PRACTICES } from '../../domain/practice/bankPractices.js';
import { NO_RULES } from '../../domain/water/rules.js';
import type { RunContextInput } from './runContext.js';
import { RUN_RULES } from './counselOfRun.js';

type Tap = readonly [type: EventType, atS: number, payload?: object];

/** Where the fish is, by the taps that brought it there, and the moment that is looked at. */
const PHASES: Record<string, readonly [readonly Tap[], number]> = {
  playing: [[], 60],
  netted: [[['netted', 300]], 320],
  unhooked: [
    [
      ['netted', 300],
      ['hook-out', 310],
    ],
    330,
  ],
  air: [
    [
      ['netted', 300],
      ['hook-out', 310],
      ['lifted', 350],
    ],
    360,
  ],
  'air, hook in': [
    [
      ['netted', 300],
      ['lifted', 350],
    ],
    355,
  ],
  'air too long': [
    [
      ['netted', 300],
      ['hook-out', 310],
      ['lifted', 350],
    ],
    420,
  ],
  'resting after a lift': [
    [
      ['netted', 300],
      ['hook-out', 310],
      ['lifted', 350],
      ['rested', 370],
    ],
    380,
  ],
  holding: [
    [
      ['netted', 300],
      ['hook-out', 310],
      ['lifted', 350],
      ['held', 370],
    ],
    380,
  ],
};
const wound = { wound: { kind: 'ulcer', side: 'left', at: { u: 0.5, v: 0 }, sizeMm: 20 } };
/** What is otherwise: how it is around, or a tap in the first seconds. */
const OTHERWISE: Record<string, readonly [Partial<RunContextInput>, readonly Tap[]]> = {
  'a mild day': [{}, []],
  frost: [{ conditions: { waterC: 4, airC: 0 } }, []],
  'just above frost': [{ conditions: { waterC: 4, airC: 0.5 } }, []],
  'water too warm': [{ conditions: { waterC: 29, airC: 24 } }, []],
  'warm air': [{ conditions: { waterC: 16, airC: 22 } }, []],
  'a hot mat': [{ matC: 45 }, []],
  thunder: [{ conditions: { waterC: 16, thunder: true } }, []],
  bleeding: [{}, [['seen', 1, { sign: 'bleeding' }]]],
  spent: [{}, [['seen', 1, { sign: 'spent' }]]],
  small: [{}, [['seen', 1, { sign: 'small' }]]],
  'hook deep': [{}, [['seen', 1, { sign: 'hook-deep' }]]],
  'a wound': [{}, [['wound-noted', 2, wound]]],
  'treating forbidden': [
    { water: { name: 'Mere', rules: { ...NO_RULES, treatments: 'forbidden' }, altitudeM: 60, salinity: 0 } },
    [['wound-noted', 2, wound]],
  ],
  'a pike': [{ species: 'pike' }, []],
  'a wels in a boat': [{ species: 'wels', bank: 'boat' }, []],
  'measured and pictured': [{ schools: { ...DEFAULT_PRACTICES, measure: true, picture: true } }, []],
  'another fish waits': [{ otherFish: 'in-water' }, []],
};

function logOf(taps: readonly Tap[]): CaptureEvent[] {
  return [['hooked', 0] as Tap, ...taps].map(([type, atS, payload]) =>
    event(type as 'seen', atS * 1000, payload as EventPayloads['seen']),
  );
}

/** Every rule that speaks, with what it says and why, what it asks for (+) and what it speaks against (-). */
function spoken(phase: string, otherwise: string): string[] {
  const [taps, atS] = PHASES[phase] ?? [[], 0];
  const [change, first] = OTHERWISE[otherwise] ?? [{}, []];
  const run = runAfter(logOf([...first, ...taps]), atS * 1000, change);
  return RUN_RULES.flatMap(({ id, look }) => {
    const said = look(run);
    if (!said) return [];
    const marks = [...(said.does ?? []).map((step) => `+${step}`), ...(said.avoids ?? []).map((step) => `-${step}`)];
    return [
      [id, said.severity, said.text.code.split('.').at(-1), said.reason.code.split('.').at(-1), ...marks].join(' '),
    ];
  });
}
/** What is said on a mild day with a carp, at each place. */
const USUAL: Record<string, readonly string[]> = {
  playing: [],
  netted: ['hook-back good hookBack hookBackReason'],
  unhooked: ['before-the-lift good beforeTheLift beforeTheLiftReason', 'zero-first good zeroFirst zeroFirstReason'],
  air: ['picture-low good pictureLowKneelElbowsInHands pictureLowReason'],
  'air, hook in': [],
  'air too long': [
    'air-over stop airOverBackIntoTheWater budgetByYourChoice +held -weighed -measured -pictured -looked-over -carried',
  ],
  'resting after a lift': [
    'rest-before-picture good restBeforePicture restBeforePictureReason',
    'zip-again good zipAgain zipReason',
  ],
  holding: ['hold-upright good holdUpright holdUprightReason'],
};

/** What another day or another fish adds to that (`more`), and what falls silent (`less`, by its rule). */
const DIFFERS: Record<string, { readonly more?: readonly string[]; readonly less?: readonly string[] }> = {
  'playing | water too warm': {
    more: ['hot-water-fight stop hotWaterFight hotWaterFightReason +pull-hard -lifted -weighed -measured -pictured'],
  },
  'playing | thunder': { more: ['lightning-fight stop lightningFight lightningFightReason'] },
  'playing | a wels in a boat': { more: ['boat-side good boatSide boatSideReason'] },
  'playing | another fish waits': { more: ['two-fish-one-net care twoFishOneNet twoFishOneNetReason'] },
  'netted | a hot mat': { more: ['mat-hot care matHot matHotReason'] },
  'netted | bleeding': {
    more: ['bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal'],
  },
  'netted | small': { more: ['small-one good smallOne smallOneReason -lifted -weighed -measured -pictured'] },
  'netted | hook deep': {
    more: ['deep-hook stop deepHookDeepCutTheHook deepHookReason +hook-cut -hook-out'],
    less: ['hook-back'],
  },
  'netted | a pike': { more: ['grip-toothed care gripToothed gripReason +grip'] },
  'netted | a wels in a boat': { more: ['grip-toothed care gripWels gripReason +grip'] },
  'unhooked | frost': {
    more: ['from-the-net stop fromTheNet fromTheNetInFrostGillsAnd +held -lifted -weighed -measured -pictured'],
    less: ['before-the-lift', 'zero-first'],
  },
  'unhooked | water too warm': {
    more: ['from-the-net stop fromTheNet fromTheNetTheWaterIsToo +held -lifted -weighed -measured -pictured'],
    less: ['before-the-lift', 'zero-first'],
  },
  'unhooked | a hot mat': { more: ['mat-hot care matHot matHotReason'] },
  'unhooked | bleeding': {
    more: ['bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal'],
    less: ['before-the-lift', 'zero-first'],
  },
  'unhooked | spent': {
    more: ['from-the-net stop fromTheNet fromTheNetItHasNothingLeft +held -lifted -weighed -measured -pictured'],
    less: ['before-the-lift', 'zero-first'],
  },
  'unhooked | small': {
    more: ['small-one good smallOne smallOneReason -lifted -weighed -measured -pictured'],
    less: ['before-the-lift', 'zero-first'],
  },
  'unhooked | a wound': { less: ['before-the-lift'] },
  'unhooked | treating forbidden': { less: ['before-the-lift'] },
  'unhooked | measured and pictured': { more: ['board-first good boardFirst boardFirstReason'] },
  'air | frost': {
    more: [
      'lifted-against stop liftedAgainstBackInNowNo liftedAgainstInFrostGillsAnd +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['picture-low'],
  },
  'air | water too warm': {
    more: [
      'air-over stop airOverBackIntoTheWater budgetBecause +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['picture-low'],
  },
  'air | bleeding': {
    more: ['bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal'],
    less: ['picture-low'],
  },
  'air | spent': {
    more: [
      'lifted-against stop liftedAgainstBackInNowNo liftedAgainstItHasNothingLeft +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['picture-low'],
  },
  'air | small': { less: ['picture-low'] },
  'air | a wound': { more: ['wound-treat care woundTreat woundTreatReason +clean +seal'] },
  'air | treating forbidden': { more: ['wound-leave care woundLeave woundLeaveReason +leave-wound -clean -seal'] },
  'air | a wels in a boat': {
    more: ['picture-low good pictureLowLowOverTheWaters pictureLowReason'],
    less: ['picture-low'],
  },
  'air, hook in | frost': {
    more: [
      'lifted-against stop liftedAgainstHookOutAtOnce liftedAgainstInFrostGillsAnd -weighed -measured -pictured -looked-over -carried',
    ],
  },
  'air, hook in | water too warm': {
    more: [
      'lifted-against stop liftedAgainstHookOutAtOnce liftedAgainstTheWaterIsToo -weighed -measured -pictured -looked-over -carried',
    ],
  },
  'air, hook in | bleeding': {
    more: ['bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal'],
  },
  'air, hook in | spent': {
    more: [
      'lifted-against stop liftedAgainstHookOutAtOnce liftedAgainstItHasNothingLeft -weighed -measured -pictured -looked-over -carried',
    ],
  },
  'air, hook in | hook deep': { more: ['deep-hook stop deepHookDeepCutTheHook deepHookReason +hook-cut -hook-out'] },
  'air, hook in | a wound': { more: ['wound-treat care woundTreat woundTreatReason +clean +seal'] },
  'air, hook in | treating forbidden': {
    more: ['wound-leave care woundLeave woundLeaveReason +leave-wound -clean -seal'],
  },
  'air, hook in | a pike': { more: ['grip-on-the-mat care gripToothed gripReason +grip'] },
  'air too long | frost': {
    more: [
      'air-over stop airOverBackIntoTheWater budgetBecause +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['air-over'],
  },
  'air too long | water too warm': {
    more: [
      'air-over stop airOverBackIntoTheWater budgetBecause +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['air-over'],
  },
  'air too long | bleeding': {
    more: [
      'bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal',
      'air-over stop airOverBackIntoTheWater budgetBecause +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['air-over'],
  },
  'air too long | spent': {
    more: [
      'air-over stop airOverBackIntoTheWater budgetBecause +held -weighed -measured -pictured -looked-over -carried',
    ],
    less: ['air-over'],
  },
  'air too long | treating forbidden': {
    more: ['wound-leave care woundLeave woundLeaveReason +leave-wound -clean -seal'],
  },
  'resting after a lift | frost': {
    more: ['from-the-net stop fromTheNet fromTheNetInFrostGillsAnd +held -lifted -weighed -measured -pictured'],
    less: ['rest-before-picture', 'zip-again'],
  },
  'resting after a lift | water too warm': {
    more: ['from-the-net stop fromTheNet fromTheNetTheWaterIsToo +held -lifted -weighed -measured -pictured'],
    less: ['rest-before-picture', 'zip-again'],
  },
  'resting after a lift | a hot mat': { more: ['mat-hot care matHot matHotReason'] },
  'resting after a lift | bleeding': {
    more: ['bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal'],
    less: ['rest-before-picture', 'zip-again'],
  },
  'resting after a lift | spent': {
    more: ['from-the-net stop fromTheNet fromTheNetItHasNothingLeft +held -lifted -weighed -measured -pictured'],
    less: ['rest-before-picture', 'zip-again'],
  },
  'holding | bleeding': {
    more: ['bleeding stop bleeding bleedingReason +held -lifted -weighed -measured -pictured -clean -seal'],
  },
};

test.each(Object.entries(USUAL))('%s, on a mild day', (phase, said) => {
  expect(spoken(phase, 'a mild day')).toEqual(said);
});

const MOMENTS = Object.keys(PHASES).flatMap((phase) => Object.keys(OTHERWISE).map((other) => [phase, other] as const));
test.each(MOMENTS)('%s, %s', (phase, otherwise) => {
  const { more = [], less = [] } = DIFFERS[`${phase} | ${otherwise}`] ?? {};
  const now = spoken(phase, otherwise);
  const usual = USUAL[phase] ?? [];
  expect(now.filter((line) => !usual.includes(line))).toEqual(more);
  expect(usual.filter((line) => !now.includes(line)).map((line) => line.split(' ')[0])).toEqual(less);
});
