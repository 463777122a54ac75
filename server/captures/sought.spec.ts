import type { BookPage } from '@keeper/contract/book';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
const WATER = newId();
const SWIM = newId();
const ids: Record<string, string> = {};

/** A fish of a day with what was written of it. */
async function fish(
  name: string,
  seed: number,
  ounces: number,
  day: string,
  told: object,
  rod: object,
  swimId?: string,
) {
  const { captureId, events } = wholeCapture(seed, ounces);
  const [hooked, ...rest] = events;
  const startMs = Date.parse(`${day}T06:00:00.000Z`);
  const shift = startMs - Date.parse(hooked?.at ?? '');
  const moved = [{ ...hooked, payload: { waterId: WATER, ...(swimId && { swimId }) } }, ...rest].map((each) => ({
    ...each,
    at: new Date(Date.parse((each as CaptureEvent).at) + shift).toISOString(),
  }));
  const more = [
    event(captureId, 'amended', 910_000, { facts: told, why: 'As it was.' }),
    event(captureId, 'rod-told', 800_001, rod),
  ];
  await server.http
    .post('/api/events')
    .send({ events: [...moved, ...more] })
    .expect(201);
  ids[captureId] = name;
}

beforeAll(async () => {
  server = await testServer();
  await server.http.put(`/api/waters/${WATER}`).send({ name: 'Mère du Moulin', kind: 'lake', revision: 0 }).expect(200);
  const swim = { waterId: WATER, name: 'Boathouse end', position: null, facingDeg: 0, bank: 'grass', hazards: [] };
  await server.http.put(`/api/swims/${SWIM}`).send({ ...swim, fixtures: [], note: null, retired: false, revision: 0 });
  await fish('linear', 1, 22 * 16, '2024-10-05', { species: 'carp', form: 'linear' }, { bait: 'Boilies' }, SWIM);
  await fish(
    'mirror',
    2,
    19 * 16,
    '2024-10-06',
    { species: 'carp', form: 'mirror', note: 'Wind off the dam' },
    { bait: 'Bread' },
  );
  await fish(
    'pike',
    3,
    20 * 16,
    '2024-12-01',
    { species: 'pike', note: 'Café fish' },
    { bait: 'Sardine', place: 'Dam wall' },
  );
});
afterAll(() => server.close());

const find = async (q: string) => {
  const { rows, total } = (await server.http.get(`/api/captures?order=oldest&q=${encodeURIComponent(q)}`).expect(200))
    .body as BookPage;
  expect(total).toBe(rows.length);
  return rows.map(({ captureId }) => ids[captureId]);
};

test.each([
  ['linear boathouse autumn 2024 over 20 lb boilie', ['linear']],
  ['carp', ['linear', 'mirror']],
  ['autumn 2024', ['linear', 'mirror']],
  ['5 october 2024', ['linear']],
  ['2024', ['linear', 'mirror', 'pike']],
  ['2023', []],
  ['over 20 lb', ['linear', 'pike']],
  ['over 20 lb 1 oz', ['linear']],
  ['under 20 lb', ['mirror', 'pike']],
  ['dam', ['mirror', 'pike']],
  ['dam pike', ['pike']],
  ['mere', ['linear', 'mirror', 'pike']],
  ['moul', ['linear', 'mirror', 'pike']],
  ['cafe', ['pike']],
  ['boilie', ['linear']],
  ['boathouse', ['linear']],
  ['house', []],
  ['nothing of it', []],
  ['"; DROP', []],
  ['-', ['linear', 'mirror', 'pike']],
])('%s finds %j', async (q, found) => expect(await find(q)).toEqual(found));

test('what is renamed, put right or struck out is found as it stands now', async () => {
  const water = (await server.http.get('/api/waters')).body as { id: string; revision: number }[];
  const body = { name: 'Long Pond', kind: 'lake', revision: water.find(({ id }) => id === WATER)?.revision ?? 0 };
  await server.http.put(`/api/waters/${WATER}`).send(body).expect(200);
  expect(await find('moulin')).toEqual([]);
  expect(await find('long pond carp')).toEqual(['linear', 'mirror']);
  const [mirror] = Object.entries(ids).find(([, name]) => name === 'mirror') ?? [''];
  const amended = event(mirror, 'amended', 920_000, { facts: { note: 'Calm' }, why: 'Another day.' });
  await server.http
    .post('/api/events')
    .send({ events: [amended] })
    .expect(201);
  expect(await find('dam')).toEqual(['pike']);
  expect(await find('calm')).toEqual(['mirror']);
  await server.http
    .post('/api/events')
    .send({ events: [event(mirror, 'discarded', 900_001, {})] })
    .expect(201);
  expect(await find('calm')).toEqual([]);
});

test('pages of what is found go on where the last one ended, with the other filters', async () => {
  const first = (await server.http.get('/api/captures?q=2024&limit=1').expect(200)).body as BookPage;
  expect(first).toMatchObject({ total: 2 });
  const second = (await server.http.get(`/api/captures?q=2024&limit=1&after=${first.next ?? ''}`).expect(200))
    .body as BookPage;
  expect([...first.rows, ...second.rows].map(({ captureId }) => ids[captureId])).toEqual(['pike', 'linear']);
  const pikes = (await server.http.get('/api/captures?q=2024&species=pike').expect(200)).body as BookPage;
  expect(pikes.rows).toHaveLength(1);
});
