import { FIRST_KEEPER, type Angler } from '@keeper/core/domain/capture/angler';
import type { Facts } from '@keeper/core/domain/capture/event';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import { event, newId } from '../spec/events.js';
import { homeServer, type HomeServer, type LetIn } from '../spec/homeServer.js';

const BEN = newId();
let server: HomeServer;
let anns: LetIn;
let bens: LetIn;
beforeAll(async () => {
  server = await homeServer();
  await server.http.put(`/api/keepers/${BEN}`).send({ name: 'Ben', retired: false, revision: 0 }).expect(200);
  anns = await server.pair('keeper', 'Ann’s phone');
  bens = await server.pair('keeper', 'Ben’s phone', { keeperId: BEN });
});
afterAll(() => server.close());

const { updatedAt: _at, ...ways } = FIRST_SETTINGS;
const get = (path: string, { cookie }: LetIn) => server.ask(path, { cookie });

test('a device is of the keeper whose code let it in, and of the first where the passphrase did', async () => {
  expect((await get('/access', bens)).body).toMatchObject({ role: 'keeper', keeperId: BEN });
  expect((await get('/access', anns)).body).toMatchObject({ role: 'keeper', keeperId: FIRST_KEEPER });
  const { body } = await get('/access/devices', anns);
  expect(body).toContainEqual(expect.objectContaining({ name: 'Ben’s phone', keeperId: BEN }));
});

test('no code is shown for somebody who does not keep this book, or no longer does', async () => {
  const offer = (keeperId: string) =>
    server.ask('/access/pairing', { method: 'POST', cookie: anns.cookie, body: { role: 'keeper', keeperId } });
  const [gone, unknown] = ['01900000-0000-7000-8000-0000000000d1', '01900000-0000-7000-8000-0000000000d2'];
  await server.http.put(`/api/keepers/${gone}`).send({ name: 'Gone', retired: true, revision: 0 }).expect(200);
  for (const keeperId of [gone, unknown])
    expect(await offer(keeperId)).toMatchObject({ status: 404, body: { sentence: expect.stringContaining('keeper') } });
  expect(await offer(BEN)).toMatchObject({ status: 201 });
});

test('a helper is let in by the keeper whose device showed its code', async () => {
  const { body } = await server.ask('/access/pairing', {
    method: 'POST',
    cookie: bens.cookie,
    body: { role: 'helper' },
  });
  expect(body).toMatchObject({ role: 'helper', keeperId: BEN, sees: null });
});

test('each keeper has ways of their own, and writes nobody else’s', async () => {
  const write = ({ cookie }: LetIn, massUnit: string, whose = '') =>
    server.ask(`/settings${whose}`, { method: 'PUT', cookie, body: { ...ways, massUnit } });
  expect((await write(bens, 'g')).body).toMatchObject({ massUnit: 'g', revision: 1 });
  expect((await get('/settings', anns)).body).toMatchObject({ massUnit: 'oz', revision: 0 });
  expect((await get('/settings', bens)).body).toMatchObject({ massUnit: 'g' });
  expect(await write(bens, 'dram', `?keeperId=${FIRST_KEEPER}`)).toMatchObject({
    status: 403,
    body: { code: 'not-allowed' },
  });
  expect((await write(anns, 'dram', `?keeperId=${FIRST_KEEPER}`)).body).toMatchObject({ massUnit: 'dram' });
  // On the machine it is said whose they are.
  expect((await server.http.get(`/api/settings?keeperId=${BEN}`)).body).toMatchObject({ massUnit: 'g' });
  expect((await server.http.get('/api/settings')).body).toMatchObject({ massUnit: 'dram' });
});

