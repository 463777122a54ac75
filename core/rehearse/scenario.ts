import type { Message } from '../measure/message.js';
import { rehearseMessage } from './rehearseMessages.js';
import type { BoardPractice } from '../domain/practice/bankPractices.js';
import type { CaptureConditions } from '../domain/capture/conditions.js';
import type { Sign } from '../domain/capture/sign.js';
import type { RunStep } from '../domain/capture/steps.js';
import { createRng } from '../statistics/rng.js';
import type { SpeciesId } from '../domain/fish/species.js';
import type { WaterRules } from '../domain/water/rules.js';
import type { BankKind, Hazard } from '../domain/water/swim.js';

/** Something that turns up in the course of a rehearsal: told when its moment has come, for the keeper to act on. */
export interface Twist {
  readonly after: 'hooked' | RunStep;
  readonly afterMs: number;
  readonly tell: Message;
  /** What is true of the fish from then on. */
  readonly sign?: Sign;
  readonly wound?: boolean;
}

/** A fish that is only played through. */
export interface Scenario {
  readonly id: string;
  readonly title: Message;
  readonly told: Message;
  readonly species: SpeciesId;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly conditions: CaptureConditions;
  readonly rules: Partial<WaterRules>;
  readonly matC: number | null;
  /** How long it has been played when the rehearsal begins. */
  readonly fightMs: number;
  /** Whether the scale was zeroed before. */
  readonly zeroed: boolean;
  /** Length is what counts here: where the board lies; null: it is weighed as usual. */
  readonly board: BoardPractice | null;
  readonly twists: readonly Twist[];
}

type Sketch = Pick<Scenario, 'id' | 'title' | 'told' | 'species'> &
  Partial<Scenario> & { readonly conditions: CaptureConditions };

const at = (after: Twist['after'], afterS: number, tell: Message, more: Pick<Twist, 'sign' | 'wound'> = {}): Twist => ({
  after,
  afterMs: afterS * 1000,
  tell,
  ...more,
});
const minutes = (count: number) => count * 60_000;
const ALONE = { waterC: 16, airC: 17 };
const NIGHT = { waterC: 13, airC: 7, dark: true };

