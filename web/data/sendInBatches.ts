import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { MOST_EVENTS } from '@keeper/contract/limits';
import { ask, Unreachable } from './api.js';

interface Sending {
  /** So many pages have gone. */
  readonly onSent: (pages: number) => void;
  readonly isStopped: () => boolean;
  readonly post?: (events: readonly CaptureEvent[]) => Promise<unknown>;
  readonly wait?: (ms: number) => Promise<void>;
}

/** A server that is busy is asked again after so long, and after twice as long each time, up to the longest. */
const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 15_000;

/**
 * Sends many pages of the book at once, past the outbox of the device: what was being sent is begun anew from what it
 * was made of. No page is parted; a batch that may have arrived is sent again as it was, and counts once.
 * @returns false where it was stopped before the end
 * @throws ApiError where the server will not have a page
 */
export async function sendInBatches(pages: Iterable<readonly CaptureEvent[]>, sending: Sending): Promise<boolean> {
  let batch: CaptureEvent[] = [];
  let inBatch = 0;
  let sent = 0;
  const send = async () => {
    if (inBatch === 0) return;
    await untilTaken(batch, sending);
    sent += inBatch;
    [batch, inBatch] = [[], 0];
    sending.onSent(sent);
  };
  for (const page of pages) {
    if (sending.isStopped()) return false;
    if (batch.length + page.length > MOST_EVENTS) await send();
    batch.push(...page);
    inBatch += 1;
  }
  if (sending.isStopped()) return false;
  await send();
  return true;
}

async function untilTaken(events: readonly CaptureEvent[], { isStopped, post = postEvents, wait = pause }: Sending) {
  for (let waitMs = FIRST_WAIT_MS; ; waitMs = Math.min(2 * waitMs, LONGEST_WAIT_MS)) {
    try {
      await post(events);
      return;
    } catch (cause) {
      if (!(cause instanceof Unreachable) || isStopped()) throw cause;
      await wait(waitMs);
    }
  }
}

function postEvents(events: readonly CaptureEvent[]): Promise<unknown> {
  return ask('/events', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ events }),
  });
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
