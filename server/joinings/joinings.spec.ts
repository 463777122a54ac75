import type { CaptureEvents } from '@keeper/contract/events';
import type { KeptJoining } from '@keeper/contract/joinings';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { replay } from '@keeper/core/domain/capture/replay';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const get = async <T>(path: string) => (await server.http.get(`/api${path}`).expect(200)).body as T;
const state = async (captureId: string) =>
  replay(captureId, (await get<CaptureEvents>(`/captures/${captureId}`)).events);

async function water(name: string): Promise<string> {
  const id = newId();
  await server.http.put(`/api/waters/${id}`).send({ name, kind: 'pit', rules: NO_RULES, revision: 0 }).expect(200);
  return id;
}

async function swim(waterId: string, name: string): Promise<string> {
  const id = newId();
  const body = { waterId, name, position: null, facingDeg: 90, bank: 'grass', hazards: [], fixtures: [], note: null };
  await server.http
    .put(`/api/swims/${id}`)
    .send({ ...body, retired: false, revision: 0 })
    .expect(200);
  return id;
}

async function outing(waterId: string, swimId: string): Promise<string> {
  const outingId = newId();
  const head = { outingId, deviceId: 'phone' };
  const plan = { waterId, fromAt: '2026-06-01T05:00:00.000Z', toAt: '2026-06-01T12:00:00.000Z', companions: 0 };
  const events = [
    {
      ...head,
      id: newId(),
      at: '2026-05-31T20:00:00.000Z',
      type: 'outing-planned',
      payload: { ...plan, expected: [] },
    },
    { ...head, id: newId(), at: '2026-06-01T05:00:00.000Z', type: 'swim-taken', payload: { swimId } },
  ];
  await server.http.post('/api/events').send({ events }).expect(201);
  return outingId;
}

const join = (id: string, body: object) =>
  server.http.put(`/api/joinings/${id}`).send({ retired: false, revision: 0, ...body });

test('two waters become one with fish, outings and swims, and two again exactly as they were', async () => {
  const [pit, saltern] = [await water('Salt pit'), await water('Saltern Pit')];
  const [reeds, gate] = [await swim(pit, 'Reeds'), await swim(saltern, 'Gate')];
  const outingId = await outing(pit, reeds);
  const own = wholeCapture(3, 300, { waterId: pit });
  const other = wholeCapture(4, 310, { waterId: saltern });
  await server.http
    .post('/api/events')
    .send({ events: [...own.events, ...other.events] })
    .expect(201);
  const id = newId();
  await join(id, { kind: 'waters', fromId: pit, intoId: saltern, why: 'They are one water.' }).expect(200);
  const after = await state(own.captureId);
  expect(after.facts.waterId).toBe(saltern);
  expect(after.amendments).toMatchObject([{ field: 'waterId', from: pit, to: saltern, why: 'They are one water.' }]);
  expect((await state(other.captureId)).amendments).toEqual([]);
  expect((await get<{ rows: unknown[] }>(`/captures?waterId=${saltern}`)).rows).toHaveLength(2);
  expect((await get<OutingSummary[]>('/outings'))[0]).toMatchObject({ outingId, waterId: saltern, swimId: reeds });
  const swimsThere = await get<{ id: string; waterId: string }[]>('/swims');
  expect(swimsThere.map(({ id: of, waterId }) => [of, waterId]).sort()).toEqual(
    [
      [reeds, saltern],
      [gate, saltern],
    ].sort(),
  );
  const waters = await get<{ id: string; retired: boolean }[]>('/waters');
  expect(waters.find((each) => each.id === pit)?.retired).toBe(true);

  // Sent again by an outbox that did not hear the answer, nothing is done twice.
  await join(id, { kind: 'waters', fromId: pit, intoId: saltern, why: 'They are one water.' }).expect(200);
  expect((await state(own.captureId)).amendments).toHaveLength(1);

  await join(id, { kind: 'waters', fromId: pit, intoId: saltern, retired: true, revision: 1 }).expect(200);
  expect(await state(own.captureId)).toMatchObject({ facts: { waterId: pit }, amendments: [] });
  expect((await get<OutingSummary[]>('/outings'))[0]).toMatchObject({ waterId: pit });
  const [back] = await get<KeptJoining[]>('/joinings');
  expect(back).toMatchObject({ id, retired: true, revision: 2 });
  expect((await get<{ id: string; waterId: string }[]>('/swims')).find((each) => each.id === reeds)?.waterId).toBe(pit);
  expect((await get<{ id: string; retired: boolean }[]>('/waters')).find((each) => each.id === pit)?.retired).toBe(
    false,
  );
});

test('what came to the other water since stays there when they are made two again', async () => {
  const [pit, saltern] = [await water('Salt pit'), await water('Saltern Pit')];
  const id = newId();
  await join(id, { kind: 'waters', fromId: pit, intoId: saltern }).expect(200);
  const since = wholeCapture(5, 200, { waterId: saltern });
  await server.http.post('/api/events').send({ events: since.events }).expect(201);
  await join(id, { kind: 'waters', fromId: pit, intoId: saltern, retired: true, revision: 1 }).expect(200);
  expect((await state(since.captureId)).facts.waterId).toBe(saltern);
});

test('two swims become one with the fish and outings of each, and two again', async () => {
  const pit = await water('Salt pit');
  const [reeds, reedGate] = [await swim(pit, 'Reeds'), await swim(pit, 'Reed gate')];
  const outingId = await outing(pit, reeds);
  const fish = wholeCapture(3, 300, { waterId: pit });
  const bound = event(fish.captureId, 'outing-bound', 1, { outingId, swimId: reeds });
  await server.http
    .post('/api/events')
    .send({ events: [...fish.events, bound] })
    .expect(201);
  const id = newId();
  await join(id, { kind: 'swims', fromId: reeds, intoId: reedGate }).expect(200);
  expect(await state(fish.captureId)).toMatchObject({
    swimId: reedGate,
    amendments: [{ field: 'swimId', from: reeds, to: reedGate, why: 'Reeds and Reed gate are one.' }],
  });
  expect((await get<OutingSummary[]>('/outings'))[0]?.swimId).toBe(reedGate);
  await join(id, { kind: 'swims', fromId: reeds, intoId: reedGate, retired: true, revision: 1 }).expect(200);
  expect((await state(fish.captureId)).swimId).toBe(reeds);
  expect((await get<OutingSummary[]>('/outings'))[0]?.swimId).toBe(reeds);
});

test('one that is not in the book, or is the same, or was written since, is refused and changes nothing', async () => {
  const pit = await water('Salt pit');
  const fish = wholeCapture(3, 300, { waterId: pit });
  await server.http.post('/api/events').send({ events: fish.events }).expect(201);
  await join(newId(), { kind: 'waters', fromId: pit, intoId: newId() }).expect(404);
  await join(newId(), { kind: 'waters', fromId: pit, intoId: pit }).expect(400);
  await join(newId(), { kind: 'waters', fromId: pit, intoId: newId(), revision: 3 }).expect(409);
  expect((await state(fish.captureId)).facts.waterId).toBe(pit);
  expect(await get<KeptJoining[]>('/joinings')).toEqual([]);
});