/** The scenarios, all invented: what goes wrong on banks, each once. */
const SKETCHES: readonly Sketch[] = [
  {
    id: 'clean',
    title: rehearseMessage('cleanTitle'),
    species: 'carp',
    conditions: ALONE,
    told: rehearseMessage('cleanTold'),
  },
  {
    id: 'lively',
    title: rehearseMessage('livelyTitle'),
    species: 'carp',
    conditions: ALONE,
    fightMs: minutes(2),
    told: rehearseMessage('livelyTold'),
    twists: [
      at('netted', 1, rehearseMessage('livelyItBeatsTheWater'), { sign: 'thrashing' }),
      at('netted', 12, rehearseMessage('livelyItHangsStillNow'), { sign: 'calm' }),
    ],
  },
  {
    id: 'deep',
    title: rehearseMessage('deepTitle'),
    species: 'carp',
    conditions: ALONE,
    told: rehearseMessage('deepTold'),
    twists: [at('netted', 1, rehearseMessage('deepTheBendOfThe'), { sign: 'hook-deep' })],
  },
  {
    id: 'swallowed',
    title: rehearseMessage('swallowedTitle'),
    species: 'pike',
    bank: 'platform',
    conditions: { waterC: 9, airC: 6 },
    told: rehearseMessage('swallowedTold'),
    twists: [at('netted', 1, rehearseMessage('swallowedYouSeeTheTrace'), { sign: 'hook-swallowed' })],
  },
  {
    id: 'boat-pike',
    title: rehearseMessage('boatPikeTitle'),
    species: 'pike',
    bank: 'boat',
    conditions: { waterC: 22, airC: 25 },
    told: rehearseMessage('boatPikeTold'),
    twists: [at('netted', 1, rehearseMessage('boatPikeOnePointIsNear'), { sign: 'hook-near-gills' })],
  },
  {
    id: 'hot-mat',
    title: rehearseMessage('hotMatTitle'),
    species: 'carp',
    conditions: { waterC: 23, airC: 30 },
    matC: 52,
    told: rehearseMessage('hotMatTold'),
  },
  {
    id: 'not-zeroed',
    title: rehearseMessage('notZeroedTitle'),
    species: 'carp',
    conditions: ALONE,
    zeroed: false,
    told: rehearseMessage('notZeroedTold'),
  },
  {
    id: 'alone-night',
    title: rehearseMessage('aloneNightTitle'),
    species: 'carp',
    conditions: NIGHT,
    told: rehearseMessage('aloneNightTold'),
    twists: [
      at('lifted', 3, rehearseMessage('aloneNightItSlapsOnceWith'), { sign: 'thrashing' }),
      at('lifted', 9, rehearseMessage('aloneNightItLiesStill'), { sign: 'calm' }),
    ],
  },
  {
    id: 'ulcer',
    title: rehearseMessage('ulcerTitle'),
    species: 'carp',
    conditions: ALONE,
    rules: { treatments: 'allowed' },
    told: rehearseMessage('ulcerTold'),
    twists: [at('lifted', 2, rehearseMessage('ulcerOnTheLeftFlank'), { wound: true })],
  },
  {
    id: 'no-treatment',
    title: rehearseMessage('noTreatmentTitle'),
    species: 'carp',
    conditions: ALONE,
    rules: { treatments: 'forbidden' },
    told: rehearseMessage('noTreatmentTold'),
    twists: [at('lifted', 2, rehearseMessage('noTreatmentAFreshTearAt'), { wound: true })],
  },
  {
    id: 'no-keeping',
    title: rehearseMessage('noKeepingTitle'),
    species: 'carp',
    conditions: ALONE,
    rules: { retention: { kind: 'none' } },
    told: rehearseMessage('noKeepingTold'),
  },
  {
    id: 'long-fight',
    title: rehearseMessage('longFightTitle'),
    species: 'wels',
    conditions: { waterC: 25.5, airC: 27 },
    fightMs: minutes(31),
    told: rehearseMessage('longFightTold'),
    twists: [at('netted', 1, rehearseMessage('longFightItDoesNotRight'), { sign: 'spent' })],
  },
  {
    id: 'bleeding',
    title: rehearseMessage('bleedingTitle'),
    species: 'barbel',
    bank: 'wading',
    conditions: { waterC: 17, airC: 19 },
    told: rehearseMessage('bleedingTold'),
    twists: [at('hook-out', 1, rehearseMessage('bleedingRedSmokeFromUnder'), { sign: 'bleeding' })],
  },
  {
    id: 'small',
    title: rehearseMessage('smallTitle'),
    species: 'carp',
    conditions: ALONE,
    fightMs: minutes(1),
    told: rehearseMessage('smallTold'),
    twists: [at('netted', 1, rehearseMessage('smallFourPoundsAtMost'), { sign: 'small' })],
  },
  {
    id: 'dropped',
    title: rehearseMessage('droppedTitle'),
    species: 'carp',
    conditions: ALONE,
    told: rehearseMessage('droppedTold'),
    twists: [at('weighed', 3, rehearseMessage('droppedItKicksSlidesOut'))],
  },
  {
    id: 'line-caught',
    title: rehearseMessage('lineCaughtTitle'),
    species: 'barbel',
    conditions: { waterC: 15, airC: 14 },
    told: rehearseMessage('lineCaughtTold'),
    twists: [
      at('hook-out', 1, rehearseMessage('lineCaughtTheLongRayOf'), { sign: 'line-caught' }),
      at('hook-out', 11, rehearseMessage('lineCaughtYouHaveWorkedIt'), { sign: 'line-clear' }),
    ],
  },
  {
    id: 'otter',
    title: rehearseMessage('otterTitle'),
    species: 'carp',
    conditions: { ...ALONE, dark: true },
    told: rehearseMessage('otterTold'),
    twists: [at('held', 5, rehearseMessage('otterAnOttersHeadTen'), { sign: 'predator-near' })],
  },
  {
    id: 'second-rod',
    title: rehearseMessage('secondRodTitle'),
    species: 'carp',
    conditions: ALONE,
    told: rehearseMessage('secondRodTold'),
    twists: [at('lifted', 5, rehearseMessage('secondRodTheSecondRodGoes'))],
  },
  {
    id: 'slow',
    title: rehearseMessage('slowTitle'),
    species: 'pike',
    conditions: { waterC: 18, airC: 20 },
    fightMs: minutes(9),
    told: rehearseMessage('slowTold'),
    twists: [
      at('held', 10, rehearseMessage('slowGillsWorkButIt')),
      at('held', 25, rehearseMessage('slowItStandsUprightBy')),
      at('held', 32, rehearseMessage('slowItPullsAwayFrom')),
    ],
  },
  {
    id: 'frost',
    title: rehearseMessage('frostTitle'),
    species: 'pike',
    conditions: { waterC: 3, airC: -8 },
    told: rehearseMessage('frostTold'),
  },
  {
    id: 'shed',
    title: rehearseMessage('shedTitle'),
    species: 'carp',
    conditions: ALONE,
    told: rehearseMessage('shedTold'),
    twists: [at('netted', 1, rehearseMessage('shedTheHookIsOut'))],
  },
  {
    id: 'two-hands',
    title: rehearseMessage('twoHandsTitle'),
    species: 'wels',
    conditions: { waterC: 20, airC: 22, companions: 1 },
    fightMs: minutes(14),
    told: rehearseMessage('twoHandsTold'),
  },
  {
    id: 'sunburnt',
    title: rehearseMessage('sunburntTitle'),
    species: 'barbel',
    bank: 'gravel',
    conditions: { waterC: 24, airC: 31 },
    told: rehearseMessage('sunburntTold'),
  },
  {
    id: 'power-line',
    title: rehearseMessage('powerLineTitle'),
    species: 'carp',
    hazards: ['power-line'],
    conditions: { ...ALONE, dark: true },
    told: rehearseMessage('powerLineTold'),
    twists: [at('lifted', 2, rehearseMessage('powerLineLiftedScalesAlongThe'), { wound: true })],
  },
  {
    id: 'board',
    title: rehearseMessage('boardTitle'),
    species: 'pike',
    conditions: { waterC: 9, airC: 8 },
    board: 'mat',
    told: rehearseMessage('boardTold'),
    twists: [at('measured', 3, rehearseMessage('boardItsMouthOpens'))],
  },
  {
    id: 'floating-board',
    title: rehearseMessage('floatingBoardTitle'),
    species: 'pike',
    bank: 'wading',
    conditions: { waterC: 14, airC: 15 },
    board: 'water',
    told: rehearseMessage('floatingBoardTold'),
    twists: [
      at('netted', 4, rehearseMessage('floatingBoardItSlaps'), { sign: 'thrashing' }),
      at('netted', 14, rehearseMessage('floatingBoardItLies'), { sign: 'calm' }),
    ],
  },
];

