import type { Message } from '../../measure/message.js';
import { captureMessage } from './captureMessages.js';
import { clocksAt } from './clocks.js';
import type { EventType } from './event.js';
import type { CaptureState } from './captureState.js';

/** The steps that are tapped on the bank, in the order of the work. */
export const RUN_STEPS = [
  'netted',
  'off-rig',
  'hook-out',
  'hook-cut',
  'line-cut',
  'hook-shed',
  'zeroed',
  'lifted',
  'looked-over',
  'treated',
  'wetted',
  'weighed',
  'measured',
  'pictured',
  'rested',
  'carried',
  'dropped',
  'returned',
  'held',
  'released',
] as const satisfies readonly EventType[];

export type RunStep = (typeof RUN_STEPS)[number];

/** What each step says on its control, and once it has been done. */
export const STEP_WORDS: Readonly<Record<RunStep, { readonly todo: Message; readonly done: Message }>> = {
  netted: { todo: captureMessage('stepNettedTodo'), done: captureMessage('stepNettedDone') },
  'off-rig': { todo: captureMessage('stepOffRigTodo'), done: captureMessage('stepOffRigDone') },
  'hook-out': { todo: captureMessage('stepHookOutTodo'), done: captureMessage('stepHookOutDone') },
  'hook-cut': { todo: captureMessage('stepHookCutTodo'), done: captureMessage('stepHookCutDone') },
  'line-cut': { todo: captureMessage('stepLineCutTodo'), done: captureMessage('stepLineCutDone') },
  'hook-shed': { todo: captureMessage('stepHookShedTodo'), done: captureMessage('stepHookShedDone') },
  zeroed: { todo: captureMessage('stepZeroedTodo'), done: captureMessage('stepZeroedDone') },
  lifted: { todo: captureMessage('stepLiftedTodo'), done: captureMessage('stepLiftedDone') },
  'looked-over': { todo: captureMessage('stepLookedOverTodo'), done: captureMessage('stepLookedOverDone') },
  treated: { todo: captureMessage('stepTreatedTodo'), done: captureMessage('stepTreatedDone') },
  wetted: { todo: captureMessage('stepWettedTodo'), done: captureMessage('stepWettedDone') },
  weighed: { todo: captureMessage('stepWeighedTodo'), done: captureMessage('stepWeighedDone') },
  measured: { todo: captureMessage('stepMeasuredTodo'), done: captureMessage('stepMeasuredDone') },
  pictured: { todo: captureMessage('stepPicturedTodo'), done: captureMessage('stepPicturedDone') },
  rested: { todo: captureMessage('stepRestedTodo'), done: captureMessage('stepRestedDone') },
  carried: { todo: captureMessage('stepCarriedTodo'), done: captureMessage('stepCarriedDone') },
  dropped: { todo: captureMessage('stepDroppedTodo'), done: captureMessage('stepDroppedDone') },
  returned: { todo: captureMessage('stepReturnedTodo'), done: captureMessage('stepReturnedDone') },
  held: { todo: captureMessage('stepHeldTodo'), done: captureMessage('stepHeldDone') },
  released: { todo: captureMessage('stepReleasedTodo'), done: captureMessage('stepReleasedDone') },
};

/** Whether a step can have happened now. Only what is physically impossible is held back. */
export function canHappen(state: CaptureState, step: RunStep): boolean {
  if (state.outcome !== 'open' || state.startedAt === null) return false;
  const { medium } = clocksAt(state, 0);
  switch (step) {
    case 'lifted':
      return medium === 'water';
    case 'returned':
    case 'rested':
    case 'dropped':
    case 'wetted':
      return medium === 'air';
    case 'netted':
      return medium === 'water' && !done(state, 'netted');
    case 'off-rig':
      return state.hookEnd === null && !done(state, 'off-rig');
    case 'hook-out':
    case 'hook-cut':
    case 'line-cut':
    case 'hook-shed':
      return state.hookEnd === null;
    case 'held':
      return state.recovery.heldMs === null || medium === 'air' || last(state, 'held') < last(state, 'lifted');
    default:
      return true;
  }
}

/** Where a step stands among the marks for the last time; -1 where it was not done. */
function last({ marks }: Pick<CaptureState, 'marks'>, step: RunStep): number {
  return marks.findLastIndex(({ type }) => type === step);
}

/** How often a step has been done. Example: a fish lifted twice counts 2. */
export function timesDone(state: Pick<CaptureState, 'marks'>, step: RunStep): number {
  return state.marks.filter((mark) => mark.type === step).length;
}

/** Whether a step has been done at all. */
export function done(state: Pick<CaptureState, 'marks'>, step: RunStep): boolean {
  return timesDone(state, step) > 0;
}
