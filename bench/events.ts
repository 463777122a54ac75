import { randomBytes } from 'node:crypto';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/domain/capture/event';
import { idMaker } from '@keeper/core/domain/capture/eventId';

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

/** Sends events to a running server. @throws Error with its sentence when it refuses them */
export async function sendEvents(url: string, events: readonly CaptureEvent[]): Promise<void> {
  const answer = await fetch(`${url}/api/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events }),
  });
  if (!answer.ok) throw new Error(await answer.text());
}
