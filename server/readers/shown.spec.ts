import type { Facts } from '@keeper/core/domain/capture/event';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { SeesDto, ShownPage } from '@keeper/contract/shown';
import { event, newId } from '../spec/events.js';
import { homeServer, type HomeServer, type LetIn } from '../spec/homeServer.js';

const [WATER, SWIM, BEN, PIKE, CARP] = [newId(), newId(), newId(), newId(), newId()];
const [FLANK, BOARD] = ['a'.repeat(64), 'b'.repeat(64)];
const SECRET = 'behind the third willow';
let server: HomeServer;
beforeAll(async () => {
  server = await homeServer();
  const lake = { name: 'The Mere', kind: 'lake', position: { latitudeDeg: 50, longitudeDeg: -30 }, revision: 0 };
  await server.http.put(`/api/waters/${WATER}`).send(lake).expect(200);
  for (const [id, name] of [
    [FIRST_KEEPER, 'Ann'],
    [BEN, 'Ben'],
  ])
    await server.http.put(`/api/keepers/${id}`).send({ name, retired: false, revision: 0 }).expect(200);
  const facts: Facts = {
    species: 'pike',
    weight: { asRead: { unit: 'g', count: 9000 }, method: 'zeroed' },
    length: { unit: 'mm', count: 980, of: 'tip' },
    note: SECRET,
  };
  const events = [
    event(PIKE, 'hooked', 0, { waterId: WATER, swimId: SWIM, zone: 'Europe/London' }, '2026-06-01T23:30:00.000Z'),
    event(PIKE, 'rod-told', 1000, { rod: 1, place: SECRET }),
    event(PIKE, 'picture-added', 2000, { sha256: FLANK, role: 'left-flank' }),
    event(PIKE, 'picture-added', 3000, { sha256: BOARD, role: 'board' }),
    event(PIKE, 'described', 60_000, { facts }),
    event(PIKE, 'released', 70_000),
    event(CARP, 'hooked', 0, { keeperId: BEN }, '2026-05-01T12:00:00.000Z'),
    event(CARP, 'described', 60_000, { facts: { species: 'carp' } }),
    event(CARP, 'released', 70_000),
    event(newId(), 'hooked', 0, {}, '2026-06-02T05:00:00.000Z'),
  ];
  await server.http.post('/api/events').send({ events }).expect(201);
});
afterAll(() => server.close());

const letIn = (sees: SeesDto) => server.pair('reader', 'Grandfather', { sees });
const read = async ({ cookie }: LetIn) => {
  const { text, body } = await server.ask('/shown', { cookie });
  return { text, rows: (body as unknown as ShownPage).rows };
};

test('a reader sees the fish, whose they are and the day by the clocks of the place, and no place, hour or note', async () => {
  const { text, rows } = await read(await letIn({ whose: 'all', sizes: true, pictures: true }));
  expect(rows).toEqual([
    {
      captureId: PIKE,
      day: '2026-06-02',
      species: 'pike',
      form: null,
      kindName: null,
      whose: 'Ann',
      name: null,
      net: { unit: 'g', count: 9000 },
      length: { unit: 'mm', count: 980, of: 'tip' },
      pictures: [FLANK],
    },
    expect.objectContaining({ captureId: CARP, whose: 'Ben', net: null, pictures: [] }),
  ]);
  for (const hidden of [WATER, SWIM, SECRET, 'Mere', '23:30', 'Europe']) expect(text).not.toContain(hidden);
});

test('without sizes and pictures, and only of the keeper who let it in, it sees as much less', async () => {
  const { rows } = await read(await letIn({ whose: 'own', sizes: false, pictures: false }));
  expect(rows).toMatchObject([{ captureId: PIKE, net: null, length: null, pictures: [] }]);
  const { rows: bens } = await read(
    await server.pair('reader', 'Ben’s aunt', { keeperId: BEN, sees: { whose: 'own', sizes: true, pictures: true } }),
  );
  expect(bens.map(({ captureId }) => captureId)).toEqual([CARP]);
});

test.each<[string, SeesDto, string, string]>([
  ['of another fish', { whose: 'all', sizes: true, pictures: true }, CARP, FLANK],
  ['of the board', { whose: 'all', sizes: true, pictures: true }, PIKE, BOARD],
  ['where none are shown', { whose: 'all', sizes: true, pictures: false }, PIKE, FLANK],
])('a picture %s is not there for a reader', async (_, sees, captureId, sha256) => {
  const { cookie } = await letIn(sees);
  expect((await server.ask(`/shown/${captureId}/pictures/${sha256}`, { cookie })).status).toBe(404);
});

test('what a reader sees is said with its code, and with no other', async () => {
  const offer = (body: object) => server.http.post('/api/access/pairing').send(body);
  await offer({ role: 'reader' }).expect(400);
  await offer({ role: 'helper', sees: { whose: 'all', sizes: true, pictures: true } }).expect(400);
});
