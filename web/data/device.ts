import { idMaker } from '@keeper/core/domain/capture/eventId';
import type { DeviceClock } from '@keeper/core/domain/capture/stopwatch';

function randomBytes(length: number): Uint8Array {
  return crypto.getRandomValues(new Uint8Array(length));
}

/** Makes ids that sort in the order they were made. */
export const newId = idMaker({ wallMs: () => Date.now(), randomBytes });

/** The clocks of this page. A reload begins another timeline, for `performance.now()` begins again. */
export const deviceClock: DeviceClock = {
  timelineId: newId(),
  monotonicMs: () => performance.now(),
  wallMs: () => Date.now(),
};

/** This device's own name in the log, made once. */
export function deviceId(): string {
  const kept = localStorage.getItem('keeper.device');
  if (kept) return kept;
  const made = newId();
  localStorage.setItem('keeper.device', made);
  return made;
}

/** The time zone that this device's clock is set to, an IANA name. */
export function deviceZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}
