import { randomBytes } from 'node:crypto';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/capture/event';
import { idMaker } from '@keeper/core/capture/eventId';

export const newId = idMaker({ wallMs: () => Date.now(), randomBytes: (length) => randomBytes(length) });

export function event<T extends EventType>(
  captureId: string,
  type: T,
  at: string,
  elapsedMs: number,
  payload: EventPayloads[T],
): CaptureEvent {
  return { id: newId(), captureId, deviceId: 'bench', at, elapsedMs, type, payload } as CaptureEvent;
}
