import 'fake-indexeddb/auto';
import type { CaptureEvent } from '@keeper/core/capture/event';
import { openDeviceStore } from './deviceStore.js';
import { Outbox, type OutboxPlatform } from './outbox.js';

class Refused extends Error {}

let stores = 0;
let ids = 0;
const event = (type: string): CaptureEvent =>
  ({ id: `e${(ids += 1)}`, captureId: 'c1', deviceId: 'd', at: '', elapsedMs: ids, type, payload: {} }) as CaptureEvent;

/** A server that can be away, and that refuses one kind of event. */
function world() {
  const server = { away: false, has: [] as string[], batches: 0, pauses: 0 };
  const platform: OutboxPlatform = {
    sendEvents: (events) => {
      server.batches += 1;
      if (server.away) return Promise.reject(new Error('away'));
      if (events.some(({ type }) => type === 'lost')) return Promise.reject(new Refused('Not taken.'));
      server.has.push(...events.map(({ id }) => id));
      return Promise.resolve();
    },
    sendPicture: () => (server.away ? Promise.reject(new Error('away')) : Promise.resolve()),
    refusal: (error) => (error instanceof Refused ? error.message : undefined),
    alone: (work) => work(),
    // The server comes back after two pauses.
    wait: () => {
      server.pauses += 1;
      if (server.pauses === 2) server.away = false;
      return Promise.resolve();
    },
  };
  const name = `store-${(stores += 1)}`;
  return { server, open: () => new Outbox(openDeviceStore(name), platform), name };
}

beforeAll(() => {
  // jsdom has no structuredClone; the store needs one for plain records only.
  globalThis.structuredClone ??= <T>(value: T) => JSON.parse(JSON.stringify(value)) as T;
});

test('events are on the device before append resolves, and reach the server in order, once', async () => {
  const { server, open, name } = world();
  const outbox = open();
  const events = [event('hooked'), event('netted'), event('lifted')];
  server.away = true;
  for (const each of events) await outbox.append([each]);
  const stored = await (await openDeviceStore(name)).getAll('events');
  expect(stored.map((each) => each.event.id)).toEqual(events.map(({ id }) => id));
  await outbox.idle();
  expect(server.has).toEqual(events.map(({ id }) => id));
  expect(outbox.snapshot().events.map(({ state }) => state)).toEqual(['sent', 'sent', 'sent']);
});

test('another page finds what the last one left, and sends it', async () => {
  const { server, open } = world();
  server.away = true;
  server.pauses = -1000;
  const closed = open();
  await closed.append([event('hooked')]);
  server.away = false;
  server.pauses = 0;
  const opened = open();
  await opened.load();
  expect(opened.snapshot().events).toHaveLength(1);
  opened.flush();
  await opened.idle();
  await closed.idle();
  expect(new Set(server.has).size).toBe(1);
});

test('one event that is refused is kept with its reason and holds nothing back', async () => {
  const { server, open } = world();
  const outbox = open();
  const events = [event('hooked'), event('lost'), event('netted')];
  await outbox.append(events);
  await outbox.idle();
  expect(server.has).toEqual([events[0]?.id, events[2]?.id]);
  expect(outbox.snapshot().events[1]).toMatchObject({ state: 'refused', problem: 'Not taken.' });
});

test('what the server has is forgotten only for captures that are over', async () => {
  const { open } = world();
  const outbox = open();
  await outbox.append([event('hooked')]);
  await outbox.idle();
  await outbox.forget(() => false);
  expect(outbox.snapshot().events).toHaveLength(1);
  await outbox.forget(() => true);
  expect(outbox.snapshot().events).toHaveLength(0);
});
