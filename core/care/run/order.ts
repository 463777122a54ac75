import type { Message } from '../../measure/message.js';
import { runMessage } from './runMessages.js';
import { advisedAgainst } from './counselOfRun.js';
import { afloatSteps, IN_AIR, orderOfWork } from './orderOfWork.js';
import { unhooksOnMat, type RunState } from './runState.js';
import type { Sign } from '../../domain/capture/sign.js';
import { canHappen, done, type RunStep } from '../../domain/capture/steps.js';
import type { RunContext } from './runContext.js';
import type { CaptureState } from '../../domain/capture/captureState.js';

/** What the large control taps: a step, or a sign that has to be seen before anything else can be done. */
export type NextTap =
  { readonly kind: 'step'; readonly step: RunStep } | { readonly kind: 'sign'; readonly sign: Sign };

/**
 * The one tap that comes next; null when the fish has gone. While it hangs, thrashes, or line and fins are caught, that
 * it no longer does comes before any step. Example: after `hooked` it is the net.
 */
export function nextTap(state: CaptureState, run: RunState): NextTap | null {
  const { phase, signs, use } = run;
  if (phase === 'gone' || state.startedAt === null) return null;
  const inHand = phase === 'netted' || phase === 'resting' || (phase === 'air' && use.stage !== 'over');
  if (signs.has('hangs-upright') && (inHand || phase === 'air')) return { kind: 'sign', sign: 'level' };
  if (inHand && signs.has('thrashing')) return { kind: 'sign', sign: 'calm' };
  if (inHand && phase !== 'air' && signs.has('line-caught')) return { kind: 'sign', sign: 'line-clear' };
  return { kind: 'step', step: nextStep(state, run) };
}

/**
 * In the air: what of the order is still to be done since the lift, else the way back. In the water: net, hook, lift;
 * after a rest the lift again, if something is left to do; then upright and away. What was skipped is not asked for
 * again, and nothing is asked for that the counsel of the run advises against.
 */
function nextStep(state: CaptureState, run: RunState): RunStep {
  const order = orderOfWork(run);
  const against = advisedAgainst(run);
  const hook = against.has('hook-out') ? (against.has('hook-cut') ? 'line-cut' : 'hook-cut') : 'hook-out';
  const lifts = order.includes('lifted') && !against.has('lifted');
  switch (run.phase) {
    case 'playing':
      return 'netted';
    case 'holding':
    case 'gone':
      return 'released';
    case 'netted': {
      const hookFirst = !lifts || !unhooksOnMat(run.context);
      if (state.hookEnd === null && hookFirst) return hook;
      const afloat = afloatSteps(run.context).find(
        (step) => order.includes(step) && !done(state, step) && !against.has(step),
      );
      if (afloat) return afloat;
      return lifts ? 'lifted' : 'held';
    }
    case 'resting': {
      const last = state.marks.findLast(({ type }) => type === 'rested' || type === 'returned');
      const left = order.some((step) => IN_AIR.includes(step) && step !== 'carried' && !done(state, step));
      if (state.hookEnd === null) return hook;
      return last?.type === 'rested' && left && lifts ? 'lifted' : 'held';
    }
    case 'air':
      if (state.hookEnd === null) return hook;
      return nextInAir(state, run, order, against);
  }
}

function nextInAir(
  state: CaptureState,
  run: RunState,
  order: readonly RunStep[],
  against: ReadonlySet<string>,
): RunStep {
  const types = state.marks.map(({ type }) => type);
  const since = new Set(types.slice(types.lastIndexOf('lifted') + 1));
  const steps = order.filter((step) => IN_AIR.includes(step));
  const furthest = Math.max(-1, ...steps.map((step, i) => (since.has(step) ? i : -1)));
  const next = steps
    .slice(furthest + 1)
    .find((step) => !against.has(step) && !done(state, step) && canHappen(state, step));
  // A picture is worth a breath before it, when most of the time has gone.
  if (next === 'pictured' && run.use.stage === 'three-quarters' && mayRest(run)) return 'rested';
  return next ?? 'held';
}

function mayRest({ retention }: RunState): boolean {
  return retention.limitMs > 0 && retention.ms < retention.limitMs;
}

/** Who does a step when there are two. */
export interface Roles {
  readonly you: Message;
  readonly helper: Message;
}

const ROLES: Partial<Record<RunStep, Roles>> = {
  netted: { you: runMessage('roleHookedYou'), helper: runMessage('roleHookedHelper') },
  'hook-out': { you: runMessage('roleHookYou'), helper: runMessage('roleHookHelper') },
  lifted: { you: runMessage('roleLiftYou'), helper: runMessage('roleLiftHelper') },
  'looked-over': { you: runMessage('roleLookYou'), helper: runMessage('roleLookHelper') },
  weighed: { you: runMessage('roleWeighYou'), helper: runMessage('roleWeighHelper') },
  measured: { you: runMessage('roleMeasureYou'), helper: runMessage('roleMeasureHelper') },
  pictured: { you: runMessage('rolePictureYou'), helper: runMessage('rolePictureHelper') },
  carried: { you: runMessage('roleCarryYou'), helper: runMessage('roleCarryHelper') },
  held: { you: runMessage('roleHoldYou'), helper: runMessage('roleHoldHelper') },
};

/**
 * The two parts of a step; undefined alone, or where one pair of hands is enough. Example: weighing, one holds and one
 * reads.
 */
export function rolesOf(step: RunStep, context: Pick<RunContext, 'helped'>): Roles | undefined {
  return context.helped ? ROLES[step] : undefined;
}
