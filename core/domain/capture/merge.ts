import { hashText } from '../../statistics/rng.js';
import type { CaptureEvent } from './event.js';
import { effectiveEvents } from './effectiveEvents.js';

/** What one of two captures of the same fish takes over, and what is said in the other. */
export interface Merge {
  /** The capture that goes on: the one begun first. */
  readonly captureId: string;
  /** Copies of what was tapped in the other one, in the time of the first. */
  readonly copies: readonly CaptureEvent[];
  readonly fromId: string;
}

/**
 * Merges two captures that were begun for the same fish, by two people or two taps. The later one's taps are copied
 * into the earlier one at the time at which they were made by the wall clock; its take is left out. The copies' ids
 * follow from the originals, so two devices that merge the same pair make the same events, and they count once.
 * Example: begun at 5:00:00 and at 5:00:40, a lift at 10 s of the second is one at 50 s of the first.
 */
export function mergeCaptures(a: readonly CaptureEvent[], b: readonly CaptureEvent[]): Merge | null {
  const [takeA, takeB] = [takeOf(a), takeOf(b)];
  if (!takeA || !takeB || takeA.captureId === takeB.captureId) return null;
  const firstIsA = takeA.at === takeB.at ? takeA.captureId < takeB.captureId : takeA.at < takeB.at;
  const [first, second, others] = firstIsA ? [takeA, takeB, b] : [takeB, takeA, a];
  const laterMs = Date.parse(second.at) - Date.parse(first.at);
  const copies = effectiveEvents(others)
    .filter(({ type }) => type !== 'hooked' && type !== 'merged')
    .map((event) => ({
      ...event,
      id: copyId(first.captureId, event.id),
      captureId: first.captureId,
      elapsedMs: event.elapsedMs + laterMs,
    }));
  return { captureId: first.captureId, copies, fromId: second.captureId };
}

function takeOf(events: readonly CaptureEvent[]): CaptureEvent | undefined {
  return effectiveEvents(events).find(({ type }) => type === 'hooked');
}

/** A UUIDv7 with the time of the original and a rest that follows from both ids. */
function copyId(captureId: string, id: string): string {
  const hex = ['a', 'b', 'c']
    .map((salt) =>
      hashText(salt + captureId + id)
        .toString(16)
        .padStart(8, '0'),
    )
    .join('');
  const variant = '89ab'[parseInt(hex.charAt(3), 16) % 4] ?? '8';
  return `${id.slice(0, 15)}${hex.slice(0, 3)}-${variant}${hex.slice(4, 7)}-${hex.slice(8, 20)}`;
}
