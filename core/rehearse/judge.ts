import type { Message } from '../measure/message.js';
import { rehearseMessage } from './rehearseMessages.js';
import { runContextOf, type RunContext } from '../care/run/runContext.js';
import { DEFAULT_PRACTICES, type BankPractices } from '../domain/practice/bankPractices.js';
import { splitsOf, type Split } from '../care/handling.js';
import type { RunStep } from '../domain/capture/steps.js';
import type { CaptureState } from '../domain/capture/captureState.js';
import { COMMON_PRACTICE, type Basis } from '../care/counsel.js';
import { runStateOf, type RunState } from '../care/run/runState.js';
import { boardTime } from '../care/boardTime.js';
import type { StopPractice } from '../domain/practice/stopPractice.js';
import { NO_RULES } from '../domain/water/rules.js';
import type { Scenario } from './scenario.js';

/** The context that a scenario puts the keeper in, with the keeper's own schools. */
export function runContextIn(
  scenario: Scenario,
  schools: BankPractices = DEFAULT_PRACTICES,
  stopSchool: StopPractice = 'per-species',
): RunContext {
  const { species, bank, hazards, conditions, rules, matC, board } = scenario;
  const water = { name: 'the rehearsal water', rules: { ...NO_RULES, ...rules }, altitudeM: 0, salinity: 0 };
  const ways = board === null ? schools : { ...schools, measure: true, weigh: false, boardAt: board };
  return runContextOf({ species, bank, hazards, conditions, water, schools: ways, stopSchool, matC });
}

/** One decision of a rehearsal, and why it was right or not. */
export interface Decision {
  readonly id: string;
  readonly right: boolean;
  readonly text: Message;
  readonly reason: Message;
  readonly basis: Basis;
}

interface Played {
  readonly scenario: Scenario;
  readonly state: CaptureState;
  readonly end: RunState;
  readonly first: (step: RunStep) => number;
  readonly lifted: boolean;
}

interface DecisionRule {
  readonly id: string;
  readonly look: (played: Played) => Omit<Decision, 'id'> | null;
}

const has = ({ scenario }: Played, sign: string) => scenario.twists.some((twist) => twist.sign === sign);
const practice = (right: boolean, text: Message, reason: Message): Omit<Decision, 'id'> => ({
  right,
  text,
  reason,
  basis: COMMON_PRACTICE,
});

