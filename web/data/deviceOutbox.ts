import { dataText } from './text.en-GB.js';
import { queryClient } from './queryClient.js';
import type { AppendedEvents } from '@keeper/contract/events';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { ask, send, tellWaiting, Unreachable } from './api.js';
import { openDeviceStore } from './deviceStore.js';
import { Outbox } from './outbox.js';
import { stillReadable } from './ownCopy.js';
import { readAgain } from './readAgain.js';
import { verdictOn } from './verdict.js';

export const otherTabs = new BroadcastChannel('keeper');

export const outbox = new Outbox(
  openDeviceStore(),
  {
    sendEvents: async (events) => {
      const { written, known } = await send<AppendedEvents>('POST', '/events', { events });
      if (written + known !== events.length) throw new Unreachable(dataText.theServerHasNot);
    },
    sendPicture: async ({ bytes, name, sha256 }) => {
      const form = new FormData();
      form.append('file', await stillReadable(bytes), name);
      const { sha256: taken } = await ask<PictureFacts>('/pictures', { method: 'POST', body: form });
      if (taken !== sha256) throw new Unreachable(dataText.thePictureCameTo);
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
  (sent) => readAgain(queryClient, sent),
);

tellWaiting(() => {
  const { events, pictures, rows } = outbox.snapshot();
  return [...events, ...pictures, ...rows].filter(({ state }) => state !== 'sent').length;
});
