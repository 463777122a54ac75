import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { events } from '../storage/schema.js';

/** A row of the log as the event that was appended. */
export function eventOf(row: Omit<typeof events.$inferSelect, 'receivedAt'>): CaptureEvent {
  const { id, captureId, deviceId, at, elapsedMs, type } = row;
  return { id, captureId, deviceId, at, elapsedMs, type, payload: payloadOf(row.payload) } as CaptureEvent;
}

/**
 * A payload as it was written; null where the disk has garbled it: then its event is set aside, and the rest of the
 * book is read.
 */
export function payloadOf(text: string): object | null {
  try {
    return JSON.parse(text) as object;
  } catch {
    return null;
  }
}
