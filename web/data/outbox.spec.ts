import 'fake-indexeddb/auto';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { openDeviceStore } from './deviceStore.js';
import { Outbox, type OutboxPlatform, type Sent } from './outbox.js';

class Refused extends Error {}
class TooLarge extends Error {}
class Stumbles extends Error {}

let stores = 0;
let ids = 0;
const event = (type: string): CaptureEvent =>
  ({ id: `e${(ids += 1)}`, captureId: 'c1', deviceId: 'd', at: '', elapsedMs: ids, type, payload: {} }) as CaptureEvent;

/** A server that can be away, and that refuses one kind of event. */
function world() {
  const server = {
    away: false,
    has: [] as string[],
    rows: [] as string[],
    batches: 0,
    pauses: 0,
    /** Kinds of events that it stumbles over, and pictures that are too large for it. */
    stumblesOver: '',
    tooLarge: false,
  };
  const platform: OutboxPlatform = {
    sendEvents: (events) => {
      server.batches += 1;
      if (server.away) return Promise.reject(new Error('away'));
      if (events.some(({ type }) => type === 'lost')) return Promise.reject(new Refused('Not taken.'));
      if (events.some(({ type }) => type === server.stumblesOver)) return Promise.reject(new Stumbles('It broke.'));
      server.has.push(...events.map(({ id }) => id));
      return Promise.resolve();
    },
    sendPicture: () => {
      if (server.tooLarge) return Promise.reject(new TooLarge('Too much at once.'));
      return server.away ? Promise.reject(new Error('away')) : Promise.resolve();
    },
    sendRow: ({ id, body }) => {
      if (server.away) return Promise.reject(new Error('away'));
      if (body.revision === 99) return Promise.reject(new Refused('Changed on another device.'));
      server.rows.push(id);
      return Promise.resolve();
    },
    verdictOn: (error) => {
      if (error instanceof Refused) return { kind: 'never', problem: error.message, fields: [] };
      if (error instanceof TooLarge) return { kind: 'later', problem: error.message };
      if (error instanceof Stumbles) return { kind: 'skip', problem: error.message };
      return { kind: 'stop', trouble: { kind: 'unreachable', sentence: 'away' } };
    },
    alone: (work) => work(),
    // The server comes back after two pauses.
    soon: (work) => work(),
    nowMs: () => 1_000,
    wait: () => {
      server.pauses += 1;
      if (server.pauses === 2) Object.assign(server, { away: false, stumblesOver: '' });
      return Promise.resolve();
    },
  };
  const name = `store-${(stores += 1)}`;
  const open = (onSent?: (sent: Sent) => void) => new Outbox(openDeviceStore(name), platform, onSent);
  return { server, open, name, platform };
}

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
  expect(outbox.snapshot().events.map(({ state, sentMs }) => [state, sentMs])).toEqual(
    events.map(() => ['sent', 1_000]),
  );
});

