import type { CaptureEvent, EventType } from '@keeper/core/domain/capture/event';
import { RUN_STEPS } from '@keeper/core/domain/capture/steps';
import type { LoggedEvent } from '@keeper/core/domain/outing/event';
import { Problem } from '../errors/problem.js';
import type { Asking } from './asking.js';

/** What a helper taps along in a run: what happens to the fish, and what is seen of it. Whose book it is, it is not. */
const HELPS_WITH: readonly EventType[] = [
  ...RUN_STEPS,
  'hook-held',
  'seen',
  'wound-noted',
  'reading-taken',
  'sling-hung',
  'entry-kept',
  'gill-beat',
  'recovering',
  'lost',
  'loss-told',
  'rod-told',
  'left-as',
  'interrupted',
  'taken-up',
  'gap-told',
  'described',
  'picture-added',
  'picture-read',
  'undone',
];

/** Whose an event in the book is; undefined where there is none of that id. */
export type LoggedBy = (eventId: string) => string | undefined;

/**
 * Holds a batch to what its sender may log: the keeper anything; a helper what it helps with, under its own name, and
 * taking back its own taps only; a device that was put out what it logged before that.
 * @throws Problem 403 when one of the batch is not allowed; then nothing of it is written
 */
export function assertMayLog(
  batch: readonly LoggedEvent[],
  { onMachine, device }: Asking,
  isInBook: (captureId: string) => boolean,
  loggedBy: LoggedBy,
): void {
  if (onMachine || !device) return;
  const { role, putOutAt, deviceId } = device;
  const own = new Set(batch.map(({ id }) => id));
  const isHelp = (event: CaptureEvent) =>
    event.deviceId === deviceId &&
    HELPS_WITH.includes(event.type) &&
    isInBook(event.captureId) &&
    (event.type !== 'undone' ||
      own.has(event.payload.eventId) ||
      [deviceId, undefined].includes(loggedBy(event.payload.eventId)));
  const isGood = (event: LoggedEvent) =>
    (putOutAt === null || event.at <= putOutAt) && (role === 'keeper' || ('captureId' in event && isHelp(event)));
  if (!batch.every(isGood)) throw notAllowed(putOutAt !== null);
}

function notAllowed(isOut: boolean): Problem {
  return new Problem(403, {
    code: isOut ? 'put-out' : 'not-allowed',
    sentence: isOut
      ? 'What this device logged after it was put out is not taken. Nothing of this batch was written.'
      : 'A helper taps along in a run that is in the book, and takes back its own taps. Nothing of this batch was written.',
  });
}
