import { OPEN_TO, type Asker } from '@keeper/contract/openTo';
import { MOST_EVENTS } from '@keeper/contract/limits';
import { ROUTES } from '@keeper/contract/routes';
import { resetPassphrase } from './resetPassphrase.js';
import { MOST_OF_STRANGER } from './rateLimits.js';
import { event, newId, wholeCapture } from '../spec/events.js';
import { cookieIn, homeServer, PASSPHRASE, type HomeServer, type LetIn, type Sent } from '../spec/homeServer.js';

let server: HomeServer;
let keeper: LetIn;
let helper: LetIn;
let reader: LetIn;
let otherKeeper: LetIn;
let putOut: LetIn;
beforeAll(async () => {
  server = await homeServer();
  keeper = await server.pair('keeper', 'Phone in the pocket');
  helper = await server.pair('helper');
  reader = await server.pair('reader');
  const ben = newId();
  await server.http.put(`/api/keepers/${ben}`).send({ name: 'Ben', retired: false, revision: 0 }).expect(200);
  otherKeeper = await server.pair('keeper', 'Ben’s phone', { keeperId: ben });
  putOut = await server.pair('keeper', 'The old phone');
  await server.ask(`/access/devices/${putOut.id}`, { method: 'DELETE', cookie: keeper.cookie });
});
afterAll(() => server.close());

/** An address with something in the place of each name. */
const filled = (path: string) => path.replace('{sha256}', 'a'.repeat(64)).replace(/\{\w+\}/g, () => newId());
const askAs = (route: (typeof ROUTES)[number], sent: Sent) =>
  server.ask(filled(route.path), {
    method: route.method.toUpperCase(),
    ...(route.method !== 'get' && { body: {} }),
    ...sent,
  });
/** Leaving ends the session that asks: it is tried apart. */
const WALKED = ROUTES.filter(({ method, path }) => `${method} ${path}` !== 'delete /access/session');

test('every address stands in the list of who may ask, and no other', () => {
  expect(Object.keys(OPEN_TO).sort()).toEqual(ROUTES.map(({ method, path }) => `${method} ${path}`).sort());
});

describe('who may ask what, over the home network', () => {
  test.each<[string, readonly Asker[], () => string | undefined, string]>([
    ['nobody', ['anybody'], () => undefined, 'not-let-in'],
    ['a session that is none', ['anybody'], () => `__Host-keeper=${'x'.repeat(43)}`, 'not-let-in'],
    ['a device that was put out', ['anybody', 'put-out'], () => putOut.cookie, 'put-out'],
    ['a helper', ['anybody', 'helper'], () => helper.cookie, 'not-allowed'],
    ['a reader', ['anybody', 'reader'], () => reader.cookie, 'not-allowed'],
    ['another keeper of the book', ['anybody', 'keeper'], () => otherKeeper.cookie, 'not-allowed'],
    ['the keeper', ['anybody', 'keeper'], () => keeper.cookie, 'not-allowed'],
  ])('%s', async (_, are, cookie, refusal) => {
    const answers: [string, boolean | string][] = [];
    for (const route of WALKED) {
      const { status, body } = await askAs(route, { cookie: cookie() });
      const refused = body['code'] === refusal;
      answers.push([
        `${route.method} ${route.path}`,
        refused ? status === (refusal === 'not-allowed' ? 403 : 401) && 'refused' : true,
      ]);
    }
    const expected = WALKED.map(({ method, path }) => {
      const name = `${method} ${path}`;
      return [name, OPEN_TO[name]?.some((asker) => are.includes(asker)) ? true : 'refused'];
    });
    expect(answers).toEqual(expected);
  });

  test.each<[string, Sent['headers'], string]>([
    ['a foreign page', { Origin: 'https://elsewhere.example' }, 'foreign-origin'],
    ['a page of no origin', { Origin: 'null' }, 'foreign-origin'],
    ['its own name without TLS', { Origin: 'http://127.0.0.1' }, 'foreign-origin'],
    ['a name that was bound to this address', { Host: 'elsewhere.example' }, 'foreign-host'],
  ])('%s gets nothing, whoever is logged in', async (_, headers, code) => {
    for (const route of WALKED) {
      const { status, body } = await askAs(route, { cookie: keeper.cookie, headers: headers ?? {} });
      expect([route.path, status, body['code']]).toEqual([route.path, 403, code]);
    }
  });

  test('what writes has to say which page it comes from, and a form of another kind is not taken', async () => {
    for (const route of WALKED.filter(({ method }) => method !== 'get')) {
      const bare = await askAs(route, { cookie: keeper.cookie, headers: { Origin: undefined } });
      expect([route.path, bare.status, bare.body['code']]).toEqual([route.path, 403, 'foreign-origin']);
      const form = await askAs(route, {
        cookie: keeper.cookie,
        headers: { 'Content-Type': 'application/x-www-form-urlencoded' },
      });
      expect([route.path, form.status]).toEqual([route.path, 415]);
    }
  });
});

