import type { Message } from '../measure/message.js';
import { careMessage } from './careMessages.js';
import { median } from '../statistics/median.js';
import { COMMON_PRACTICE, type Basis } from './counsel.js';
import type { RunState } from './run/runState.js';
import type { Mark } from '../domain/capture/captureState.js';
import { RUN_STEPS, type RunStep } from '../domain/capture/steps.js';

/** How long it took to come to a step from the one before it. */
export interface Split {
  readonly step: RunStep;
  readonly atMs: number;
  readonly tookMs: number;
}

/** Done while something else is: they are no stretch of their own. */
const ON_THE_SIDE: readonly RunStep[] = ['zeroed', 'wetted'];

type Timed = Pick<Mark, 'type' | 'atMs'>;

/**
 * The splits of a run, in its order; the same step tapped again and again is one.
 * Example: netted at 300 s and unhooked at 330 s: 300 s to the net, 30 s to the hook.
 */
export function splitsOf(marks: readonly Timed[]): Split[] {
  let beforeMs = marks.find(({ type }) => type === 'hooked')?.atMs ?? 0;
  const splits: Split[] = [];
  for (const { type, atMs } of marks.filter(isStretch)) {
    const last = splits.at(-1);
    if (last?.step === type) splits[splits.length - 1] = { ...last, atMs, tookMs: last.tookMs + atMs - beforeMs };
    else splits.push({ step: type, atMs, tookMs: atMs - beforeMs });
    beforeMs = atMs;
  }
  return splits;
}

function isStretch(mark: Timed): mark is Timed & { readonly type: RunStep } {
  return RUN_STEPS.includes(mark.type as RunStep) && !ON_THE_SIDE.includes(mark.type as RunStep);
}

/** What the keeper's own past says of each step. */
export interface HandlingPast {
  readonly captures: number;
  readonly airMs: number | null;
  readonly steps: readonly { readonly step: RunStep; readonly medianMs: number; readonly times: number }[];
}

/** Medians over past captures. Example: splits of 20, 30 and 50 s to the hook have the median 30. */
export function pastOf(
  captures: readonly { readonly marks: readonly Timed[]; readonly airMs: number }[],
): HandlingPast {
  const took = new Map<RunStep, number[]>();
  for (const { marks } of captures)
    for (const { step, tookMs } of splitsOf(marks)) took.set(step, [...(took.get(step) ?? []), tookMs]);
  return {
    captures: captures.length,
    airMs: median(captures.map(({ airMs }) => airMs)),
    steps: RUN_STEPS.flatMap((step) => {
      const all = took.get(step);
      const medianMs = all && median(all);
      return all && medianMs !== null && medianMs !== undefined ? [{ step, medianMs, times: all.length }] : [];
    }),
  };
}

/** One thing to do otherwise next time, or one that went well. */
export interface Suggestion {
  readonly text: Message;
  readonly reason: Message;
  readonly basis: Basis;
}

/** A median of fewer than these says little. */
const LEAST_TIMES = 3;
/** Slower than one's own habit by this much, and by so much time, is worth a word (common practice, no source). */
const SLOWER = 1.5;
const SLOWER_MS = 8000;

/**
 * The steps in or towards the air: only these can be hurried for the fish's sake. The recovery takes as long as it
 * takes.
 */
const HANDLED: readonly RunStep[] = [
  'hook-out',
  'hook-cut',
  'lifted',
  'looked-over',
  'weighed',
  'measured',
  'pictured',
  'carried',
];

/**
 * The one suggestion of a capture: what was against the fish first (too long in the air, dropped, a clean run with no
 * look over), then the step that was slowest against the keeper's own median. `end` is the moment of the release.
 * Example: 48 s in the air with 30 s allowed is said before a slow picture.
 */
export function suggestionOf(splits: readonly Split[], end: RunState, past: HandlingPast): Suggestion {
  const { budget, clocks } = end;
  const slow = slowest(
    splits.filter(({ step }) => HANDLED.includes(step)),
    past,
  );
  if (clocks.longestAirMs > budget.spellMs) {
    const most = longestInAir(splits, end);
    return {
      text: careMessage('reviewAir', { longestAirMs: clocks.longestAirMs, spellMs: budget.spellMs, most }),
      reason: budget.reasons[0]?.text ?? careMessage('reviewAirReason'),
      basis: budget.reasons[0]?.basis ?? COMMON_PRACTICE,
    };
  }
  if (end.dropped)
    return {
      text: careMessage('reviewDropped'),
      reason: careMessage('reviewDroppedReason'),
      basis: COMMON_PRACTICE,
    };
  if (slow)
    return {
      text: careMessage('reviewSlow', {
        step: slow.step,
        tookMs: slow.tookMs,
        medianMs: slow.medianMs,
      }),
      reason: careMessage('reviewSlowReason', { times: slow.times }),
      basis: { kind: 'computed', method: careMessage('reviewSlowMethod') },
    };
  if (clocks.airMs > 0 && !end.lookedOver)
    return {
      text: careMessage('reviewNotLookedOver'),
      reason: careMessage('reviewNotLookedOverReason'),
      basis: COMMON_PRACTICE,
    };
  return {
    text: clocks.airMs === 0 ? careMessage('reviewNeverLifted') : careMessage('reviewGood'),
    reason: clocks.airMs === 0 ? careMessage('reviewNeverLiftedReason') : careMessage('reviewGoodReason'),
    basis: COMMON_PRACTICE,
  };
}

function slowest(splits: readonly Split[], past: HandlingPast) {
  return splits
    .flatMap((split) => {
      const usual = past.steps.find(({ step, times }) => step === split.step && times >= LEAST_TIMES);
      if (!usual || split.tookMs < usual.medianMs * SLOWER || split.tookMs - usual.medianMs < SLOWER_MS) return [];
      return [{ ...split, medianMs: usual.medianMs, times: usual.times }];
    })
    .sort((a, b) => b.tookMs / b.medianMs - a.tookMs / a.medianMs)[0];
}

/** The step that the longest spell in the air went to most. */
function longestInAir(splits: readonly Split[], end: RunState): RunStep | undefined {
  const inAir = splits.filter(
    (split, i) => split.step !== 'lifted' && splits.slice(0, i).some(({ step }) => step === 'lifted'),
  );
  return inAir
    .filter(({ tookMs, step }) => tookMs <= end.clocks.longestAirMs && HANDLED.includes(step))
    .sort((a, b) => b.tookMs - a.tookMs)[0]?.step;
}
