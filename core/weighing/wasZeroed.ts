import { timesDone } from '../domain/capture/steps.js';
import type { CaptureState } from '../domain/capture/captureState.js';

const OUTING_MS = 12 * 3_600_000;

/**
 * Whether the scale was seen to be zeroed with the wet sling on: tapped in the run, or on the bank before it.
 * `zeroedAt` is the last zero from before a take; one of another day was of another wetness. Example: a zero of an hour
 * before the take counts, one of the day before does not.
 */
export function wasZeroed(state: CaptureState, zeroedAt: string | undefined): boolean {
  if (timesDone(state, 'zeroed') > 0) return true;
  if (!zeroedAt || state.startedAt === null) return false;
  return Math.abs(Date.parse(state.startedAt) - Date.parse(zeroedAt)) < OUTING_MS;
}
