import type { PictureInBook } from '@keeper/contract/book';
import type { PicturedFish } from '@keeper/contract/pictured';
import { event, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const pictured = async () => (await server.http.get('/api/captures/pictured').expect(200)).body as PicturedFish[];
const A = 'a'.repeat(64);
const B = 'b'.repeat(64);

test('an empty book has no pictured fish', async () => expect(await pictured()).toEqual([]));

test('every fish comes with its time on the bank and what it has, or had, of pictures, the newest first', async () => {
  const [older, newer] = [wholeCapture(3, 300), wholeCapture(9, 320, { species: 'pike' })];
  const removed = { sha256: B, why: 'There are better ones of it.' };
  const events = [
    ...[...older.events, ...newer.events],
    event(older.captureId, 'picture-added', 320_000, { sha256: A, role: 'left-flank' }),
    event(older.captureId, 'picture-added', 330_000, { sha256: B }),
    event(older.captureId, 'picture-removed', 999_000, removed),
  ];
  await server.http.post('/api/events').send({ events }).expect(201);
  const rows = await pictured();
  expect(rows.map(({ captureId }) => captureId)).toEqual([newer.captureId, older.captureId]);
  expect(rows[1]).toEqual({
    captureId: older.captureId,
    startedAt: '2026-05-03T00:00:00.000Z',
    begunAt: '2026-05-03T00:00:00.000Z',
    zone: null,
    elapsedMs: 400_000,
    species: 'carp',
    form: null,
    kindName: null,
    dated: null,
    net: { unit: 'oz', count: 300 },
    netGrams: expect.closeTo(8504.86, 1),
    pictures: [A, B],
  });
  expect(rows[0]?.pictures).toEqual([]);
});

test('a fish that was begun by mistake is not among them', async () => {
  const { captureId, events } = wholeCapture(12, 300);
  await server.http
    .post('/api/events')
    .send({ events: [...events, event(captureId, 'discarded', 950_000)] })
    .expect(201);
  expect((await pictured()).some((fish) => fish.captureId === captureId)).toBe(false);
});

test('the pictures of the book come fish by fish, as they were laid, without those that were removed', async () => {
  const [light, heavy] = [wholeCapture(18, 200, { species: 'pike' }), wholeCapture(17, 400, { species: 'pike' })];
  const at = (x: number, y: number) => ({ x, y });
  const view = {
    turnRad: 0.1,
    mirrored: true,
    centre: at(60, 50),
    widthPx: 140,
    stops: 0,
    of: { widthPx: 200, heightPx: 120 },
  };
  const events = [
    ...[...light.events, ...heavy.events],
    event(light.captureId, 'picture-added', 320_000, { sha256: A, role: 'right-flank' }),
    event(light.captureId, 'picture-read', 330_000, { sha256: A, view }),
    event(heavy.captureId, 'picture-added', 320_000, { sha256: A }),
    event(heavy.captureId, 'picture-added', 321_000, { sha256: B, role: 'portrait' }),
    event(heavy.captureId, 'picture-added', 322_000, { sha256: 'c'.repeat(64) }),
    event(heavy.captureId, 'picture-removed', 999_000, { sha256: 'c'.repeat(64), why: 'Blurred.' }),
  ];
  await server.http.post('/api/events').send({ events }).expect(201);
  const of = async (query: string) =>
    (await server.http.get(`/api/captures/pictures?${query}`).expect(200)).body as PictureInBook[];
  const newest = await of('species=pike');
  expect(newest.map(({ captureId, sha256 }) => [captureId, sha256])).toEqual([
    ...[
      [light.captureId, A],
      [heavy.captureId, B],
    ],
    [heavy.captureId, A],
  ]);
  expect(newest[0]).toEqual({
    sha256: A,
    role: 'right-flank',
    view,
    captureId: light.captureId,
    startedAt: '2026-05-18T00:00:00.000Z',
    zone: null,
    species: 'pike',
    form: null,
    net: { unit: 'oz', count: 200 },
  });
  const heaviest = await of('species=pike&order=heaviest');
  expect(heaviest[0]?.captureId).toBe(heavy.captureId);
  expect(await of('species=zander')).toEqual([]);
});

test('what was made out of a picture is kept with it, field by field, and can be taken away', async () => {
  const { captureId, events } = wholeCapture(15, 310);
  const at = (x: number, y: number) => ({ x, y });
  const landmarks = {
    snout: at(10, 50),
    eye: at(20, 48),
    dorsal: at(50, 30),
    pelvic: at(55, 62),
    anal: at(80, 60),
    fork: at(110, 51),
  };
  const view = {
    turnRad: 0.1,
    mirrored: false,
    centre: at(60, 50),
    widthPx: 140,
    stops: 0.5,
    of: { widthPx: 200, heightPx: 120 },
  };
  const made = [
    event(captureId, 'picture-added', 320_000, { sha256: A }),
    event(captureId, 'picture-read', 1_000_000, { sha256: A, role: 'left-flank', landmarks, by: 'proposed' }),
    event(captureId, 'picture-read', 1_001_000, { sha256: A, view }),
    event(captureId, 'picture-read', 1_002_000, { sha256: A, landmarks: null }),
  ];
  await server.http
    .post('/api/events')
    .send({ events: [...events, ...made] })
    .expect(201);
  const kept = await server.http.get(`/api/captures/${captureId}`).expect(200);
  const payloads = (kept.body.events as { type: string; payload: object }[]).filter(
    ({ type }) => type === 'picture-read',
  );
  expect(payloads.map(({ payload }) => payload)).toEqual(made.slice(1).map(({ payload }) => payload));
});
