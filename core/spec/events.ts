import fc from 'fast-check';
import {
  INTERRUPTIONS,
  LEAVINGS,
  RECOVERY_SIGNS,
  type CaptureEvent,
  type EventPayloads,
  type EventType,
} from '../domain/capture/event.js';
import { SIGNS } from '../domain/capture/sign.js';
import { TREATMENTS, WOUND_KINDS, WOUND_SIDES, WOUND_SIZES_MM } from '../domain/fish/wound.js';
import { RUN_STEPS } from '../domain/capture/steps.js';

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

const anyPayload = {
  seen: fc.record({ sign: fc.constantFrom(...SIGNS) }),
  'wound-noted': fc.record({
    wound: fc.record({
      kind: fc.constantFrom(...WOUND_KINDS),
      side: fc.constantFrom(...WOUND_SIDES),
      at: fc.record({ u: fc.constantFrom(0.1, 0.5, 0.9), v: fc.constantFrom(-0.1, 0.1) }),
      sizeMm: fc.constantFrom(...WOUND_SIZES_MM),
    }),
  }),
  treated: fc.record({ with: fc.constantFrom(...TREATMENTS) }),
  'gill-beat': fc.record({ perMinute: fc.integer({ min: 10, max: 120 }) }),
  'sling-hung': fc.record({
    shown: fc.record({ unit: fc.constant('oz' as const), count: fc.integer({ min: -10, max: 40 }) }),
  }),
  'entry-kept': fc.record({ note: fc.constantFrom('by the lock keeper', 'weighed twice') }),
  recovering: fc.record({ sign: fc.constantFrom(...RECOVERY_SIGNS) }),
  'left-as': fc.record({ leaving: fc.constantFrom(...LEAVINGS) }),
  interrupted: fc.record({ why: fc.constantFrom(...INTERRUPTIONS) }),
} as const;

/** Any one tap of the bank with what it carries. */
export const anyTap: fc.Arbitrary<{ readonly type: EventType; readonly payload: object }> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc
      .constantFrom(...RUN_STEPS.filter((step) => step !== 'treated'))
      .map((type) => ({ type, payload: {} })),
  },
  {
    weight: 1,
    arbitrary: fc.constantFrom('lost' as const, 'taken-up' as const).map((type) => ({ type, payload: {} })),
  },
  ...Object.entries(anyPayload).map(([type, of]) => of.map((payload) => ({ type: type as EventType, payload }))),
);

/** An event of any type for tests, where the type is only known at run time. */
export function anyEvent({ type, payload }: { readonly type: EventType; readonly payload: object }, atMs: number) {
  return event(type as 'seen', atMs, payload as EventPayloads['seen']);
}

/** Any history of taps, in order of time, some of them undone. */
export const anyHistory = fc
  .array(fc.record({ tap: anyTap, gapMs: fc.integer({ min: 0, max: 600_000 }), undo: fc.boolean() }), { maxLength: 25 })
  .map((taps) => {
    let atMs = 0;
    const events: CaptureEvent[] = [event('hooked', 0)];
    for (const { tap, gapMs, undo } of taps) {
      atMs += gapMs;
      const made = anyEvent(tap, atMs);
      events.push(made);
      if (undo) events.push(event('undone', atMs + 500, { eventId: made.id }));
    }
    return events;
  });
