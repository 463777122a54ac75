import { clocksAt } from './clocks.js';
import type { EventType } from './event.js';
import type { CaptureStory } from './story.js';

/** The steps that are tapped on the bank, in the order of the work. */
export const RUN_STEPS = [
  'netted',
  'hook-out',
  'lifted',
  'weighed',
  'pictured',
  'returned',
  'released',
] as const satisfies readonly EventType[];

export type RunStep = (typeof RUN_STEPS)[number];

/** What each step says on its control, and once it has been done. */
export const STEP_WORDS: Readonly<Record<RunStep, { readonly todo: string; readonly done: string }>> = {
  netted: { todo: 'In the net', done: 'netted' },
  'hook-out': { todo: 'Hook out', done: 'hook out' },
  lifted: { todo: 'Lift', done: 'lifted' },
  weighed: { todo: 'Weigh', done: 'weighed' },
  pictured: { todo: 'Picture', done: 'pictured' },
  returned: { todo: 'Back in the water', done: 'back in the water' },
  released: { todo: 'Released', done: 'released' },
};

/** Whether a step can have happened now. Only what is physically impossible is held back. */
export function canHappen(story: CaptureStory, step: RunStep): boolean {
  if (story.outcome !== 'open' || story.startedAt === null) return false;
  const { medium } = clocksAt(story, 0);
  if (step === 'lifted') return medium === 'water';
  if (step === 'returned') return medium === 'air';
  if (step === 'netted') return medium === 'water' && !done(story, 'netted');
  if (step === 'hook-out') return !done(story, 'hook-out');
  return true;
}

/**
 * The one step that the order of work puts next. In the air: weigh, picture, back. In the water: net, hook, lift; then away.
 * Steps that were skipped are not asked for again once the work has moved past them.
 * Example: after `hooked` it is `netted`; after `lifted` it is `weighed`.
 */
export function nextStep(story: CaptureStory): RunStep | null {
  if (story.outcome !== 'open' || story.startedAt === null) return null;
  const { medium } = clocksAt(story, 0);
  if (medium === 'air') {
    const furthest = sinceLift(story);
    if (furthest.has('pictured')) return 'returned';
    return furthest.has('weighed') ? 'pictured' : 'weighed';
  }
  if (done(story, 'returned')) return 'released';
  if (done(story, 'hook-out') && done(story, 'netted')) return 'lifted';
  return done(story, 'netted') ? 'hook-out' : 'netted';
}

/** How often a step has been done. Example: a fish lifted twice counts 2. */
export function timesDone(story: CaptureStory, step: RunStep): number {
  return story.marks.filter((mark) => mark.type === step).length;
}

function done(story: CaptureStory, step: RunStep): boolean {
  return timesDone(story, step) > 0;
}

function sinceLift(story: CaptureStory): Set<EventType> {
  const types = story.marks.map((mark) => mark.type);
  return new Set(types.slice(types.lastIndexOf('lifted') + 1));
}
