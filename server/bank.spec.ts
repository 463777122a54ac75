import { NO_RULES } from '@keeper/core/domain/water/rules';
import { newId } from './spec/events.js';
import { testServer, type TestServer } from './spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const AT = '2026-07-15T05:00:00.000Z';
const swim = {
  waterId: newId(),
  name: 'Boathouse',
  position: null,
  facingDeg: 200,
  bank: 'grass',
  hazards: ['stones'],
  note: null,
  fixtures: [{ id: 'f1', kind: 'tree', xM: 2, yM: -4, radiusM: 2, heightM: 7 }],
  retired: false,
  revision: 0,
};
const water = { name: 'The Mere', kind: 'lake', revision: 0 };
const put = (path: string, body: object) => server.http.put(`/api/${path}`).send(body);

describe('swims, rigs and kit', () => {
  test('a swim is kept whole, and writing the same once more changes nothing', async () => {
    const id = newId();
    const first = await put(`swims/${id}`, swim).expect(200);
    expect(first.body).toMatchObject({ ...swim, id, revision: 1 });
    expect((await put(`swims/${id}`, swim).expect(200)).body).toEqual(first.body);
    const answer = await put(`swims/${id}`, { ...swim, name: 'Other' }).expect(409);
    expect(answer.body).toMatchObject({ code: 'changed-meanwhile', theirs: { name: 'Boathouse', revision: 1 } });
    expect((await server.http.get('/api/swims')).body).toMatchObject([{ id, name: 'Boathouse' }]);
  });

  test.each([
    ['swims', { ...swim, facingDeg: 400 }, 'facingDeg', 'A bearing runs from 0'],
    ['swims', { ...swim, name: ' ' }, 'name', 'A swim needs a name'],
    ['swims', { ...swim, fixtures: [{ ...swim.fixtures[0], radiusM: 900 }] }, 'fixtures.0.radiusM', ''],
    ['swims', { ...swim, colour: 'green' }, 'colour', 'not a field that is known'],
    ['waters', { ...water, altitudeM: 90_000 }, 'altitudeM', 'Write it in metres'],
    [
      'waters',
      {
        ...water,
        rules: { ...NO_RULES, closedSeasons: [{ from: { month: 6, day: 31 }, to: { month: 7, day: 1 }, species: [] }] },
      },
      'rules.closedSeasons.0.from',
      'There is no such day',
    ],
    [
      'waters',
      { ...water, rules: { ...NO_RULES, retention: { kind: 'minutes' } } },
      'rules.retention.most',
      'for how many minutes',
    ],
    ['kit', { kind: 'sling', name: 'S' }, 'onLanyard', ''],
    ['rigs', { name: 'R', hookSize: 0 }, 'hookSize', ''],
  ])('what cannot be is refused at its field: %s %#', async (path, body, field, sentence) => {
    const answer = await put(`${path}/${newId()}`, body).expect(400);
    const problem = (answer.body.fields as { field: string; sentence: string }[]).find((each) => each.field === field);
    expect(problem?.sentence).toContain(sentence);
  });

  test('a season over the new year is no mistake', async () => {
    const rules = {
      ...NO_RULES,
      closedSeasons: [{ from: { month: 12, day: 1 }, to: { month: 1, day: 31 }, species: ['pike'] }],
    };
    const id = newId();
    const answer = await put(`waters/${id}`, { ...water, rules }).expect(200);
    expect(answer.body).toMatchObject({ rules, altitudeM: null, salinity: 0 });
    // A form that knows nothing of rules does not wipe them out.
    const renamed = await put(`waters/${id}`, { ...water, name: 'Mere', revision: 1 }).expect(200);
    expect(renamed.body.rules).toEqual(rules);
  });
});

test('a season without its days is no season, and breaks nothing', async () => {
  const rules = { ...NO_RULES, closedSeasons: [{}] };
  const { body } = await put(`waters/${newId()}`, { ...water, rules }).expect(400);
  expect((body.fields as { field: string }[]).map(({ field }) => field)).toContain('rules.closedSeasons.0.from');
});

test('a water that was archived stays so until it is said otherwise', async () => {
  const id = newId();
  const written: unknown[] = [];
  for (const [revision, said] of [{}, { retired: true }, { name: 'Mere' }, { retired: false }].entries()) {
    const { body } = await put(`waters/${id}`, { ...water, ...said, revision }).expect(200);
    written.push(body.retired);
  }
  expect(written).toEqual([false, true, true, false]);
});

test('a water written once more as it stands is no other writing', async () => {
  const id = newId();
  const first = await put(`waters/${id}`, water).expect(200);
  expect((await put(`waters/${id}`, water).expect(200)).body).toEqual(first.body);
  await put(`waters/${id}`, { ...water, name: 'Other' }).expect(409);
});

