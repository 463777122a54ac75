import { tellWaiting } from './api.js';
import { openDeviceStore } from './deviceStore.js';
import { Outbox } from './outbox.js';
import { queryClient } from './queryClient.js';
import { readAgain } from './readAgain.js';
import { sendPlatform } from './sendPlatform.js';

export const otherTabs = new BroadcastChannel('keeper');

export const outbox = new Outbox(openDeviceStore(), sendPlatform, (sent) => readAgain(queryClient, sent));

tellWaiting(() => {
  const { events, pictures, rows } = outbox.snapshot();
  return [...events, ...pictures, ...rows].filter(({ state }) => state !== 'sent').length;
});
