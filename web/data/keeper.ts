import { QueryClient } from '@tanstack/react-query';
import type { AppendedEvents } from '@keeper/contract/events';
import type { CaptureEvent, EventPayloads, EventType, PictureRole } from '@keeper/core/domain/capture/event';
import { type CaptureState } from '@keeper/core/domain/capture/captureState';
import { replay } from '@keeper/core/domain/capture/replay';
import {
  subjectOf,
  type LoggedEvent,
  type OutingEvent,
  type OutingEventType,
  type OutingPayloads,
} from '@keeper/core/domain/outing/event';
import { replayOuting } from '@keeper/core/domain/outing/outingState';
import { sha256Of } from './sha256.js';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { ask, send, Unreachable } from './api.js';
import { deviceClock, deviceId, deviceZone, newId } from './device.js';
import { openDeviceStore, type RowKind } from './deviceStore.js';
import { Outbox } from './outbox.js';
import { ownCopy, stillReadable } from './ownCopy.js';
import { askToStay, hasRoomFor } from './storageQuota.js';
import { RunClock } from './runClock.js';
import { verdictOn } from './verdict.js';

/**
 * What was read is shown at once and read again behind it. It is never dropped for its age: a timer of more than 24 days would run out at
 * once in a browser, and with it what the device kept for the day without a signal.
 */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 10_000, gcTime: Infinity, retry: 1, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});

export const runClock = new RunClock(deviceClock, localStorage);

const otherTabs = new BroadcastChannel('keeper');

export const outbox = new Outbox(
  openDeviceStore(),
  {
    sendEvents: async (events) => {
      const { written, known } = await send<AppendedEvents>('POST', '/events', { events });
      if (written + known !== events.length) throw new Unreachable('The server has not written all of it.');
    },
    sendPicture: async ({ bytes, name, sha256 }) => {
      const form = new FormData();
      form.append('file', await stillReadable(bytes), name);
      const { sha256: taken } = await ask<PictureFacts>('/pictures', { method: 'POST', body: form });
      if (taken !== sha256) throw new Unreachable('The picture came to the server as another one.');
    },
    sendRow: async ({ kind, id, body }) => {
      await send('PUT', `/${kind}/${id}`, body);
    },
    verdictOn,
    alone: async (work) => {
      if ('locks' in navigator) await navigator.locks.request('keeper.outbox', work);
      else await work();
    },
    soon: (work) => {
      // What was tapped is on the device; the picture of it comes before the sending.
      if ('requestIdleCallback' in window) requestIdleCallback(work, { timeout: 500 });
      else setTimeout(work, 50);
    },
    wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
    nowMs: () => Date.now(),
  },
  async ({ subjects, rows }) => {
    for (const id of subjects) {
      void queryClient.invalidateQueries({ queryKey: ['capture', id] });
      void queryClient.invalidateQueries({ queryKey: ['outing', id] });
    }
    if (subjects.length > 0) {
      for (const name of ['book', 'tally', 'outings', 'known', 'decisions', 'pictured', 'weighed'])
        void queryClient.invalidateQueries({ queryKey: [name] });
    }
    // A row is let go only when the server's answer stands in its place: no form may blink back to what it was.
    await Promise.all(rows.map((kind) => queryClient.invalidateQueries({ queryKey: [kind] })));
  },
);

/** Begins what goes on behind every page: reading what the device holds, sending it, and hearing of other tabs. */
export async function wakeKeeper(): Promise<void> {
  otherTabs.onmessage = () => void outbox.load();
  window.addEventListener('online', () => outbox.flush());
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') runClock.hidden();
    else {
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

const DAY_MS = 24 * 3_600_000;

/** Whether the server has all of a capture or outing and nothing more will come of it: then this device need not hold it. */
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

/** An event of a capture as this device makes it, now. */
export function makeEvent<T extends EventType>(
  captureId: string,
  startedAt: string | null,
  type: T,
  payload: EventPayloads[T],
): CaptureEvent {
  return {
    id: newId(),
    captureId,
    deviceId: deviceId(),
    at: new Date().toISOString(),
    elapsedMs: Math.round(runClock.elapsed(captureId, startedAt)),
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
export async function record(events: readonly LoggedEvent[]): Promise<void> {
  await outbox.append(events);
  for (const event of events) if ('captureId' in event) runClock.renew(event.captureId);
  otherTabs.postMessage('changed');
}

/** Keeps a row on the device and sends it when it can. `body` carries the revision that the row was read at. */
export async function writeRow(kind: RowKind, id: string, body: { readonly revision: number }): Promise<void> {
  await outbox.keepRow({ kind, id, body });
  otherTabs.postMessage('changed');
}

/** The take: begins a capture and says its id once it is on the device. */
export async function fishOn(where: EventPayloads['hooked']): Promise<string> {
  const captureId = newId();
  runClock.start(captureId);
  await record([makeEvent(captureId, null, 'hooked', { ...where, zone: deviceZone() })]);
  return captureId;
}

/** What came of adding a picture. */
export type PictureAdded = 'added' | 'known' | 'not-a-picture' | 'no-room';

/** Keeps a picture's bytes and notes it in the capture's log; one that the capture has already is left alone, unless its bytes were lost. */
export async function addPicture(
  state: Pick<CaptureState, 'captureId' | 'startedAt' | 'pictures'>,
  file: File,
  role?: PictureRole,
): Promise<PictureAdded> {
  if (!(await hasRoomFor(file.size))) return 'no-room';
  const own = await ownCopy(file).catch(() => undefined);
  const decoded = own && (await createImageBitmap(own).catch(() => undefined));
  if (!decoded) return 'not-a-picture';
  decoded.close();
  const sha256 = await sha256Of(own);
  const known = state.pictures.some((picture) => picture.sha256 === sha256);
  const lost = outbox.snapshot().pictures.some((held) => held.sha256 === sha256 && held.state === 'refused');
  if (known && !lost) return 'known';
  await outbox.keepPicture({ sha256, captureId: state.captureId, name: own.name, bytes: own });
  if (known) return 'added';
  await record([makeEvent(state.captureId, state.startedAt, 'picture-added', { sha256, ...(role && { role }) })]);
  return 'added';
}
