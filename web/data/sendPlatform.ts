import type { AppendedEvents } from '@keeper/contract/events';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import { ask, send, Unreachable } from './api.js';
import type { OutboxPlatform } from './outbox.js';
import { stillReadable } from './ownCopy.js';
import { dataText } from './text.en-GB.js';
import { verdictOn } from './verdict.js';

/** How what waits is sent: by a page, and by the service worker where no page is open. */
export const sendPlatform: OutboxPlatform = {
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
    if ('requestIdleCallback' in globalThis) requestIdleCallback(work, { timeout: 500 });
    else setTimeout(work, 50);
  },
  wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
  nowMs: () => Date.now(),
};