describe('whose fish it is', () => {
  const fish = (grams: number, begun: { keeperId?: string }, facts: Facts = {}) => {
    const captureId = newId();
    const weight: Facts['weight'] = { asRead: { unit: 'g', count: grams }, method: 'zeroed' };
    return [
      event(captureId, 'hooked', 0, begun),
      event(captureId, 'described', 60_000, { facts: { species: 'carp', weight, ...facts } }),
      event(captureId, 'released', 70_000),
    ];
  };
  beforeAll(async () => {
    const events = [
      ...fish(9000, {}),
      ...fish(12_000, { keeperId: BEN }),
      ...fish(14_000, { keeperId: BEN }, { angler: { who: 'child', name: 'Tom' } }),
      ...fish(10_000, { keeperId: BEN }, { angler: { who: 'keeper', keeperId: FIRST_KEEPER } }),
    ];
    const { status } = await server.ask('/events', { method: 'POST', cookie: bens.cookie, body: { events } });
    expect(status).toBe(201);
  });

  interface Tally {
    readonly captures: number;
    readonly bySpecies: readonly { readonly best: { readonly netGrams: number } | null }[];
  }
  const bestOf = async (path: string, device: LetIn) => {
    const { captures, bySpecies } = (await get(path, device)).body as unknown as Tally;
    return [captures, bySpecies[0]?.best?.netGrams];
  };

  test('each has bests of their own; the fish that Ben handed to Ann is hers, and a child’s is nobody’s', async () => {
    expect(await bestOf('/captures/tally', anns)).toEqual([4, 10_000]);
    expect(await bestOf('/captures/tally', bens)).toEqual([4, 12_000]);
    expect(await bestOf(`/captures/tally?keeperId=${BEN}`, anns)).toEqual([4, 12_000]);
    expect(await bestOf(`/captures/tally?keeperId=${newId()}`, anns)).toEqual([4, undefined]);
  });

  test('the book is read by keeper, and told whose each fish is', async () => {
    const read = async (keeperId: string) => {
      const { rows, total } = (await get(`/captures?order=heaviest&keeperId=${keeperId}`, anns)).body as unknown as {
        rows: readonly { netGrams: number; keeperId: string | null }[];
        total: number;
      };
      return [total, ...rows.map(({ netGrams }) => netGrams)];
    };
    expect(await read(FIRST_KEEPER)).toEqual([2, 10_000, 9000]);
    expect(await read(BEN)).toEqual([1, 12_000]);
  });

  test('handling is told of the fish of one keeper', async () => {
    expect((await get('/captures/handling', bens)).body).toMatchObject({ captures: 1 });
    expect((await get('/captures/handling', anns)).body).toMatchObject({ captures: 2 });
  });

  test('weights are compared with those of the same keeper: the heaviest of each are told with how they were weighed', async () => {
    const list = (await get('/captures/weighed', anns)).body as unknown as readonly {
      grams: number;
      keeperId: string | null;
      weighing?: object;
    }[];
    expect(new Map(list.map(({ grams, keeperId, weighing }) => [grams, [keeperId, weighing !== undefined]]))).toEqual(
      new Map([
        [9000, [FIRST_KEEPER, true]],
        [10_000, [FIRST_KEEPER, true]],
        [12_000, [BEN, true]],
        [14_000, [null, false]],
      ]),
    );
  });

  test('a keeper is named by id, and a guest is not', async () => {
    const say = async (angler: { who: Angler['who']; keeperId?: string }) =>
      (
        await server.ask('/events', {
          method: 'POST',
          cookie: anns.cookie,
          body: { events: fish(1000, {}, { angler: angler as Angler }) },
        })
      ).status;
    expect(await say({ who: 'keeper' })).toBe(400);
    expect(await say({ who: 'friend', keeperId: BEN })).toBe(400);
  });

  test('leaves as CSV and as JSON', async () => {
    const csv = (await server.http.get('/api/book.csv')).text;
    expect(csv.split('\r\n')[0]).toContain(',keeper,');
    expect(csv.match(/,Ben,bank,/g)).toHaveLength(1);
    expect(csv).toContain('child: Tom');
    const book = (await server.http.get('/api/book.json')).body as { keepers: readonly object[] };
    expect(book.keepers).toContainEqual(expect.objectContaining({ id: BEN, name: 'Ben' }));
  });
});
