import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import type { BookPage, BookTally } from '@keeper/contract/book';
import type { BookMark } from '@keeper/core/sheet/bookMark';
import type { ToldSetup } from '@keeper/core/domain/outing/rememberedRodWords';
import type { WeighedFish } from '@keeper/contract/weighed';
import type { HandlingPast } from '@keeper/core/care/handling';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { event, newId, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';
import { Database } from '../storage/database.js';
import { CaptureEventsService } from './captureEvents.service.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const append = (events: object[]) => server.http.post('/api/events').send({ events });
const page = async (query: string) => (await server.http.get(`/api/captures?${query}`).expect(200)).body as BookPage;

describe('appending', () => {
  test('the same batch twice is in the book once', async () => {
    const { captureId, events } = wholeCapture(1, 320);
    await append(events).expect(201, { written: 6, known: 0 });
    await append(events).expect(201, { written: 0, known: 6 });
    const kept = await server.http.get(`/api/captures/${captureId}`).expect(200);
    expect(kept.body.events).toHaveLength(6);
  });

  test('the summary is the one that the same reducer gives on the device, to the byte', async () => {
    const { captureId, events } = wholeCapture(2, 321);
    await append(events.toReversed()).expect(201);
    const rows = (await page('limit=100')).rows;
    const row = rows.find((each) => each.captureId === captureId);
    expect(JSON.stringify(row)).toBe(JSON.stringify(summaryOf(replay(captureId, events))));
  });

  test('an id that comes back with another content refuses the whole batch', async () => {
    const captureId = newId();
    const first = event(captureId, 'hooked', 0);
    await append([first]).expect(201);
    const answer = await append([event(captureId, 'netted', 5), { ...first, type: 'released' }]).expect(409);
    expect(answer.body.code).toBe('event-id-reused');
    const kept = await server.http.get(`/api/captures/${captureId}`).expect(200);
    expect(kept.body.events).toHaveLength(1);
  });

  test('a field that is not known is named, and nothing is written', async () => {
    const captureId = newId();
    const answer = await append([
      event(captureId, 'hooked', 0),
      { ...event(captureId, 'netted', 1), mood: 'calm' },
    ]).expect(400);
    expect(answer.body).toMatchObject({ code: 'not-valid', fields: [{ field: 'events.1.mood' }] });
    await server.http.get(`/api/captures/${captureId}`).expect(404);
  });

  test('a water that the book does not hold yet stays in the event', async () => {
    const { captureId, events } = wholeCapture(3, 300, { waterId: newId() });
    await append(events).expect(201);
    const kept = await server.http.get(`/api/captures/${captureId}`).expect(200);
    expect(kept.body.events[0].payload).toEqual(events[0]?.payload);
  });
});

describe('the book', () => {
  const waterId = newId();
  const pikes = [9, 3, 7, 5, 1].map((day) => wholeCapture(day, 100 + day * 16, { species: 'pike', waterId }));
  beforeAll(async () => {
    await server.http.put(`/api/waters/${waterId}`).send({ name: 'Mere', kind: 'lake', revision: 0 }).expect(200);
    await append(pikes.flatMap((pike) => pike.events)).expect(201);
    const mistake = newId();
    await append([event(mistake, 'hooked', 0), event(mistake, 'discarded', 100)]).expect(201);
  });

  test.each([
    ['newest', [9, 7, 5, 3, 1]],
    ['oldest', [1, 3, 5, 7, 9]],
    ['heaviest', [9, 7, 5, 3, 1]],
  ])('%s first, page by page', async (order, days) => {
    const seen: number[] = [];
    let after = '';
    do {
      const part = await page(`order=${order}&waterId=${waterId}&limit=2${after && `&after=${after}`}`);
      seen.push(...part.rows.map((row) => new Date(row.startedAt ?? 0).getUTCDate()));
      after = part.next ?? '';
    } while (after);
    expect(seen).toEqual(days);
  });

  test('filters by species, and leaves out what was begun by mistake', async () => {
    const rows = (await page('species=pike&limit=100')).rows;
    expect(rows).toHaveLength(5);
    const all = (await page('limit=100')).rows;
    expect(all.some((row) => row.outcome === 'discarded')).toBe(false);
  });

  test('tells how many of each there are, and the best', async () => {
    const tally = (await server.http.get('/api/captures/tally').expect(200)).body as BookTally;
    const pike = tally.bySpecies.find((row) => row.species === 'pike');
    expect(pike).toMatchObject({ captures: 5, best: { net: { unit: 'oz', count: 244 } } });
    expect(tally.byWater).toContainEqual({ waterId, captures: 5 });
  });

  test('a page mark that is not ours is refused at its field', async () => {
    const answer = await server.http.get('/api/captures?after=zzz').expect(400);
    expect(answer.body.fields).toMatchObject([{ field: 'after' }]);
  });

  test('leaves as CSV and as JSON', async () => {
    const csv = await server.http.get('/api/book.csv').expect(200);
    expect(csv.headers['content-type']).toBe('text/csv; charset=utf-8');
    expect(csv.text.split('\r\n')).toHaveLength(1 + (await page('limit=100')).rows.length + 1);
    const json = await server.http.get('/api/book.json?positions=included').expect(200);
    expect(json.body.waters).toMatchObject([{ name: 'Mere', position: null }]);
    expect(json.body.captures.length).toBeGreaterThan(5);
  });
});

test('the past says how long each step took, in medians, of one species and of fish that were landed', async () => {
  const past = async (query = '') =>
    (await server.http.get(`/api/captures/handling${query}`).expect(200)).body as HandlingPast;
  const { captures: before } = await past('?species=pike');
  for (const day of [11, 12]) await append(wholeCapture(day, 160, { species: 'pike' }).events).expect(201);
  const pike = await past('?species=pike');
  expect(pike.captures).toBe(before + 2);
  expect(pike.steps.find(({ step }) => step === 'returned')).toMatchObject({ medianMs: 40_000 });
  await server.http.get('/api/captures/handling?species=unicorn').expect(400);
});

test('what was begun twice is in the book once', async () => {
  const { captureId, events } = wholeCapture(13, 200);
  await append([...events, event(captureId, 'merged', 910_000, { into: newId() })]).expect(201);
  expect((await page('limit=100')).rows.map((row) => row.captureId)).not.toContain(captureId);
});

test('captures that an earlier version told are told anew, once, when the server starts', async () => {
  const { captureId, events } = wholeCapture(14, 210);
  await append(events).expect(201);
  const { sqlite } = server.app.get(Database);
  const told = () => sqlite.prepare('SELECT summary FROM captures WHERE id = ?').pluck().get(captureId);
  const whole = told();
  const forget = () => sqlite.prepare("UPDATE captures SET summary = '{}' WHERE id = ?").run(captureId);
  forget();
  server.app.get(CaptureEventsService).onModuleInit();
  expect(told()).toBe('{}');
  sqlite.prepare("UPDATE settings SET value = '1' WHERE name = 'telling'").run();
  server.app.get(CaptureEventsService).onModuleInit();
  expect(told()).toBe(whole);
});

test('the fish that were weighed, as other weights are compared with them; the heaviest with how they were weighed', async () => {
  const { captureId, events } = wholeCapture(44, 400);
  const facts = { guess: { unit: 'oz', count: 352 }, length: { unit: 'quarter-in', count: 125 } } as const;
  await append([...events, event(captureId, 'described', 700_000, { facts })]).expect(201);
  const weighed = (await server.http.get('/api/captures/weighed').expect(200)).body as WeighedFish[];
  expect(weighed.find((fish) => fish.captureId === captureId)).toEqual({
    captureId,
    startedAt: expect.any(String),
    species: expect.any(String),
    // A carp's tail that was laid falls 2 % short of a pinched one.
    lengthMm: expect.closeTo(793.75 / 0.98, 6) as number,
    waterId: null,
    fishId: null,
    grams: expect.closeTo((400 * 453.59237) / 16, 6),
    guessGrams: expect.closeTo(22 * 453.59237, 6),
    keeperId: FIRST_KEEPER,
    weighing: { asRead: { unit: 'oz', count: 400 }, method: 'zeroed' },
  });
  expect(weighed.every(({ grams }) => grams > 0)).toBe(true);
});

describe('the book opened at a year', () => {
  const waterId = newId();
  // Midnight of New Year 2019 comes first at fourteen hours ahead of Greenwich, and last at twelve behind.
  const times = {
    'last of 2017': '2018-12-31T09:59:59.999Z',
    'first of 2019, far east': '2018-12-31T10:00:00.000Z',
    'last of 2019, far west': '2020-01-01T11:59:59.999Z',
    'first of 2020 everywhere': '2020-01-01T12:00:00.000Z',
  };
  const names = new Map<string, string>();
  beforeAll(async () => {
    const water = { name: 'Year mere', kind: 'lake', revision: 0 };
    await server.http.put(`/api/waters/${waterId}`).send(water).expect(200);
    for (const [name, at] of Object.entries(times)) {
      const captureId = newId();
      names.set(captureId, name);
      const added = { sha256: name.length.toString(16).padStart(64, 'a'), role: 'portrait' } as const;
      await append([
        event(captureId, 'hooked', 0, { waterId }, at),
        event(captureId, 'picture-added', 1, added),
        event(captureId, 'released', 2),
      ]).expect(201);
    }
  });

  test.each([
    ['newest', 2019, ['last of 2019, far west', 'first of 2019, far east', 'last of 2017']],
    ['oldest', 2019, ['first of 2019, far east', 'last of 2019, far west', 'first of 2020 everywhere']],
    ['heaviest', 2019, [...Object.keys(times)].toReversed()],
    ['newest', 2017, []],
    ['oldest', 2021, []],
  ])('%s first, at %d', async (order, year, wanted) => {
    const { rows } = await page(`waterId=${waterId}&order=${order}&year=${year}`);
    expect(rows.map(({ captureId }) => names.get(captureId))).toEqual(wanted);
    const { body } = await server.http.get(`/api/captures/pictures?waterId=${waterId}&order=${order}&year=${year}`);
    expect((body as { captureId: string }[]).map(({ captureId }) => names.get(captureId))).toEqual(wanted);
  });

  test('it goes on from page to page', async () => {
    const first = await page(`waterId=${waterId}&year=2019&limit=2`);
    const second = await page(`waterId=${waterId}&year=2019&limit=2&after=${first.next ?? ''}`);
    expect(second.rows.map(({ captureId }) => names.get(captureId))).toEqual(['last of 2017']);
  });

  test('the years are counted, the latest first', async () => {
    const { byYear } = (await server.http.get('/api/captures/tally').expect(200)).body as BookTally;
    expect(byYear.slice(-2)).toEqual([
      { year: 2020, captures: 2 },
      { year: 2018, captures: 2 },
    ]);
  });

  test.each(['1799', '9999', 'x', '2019.5', ''])('%s is no year', async (year) => {
    await server.http.get(`/api/captures?year=${year}`).expect(400);
  });
});

test('what was told of fish and their rods, once a water, with when it was told last', async () => {
  const told = async () => (await server.http.get('/api/captures/setups').expect(200)).body as ToldSetup[];
  const start = (seed: number, rod: Record<string, unknown>) => {
    const { captureId, events } = wholeCapture(seed, 300);
    return { captureId, events: [...events, event(captureId, 'rod-told', 800_000, rod)] };
  };
  const [first, again, gone] = [
    start(91, { bait: 'Luncheon meat', place: 'Weir tail', distanceM: 12 }),
    start(92, { bait: 'Luncheon meat', place: 'Weir tail', rod: 2 }),
    start(93, { bait: 'Never was' }),
  ];
  await append([...first.events, ...again.events, ...gone.events]).expect(201);
  await append([event(gone.captureId, 'discarded', 900_000, {})]).expect(201);
  const atMs = Math.max(...[first, again].map(({ events: [hooked] }) => Date.parse(hooked?.at ?? '')));
  expect((await told()).filter(({ setup }) => /meat|Never/.test(setup.bait ?? ''))).toEqual([
    { waterId: null, atMs, setup: { bait: 'Luncheon meat', place: 'Weir tail' } },
  ]);
});

test('every fish of the book in a line: its day as far as it is known, and the sheet it came with', async () => {
  const { captureId, events } = wholeCapture(94, 320);
  const [hooked, ...rest] = events;
  const dated = { as: 'quarter', from: '2019-06-01', to: '2019-08-31' };
  const imported = { importId: newId(), key: 'f00d' };
  const payload = { from: 'memory', dated, imported };
  await append([{ ...hooked, payload }, ...rest]).expect(201);
  const marks = (await server.http.get('/api/captures/marks').expect(200)).body as BookMark[];
  expect(marks.find((mark) => mark.captureId === captureId)).toEqual({
    captureId,
    day: '2019-06-01',
    waterId: null,
    species: expect.any(String),
    grams: expect.closeTo((320 * 453.59237) / 16, 6),
    lengthMm: null,
    imported,
  });
  const tapped = marks.find((mark) => mark.imported === null);
  expect(tapped?.day).toMatch(/^\d{4}-\d{2}-\d{2}$/);
  await append([event(captureId, 'discarded', 900_000, {})]).expect(201);
  const after = (await server.http.get('/api/captures/marks').expect(200)).body as BookMark[];
  expect(after.some((mark) => mark.captureId === captureId)).toBe(false);
});
