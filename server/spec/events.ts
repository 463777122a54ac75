import { randomBytes } from 'node:crypto';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/domain/capture/event';
import { idMaker } from '@keeper/core/domain/capture/eventId';

export const newId = idMaker({ wallMs: () => Date.now(), randomBytes: (length) => randomBytes(length) });

export function event<T extends EventType>(
  captureId: string,
  type: T,
  elapsedMs: number,
  payload?: EventPayloads[T],
  at = '2026-06-01T05:00:00.000Z',
): CaptureEvent {
  return { id: newId(), captureId, deviceId: 'phone', at, elapsedMs, type, payload: payload ?? {} } as CaptureEvent;
}

/** A released fish of a given day and weight. */
export function wholeCapture(day: number, ounces: number, more: { species?: 'carp' | 'pike'; waterId?: string } = {}) {
  const captureId = newId();
  const at = new Date(Date.UTC(2026, 4, day)).toISOString();
  const events = [
    event(captureId, 'hooked', 0, more.waterId ? { waterId: more.waterId } : {}, at),
    event(captureId, 'lifted', 300_000),
    event(captureId, 'reading-taken', 310_000, {
      weight: { asRead: { unit: 'oz', count: ounces }, method: 'zeroed' },
    }),
    event(captureId, 'returned', 340_000),
    event(captureId, 'released', 400_000),
    event(captureId, 'described', 900_000, { facts: { species: more.species ?? 'carp' } }),
  ];
  return { captureId, events };
}
