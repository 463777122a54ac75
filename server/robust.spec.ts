import { chmodSync, mkdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { CaptureEventsService } from './captures/captureEvents.service.js';
import { FlankDescriptorsService } from './flanks/flankDescriptors.service.js';
import { event, newId, wholeCapture } from './spec/events.js';
import { testServer, type TestServer } from './spec/testServer.js';
import { Database } from './storage/database.js';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const post = (events: unknown) => server.http.post('/api/events').send({ events });

describe('acknowledged means written', () => {
  test.each([[[[]]], [[null]], [[{}]], [[[], []]], [[]]])('%j is nothing that was written', async (events) => {
    const { body } = await post(events).expect(400);
    expect(body.code).toBe('not-valid');
  });

  const lift = { ...event(newId(), 'lifted', 5000), deviceId: 'phone' };
  test.each([
    ['another time', { at: '2026-06-01T05:00:01.000Z' }],
    ['another elapsed time', { elapsedMs: 5001 }],
    ['another device', { deviceId: 'tablet' }],
    ['another kind', { type: 'returned' }],
    ['another capture', { captureId: newId() }],
  ])('the same id with %s is refused, not dropped', async (_, change) => {
    await post([lift]).expect(201, { written: 1, known: 0 });
    const { body } = await post([{ ...lift, ...change }]).expect(409);
    expect(body.code).toBe('event-id-reused');
    await post([lift]).expect(201, { written: 0, known: 1 });
  });

  test('the same event written otherwise is the same: another zone, its fields in another order', async () => {
    const { captureId, events } = wholeCapture(3, 300);
    const reading = events.find(({ type }) => type === 'reading-taken');
    await post(events).expect(201);
    const turned = {
      ...reading,
      at: '2026-06-01T06:00:00+01:00',
      payload: { weight: { method: 'zeroed', asRead: { count: 300, unit: 'oz' } } },
    };
    await post([turned]).expect(201, { written: 0, known: 1 });
    const kept = (await server.http.get(`/api/captures/${captureId}`)).body.events as { at: string }[];
    expect(kept.every(({ at }) => at.endsWith('Z'))).toBe(true);
  });

  test('after the data folder was deleted nothing is acknowledged, and health says why; put back, all goes on', async () => {
    const away = `${server.dataFolder}-away`;
    renameSync(server.dataFolder, away);
    const { body } = await post(wholeCapture(2, 100).events).expect(503);
    expect(body).toMatchObject({ code: 'book-gone', sentence: expect.stringMatching(/^The book is gone/) });
    const health = await server.http.get('/api/health').expect(503);
    expect(health.body).toMatchObject({ status: 'cannot-write', code: 'book-gone' });
    await server.http.post('/api/pictures').attach('file', Buffer.from('x'), 'x').expect(503);
    await server.http
      .put(`/api/fish/${newId()}`)
      .send({ name: 'A', note: null, retired: false, revision: 0 })
      .expect(503);
    await server.http.get('/api/captures').expect(200);
    renameSync(away, server.dataFolder);
    await server.http.get('/api/health').expect(200, { status: 'well' });
    await post(wholeCapture(2, 100).events).expect(201);
  });
});

describe('an accepted event can be told, and one that cannot is set aside', () => {
  /** As a newer version, or a flipped byte, would leave them in the log. */
  function writeBehind(captureId: string, type: string, payload: string): void {
    server.app
      .get(Database)
      .sqlite.prepare('INSERT INTO events VALUES (?, ?, ?, ?, ?, ?, ?, ?)')
      .run(newId(), captureId, 'phone', '2026-06-01T05:00:00.000Z', 350_000, type, payload, '');
    server.app.get(CaptureEventsService).forgetStories();
  }

  test.each([
    ['a wound that is a list', 'wound-noted', '{"wound":[]}'],
    ['an unknown kind', 'flown', '{}'],
    ['a payload that is no JSON', 'seen', '{"sign"'],
    ['a weight that is a list', 'described', '{"facts":{"weight":[]}}'],
  ])('%s breaks nothing off', async (_, type, payload) => {
    const [strange, other] = [wholeCapture(1, 300), wholeCapture(2, 310)];
    await post([...strange.events, ...other.events]).expect(201);
    writeBehind(strange.captureId, type, payload);
    await post([event(strange.captureId, 'written-up', 950_000)]).expect(201);
    const csv = (await server.http.get('/api/book.csv').expect(200)).text;
    const [, first, second, end] = csv.split('\r\n');
    expect(first).toContain(type);
    expect([second?.startsWith(other.captureId), end]).toEqual([true, '']);
    const json = JSON.parse((await server.http.get('/api/book.json').buffer().expect(200)).text) as {
      captures: { state: { setAside: object[] }; events: object[] }[];
    };
    expect(json.captures[0]?.state.setAside).toHaveLength(1);
    expect(json.captures[0]?.events).toHaveLength(strange.events.length + 2);
    await server.http.get('/api/flanks').expect(200);
    await server.http.get('/api/register.json?from=Robin').expect(200);
  });
});

describe('no body stops the loop', () => {
  const many = (count: number, each: string) => `{"events":[${Array(count).fill(each).join(',')}]}`;
  test.each([
    ['events without end', many(300_000, '{}')],
    ['fields without end', `{${Array.from({ length: 60_000 }, (_, i) => `"k${i}":1`).join(',')}}`],
    ['a depth without end', `${'['.repeat(100_000)}${']'.repeat(100_000)}`],
    ['a name that reaches too far', '{"__proto__":{"events":[]}}'],
  ])('%s', async (_, body) => {
    const answer = await server.http.post('/api/events').type('json').send(body).expect(400);
    expect((answer.body.fields as object[]).length).toBeLessThanOrEqual(1);
  });

  test('of many bad fields the first are named, at their events', async () => {
    const good = event(newId(), 'netted', 1);
    const bad = { ...good, elapsedMs: -1, at: 'once' };
    const { body } = await post([...Array<object>(12).fill(good), ...Array<object>(100).fill(bad)]).expect(400);
    const fields = (body.fields as { field: string }[]).map(({ field }) => field);
    expect(fields).toHaveLength(16);
    expect(fields[0]).toBe('events.12.at');
  });
});

describe('statuses of their own', () => {
  beforeEach(() => {
    mkdirSync(join(server.dataFolder, 'web'), { recursive: true });
  });
  test.each([
    ['a body that is no JSON', '{bad', 'application/json', 400],
    ['a body that is too large', `"${'x'.repeat(2_000_000)}"`, 'application/json', 413],
    ['text', 'x', 'text/plain', 415],
    ['a form without files', 'a=1', 'application/x-www-form-urlencoded', 415],
    ['JSON in letters that nobody knows', '{}', 'application/json; charset=klingon', 415],
  ])('%s', async (_, body, type, status) => {
    await server.http.post('/api/events').set('Content-Type', type).send(body).expect(status);
  });

  test('what breaks inside is said with a number, and not shown', async () => {
    const prints = server.app.get(FlankDescriptorsService);
    jest.spyOn(prints, 'all').mockRejectedValue(new Error('secret'));
    const { body, text } = await server.http.get('/api/flanks').expect(500);
    expect(body.sentence).toMatch(/noted in its log as no\. \d{6}\./);
    expect(text).not.toContain('secret');
  });
});

test('a folder of prints that cannot be written ends nothing', async () => {
  rmSync(join(server.dataFolder, 'prints'), { recursive: true });
  writeFileSync(join(server.dataFolder, 'prints'), '');
  chmodSync(join(server.dataFolder, 'prints'), 0o400);
  const sharp = (await import('sharp')).default;
  const bytes = await sharp({ create: { width: 400, height: 300, channels: 3, background: '#888' } })
    .png()
    .toBuffer();
  const { sha256 } = (await server.http.post('/api/pictures').attach('file', bytes, 'x').expect(201)).body as {
    sha256: string;
  };
  const { captureId, events } = wholeCapture(1, 300);
  await post([...events, event(captureId, 'picture-added', 320_000, { sha256, role: 'left-flank' })]).expect(201);
  expect((await server.http.get('/api/flanks').expect(200)).body.coming).toBe(1);
  // Closing waits for the prints that are being made; a failure nobody waited for would be told after this file.
});

describe('what comes from other pages', () => {
  test.each([
    ['POST', 'cross-site', 403],
    ['POST', 'same-origin', 400],
    ['POST', 'none', 400],
    ['GET', 'cross-site', 404],
  ])('%s from %s', async (method, site, status) => {
    const ask = method === 'POST' ? server.http.post('/api/events').send({}) : server.http.get('/api/events');
    await ask.set('Sec-Fetch-Site', site).expect(status);
  });
});

test('answers are not kept by anybody, but pictures are', async () => {
  const answer = await server.http.get('/api/captures').expect(200);
  expect(answer.headers['cache-control']).toBe('no-store');
  expect(answer.headers['permissions-policy']).toContain('microphone=()');
});

test('a tap after 20,000 others costs what the first did: the state goes on', () => {
  const captureId = newId();
  const append = server.app.get(CaptureEventsService);
  const taps = Array.from({ length: 20_000 }, (_, i) => event(captureId, i % 2 ? 'lifted' : 'returned', (i + 1) * 10));
  append.append([event(captureId, 'hooked', 0), ...taps], new Date());
  const { sqlite } = server.app.get(Database);
  const parse = jest.spyOn(JSON, 'parse');
  const after = event(captureId, 'released', 300_000);
  expect(append.append([after], new Date())).toEqual({ written: 1, known: 0 });
  // Reading the log again would take each of its payloads apart.
  expect(parse.mock.calls.length).toBeLessThan(10);
  parse.mockRestore();
  const summary = JSON.parse(
    (sqlite.prepare('SELECT summary FROM captures WHERE id = ?').get(captureId) as { summary: string }).summary,
  ) as { outcome: string; airMs: number };
  expect(summary).toMatchObject({ outcome: 'released', airMs: 199_990 });
}, 30_000);
