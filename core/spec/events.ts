import fc from 'fast-check';
import type { CaptureEvent, EventPayloads, EventType } from '../capture/event.js';
import { RUN_STEPS } from '../capture/steps.js';

export const CAPTURE = '01930000-0000-7000-8000-000000000000';

/** An event for tests: ids follow the order of making. */
let made = 0;
export function event<T extends EventType>(type: T, elapsedMs: number, payload?: EventPayloads[T]): CaptureEvent {
  made += 1;
  return {
    id: `01930000-0000-7000-8000-${String(made).padStart(12, '0')}`,
    captureId: CAPTURE,
    deviceId: 'phone',
    at: new Date(Date.UTC(2026, 5, 1, 5) + elapsedMs).toISOString(),
    elapsedMs,
    type,
    payload: payload ?? {},
  } as CaptureEvent;
}

/** A carp as it should go: 5 minutes of fight, 40 s and 20 s in the air, away after 9 minutes. */
export function cleanCapture(): CaptureEvent[] {
  return [
    event('hooked', 0, { waterId: 'w1' }),
    event('netted', 300_000),
    event('hook-out', 330_000),
    event('lifted', 360_000),
    event('weighed', 380_000),
    event('returned', 400_000),
    event('lifted', 460_000),
    event('pictured', 470_000),
    event('returned', 480_000),
    event('released', 540_000),
  ];
}

/** Any history of taps, in order of time, some of them undone. */
export const anyHistory = fc
  .array(
    fc.record({
      type: fc.constantFrom(...RUN_STEPS, 'lost' as const),
      gapMs: fc.integer({ min: 0, max: 600_000 }),
      undo: fc.boolean(),
    }),
    { maxLength: 25 },
  )
  .map((taps) => {
    let atMs = 0;
    const events: CaptureEvent[] = [event('hooked', 0)];
    for (const { type, gapMs, undo } of taps) {
      atMs += gapMs;
      const tap = event(type, atMs);
      events.push(tap);
      if (undo) events.push(event('undone', atMs + 500, { eventId: tap.id }));
    }
    return events;
  });
