import type { CaptureEvent } from './event.js';
import { RunningCapture } from './runningCapture.js';
import type { CaptureState } from './captureState.js';

/**
 * Replays one capture's events into its state, in whatever order and however often each arrived.
 * Repeated ids count once; undone events and the undoing are left out, and what cannot be read is set aside.
 *
 * Example: hooked at 0, lifted at 300 000 and returned at 340 000 gives spells of water, 40 s of air, and water since.
 */
export function replay(captureId: string, events: readonly CaptureEvent[]): CaptureState {
  return new RunningCapture(captureId, events).state();
}