test('on the machine itself everything stays as simple as it was', async () => {
  expect((await server.http.get('/api/access')).body).toEqual({
    isHere: true,
    onMachine: true,
    role: 'keeper',
    keeperId: null,
    deviceRowId: null,
    putOut: false,
    hasPassphrase: true,
    isAskedHere: false,
  });
  await server.http.get('/api/captures').expect(200);
});

describe('a session', () => {
  test('is a cookie that no script reads, sent to this book alone and over HTTPS alone', async () => {
    const answer = await server.ask('/access/session', {
      method: 'POST',
      body: { passphrase: PASSPHRASE, name: 'Desk', deviceId: newId() },
    });
    const [given = ''] = answer.headers['set-cookie'] ?? [];
    expect(given).toMatch(/^__Host-keeper=[\w-]{43};/);
    for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) expect(given).toContain(part);
    expect(answer.text).not.toContain(cookieIn(answer).split('=')[1]);
    expect(answer.body).toMatchObject({ onMachine: false, role: 'keeper' });
  });

  test('ends with a change of the passphrase, but for the device that changed it', async () => {
    const [one, other] = [await server.pair('keeper', 'One'), await server.pair('keeper', 'Other')];
    const change = (current: string, next: string) =>
      server.ask('/access/passphrase', { method: 'PUT', cookie: one.cookie, body: { current, next } });
    expect((await change('not the passphrase', 'four carp in the margins')).body['code']).toBe('wrong-passphrase');
    expect((await change(PASSPHRASE, 'too short')).status).toBe(400);
    expect((await change(PASSPHRASE, 'four carp in the margins')).status).toBe(200);
    expect((await server.ask('/captures', { cookie: one.cookie })).status).toBe(200);
    expect((await server.ask('/captures', { cookie: other.cookie })).body['code']).toBe('not-let-in');
    expect((await change('four carp in the margins', PASSPHRASE)).status).toBe(200);
    // Those of the other tests are over too: they are let in again.
    [keeper, helper] = [await server.pair('keeper'), await server.pair('helper')];
  });

  test('that is left is gone, with what the browser kept', async () => {
    const { cookie } = await server.pair('keeper', 'For an hour');
    const answer = await server.ask('/access/session', { method: 'DELETE', cookie });
    expect(answer.headers['clear-site-data']).toBe('"cache", "cookies", "storage"');
    expect((await server.ask('/captures', { cookie })).status).toBe(401);
  });
});

describe('a pairing code', () => {
  test('works once', async () => {
    const { body } = await server.http.post('/api/access/pairing').send({ role: 'helper' }).expect(201);
    const { code } = body as { code: string };
    expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{8}$/);
    const pair = () =>
      server.ask('/access/devices', { method: 'POST', body: { code, name: 'Friend', deviceId: newId() } });
    expect((await pair()).body).toMatchObject({ role: 'helper' });
    expect((await pair()).body['code']).toBe('wrong-code');
  });
});

const log = (events: object[], cookie: string) => server.ask('/events', { method: 'POST', cookie, body: { events } });

describe('a helper', () => {
  test('taps along in a run that is in the book, under its own name', async () => {
    const captureId = newId();
    const by = (type: 'lifted' | 'amended', at: number, deviceId = helper.deviceId) => ({
      ...event(captureId, type, at, type === 'amended' ? { facts: { species: 'pike' }, why: 'no' } : undefined),
      deviceId,
    });
    expect((await log([by('lifted', 60_000)], helper.cookie)).body['code']).toBe('not-allowed');
    const begun = event(captureId, 'hooked', 0);
    expect((await log([begun], keeper.cookie)).status).toBe(201);
    expect((await log([by('lifted', 60_000)], helper.cookie)).body).toMatchObject({ written: 1 });
    expect((await log([by('lifted', 61_000, 'phone')], helper.cookie)).body['code']).toBe('not-allowed');
    expect((await log([by('amended', 62_000)], helper.cookie)).body['code']).toBe('not-allowed');
    // The keeper's tap stands, whatever a helper sends under its id or to take it back.
    const twice = { ...event(captureId, 'lifted', 63_000), id: begun.id, deviceId: helper.deviceId };
    expect((await log([twice], helper.cookie)).body['code']).toBe('event-id-reused');
    const back = (eventId: string) => ({
      ...event(captureId, 'undone', 64_000, { eventId }),
      deviceId: helper.deviceId,
    });
    expect((await log([back(begun.id)], helper.cookie)).body['code']).toBe('not-allowed');
    const own = by('lifted', 65_000);
    expect((await log([own, back(own.id)], helper.cookie)).body).toMatchObject({ written: 2 });
  });
});

