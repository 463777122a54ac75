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

/** So many batches are on their way at a time: while the server writes one, the next is made and sent. */
const AT_A_TIME = 3;

/**
 * Sends many pages of the book at once, past the outbox of the device: what was being sent is begun anew from what it
 * was made of. No page is parted; a batch that may have arrived is sent again as it was, and counts once.
 * @returns false where it was stopped before the end
 * @throws ApiError where the server will not have a page
 */
export async function sendInBatches(pages: Iterable<readonly CaptureEvent[]>, sending: Sending): Promise<boolean> {
  const batches = inBatches(pages);
  let sent = 0;
  let failed = false;
  const sendOnes = async () => {
    for (const batch of batches) {
      if (failed || sending.isStopped()) return;
      try {
        await untilTaken(batch.events, sending);
      } catch (cause) {
        failed = true;
        throw cause;
      }
      sent += batch.pages;
      sending.onSent(sent);
    }
  };
  await Promise.all(Array.from({ length: AT_A_TIME }, sendOnes));
  return !sending.isStopped();
}

interface Batch {
  readonly events: readonly CaptureEvent[];
  readonly pages: number;
}

function* inBatches(pages: Iterable<readonly CaptureEvent[]>): Generator<Batch> {
  let [events, count]: [CaptureEvent[], number] = [[], 0];
  for (const page of pages) {
    if (events.length + page.length > MOST_EVENTS) {
      yield { events, pages: count };
      [events, count] = [[], 0];
    }
    events.push(...page);
    count += 1;
  }
  if (count > 0) yield { events, pages: count };
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
