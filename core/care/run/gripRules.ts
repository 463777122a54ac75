import { runMessage } from './runMessages.js';
import { COMMON_PRACTICE } from '../counsel.js';
import { nameOfWay } from '../../domain/practice/bankPractices.js';
import { practiceBasis } from './practiceBasis.js';
import type { RunRule } from './runRule.js';
import type { RunState } from './runState.js';

/** How it is held, by kind and size; and that it never hangs. */
export const GRIP_RULES: readonly RunRule[] = [
  {
    id: 'hung',
    look: ({ phase, signs }) =>
      phase !== 'gone' && phase !== 'playing' && signs.has('hangs-upright')
        ? {
            severity: 'stop',
            alone: true,
            text: runMessage('hung'),
            reason: runMessage('hungReason'),
            basis: COMMON_PRACTICE,
            does: ['level'],
            avoids: ['lifted', 'weighed', 'measured', 'pictured', 'carried', 'looked-over'],
          }
        : null,
  },
  {
    id: 'grip-toothed',
    look: (run) => (run.phase === 'netted' ? gripOf(run, false) : null),
  },
  {
    id: 'grip-on-the-mat',
    look: (run) =>
      run.phase === 'air' && run.use.stage !== 'over' && !['boat', 'wading'].includes(run.context.bank)
        ? gripOf(run, true)
        : null,
  },
  {
    id: 'grip-trout',
    look: ({ phase, context: { species } }) =>
      phase === 'netted' && species === 'trout'
        ? {
            severity: 'care',
            text: runMessage('gripTrout'),
            reason: runMessage('gripTroutReason'),
            basis: COMMON_PRACTICE,
            does: ['grip'],
          }
        : null,
  },
];

/** The keeper's grip for a toothed fish with the hook still in. A small one is held by the wrist of its tail. */
function gripOf({ hookEnd, signs, context }: RunState, onMat: boolean): ReturnType<RunRule['look']> {
  const { toothed, species, schools } = context;
  if (hookEnd !== null || !toothed || species === 'trout' || signs.has('thrashing') || signs.has('small')) return null;
  const wels = species === 'wels';
  return {
    severity: 'care',
    text: wels
      ? runMessage('gripWels', { way: schools.welsGrip, onMat })
      : runMessage('gripToothed', { way: schools.grip, onMat }),
    reason: runMessage('gripReason'),
    basis: wels
      ? practiceBasis(context, 'welsGrip', nameOfWay('welsGrip', schools.welsGrip))
      : practiceBasis(context, 'grip', nameOfWay('grip', schools.grip)),
    does: ['grip'],
  };
}
