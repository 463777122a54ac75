import { standingEvents } from './story.js';
import { RUN_STEPS } from './steps.js';
import type { CaptureEvent, EventType } from './event.js';

const TAPS: readonly EventType[] = [
  ...RUN_STEPS,
  ...(['seen', 'wound-noted', 'gill-beat', 'recovering', 'lost', 'left-as', 'reading-taken', 'interrupted'] as const),
];

/** The latest tap on the bank that still stands: what an undo takes back. The take itself is not among them. */
export function lastTap(events: readonly CaptureEvent[]): CaptureEvent | undefined {
  return standingEvents(events).findLast((event) => TAPS.includes(event.type));
}