export const SCENARIO_IDS: readonly string[] = SKETCHES.map(({ id }) => id);

/**
 * Draws a scenario by seed: which one, and within it how long the fight was and when things turn up. The same seed
 * draws the same. Scenarios in `not` are left out while others are there, so that one does not come twice in a row.
 * Example: `drawScenario('3', ['clean'])` is never the clean one.
 */
export function drawScenario(seed: string, not: readonly string[] = []): Scenario {
  const luck = createRng(`rehearse ${seed}`);
  const others = SKETCHES.filter(({ id }) => !not.includes(id));
  return vary(luck.pick(others.length > 0 ? others : SKETCHES), luck);
}

/** One scenario by name, varied by a seed. @throws RangeError for a name that is none. */
export function scenarioOf(id: string, seed: string): Scenario {
  const sketch = SKETCHES.find((each) => each.id === id);
  if (!sketch) throw new RangeError(`There is no scenario “${id}”.`);
  return vary(sketch, createRng(`rehearse ${seed}`));
}

function vary(sketch: Sketch, luck: ReturnType<typeof createRng>): Scenario {
  const fightMs = sketch.fightMs ?? minutes(4);
  return {
    bank: 'grass',
    hazards: [],
    rules: {},
    matC: null,
    zeroed: true,
    board: null,
    ...sketch,
    fightMs: Math.round(fightMs * luck.between(0.95, 1.05)),
    twists: (sketch.twists ?? []).map((twist) => ({
      ...twist,
      afterMs: Math.round(twist.afterMs * luck.between(0.85, 1.3)),
    })),
  };
}

/** What has turned up by now. Example: a twist 2 s after the lift is told 2 s after it, and not before a lift. */
export function twistsTold(
  { twists }: Scenario,
  marks: readonly { readonly type: string; readonly atMs: number }[],
  nowMs: number,
): Twist[] {
  return twists.filter(({ after, afterMs }) => {
    const began = marks.find(({ type }) => type === after || (after === 'hook-out' && isHookEnd(type)));
    return began !== undefined && nowMs >= began.atMs + afterMs;
  });
}

function isHookEnd(type: string): boolean {
  return type === 'hook-cut' || type === 'line-cut' || type === 'hook-shed';
}
