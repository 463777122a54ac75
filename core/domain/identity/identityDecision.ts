import type { CaptureEvent, Identified } from '../capture/event.js';

/** Something that the keeper said about who a fish is, with what spoke for it, and when it was taken back if it was. */
export interface IdentityDecision extends Identified {
  readonly captureId: string;
  readonly eventId: string;
  readonly at: string;
  readonly takenBackAt: string | null;
}

/**
 * Everything that was said about who fish are, oldest first, also what was taken back: it was said.
 * Example: a wrong "same" taken back a week later is one decision with both days.
 */
export function identityDecisions(events: readonly CaptureEvent[]): IdentityDecision[] {
  const once = new Map(events.map((event) => [event.id, event]));
  const undone = new Map<string, string>();
  for (const event of once.values()) if (event.type === 'undone') undone.set(event.payload.eventId, event.at);
  return [...once.values()]
    .flatMap((event) =>
      event.type === 'identified'
        ? [
            {
              ...event.payload,
              captureId: event.captureId,
              eventId: event.id,
              at: event.at,
              takenBackAt: undone.get(event.id) ?? null,
            },
          ]
        : [],
    )
    .sort((a, b) => (a.at === b.at ? a.eventId.localeCompare(b.eventId) : a.at.localeCompare(b.at)));
}
