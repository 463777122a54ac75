import { otherTabs, outbox } from './deviceOutbox.js';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/domain/capture/event';
import {
  type LoggedEvent,
  type OutingEvent,
  type OutingEventType,
  type OutingPayloads,
} from '@keeper/core/domain/outing/event';
import { deviceClock, deviceId, deviceZone, newId } from './device.js';
import { type RowKind } from './deviceStore.js';
import { RunClock } from './runClock.js';
import { ofKeeper } from './whose.js';

export const runClock = new RunClock(deviceClock, localStorage);

/** An event of a capture as this device makes it, now. */
export function makeEvent<T extends EventType>(
  captureId: string,
  begunAt: string | null,
  type: T,
  payload: EventPayloads[T],
): CaptureEvent {
  return {
    id: newId(),
    captureId,
    deviceId: deviceId(),
    at: new Date().toISOString(),
    elapsedMs: Math.round(runClock.elapsed(captureId, begunAt)),
    type,
    payload,
  } as CaptureEvent;
}

/** An event of an outing as this device makes it, now. */
export function makeOutingEvent<T extends OutingEventType>(
  outingId: string,
  type: T,
  payload: OutingPayloads[T],
): OutingEvent {
  return { id: newId(), outingId, deviceId: deviceId(), at: new Date().toISOString(), type, payload } as OutingEvent;
}

/** Keeps events on the device; when this resolves they cannot be lost. */
export async function record(events: readonly LoggedEvent[], onKept?: () => void): Promise<void> {
  await outbox.append(events, onKept);
  for (const event of events) if ('captureId' in event) runClock.renew(event.captureId);
  otherTabs.postMessage('changed');
}

/** Keeps a row on the device and sends it when it can. `body` carries the revision that the row was read at. */
export async function writeRow(kind: RowKind, id: string, body: { readonly revision: number }): Promise<void> {
  await outbox.keepRow({ kind, id, body });
  otherTabs.postMessage('changed');
}

/** The take: begins a capture, and opens it once it is on the device. */
export async function fishOn(where: EventPayloads['hooked'], open: (captureId: string) => void): Promise<void> {
  const captureId = newId();
  runClock.start(captureId);
  await record([makeEvent(captureId, null, 'hooked', { ...where, ...ofKeeper(), zone: deviceZone() })], () =>
    open(captureId),
  );
}
