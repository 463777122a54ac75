import type { ImportedRegister, FriendRegister } from '@keeper/contract/registers';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import { flankFrame } from '@keeper/core/recognition/landmarks/flankFrame';
import { REGISTER_FORMAT, type RegisterFile } from '@keeper/core/formats/registerJson';
import { event, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const FISH = '01990000-0000-7000-8000-00000000f15a';
const OTHER = '01990000-0000-7000-8000-00000000f15b';
const [first, second, third] = [wholeCapture(1, 300), wholeCapture(2, 300), wholeCapture(3, 300)];

async function get<T>(path: string): Promise<T> {
  return (await server.http.get(`/api${path}`).expect(200)).body as T;
}

const known = async () =>
  (await get<CaptureSummary[]>('/captures/known')).map(({ captureId, fishId }) => [captureId, fishId]);

test('what is said of catches makes the register; what is taken back leaves it, and stays among the decisions', async () => {
  const wrong = event(second.captureId, 'identified', 500_000, { says: 'same', fishId: FISH });
  const said = [
    event(first.captureId, 'identified', 500_000, { says: 'new', fishId: FISH }),
    wrong,
    event(third.captureId, 'identified', 500_000, { says: 'new', fishId: OTHER, why: 'a nick in the tail' }),
  ];
  const events = [...[first, second, third].flatMap((capture) => capture.events), ...said];
  await server.http.post('/api/events').send({ events }).expect(201);
  expect(new Map((await known()) as [string, string][])).toEqual(
    new Map([
      [first.captureId, FISH],
      [second.captureId, FISH],
      [third.captureId, OTHER],
    ]),
  );
  const back = event(second.captureId, 'undone', 700_000_000, { eventId: wrong.id });
  await server.http
    .post('/api/events')
    .send({ events: [back] })
    .expect(201);
  expect((await known()).map(([captureId]) => captureId)).not.toContain(second.captureId);
  const decisions = await get<IdentityDecision[]>('/captures/decisions');
  expect(decisions).toHaveLength(3);
  expect(decisions.find(({ eventId }) => eventId === wrong.id)).toMatchObject({ says: 'same', takenBackAt: back.at });
});

test('the register that is given names its fish, and says nothing of where or on which day', async () => {
  await server.http
    .put(`/api/fish/${FISH}`)
    .send({ name: 'Copper Lid', note: 'under the willow', retired: false, revision: 0 })
    .expect(200);
  const plain = await get<RegisterFile>('/register.json?from=Robin');
  expect(plain.fish.find(({ id }) => id === FISH)).toMatchObject({ name: 'Copper Lid', flanks: [] });
  const text = JSON.stringify(plain);
  expect(text).not.toMatch(/willow|waterId|swim|grams|lengthMm/);
  expect(plain.fish.flatMap(({ catches }) => catches).every(({ month }) => /^\d{4}-\d{2}$/.test(month))).toBe(true);
  const weighed = await get<RegisterFile>('/register.json?from=Robin&weights=included');
  expect(JSON.stringify(weighed)).toMatch(/grams/);
  await server.http.get('/api/register.json').expect(400);
});

describe("a friend's register", () => {
  const { columns, rows } = flankFrame('pike');
  const cells = Buffer.from(new Int8Array(columns * rows).buffer).toString('base64');
  const file = (from: string, fish: number) => ({
    ...REGISTER_FORMAT,
    from,
    exportedAt: '2026-05-01',
    fish: Array.from({ length: fish }, (_, i) => ({
      id: `f${i}`,
      name: `Fish ${i}`,
      species: 'pike',
      form: null,
      catches: [],
      flanks: [{ side: 'left', kind: 'pike', cells }],
    })),
  });
  const take = (body: string) => server.http.post('/api/registers').attach('file', Buffer.from(body), 'register.json');

  test('is taken in and stays theirs; a newer one of the same friend takes its place; it is removed whole', async () => {
    const taken = (await take(JSON.stringify(file('Ash', 2))).expect(201)).body as ImportedRegister;
    expect(taken).toMatchObject({ from: 'Ash', fish: 2, flanks: 2 });
    await take(JSON.stringify(file('Ash', 5))).expect(201);
    await take(JSON.stringify(file('Hazel', 1))).expect(201);
    const theirs = await get<FriendRegister[]>('/registers');
    expect(theirs.map(({ from, fish }) => [from, fish.length]).sort()).toEqual([
      ['Ash', 5],
      ['Hazel', 1],
    ]);
    expect((await known()).length).toBe(2);
    await server.http.delete(`/api/registers/${taken.id}`).expect(204);
    await server.http.delete(`/api/registers/${taken.id}`).expect(404);
    expect((await get<FriendRegister[]>('/registers')).map(({ from }) => from)).toEqual(['Hazel']);
  });

  test('that is none is refused in a sentence, and nothing is kept', async () => {
    const { body } = await take('{"format":"unhurried-keeper-book"}').expect(400);
    expect(body).toMatchObject({ sentence: 'This is a whole book, not a register of fish.' });
    await server.http.post('/api/registers').expect(400);
    expect(await get<FriendRegister[]>('/registers')).toHaveLength(1);
  });
});
