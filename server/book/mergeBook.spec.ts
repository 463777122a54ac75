import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import fc from 'fast-check';
import { anyHistory } from '@keeper/core/spec/events';
import type { BookMerge } from '@keeper/contract/bookMerge';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import type { CaptureEvents } from '@keeper/contract/events';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let here: TestServer;
let there: TestServer;
beforeEach(async () => {
  [here, there] = [await testServer(), await testServer()];
});
afterEach(() => Promise.all([here.close(), there.close()]));

interface Exported {
  readonly exportedAt: string;
  readonly captures: readonly { readonly events: readonly object[] }[];
  readonly waters: readonly { readonly id: string; readonly position?: unknown }[];
}

async function exported(server: TestServer, positions = 'included'): Promise<Exported> {
  const { text } = await server.http.get(`/api/book.json?positions=${positions}`).buffer(true).expect(200);
  return JSON.parse(text) as Exported;
}

async function merged(server: TestServer, book: object, query = ''): Promise<BookMerge> {
  const answer = await server.http
    .post(`/api/book?${query}`)
    .attach('file', Buffer.from(JSON.stringify(book)), 'book.json')
    .expect(200);
  return answer.body as BookMerge;
}

/** A book with something of everything. */
async function fill(server: TestServer): Promise<{ captureId: string; waterId: string }> {
  const put = (path: string, body: object) => server.http.put(`/api/${path}`).send(body).expect(200);
  const waterId = newId();
  const position = { latitudeDeg: 50.5, longitudeDeg: -3.5 };
  await put(`waters/${waterId}`, {
    name: 'Mere',
    kind: 'lake',
    position,
    rules: NO_RULES,
    practices: null,
    revision: 0,
  });
  const swim = {
    waterId,
    name: 'Reeds',
    position,
    facingDeg: 90,
    bank: 'grass',
    hazards: [],
    fixtures: [],
    note: null,
  };
  await put(`swims/${newId()}`, { ...swim, retired: false, revision: 0 });
  await put(`fish/${newId()}`, { name: 'Notch', note: null, retired: false, revision: 0 });
  await put(`views/${newId()}`, { name: 'Winter pike', search: 'kind=pike', retired: false, revision: 0 });
  const { updatedAt: _at, ...ways } = FIRST_SETTINGS;
  await put('settings', { ...ways, massUnit: 'g' });
  const { captureId, events } = wholeCapture(3, 300, { waterId });
  const outingId = newId();
  const plan = { waterId, fromAt: '2026-06-01T05:00:00.000Z', toAt: '2026-06-01T12:00:00.000Z', companions: 0 };
  const planned = { id: newId(), outingId, deviceId: 'phone', at: '2026-05-31T20:00:00.000Z', type: 'outing-planned' };
  await server.http
    .post('/api/events')
    .send({ events: [...events, { ...planned, payload: { ...plan, expected: [] } }] })
    .expect(201);
  return { captureId, waterId };
}

test('a book that left, came in elsewhere and left again is the same; coming in again it changes nothing', async () => {
  await fill(here);
  const book = await exported(here);
  const first = await merged(there, book);
  expect(first).toMatchObject({
    captures: { fresh: 1, grown: 0, known: 0 },
    outings: { fresh: 1 },
    rows: { fresh: 4, newer: 0, older: 0, known: 0 },
    freshOf: { waters: ['Mere'], swims: ['Reeds'], fish: ['Notch'], views: ['Winter pike'] },
    clashing: 0,
    leftOut: 0,
  });
  expect({ ...(await exported(there)), exportedAt: '' }).toEqual({ ...book, exportedAt: '' });
  const again = await merged(there, book);
  expect(again).toMatchObject({
    captures: { fresh: 0, known: 1 },
    outings: { known: 1 },
    rows: { fresh: 0, known: 4 },
  });
  expect({ ...(await exported(there)), exportedAt: '' }).toEqual({ ...book, exportedAt: '' });
});

test('what was added on both sides is there on both once each came to the other', async () => {
  const { captureId } = await fill(here);
  await merged(there, await exported(here));
  const noteHere = event(captureId, 'described', 900_100, { facts: { note: 'Here.' } });
  const girthThere = event(captureId, 'described', 900_200, { facts: { girth: { unit: 'mm', count: 600 } } });
  await here.http
    .post('/api/events')
    .send({ events: [noteHere] })
    .expect(201);
  await there.http
    .post('/api/events')
    .send({ events: [girthThere, ...wholeCapture(9, 200).events] })
    .expect(201);
  expect(await merged(there, await exported(here))).toMatchObject({ captures: { fresh: 0, grown: 1, known: 0 } });
  expect(await merged(here, await exported(there))).toMatchObject({ captures: { fresh: 1, grown: 1, known: 0 } });
  const [a, b] = [await exported(here), await exported(there)];
  expect({ ...a, exportedAt: '' }).toEqual({ ...b, exportedAt: '' });
});

