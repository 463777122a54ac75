import { runMessage } from './runMessages.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { IN_AIR, measuresInWater, orderOfWork } from './orderOfWork.js';
import type { RunRule } from './runRule.js';
import type { RunState } from './runState.js';
import type { Sign } from '../../domain/capture/sign.js';

/** So long after the hook came out the rig is still what lies about (common practice, no source). */
const RIG_LIES_MS = 15_000;
/** So soon after the lift the net is still round it (common practice, no source). */
const NET_ROUND_MS = 10_000;

/** While any of these stands, the finer points are not what matters. */
const GRAVE: readonly Sign[] = ['thrashing', 'bleeding', 'line-caught', 'hangs-upright'];

/** Whether nothing graver goes on, so that the finer points are what matters. */
export function isQuiet({ signs, fromTheNet, dropped }: RunState): boolean {
  return !fromTheNet && !dropped && !GRAVE.some((sign) => signs.has(sign));
}

/** The small things that practised hands do without being told. */
export const CRAFT_RULES: readonly RunRule[] = [
  {
    id: 'without-net',
    look: ({ phase, signs, context: { toothed, species } }) =>
      phase === 'playing' && signs.has('no-net')
        ? {
            severity: 'care',
            text: runMessage('withoutNet'),
            reason: runMessage('withoutNetReason'),
            basis: COMMON_PRACTICE,
            steps: [
              runMessage('withoutNetTire'),
              runMessage('withoutNetShallow'),
              toothed && species !== 'trout' ? runMessage('withoutNetToothed') : runMessage('withoutNetUnder'),
              runMessage('withoutNetHook'),
            ],
          }
        : null,
  },
  {
    id: 'rig-away',
    look: ({ phase, hookEnd, sinceHookMs, signs }) =>
      (phase === 'netted' || phase === 'air') &&
      hookEnd !== null &&
      hookEnd !== 'left-in' &&
      hookEnd !== 'shed' &&
      sinceHookMs < RIG_LIES_MS &&
      !signs.has('thrashing')
        ? {
            severity: 'care',
            text: runMessage('rigAway'),
            reason: runMessage('rigAwayReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'hook-back',
    look: ({ phase, hookEnd, signs, ...run }) =>
      phase === 'netted' &&
      hookEnd === null &&
      !signs.has('thrashing') &&
      !signs.has('line-caught') &&
      !run.hookToTheMat &&
      !signs.has('hook-swallowed') &&
      !signs.has('hook-deep') &&
      !signs.has('hook-near-gills')
        ? {
            severity: 'good',
            text: runMessage('hookBack'),
            reason: runMessage('hookBackReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'on-the-board',
    look: (run) =>
      run.phase === 'air' &&
      run.hookEnd !== null &&
      run.context.schools.measure &&
      !measuresInWater(run.context) &&
      run.done.has('looked-over') &&
      !run.done.has('measured') &&
      run.use.stage !== 'over' &&
      isQuiet(run)
        ? {
            severity: 'good',
            text: runMessage('onTheBoard'),
            reason: runMessage('onTheBoardReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'net-off',
    look: (run) =>
      run.phase === 'air' &&
      run.context.schools.lift === 'mesh' &&
      run.clocks.airNowMs < NET_ROUND_MS &&
      run.hookEnd !== null &&
      isQuiet(run)
        ? {
            severity: 'good',
            text: runMessage('netOff'),
            reason: runMessage('netOffReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'zip-again',
    look: (run) =>
      run.phase === 'resting' &&
      run.done.has('rested') &&
      run.hookEnd !== null &&
      isQuiet(run) &&
      run.use.stage !== 'over'
        ? {
            severity: 'good',
            text: runMessage('zipAgain', { lift: run.context.schools.lift }),
            reason: runMessage('zipReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
  {
    id: 'carry',
    look: (run) =>
      run.phase === 'air' && isQuiet(run) && run.use.stage !== 'over' && isCarryNext(run)
        ? {
            severity: 'good',
            text: runMessage('carry', { helped: run.context.helped }),
            reason: runMessage('zipReason'),
            basis: COMMON_PRACTICE,
          }
        : null,
  },
];

/** All that was wanted before the way back has been done. */
function isCarryNext(run: RunState): boolean {
  const steps = orderOfWork(run).filter((step) => IN_AIR.includes(step));
  const before = steps.at(steps.indexOf('carried') - 1);
  return steps.includes('carried') && !run.done.has('carried') && before !== undefined && run.done.has(before);
}
