/** What the browser is asked for: to wake the service worker once there is a signal again. */
export const SEND_TAG = 'keeper.send';

/** Background sync, where a browser has it (Web Background Synchronization, WICG); TypeScript does not know it. */
interface WithSync extends ServiceWorkerRegistration {
  readonly sync?: { register(tag: string): Promise<void> };
}

/**
 * Asks the browser to have what waits sent once there is a signal, with no page open. It may have no such thing, or say
 * no: then it goes when the application is opened.
 */
export async function askForBackgroundSend(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const registration: WithSync = await navigator.serviceWorker.ready;
  await registration.sync?.register(SEND_TAG).catch(() => undefined);
}
