import { replay } from '@keeper/core/domain/capture/replay';
import { subjectOf } from '@keeper/core/domain/outing/event';
import { replayOuting } from '@keeper/core/domain/outing/outingState';
import { askToStay } from './storageQuota.js';
import { runClock } from './record.js';
import { askForBackgroundSend } from './backgroundSend.js';
import { otherTabs, outbox } from './deviceOutbox.js';
import { DAY_MS } from '@keeper/core/measure/timeSpan';

/** Begins what goes on behind every page: reading what the device holds, sending it, and hearing of other tabs. */
export async function wakeKeeper(): Promise<void> {
  otherTabs.onmessage = () => void outbox.load();
  window.addEventListener('online', () => outbox.flush());
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') {
      runClock.hidden();
      if (outbox.waits()) void askForBackgroundSend();
    } else {
      runClock.shown();
      outbox.flush();
    }
  });
  void askToStay().catch(() => undefined);
  await outbox.load();
  // What a server once did not take may be taken by now; what was refused before that was told apart, too.
  await outbox.sendAgain(({ verdict }) => verdict !== 'never');
  await outbox.forget(isOver);
}

/** How long a start that was taken back can be put back: as long the device holds it. */
export const TAKEN_BACK_MS = 3_600_000;

/**
 * Whether the server has all of a capture or outing and nothing more will come of it: then this device need not hold
 * it.
 */
function isOver(subjectId: string): boolean {
  const own = outbox.snapshot().events.filter(({ event }) => subjectOf(event) === subjectId);
  const events = own.map(({ event }) => event);
  if (events.some((event) => 'outingId' in event)) {
    const outing = replayOuting(
      subjectId,
      events.filter((event) => 'outingId' in event),
    );
    return outing.endedAt !== null && own.every(({ state }) => state === 'sent');
  }
  const state = replay(
    subjectId,
    events.filter((event) => 'captureId' in event),
  );
  const lastAtMs = Math.max(...own.map(({ event }) => Date.parse(event.at)));
  const allSent = own.every(({ state }) => state === 'sent');
  // What was added at the desk to a capture of long ago: the server replays all of it.
  if (!events.some(({ type }) => type === 'hooked') && lastAtMs < Date.now() - DAY_MS) return allSent;
  const discarded = state.outcome === 'discarded' && lastAtMs < Date.now() - TAKEN_BACK_MS;
  return (state.writtenUp || discarded) && allSent;
}
