import { standingEvents } from './story.js';
import { RUN_STEPS } from './steps.js';
import type { CaptureEvent, EventType } from './event.js';

const TAPS: readonly EventType[] = [...RUN_STEPS, 'lost', 'reading-taken'];

/** The latest tap on the bank that still stands: what an undo takes back. The take itself is not among them. */
export function lastTap(events: readonly CaptureEvent[]): CaptureEvent | undefined {
  return standingEvents(events).findLast((event) => TAPS.includes(event.type));
}