/** What is judged, in the order of the work. */
export const DECISION_RULES: readonly DecisionRule[] = [
  {
    id: 'net',
    look: ({ first, lifted }) =>
      practice(
        first('netted') < Infinity && (!lifted || first('netted') < first('lifted')),
        first('netted') < Infinity
          ? rehearseMessage('netNettedBeforeAnythingElse')
          : rehearseMessage('netItWasNotNetted'),
        rehearseMessage('netTheNetIsThe'),
      ),
  },
  {
    id: 'hook',
    look: (played) => {
      const wanted = has(played, 'hook-swallowed')
        ? 'left-in'
        : has(played, 'hook-deep') || has(played, 'hook-near-gills')
          ? 'cut'
          : null;
      if (!wanted) return null;
      const right = played.state.hookEnd === wanted || (wanted === 'cut' && played.state.hookEnd === 'left-in');
      return practice(
        right,
        wanted === 'cut'
          ? right
            ? rehearseMessage('hookTheHookWasCut')
            : rehearseMessage('hookTheHookShouldHave')
          : right
            ? rehearseMessage('hookTheLineWasSnipped')
            : rehearseMessage('hookTheLineShouldHave'),
        rehearseMessage('hookCutRatherThanTear'),
      );
    },
  },
  {
    id: 'hook-left',
    look: ({ state }) =>
      state.outcome === 'released'
        ? practice(
            state.hookEnd !== null,
            state.hookEnd === null
              ? rehearseMessage('hookLeftItWasReleasedWith')
              : rehearseMessage('hookLeftItLeftWithoutYour'),
            rehearseMessage('hookLeftOutCutOrThe'),
          )
        : null,
  },
  {
    id: 'shed',
    look: ({ scenario, state }) =>
      scenario.id === 'shed'
        ? practice(
            state.hookEnd === 'shed',
            state.hookEnd === 'shed' ? rehearseMessage('shedTheLooseHookWas') : rehearseMessage('shedTheHookThatIt'),
            rehearseMessage('shedALooseHookIn'),
          )
        : null,
  },
  {
    id: 'wait',
    look: (played) => {
      const thrash = played.scenario.twists.find(({ sign }) => sign === 'thrashing');
      const calm = played.scenario.twists.find(({ sign }) => sign === 'calm');
      if (!thrash || !calm || thrash.after !== 'netted') return null;
      const calmMs = played.first('netted') + calm.afterMs;
      const right = played.first('lifted') >= calmMs;
      return practice(
        right,
        right
          ? rehearseMessage('waitYouWaitedUntilIt')
          : rehearseMessage('waitLiftedWhileItWas', { earlyMs: calmMs - played.first('lifted') }),
        rehearseMessage('waitNeverLiftAFish'),
      );
    },
  },
  {
    id: 'free',
    look: (played) => {
      const clear = played.scenario.twists.find(({ sign }) => sign === 'line-clear');
      if (!clear) return null;
      const right =
        played.first('lifted') >= Math.min(played.first('hook-out'), played.first('hook-cut')) + clear.afterMs;
      return practice(
        right,
        right ? rehearseMessage('freeFinsWereFreeBefore') : rehearseMessage('freeLiftedWithAFin'),
        rehearseMessage('freeWeightOnAFolded'),
      );
    },
  },
  {
    id: 'stay-in-water',
    look: (played) => {
      const { scenario, end, lifted } = played;
      if (!end.fromTheNet && !has(played, 'bleeding') && !has(played, 'small') && !has(played, 'spent')) return null;
      const over = end.context.waterC !== null && end.context.waterC >= end.context.stopLine.tempC;
      return {
        right: !lifted,
        text: lifted ? rehearseMessage('stayInWaterItWasLiftedAnd') : rehearseMessage('stayInWaterItNeverLeftThe'),
        reason: over
          ? rehearseMessage('stayInWaterWaterAtCAnd', {
              waterC: scenario.conditions.waterC,
              tempC: end.context.stopLine.tempC,
            })
          : has(played, 'small')
            ? rehearseMessage('stayInWaterASmallOneNeeds')
            : has(played, 'bleeding')
              ? rehearseMessage('stayInWaterAirAndHandlingMake')
              : (end.context.airC ?? 1) <= 0
                ? rehearseMessage('stayInWaterInFrost')
                : rehearseMessage('stayInWaterItHadNothingLeft'),
        basis: over ? end.context.stopLine.basis : COMMON_PRACTICE,
      };
    },
  },
  {
    id: 'zero',
    look: ({ scenario, state, first }) => {
      if (scenario.zeroed || !state.marks.some(({ type }) => type === 'weighed')) return null;
      const right = first('zeroed') < first('weighed');
      return practice(
        right,
        right ? rehearseMessage('zeroTheScaleWasZeroed') : rehearseMessage('zeroWeighedWithTheSling'),
        rehearseMessage('zeroMostFalseWeightsAre'),
      );
    },
  },
  {
    id: 'mat',
    look: ({ scenario, first, lifted }) =>
      scenario.matC === null || scenario.matC < 40 || !lifted
        ? null
        : practice(
            first('wetted') < first('lifted'),
            first('wetted') < first('lifted')
              ? rehearseMessage('matTheMatWasSoaked')
              : rehearseMessage('matTheFishWasLaid'),
            rehearseMessage('matADarkMatIn', { matC: scenario.matC }),
          ),
  },
  {
    id: 'air',
    look: ({ end }) => {
      const { clocks, budget } = end;
      if (clocks.airMs === 0) return null;
      const right = clocks.longestAirMs <= budget.spellMs && clocks.airMs <= budget.totalMs;
      return {
        right,
        text: rehearseMessage('air', { longestAirMs: clocks.longestAirMs, spellMs: budget.spellMs }),
        reason: budget.reasons[0]?.text ?? rehearseMessage('airYourOwnLimit'),
        basis: budget.reasons[0]?.basis ?? COMMON_PRACTICE,
      };
    },
  },
  {
    id: 'treat',
    look: ({ scenario, state, lifted }) => {
      if (!scenario.twists.some(({ wound }) => wound) || !lifted) return null;
      const treated = state.marks.filter(({ type }) => type === 'treated').length;
      if (scenario.rules.treatments === 'forbidden')
        return {
          right: treated === 0,
          text: treated === 0 ? rehearseMessage('treatNotedAndLeftAlone') : rehearseMessage('treatItWasTreatedAnd'),
          reason: rehearseMessage('treatReason'),
          basis: { kind: 'local-rule', water: 'the rehearsal water' } as const,
        };
      const [wound] = state.wounds;
      const right =
        wound !== undefined && wound.treatedWith[0] === 'antiseptic' && wound.treatedWith.includes('sealant');
      return practice(
        right,
        right
          ? rehearseMessage('treatCleanedThenSealed')
          : wound
            ? rehearseMessage('treatNotCleanedFirstAnd')
            : rehearseMessage('treatTheWoundWasNot'),
        rehearseMessage('treatSealantAloneTrapsThe'),
      );
    },
  },
  {
    id: 'dropped',
    look: ({ scenario, state, first }) => {
      if (scenario.id !== 'dropped' || first('dropped') === Infinity)
        return scenario.id === 'dropped' && first('weighed') < Infinity
          ? practice(false, rehearseMessage('droppedTheFallWasNot'), rehearseMessage('droppedABlowKillsDays'))
          : null;
      const later = state.marks.some(({ type, atMs }) => type === 'pictured' && atMs > first('dropped'));
      return practice(
        !later,
        later ? rehearseMessage('droppedAPictureAfterA') : rehearseMessage('droppedStraightBackAfterThe'),
        rehearseMessage('droppedAfterABlowIt'),
      );
    },
  },
  {
    id: 'second-rod',
    look: ({ scenario, state, first }) => {
      const goes =
        scenario.id === 'second-rod' && scenario.twists[0] ? first('lifted') + scenario.twists[0].afterMs : Infinity;
      if (goes === Infinity) return null;
      const back =
        state.spells.find(({ medium, fromMs }) => medium === 'water' && fromMs >= goes)?.fromMs ??
        state.endMs ??
        Infinity;
      const right = back - goes <= 15_000;
      return practice(
        right,
        right ? rehearseMessage('secondRodTheFishWentBack') : rehearseMessage('secondRodTheFishStayedOn'),
        rehearseMessage('secondRodARodCanWait'),
      );
    },
  },
  {
    id: 'no-keeping',
    look: ({ scenario, end, state }) => {
      if (scenario.rules.retention?.kind !== 'none') return null;
      const kept = state.marks.some(({ type }) => type === 'rested') || end.retention.ms >= 180_000;
      return {
        right: !kept,
        text: kept ? rehearseMessage('noKeepingItWasKeptIn') : rehearseMessage('noKeepingItWasNotKept'),
        reason: rehearseMessage('noKeepingReason'),
        basis: { kind: 'local-rule', water: 'the rehearsal water' } as const,
      };
    },
  },
  {
    id: 'predator',
    look: (played) => {
      const seen = played.scenario.twists.find(({ sign }) => sign === 'predator-near');
      if (!seen || played.first('held') === Infinity) return null;
      const right = (played.state.endMs ?? Infinity) - played.first('held') - seen.afterMs >= 10_000;
      return practice(
        right,
        right ? rehearseMessage('predatorYouHeldItOn') : rehearseMessage('predatorLetGoBeforeAn'),
        rehearseMessage('predatorItCannotFleeFor'),
      );
    },
  },
  {
    id: 'recovery',
    look: ({ scenario, state, first }) => {
      const upright = scenario.id === 'slow' ? scenario.twists[1] : undefined;
      if (!upright) return null;
      const right = first('held') < Infinity && (state.endMs ?? 0) >= first('held') + upright.afterMs;
      return practice(
        right,
        right ? rehearseMessage('recoveryHeldUntilItStood') : rehearseMessage('recoveryLetGoBeforeIt'),
        rehearseMessage('recoveryAsLongAsIt'),
      );
    },
  },
  {
    id: 'board',
    look: ({ scenario, state, first }) => {
      if (scenario.board === null) return null;
      const time = boardTime(state);
      const measured = first('measured') < Infinity;
      const right = measured && time !== undefined && time.stands !== 'over';
      const text = !measured
        ? rehearseMessage('boardNotMeasured')
        : time?.stands === 'afloat'
          ? rehearseMessage('boardAfloat')
          : rehearseMessage(right ? 'boardInTime' : 'boardTooLong', { ms: time?.ms ?? state.lastTapMs });
      return practice(right, text, rehearseMessage('boardReason'));
    },
  },
  {
    id: 'held',
    look: ({ lifted, first }) =>
      lifted
        ? practice(
            first('held') < Infinity,
            first('held') < Infinity ? rehearseMessage('heldHeldUprightBeforeIt') : rehearseMessage('heldItWasNotHeld'),
            rehearseMessage('heldUprightHeadIntoThe'),
          )
        : null,
  },
];