describe('outings', () => {
  const outingId = newId();
  const event = (type: string, payload: object) => ({
    id: newId(),
    outingId,
    deviceId: 'phone',
    at: AT,
    type,
    payload,
  });
  const planned = event('outing-planned', {
    waterId: newId(),
    fromAt: AT,
    toAt: '2026-07-15T17:00:00.000Z',
    companions: 0,
    expected: ['carp'],
  });
  const send = (...events: object[]) => server.http.post('/api/events').send({ events });

  test('events of outings and captures come through one door, once each, and are told', async () => {
    const captureId = newId();
    const hooked = {
      id: newId(),
      captureId,
      deviceId: 'phone',
      at: AT,
      elapsedMs: 0,
      type: 'hooked',
      payload: { outingId, gaps: ['Scales: not checked'] },
    };
    const batch = [planned, hooked, event('run-dropped', {})];
    expect((await send(...batch).expect(201)).body).toEqual({ written: 3, known: 0 });
    expect((await send(...batch).expect(201)).body).toEqual({ written: 0, known: 3 });
    expect((await server.http.get('/api/outings')).body).toMatchObject([{ outingId, runsDropped: 1 }]);
    expect((await server.http.get(`/api/outings/${outingId}`)).body.events).toHaveLength(2);
    expect((await server.http.get(`/api/captures?outingId=${outingId}`)).body.rows).toMatchObject([{ captureId }]);
    expect((await server.http.get(`/api/captures?outingId=${newId()}`)).body.rows).toEqual([]);
  });

  test('they leave with the book, places left out', async () => {
    const { body } = await server.http.get('/api/book.json').expect(200);
    expect(body.outings).toMatchObject([{ summary: { outingId, runsDropped: 1 } }]);
    expect(body.swims[0]).not.toHaveProperty('position');
    expect((await server.http.get('/api/book.csv')).text).toContain('Scales: not checked');
  });

  test('a batch with one id used twice over is taken not at all', async () => {
    const fresh = event('run-dropped', {});
    const answer = await send(fresh, { ...planned, payload: { ...planned.payload, companions: 3 } }).expect(409);
    expect(answer.body.code).toBe('event-id-reused');
    const kept = (await server.http.get(`/api/outings/${outingId}`)).body.events as { id: string }[];
    expect(kept.map(({ id }) => id)).not.toContain(fresh.id);
  });

  test('swims are told by rod time, signs and fish, but for the outing that is compared with them', async () => {
    const [otherId, waterId, swimId] = [newId(), newId(), newId()];
    const of = (type: string, at: string, payload: object) => ({ ...event(type, payload), outingId: otherId, at });
    const at = (time: string) => `2026-07-16T${time}:00.000Z`;
    const captureOf = (more: object) => ({
      id: newId(),
      captureId: newId(),
      deviceId: 'phone',
      at: at('08:00'),
      elapsedMs: 0,
      type: 'hooked',
      payload: { outingId: otherId, ...more },
    });
    await send(
      of('outing-planned', at('05:00'), { ...planned.payload, waterId, fromAt: at('06:00'), toAt: at('10:00') }),
      of('swim-taken', at('05:30'), { swimId }),
      of('rod-out', at('06:00'), { rod: 1, setup: { bait: 'Bread' }, when: at('06:00') }),
      of('rod-out', at('06:30'), { rod: 2, setup: {}, when: at('07:00') }),
      of('run-dropped', at('07:30'), { rod: 2 }),
      of('bite-missed', at('07:40'), {}),
      of('fish-lost', at('07:50'), { rod: 1, reason: 'snagged' }),
      captureOf({ swimId }),
      captureOf({ swimId }),
      // Elsewhere on that day: no rod time stands beside it.
      captureOf({ swimId: newId() }),
      of('rod-in', at('08:00'), { rod: 1, why: 'fish', when: at('08:00') }),
      of('outing-ended', at('09:00'), {}),
    ).expect(201);
    const ask = async (query = '') => (await server.http.get(`/api/outings/swims${query}`).expect(200)).body as unknown;
    // Two hours of the one and two of the other, which nobody took in before the end.
    const rate = {
      waterId,
      swimId,
      outings: 1,
      rodMs: 4 * 3_600_000,
      fish: 2,
      runsDropped: 1,
      bitesMissed: 1,
      fishLost: 1,
    };
    expect(await ask()).toEqual([rate]);
    expect(await ask(`?without=${outingId}`)).toEqual([rate]);
    expect(await ask(`?without=${otherId}`)).toEqual([]);
    await server.http.get('/api/outings/swims?without=here').expect(400);
  });

  test('water at 60 degrees is refused at its field', async () => {
    const answer = await send(event('condition-taken', { source: 'hand', waterC: 60, when: AT })).expect(400);
    expect(answer.body.fields[0]).toMatchObject({
      field: 'events.0.payload.waterC',
      sentence: expect.stringContaining('thermometer'),
    });
  });

  test('a layout holds pieces that are known, and no others', async () => {
    await send(event('laid-out', { layout: { mat: { xM: 0, yM: -2 } } })).expect(201);
    await send(event('laid-out', { layout: { sofa: { xM: 0, yM: -2 } } })).expect(400);
    await send(event('laid-out', { layout: { mat: { xM: 0, yM: -2000 } } })).expect(400);
  });
});

describe('the weather service', () => {
  const ask = (more: string) =>
    server.http.get(`/api/weather?latitudeDeg=46.7&longitudeDeg=-22.4&from=${AT}&hours=24${more}`);
  test('gives a forecast of the day that is asked for', async () => {
    const { body } = await ask('&day=heatwave').expect(200);
    expect(body.hours).toHaveLength(24);
    const hours = body.hours as { airC: number }[];
    expect(Math.max(...hours.map(({ airC }) => airC))).toBeGreaterThan(30);
  });
  test.each([
    ['fails', 'does not answer'],
    ['nonsense', 'sent nonsense: it gave 483 for airC'],
    ['late', 'not answered in time'],
  ])('when it %s, that is said and nothing is taken from it', async (behave, sentence) => {
    const { body } = await ask(`&behave=${behave}`).expect(424);
    expect(body).toMatchObject({ code: 'service-failed', sentence: expect.stringContaining(sentence) });
    expect(body.sentence).toContain('by hand');
  });
  test('a place that is none is refused', async () => {
    await server.http.get(`/api/weather?latitudeDeg=95&longitudeDeg=0&from=${AT}&hours=24`).expect(400);
  });
});
