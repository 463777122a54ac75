import type { CaptureEvent } from './event.js';
import { RunningStory } from './runningCapture.js';
import type { CaptureStory } from './captureState.js';

/**
 * Tells one capture's story from its events, in whatever order and however often each arrived.
 * Repeated ids count once; undone events and the undoing are left out, and what cannot be read is set aside.
 *
 * Example: hooked at 0, lifted at 300 000 and returned at 340 000 gives spells of water, 40 s of air, and water since.
 */
export function tellStory(captureId: string, events: readonly CaptureEvent[]): CaptureStory {
  return new RunningStory(captureId, events).story();
}
