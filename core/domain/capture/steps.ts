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
export const STEP_WORDS: Readonly<Record<RunStep, { readonly todo: string; readonly done: string }>> = {
  netted: { todo: 'In the net', done: 'netted' },
  'off-rig': { todo: 'Off the rig, hook in', done: 'off the rig' },
  'hook-out': { todo: 'Hook out', done: 'hook out' },
  'hook-cut': { todo: 'Hook cut', done: 'hook cut' },
  'line-cut': { todo: 'Line cut, hook left', done: 'line cut' },
  'hook-shed': { todo: 'It shed the hook', done: 'hook shed' },
  zeroed: { todo: 'Scale zeroed', done: 'zeroed' },
  lifted: { todo: 'Lift', done: 'lifted' },
  'looked-over': { todo: 'Looked over', done: 'looked over' },
  treated: { todo: 'Treat', done: 'treated' },
  wetted: { todo: 'Wetted', done: 'wetted' },
  weighed: { todo: 'Weigh', done: 'weighed' },
  measured: { todo: 'Measure', done: 'measured' },
  pictured: { todo: 'Picture', done: 'pictured' },
  rested: { todo: 'Rest in the water', done: 'resting' },
  carried: { todo: 'Carry', done: 'carried' },
  dropped: { todo: 'It dropped', done: 'dropped' },
  returned: { todo: 'Back in the water', done: 'back in the water' },
  held: { todo: 'Hold it upright', done: 'held upright' },
  released: { todo: 'Released', done: 'released' },
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
