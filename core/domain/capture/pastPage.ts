import { momentStandingFor, type PastDate } from '../../measure/pastDate.js';
import type { CaptureEvent, EventPayloads, EventType, Facts } from './event.js';
import type { RodSetup } from './rodFacts.js';

/** A fish of other years, as far as it is remembered. */
export interface PastFish {
  readonly dated: PastDate;
  /** Where it was, and whose it is. */
  readonly hooked: Omit<EventPayloads['hooked'], 'from' | 'dated'>;
  readonly facts: Facts;
  readonly setup: RodSetup;
}

/** A page of the book as its entries: it has a day and what is remembered, and no clocks. */
export interface PastPage {
  readonly captureId: string;
  readonly begunAt: string;
  readonly events: readonly CaptureEvent[];
}

/**
 * The entries that make a page of a remembered fish, by the device that writes it now; their ids and the page's are
 * passed in. Nothing of it waits to be written up. Example: a fish of which only the summer is known has the moment
 * that stands for it, and three entries: hooked, released, written up.
 */
export function pastPage(
  { dated, hooked, facts, setup }: PastFish,
  by: { readonly deviceId: string; readonly nowMs: number; readonly nextId: () => string },
): PastPage {
  const captureId = by.nextId();
  const begunAt = momentStandingFor(dated);
  const entry = <T extends EventType>(type: T, payload: EventPayloads[T], atMs: number) =>
    ({
      id: by.nextId(),
      captureId,
      deviceId: by.deviceId,
      at: new Date(atMs).toISOString(),
      elapsedMs: Math.max(0, Math.round(atMs - takenMs)),
      type,
      payload,
    }) as CaptureEvent;
  const takenMs = Date.parse(begunAt);
  const events = [
    entry('hooked', { from: 'memory', dated, ...hooked }, takenMs),
    entry('released', {}, takenMs),
    ...(Object.keys(facts).length > 0 ? [entry('described', { facts }, by.nowMs)] : []),
    ...(Object.keys(setup).length > 0 ? [entry('rod-told', setup, by.nowMs)] : []),
    entry('written-up', {}, by.nowMs),
  ];
  return { captureId, begunAt, events };
}
