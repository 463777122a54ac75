import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { StoredEvent } from './deviceStore.js';

/** What was said on this device of who fish are, which an answer of the server need not hold yet. */
export interface LocalIdentity {
  /** The fish of a capture, as it was said last. */
  readonly fishOf: ReadonlyMap<string, string | null>;
  /** Pairs of captures that are two fish, as `one other`. */
  readonly apart: ReadonlySet<string>;
  /** Decisions that were taken back. */
  readonly takenBack: ReadonlySet<string>;
}

/**
 * Of what this device holds: all that waits to be sent, and what the server took only after it was asked: its answer
 * need not hold it.
 */
export function localIdentity(held: readonly StoredEvent[], askedMs: number): LocalIdentity {
  const events = held.flatMap(({ event, state, sentMs = 0 }): CaptureEvent[] =>
    'captureId' in event && (state === 'waiting' || sentMs >= askedMs) ? [event] : [],
  );
  const takenBack = new Set(events.flatMap((event) => (event.type === 'undone' ? event.payload.eventId : [])));
  const fishOf = new Map<string, string | null>();
  const apart = new Set<string>();
  for (const event of events) {
    if (event.type !== 'identified' || takenBack.has(event.id)) continue;
    const { says, fishId, by } = event.payload;
    if (says !== 'different') fishOf.set(event.captureId, fishId);
    else if (by) apart.add(`${event.captureId} ${by.captureId}`);
  }
  return { fishOf, apart, takenBack };
}