test('a helper sees the water and the swim of the day, and no other place', async () => {
  const [water, other, swim] = [newId(), newId(), newId()];
  const lake = { name: 'The Mere', kind: 'lake', position: { latitudeDeg: 50, longitudeDeg: -30 }, revision: 0 };
  for (const id of [water, other]) await server.http.put(`/api/waters/${id}`).send(lake).expect(200);
  const ids = async (path: string, { cookie }: LetIn) => {
    const rows = (await server.ask(path, { cookie })).body as unknown as readonly { id: string }[];
    return rows.map(({ id }) => id);
  };
  const take = event(newId(), 'hooked', 0, { waterId: water, swimId: swim }, new Date().toISOString());
  const old = event(newId(), 'hooked', 0, { waterId: other }, new Date(Date.now() - 25 * 3600_000).toISOString());
  expect((await log([take, old], keeper.cookie)).status).toBe(201);
  expect(await ids('/waters', helper)).toEqual([water]);
  expect(await ids('/waters', keeper)).toEqual(expect.arrayContaining([water, other]));
  expect(await ids('/swims', helper)).toEqual([]);
});

test('a device that was put out hands in what it logged before, and nothing later', async () => {
  const late = await server.pair('keeper', 'Left in the car');
  const { events } = wholeCapture(3, 400);
  await server.ask(`/access/devices/${late.id}`, { method: 'DELETE', cookie: keeper.cookie });
  const log = (batch: object[]) =>
    server.ask('/events', { method: 'POST', cookie: late.cookie, body: { events: batch } });
  expect((await log(events)).body).toMatchObject({ written: events.length });
  const after = event(newId(), 'hooked', 0, {}, new Date(Date.now() + 60_000).toISOString());
  expect(await log([after])).toMatchObject({ status: 403, body: { code: 'put-out' } });
  expect((await server.ask('/captures', { cookie: late.cookie })).body['code']).toBe('put-out');
});

test('ten phones at once are let in and log, each under its own session', async () => {
  const phones = await Promise.all(Array.from({ length: 10 }, (_, i) => server.pair('keeper', `Phone ${i}`)));
  expect(new Set(phones.map(({ cookie }) => cookie)).size).toBe(10);
  const answers = await Promise.all(
    phones.map(({ cookie }, i) =>
      server.ask('/events', { method: 'POST', cookie, body: { events: wholeCapture(i + 1, 300).events } }),
    ),
  );
  expect(answers.map(({ status }) => status)).toEqual(phones.map(() => 201));
});

test('a helper that is handed another fish is told which, and stays the device that it was', async () => {
  const friend = await server.pair('helper', 'Friend’s phone');
  const captureId = newId();
  const asked = { role: 'helper', captureId };
  const offered = await server.ask('/access/pairing', { method: 'POST', cookie: keeper.cookie, body: asked });
  const again = (deviceId: string, cookie?: string) =>
    server.ask('/access/devices', {
      method: 'POST',
      ...(cookie && { cookie }),
      body: { code: offered.body['code'], name: 'iPhone', deviceId },
    });
  const answer = await again(friend.deviceId, friend.cookie);
  expect(answer.body).toMatchObject({ role: 'helper', captureId });
  const { body: listed } = await server.ask('/access/devices', { cookie: keeper.cookie });
  const devices = listed as unknown as { id: string; name: string }[];
  expect(devices.find(({ id }) => id === friend.id)).toBeUndefined();
  expect(devices.find(({ id }) => id === answer.body['deviceRowId'])?.name).toBe('Friend’s phone');
});