test('what a take opens is opened once it is on the device, in the turn in which the screen learns of it', async () => {
  const { open, name } = world();
  const outbox = open();
  const turns: string[] = [];
  outbox.subscribe(() => {
    if (turns.length > 0) return;
    turns.push('told');
    queueMicrotask(() => turns.push('next turn'));
  });
  await outbox.append([event('hooked')], () => turns.push(`opened with ${outbox.snapshot().events.length}`));
  expect(turns.slice(0, 2)).toEqual(['told', 'opened with 1']);
  expect(await (await openDeviceStore(name)).count('events')).toBe(1);
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

test.each([
  ['all went', {}, true, 'sent'],
  ['the server cannot be reached', { away: true }, false, 'waiting'],
  ['the server stumbles over it', { stumblesOver: 'netted' }, false, 'waiting'],
])('sent in one go, where nobody stays to try again: %s', async (_, how, isAllSent, state) => {
  const { server, open, name, platform } = world();
  const quiet = new Outbox(openDeviceStore(name), { ...platform, alone: () => new Promise(() => undefined) });
  await quiet.append([event('netted')]);
  expect(quiet.waits()).toBe(true);
  Object.assign(server, how);
  const outbox = open();
  expect(await outbox.sendOnce()).toBe(isAllSent);
  expect(server.pauses).toBe(0);
  expect(outbox.waits()).toBe(!isAllSent);
  expect((await (await openDeviceStore(name)).getAll('events')).map((each) => each.state)).toEqual([state]);
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

test('a tap that falls into a reading of the store is not lost from sight', async () => {
  const { name, platform } = world();
  const database = await openDeviceStore(name);
  let finishReading: () => void = () => undefined;
  const reading = new Promise<void>((resolve) => (finishReading = resolve));
  const slow = new Proxy(database, {
    get: (target, property) => {
      if (property === 'getAll') {
        return async (store: 'events' | 'pictures') => {
          const rows = await database.getAll(store);
          await reading;
          return rows;
        };
      }
      const value: unknown = Reflect.get(target, property);
      return typeof value === 'function' ? (value as () => void).bind(target) : value;
    },
  });
  const outbox = new Outbox(Promise.resolve(slow), { ...platform, alone: () => new Promise(() => undefined) });
  const loaded = outbox.load();
  // A reading of the still empty store is under way.
  await database.count('events');
  await outbox.append([event('hooked')]);
  finishReading();
  await loaded;
  expect(outbox.snapshot().events).toHaveLength(1);
});

describe('refused once is not refused for ever', () => {
  test('what the server stumbles over waits and is sent again by itself; what comes after it goes on', async () => {
    const { server, open } = world();
    server.stumblesOver = 'netted';
    const outbox = open();
    const events = [event('hooked'), event('netted'), event('lifted')];
    await outbox.append(events);
    await outbox.idle();
    const [hooked, netted, lifted] = events.map(({ id }) => id);
    expect(server.has).toEqual([hooked, lifted, netted]);
    expect(outbox.snapshot().events.every(({ state }) => state === 'sent')).toBe(true);
    expect(server.pauses).toBe(2);
  });

  test('one that is refused can be sent again, or mended in its place', async () => {
    const { server, open, name } = world();
    const outbox = open();
    const bad = event('lost');
    await outbox.append([bad, event('netted')]);
    await outbox.idle();
    await outbox.sendAgain();
    await outbox.idle();
    const [held] = outbox.snapshot().events;
    expect(held).toMatchObject({ state: 'refused', verdict: 'never', problem: 'Not taken.' });
    const mended = { ...bad, type: 'released' } as CaptureEvent;
    await outbox.mendEvent(held?.order ?? 0, mended);
    await outbox.idle();
    expect(server.has).toContain(bad.id);
    const [stored] = await (await openDeviceStore(name)).getAll('events');
    expect(stored).toEqual({ order: held?.order, event: mended, state: 'sent', sentMs: 1_000 });
  });

  test('one that is given up is gone from the device', async () => {
    const { open, name } = world();
    const outbox = open();
    await outbox.append([event('lost')]);
    await outbox.idle();
    await outbox.dropEvent(outbox.snapshot().events[0]?.order ?? 0);
    expect(outbox.snapshot().events).toEqual([]);
    expect(await (await openDeviceStore(name)).getAll('events')).toEqual([]);
  });

  test('a picture that was too large is sent again at the next start, and one that was none is not', async () => {
    const { server, open } = world();
    server.tooLarge = true;
    const outbox = open();
    await outbox.keepPicture({ sha256: 'a', captureId: 'c1', name: 'a.jpg', bytes: new Blob(['x']) });
    await outbox.idle();
    expect(outbox.snapshot().pictures[0]).toMatchObject({ state: 'refused', verdict: 'later' });
    server.tooLarge = false;
    await outbox.sendAgain(({ verdict }) => verdict !== 'never');
    await outbox.idle();
    expect(outbox.snapshot().pictures[0]).toMatchObject({ state: 'sent' });
    await outbox.append([event('lost')]);
    await outbox.idle();
    await outbox.sendAgain(({ verdict }) => verdict !== 'never');
    await outbox.idle();
    expect(outbox.snapshot().events[0]?.state).toBe('refused');
  });

  test('why nothing goes is said, until it goes', async () => {
    const { server, open } = world();
    server.away = true;
    server.pauses = -1000;
    const outbox = open();
    const said = new Promise((resolve) => {
      outbox.subscribe(() => {
        const { trouble } = outbox.snapshot();
        if (trouble) resolve(trouble);
      });
    });
    await outbox.append([event('hooked')]);
    expect(await said).toEqual({ kind: 'unreachable', sentence: 'away' });
    server.pauses = 1;
    await outbox.idle();
    expect(outbox.snapshot().trouble).toBeNull();
  });
});

describe('pictures', () => {
  const picture = (sha256: string) => ({ sha256, captureId: 'c1', name: `${sha256}.jpg`, bytes: new Blob(['x']) });

  test('wait beside the events, once each, and go when the server is back', async () => {
    const { server, open } = world();
    const sent: (readonly string[])[] = [];
    const outbox = open(({ subjects }) => sent.push(subjects));
    server.away = true;
    await outbox.keepPicture(picture('a'));
    await outbox.keepPicture(picture('a'));
    expect(outbox.snapshot().pictures.map(({ state }) => state)).toEqual(['waiting']);
    await outbox.idle();
    expect(outbox.snapshot().pictures.map(({ state }) => state)).toEqual(['sent']);
    expect(sent).toEqual([['c1']]);
    await outbox.forget(() => true);
    expect(outbox.snapshot().pictures).toEqual([]);
  });
});

test('listeners hear of every change, until they leave', async () => {
  const { open } = world();
  const outbox = open();
  let heard = 0;
  const leave = outbox.subscribe(() => (heard += 1));
  await outbox.append([event('hooked')]);
  await outbox.idle();
  expect(heard).toBeGreaterThan(1);
  leave();
  const before = heard;
  await outbox.append([event('netted')]);
  await outbox.idle();
  expect(heard).toBe(before);
});

describe('rows', () => {
  test('are on the device before they are said to be kept, go in order, and are let go when the server has them', async () => {
    const { server, open, name } = world();
    server.away = true;
    const seen: Sent['rows'][] = [];
    const outbox = open(({ rows }) => seen.push(rows));
    await outbox.keepRow({ kind: 'swims', id: 's1', body: { revision: 0 } });
    await outbox.keepRow({ kind: 'rigs', id: 'r1', body: { revision: 0 } });
    expect(await (await openDeviceStore(name)).getAll('rows')).toHaveLength(2);
    await outbox.idle();
    expect(server.rows).toEqual(['s1', 'r1']);
    expect(seen).toEqual([['swims'], ['rigs']]);
    expect(outbox.snapshot().rows).toEqual([]);
  });

  test('written again and again before the server answers, each writing follows on the one before', async () => {
    const { server, open } = world();
    server.away = true;
    server.pauses = -1000;
    const outbox = open();
    const write = () => outbox.keepRow({ kind: 'swims', id: 's1', body: { revision: 4 } });
    await Promise.all([write(), write(), write()]);
    expect(outbox.snapshot().rows.map(({ body }) => body.revision)).toEqual([4, 5, 6]);
    server.away = false;
  });

  test('one that another device changed is kept with the reason, until the keeper lets it go', async () => {
    const { server, open } = world();
    const outbox = open();
    await outbox.keepRow({ kind: 'swims', id: 's1', body: { revision: 99 } });
    await outbox.keepRow({ kind: 'swims', id: 's2', body: { revision: 0 } });
    await outbox.idle();
    expect(server.rows).toEqual(['s2']);
    const [refused] = outbox.snapshot().rows;
    expect(refused).toMatchObject({ state: 'refused', problem: 'Changed on another device.' });
    await outbox.dropRow(refused?.order ?? 0);
    expect(outbox.snapshot().rows).toEqual([]);
  });
});

test('a tap that is kept and sent leaves the rows that wait beside it the very ones they were', async () => {
  const { server, open } = world();
  server.away = true;
  server.pauses = -1000;
  const outbox = open();
  await outbox.keepRow({ kind: 'waters', id: 'w1', body: { revision: 99 } });
  server.away = false;
  outbox.flush();
  await outbox.idle();
  const { rows } = outbox.snapshot();
  expect(rows).toMatchObject([{ id: 'w1', state: 'refused' }]);
  await outbox.append([event('hooked')]);
  await outbox.idle();
  expect(outbox.snapshot().events).toMatchObject([{ state: 'sent' }]);
  expect(outbox.snapshot().rows).toBe(rows);
});

test('read again with nothing new, nobody is told', async () => {
  const { open } = world();
  const outbox = open();
  await outbox.append([event('hooked')]);
  await outbox.idle();
  const told = jest.fn();
  outbox.subscribe(told);
  await outbox.load();
  expect(told).not.toHaveBeenCalled();
});
