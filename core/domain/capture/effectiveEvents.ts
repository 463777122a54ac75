import { byTimeThenId, type CaptureEvent, type EventType } from './event.js';
import { isReadable } from './readableEvent.js';
import type { TimeAmendment } from './captureState.js';

/** What is done to other events of a log. Each such event changes what was effective before it. */
const ABOUT_OTHERS: readonly EventType[] = ['undone', 'time-amended'];

/** Whether an event says something of other events, so that they have to be looked at again. */
export function isAboutOthers({ type }: Pick<CaptureEvent, 'type'>): boolean {
  return ABOUT_OTHERS.includes(type);
}

/** The events that count: once each, without the undone ones and those that cannot be read, in order of time. */
export function effectiveEvents(events: readonly CaptureEvent[]): CaptureEvent[] {
  return effectiveOf(events.filter(isReadable));
}

/** The same of events that are known to be readable. */
export function effectiveOf(events: readonly CaptureEvent[]): CaptureEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  const undone = new Set<string>();
  for (const event of once.values()) if (event.type === 'undone') undone.add(event.payload.eventId);
  return [...once.values()].filter((event) => event.type !== 'undone' && !undone.has(event.id)).sort(byTimeThenId);
}

/**
 * Events at the times that they were put right to, the latest correction of each counting, in order; and what was put
 * right.
 */
export interface AmendedTimes {
  readonly events: readonly CaptureEvent[];
  readonly amended: readonly TimeAmendment[];
}

/**
 * Moves taps to the times that they were put right to. Example: a lift at 300 s, amended to 290 s, stands before a tap
 * at 295 s.
 */
export function withTimesAmended(effective: readonly CaptureEvent[]): AmendedTimes {
  if (!effective.some(({ type }) => type === 'time-amended')) return { events: effective, amended: [] };
  const byId = new Map(effective.map((event) => [event.id, event]));
  const times = new Map<string, number>();
  const amended: TimeAmendment[] = [];
  for (const event of effective) {
    if (event.type !== 'time-amended') continue;
    const { eventId, toMs, why } = event.payload;
    const of = byId.get(eventId);
    if (!of || of.type === 'hooked') continue;
    const fromMs = times.get(eventId) ?? of.elapsedMs;
    amended.push({ eventId: event.id, at: event.at, of: { eventId, type: of.type }, fromMs, toMs, why });
    times.set(eventId, toMs);
  }
  if (times.size === 0) return { events: effective, amended };
  const moved = effective.map((event) => {
    const elapsedMs = times.get(event.id);
    return elapsedMs === undefined ? event : { ...event, elapsedMs };
  });
  return { events: moved.sort(byTimeThenId), amended };
}