test('a helper that was put out with a thousand taps on it loses none of them', async () => {
  const friend = await server.pair('helper', 'Went home');
  const captureId = newId();
  await server.ask('/events', {
    method: 'POST',
    cookie: keeper.cookie,
    body: { events: [event(captureId, 'hooked', 0)] },
  });
  const taps = Array.from({ length: 1000 }, (_, i) => ({
    ...event(captureId, 'gill-beat', 1000 + i, { perMinute: 40 }),
    deviceId: friend.deviceId,
  }));
  await server.ask(`/access/devices/${friend.id}`, { method: 'DELETE', cookie: keeper.cookie });
  let written = 0;
  for (let at = 0; at < taps.length; at += MOST_EVENTS) {
    const events = taps.slice(at, at + MOST_EVENTS);
    const { body } = await server.ask('/events', { method: 'POST', cookie: friend.cookie, body: { events } });
    written += Number(body['written']);
  }
  expect(written).toBe(1000);
});

test('a forgotten passphrase is set anew beside the running server, and every device has to be let in again', async () => {
  const before = await server.pair('keeper', 'Known before');
  await resetPassphrase(server.dataFolder, 'five carp in the margins', new Date());
  expect((await server.ask('/captures', { cookie: before.cookie })).body['code']).toBe('not-let-in');
  const enter = (passphrase: string) =>
    server.ask('/access/session', { method: 'POST', body: { passphrase, name: 'Phone', deviceId: newId() } });
  expect((await enter('five carp in the margins')).status).toBe(201);
  await expect(resetPassphrase(`${server.dataFolder}/none`, 'five carp in the margins', new Date())).rejects.toThrow(
    /There is no book/,
  );
  keeper = await server.pair('keeper');
});

describe('asked on the machine too', () => {
  const here = (asked: boolean) => server.http.put('/api/access/here').send({ asked });
  const enter = (passphrase: string) =>
    server.http.post('/api/access/session').send({ passphrase, name: 'The machine itself', deviceId: newId() });

  test('nobody is the machine before the passphrase was given; then all is as before, in that browser alone', async () => {
    expect((await here(true).expect(200)).body).toMatchObject({ isHere: true, isAskedHere: true });
    expect((await server.http.get('/api/access')).body).toMatchObject({ isHere: true, onMachine: false, role: null });
    expect((await server.http.get('/api/captures').expect(401)).body).toMatchObject({ code: 'not-let-in' });
    await here(false).expect(401);
    await enter('not the passphrase').expect(403);
    const given = (await enter('five carp in the margins').expect(201)).headers['set-cookie'] as unknown as string[];
    const [session = ''] = given;
    expect(session).toMatch(/^keeper-here=[\w-]{43};.*HttpOnly/);
    expect(session).toContain('SameSite=Strict');
    const cookie = session.split(';')[0] ?? '';
    expect((await server.http.get('/api/access').set('Cookie', cookie)).body).toMatchObject({
      onMachine: true,
      role: 'keeper',
      keeperId: null,
    });
    await server.http.get('/api/captures').set('Cookie', cookie).expect(200);
    await server.http.get('/api/captures').expect(401);
    // The session of the machine does not hold over the network, nor that of a device here.
    expect((await server.ask('/captures', { cookie })).status).toBe(401);
    await server.http.get('/api/captures').set('Cookie', keeper.cookie).expect(401);
    await here(false).set('Cookie', cookie).expect(200);
    await server.http.get('/api/captures').expect(200);
  });
});

test('whoever guesses is slowed down, and the machine itself is not shut out', async () => {
  const guess = () =>
    server.ask('/access/session', {
      method: 'POST',
      body: { passphrase: 'guessed at random', name: 'Guest', deviceId: newId() },
    });
  const codes: unknown[] = [];
  for (let i = 0; i < 6; i += 1) codes.push((await guess()).body['code']);
  expect(codes).toEqual([...Array.from({ length: 5 }, () => 'wrong-passphrase'), 'wait']);
  await server.http.get('/api/captures').expect(200);
});

test('a device that comes home with much is not held up; a stranger who asks without end is', async () => {
  const { cookie } = keeper;
  const statuses = async (count: number, sent: Sent) => {
    const answers = await Promise.all(Array.from({ length: count }, () => server.ask('/health', sent)));
    return new Set(answers.map(({ status }) => status));
  };
  expect(await statuses(250, { cookie })).toEqual(new Set([200]));
  expect(await statuses(MOST_OF_STRANGER + 1, {})).toContain(429);
  expect(await statuses(1, { cookie })).toEqual(new Set([200]));
  await server.http.get('/api/health').expect(200);
});