test('only looked at, nothing is written', async () => {
  await fill(here);
  const said = await merged(there, await exported(here), 'dryRun=true');
  expect(said.captures.fresh).toBe(1);
  expect((await exported(there)).captures).toEqual([]);
});

test('positions that were left out when it left are not taken away where they stand', async () => {
  const { waterId } = await fill(here);
  await merged(here, await exported(here, 'left-out'));
  const [water] = (await exported(here)).waters;
  expect(water).toMatchObject({ id: waterId, position: { latitudeDeg: 50.5 } });
});

test('of a row that was written on both sides the later writing stands', async () => {
  const { waterId } = await fill(here);
  await merged(there, await exported(here));
  const rename = (server: TestServer, name: string) =>
    server.http.put(`/api/waters/${waterId}`).send({ name, kind: 'lake', revision: 1 }).expect(200);
  await rename(here, 'Older name');
  await rename(there, 'Later name');
  expect((await merged(there, await exported(here))).rows).toMatchObject({ older: 1 });
  expect((await merged(here, await exported(there))).rows).toMatchObject({ newer: 1 });
  for (const server of [here, there]) expect((await exported(server)).waters).toMatchObject([{ name: 'Later name' }]);
});

test('the fish of another keeper stay theirs, and the same book comes in only once', async () => {
  const { captureId } = await fill(here);
  const ben = newId();
  const book = await exported(here);
  await merged(there, book, `keeperId=${ben}&name=Ben`);
  const log = (await there.http.get(`/api/captures/${captureId}`).expect(200)).body as CaptureEvents;
  expect(summaryOf(replay(captureId, log.events)).keeperId).toBe(ben);
  expect((await there.http.get('/api/keepers').expect(200)).body).toMatchObject([{ id: ben, name: 'Ben' }]);
  const again = await merged(there, book, `keeperId=${ben}&name=Ben`);
  expect(again).toMatchObject({ captures: { fresh: 0, known: 1 }, clashing: 0 });
  // Taken for one's own by mistake, the same entries would say another thing: they are left out, and counted.
  expect((await merged(there, book)).clashing).toBe(1);
});

test.each([
  ['{"format":"unhurried-keeper-book"', 'not JSON'],
  ['{"format":"something","version":1}', 'not a book'],
  ['[]', 'not a book'],
  ['{"format":"unhurried-keeper-register","version":1}', 'register of fish'],
  ['{"format":"unhurried-keeper-book","version":2}', 'newer version'],
])('%s is refused: %s', async (text, says) => {
  const answer = await here.http.post('/api/book').attach('file', Buffer.from(text), 'book.json').expect(400);
  expect((answer.body as { sentence: string }).sentence).toContain(says);
});

test('a picture that the other book deleted for good is deleted here with what was read from it', async () => {
  const print = join(here.dataFolder, 'prints', 'ab', 'ab12.json');
  mkdirSync(dirname(print), { recursive: true });
  writeFileSync(print, 'null');
  const { captureId } = await fill(there);
  await merged(here, await exported(there));
  expect(existsSync(print)).toBe(true);
  const deleted = event(captureId, 'picture-deleted', 999_000, { sha256: 'a'.repeat(64), why: '' });
  await there.http
    .post('/api/events')
    .send({ events: [deleted] })
    .expect(201);
  await merged(here, await exported(there));
  expect(existsSync(print)).toBe(false);
});

test('what cannot be read of a book stays out and is counted, and the rest comes in', async () => {
  await fill(here);
  const book = await exported(here);
  const [first] = book.captures;
  const bad = [{ id: 'no id' }, null, { ...(first?.events[0] ?? {}), id: newId(), elapsedMs: -1 }];
  const damaged = {
    ...book,
    captures: [{ events: [...(first?.events ?? []), ...bad] }],
    waters: [...book.waters, { id: newId(), revision: 1, updatedAt: '2026-01-01T00:00:00.000Z', name: '' }],
  };
  expect(await merged(there, damaged)).toMatchObject({ captures: { fresh: 1 }, leftOut: 4 });
  expect((await exported(there)).captures[0]?.events).toHaveLength(first?.events.length ?? 0);
});

test('whatever a log holds, it leaves, comes in and leaves again the same', async () => {
  await fc.assert(
    fc.asyncProperty(anyHistory, async (history) => {
      const book = { format: 'unhurried-keeper-book', version: 1, captures: [{ events: history }] };
      await merged(here, book);
      const left = await exported(here);
      await merged(there, left);
      expect({ ...(await exported(there)), exportedAt: '' }).toEqual({ ...left, exportedAt: '' });
    }),
    { numRuns: 5 },
  );
});
