import { clientsClaim } from 'workbox-core';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { SEND_TAG } from './data/backgroundSend.js';
import { openDeviceStore } from './data/deviceStore.js';
import { Outbox } from './data/outbox.js';
import { sendPlatform } from './data/sendPlatform.js';

/** The service worker: the application without a signal, and sending what waits when there is one again. */
declare const self: ServiceWorkerGlobalScope & { readonly __WB_MANIFEST: (string | PrecacheEntry)[] };

void self.skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));

self.addEventListener('sync', (event) => {
  const { tag } = event as SyncEvent;
  if (tag === SEND_TAG) (event as SyncEvent).waitUntil(sendWhatWaits());
});

/** What `sync` brings; TypeScript does not know it. */
interface SyncEvent extends ExtendableEvent {
  readonly tag: string;
}

/** @throws where something still waits: the browser then tries again by itself */
async function sendWhatWaits(): Promise<void> {
  const outbox = new Outbox(openDeviceStore(), sendPlatform);
  if (!(await outbox.sendOnce())) throw new Error('Something still waits.');
}
