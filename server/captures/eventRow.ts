import type { CaptureEvent } from '@keeper/core/capture/event';
import type { events } from '../storage/schema.js';

/** A row of the log as the event that was appended. */
export function eventOf(row: Omit<typeof events.$inferSelect, 'receivedAt'>): CaptureEvent {
  const { id, captureId, deviceId, at, elapsedMs, type } = row;
  return { id, captureId, deviceId, at, elapsedMs, type, payload: JSON.parse(row.payload) as object } as CaptureEvent;
}