/** How a rehearsal went: splits, decisions with their reasons, what was forgotten, and one number for the plot. */
export interface Rehearsed {
  readonly splits: readonly Split[];
  readonly decisions: readonly Decision[];
  readonly airMs: number;
  readonly longestAirMs: number;
  readonly budgetMs: number;
  /** From the net to the release; null of a fish that was not netted. */
  readonly handledMs: number | null;
  /** Share of the decisions that were right. */
  readonly score: number;
}

/** Judges a rehearsal that is over. What is true of the fish is the scenario's, whether or not it was tapped. */
export function judgeRehearsal(
  scenario: Scenario,
  state: CaptureState,
  schools?: BankPractices,
  stopSchool?: StopPractice,
): Rehearsed {
  const truth = scenario.twists.flatMap(({ sign }) => (sign === 'spent' || sign === 'bleeding' ? [sign] : []));
  const end = runStateOf(
    { ...state, signs: [...state.signs, ...truth] },
    runContextIn(scenario, schools, stopSchool),
    state.endMs ?? 0,
  );
  const first = (step: RunStep) => state.marks.find(({ type }) => type === step)?.atMs ?? Infinity;
  const played: Played = { scenario, state, end, first, lifted: state.spells.some(({ medium }) => medium === 'air') };
  const decisions = DECISION_RULES.flatMap(({ id, look }) => {
    const said = look(played);
    return said ? [{ id, ...said }] : [];
  });
  const nettedMs = first('netted');
  return {
    splits: splitsOf(state.marks),
    decisions,
    airMs: end.clocks.airMs,
    longestAirMs: end.clocks.longestAirMs,
    budgetMs: end.budget.spellMs,
    handledMs: nettedMs === Infinity ? null : Math.max(0, (state.endMs ?? nettedMs) - nettedMs),
    score: decisions.filter(({ right }) => right).length / Math.max(1, decisions.length),
  };
}
