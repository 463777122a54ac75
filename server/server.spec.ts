import SwaggerParser from '@apidevtools/swagger-parser';
import type { OpenAPI } from 'openapi-types';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import { ROUTES } from '@keeper/contract/routes';
import { newId } from './spec/events.js';
import { testServer, type TestServer } from './spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('who may ask', () => {
  test.each([
    ['a foreign host', { Host: 'elsewhere.example' }, 403, 'foreign-host'],
    ['a foreign page', { Origin: 'https://elsewhere.example' }, 403, 'foreign-origin'],
    ['a page of no origin', { Origin: 'null' }, 403, 'foreign-origin'],
  ])('%s is refused', async (_, headers, status, code) => {
    const answer = await server.http.get('/api/health').set(headers).expect(status);
    expect(answer.body.code).toBe(code);
  });
  test('its own page is answered, with a strict content policy', async () => {
    const answer = await server.http
      .get('/api/health')
      .set({ Host: 'localhost:4310', Origin: 'http://localhost:4310' });
    expect(answer.body).toEqual({ status: 'well' });
    expect(answer.headers['content-security-policy']).toContain("script-src 'self'");
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
  });
});

describe('errors are JSON with a sentence, and no trace of the inside', () => {
  test.each([
    ['an address that is none', () => server.http.get('/api/fishes'), 404, 'not-found'],
    ['a body that is no JSON', () => server.http.post('/api/events').type('json').send('{bad'), 400, 'not-readable'],
    [
      'a body beyond all measure',
      () => server.http.post('/api/events').send({ events: 'x'.repeat(2_000_000) }),
      413,
      'too-large',
    ],
    ['a batch that is none', () => server.http.post('/api/events').send({ events: 'x' }), 400, 'not-valid'],
  ])('%s', async (_, ask, status, code) => {
    const answer = await ask().expect(status);
    expect(answer.body).toMatchObject({ code, sentence: expect.stringMatching(/\.$/) });
    expect(answer.text).not.toMatch(/at .*\.[jt]s/);
  });
});

describe('its description', () => {
  test('is valid OpenAPI', async () => {
    const { body } = await server.http.get('/api/openapi.json').expect(200);
    await expect(SwaggerParser.validate(body as OpenAPI.Document)).resolves.toBeDefined();
  });
  test('says what each address gives in JSON, and what is given has it', async () => {
    type Described = Record<string, Record<string, { responses: Record<string, { content?: Json }> }>>;
    type Json = Record<string, { schema?: { $ref?: string } }>;
    const { body } = await server.http.get('/api/openapi.json').expect(200);
    const { paths, components } = body as {
      paths: Described;
      components: { schemas: Record<string, { required: [] }> };
    };
    const silent = ROUTES.filter(({ method, path, gives }) => {
      const [good] = Object.values(paths[`/api${path}`]?.[method]?.responses ?? {});
      return gives === 'application/json' && !good?.content?.[gives]?.schema;
    });
    expect(silent.map(({ method, path }) => `${method} ${path}`)).toEqual([
      'delete /access/session',
      'get /openapi.json',
      'delete /registers/{id}',
      'get /book.json',
      'delete /calendar',
    ]);
    const settings = (await server.http.get('/api/settings')).body as object;
    expect(Object.keys(settings)).toEqual(
      expect.arrayContaining(components.schemas['KeptSettings']?.required ?? ['none']),
    );
  });
  test('lists each address that the server has, and no other', () => {
    type Layer = { route?: { path: string; methods: Record<string, boolean> } };
    const { stack } = (server.app.getHttpAdapter().getInstance() as { router: { stack: Layer[] } }).router;
    const served = stack
      .flatMap(({ route }) => (route ? Object.keys(route.methods).map((method) => `${method} ${route.path}`) : []))
      .filter((line) => line.includes(' /api/') && !line.includes('*'))
      .map((line) => line.replace(/:(\w+)/g, '{$1}'));
    expect(served.sort()).toEqual(ROUTES.map((route) => `${route.method} /api${route.path}`).sort());
  });
});

describe('rows with a revision', () => {
  const water = { name: 'The Mere', kind: 'lake', position: { latitudeDeg: 50, longitudeDeg: -30 }, revision: 0 };
  test('a water written at an old revision comes back with both versions', async () => {
    const id = newId();
    await server.http.put(`/api/waters/${id}`).send(water).expect(200);
    await server.http
      .put(`/api/waters/${id}`)
      .send({ ...water, name: 'Mere', revision: 1 })
      .expect(200);
    const answer = await server.http
      .put(`/api/waters/${id}`)
      .send({ ...water, name: 'Pond', revision: 1 })
      .expect(409);
    expect(answer.body).toMatchObject({ code: 'changed-meanwhile', theirs: { name: 'Mere', revision: 2 } });
    expect((await server.http.get('/api/waters')).body).toMatchObject([{ id, name: 'Mere', position: water.position }]);
  });
  test('settings begin with the default school and keep what is chosen', async () => {
    const first = (await server.http.get('/api/settings').expect(200)).body;
    expect(first).toMatchObject({ weighMethod: 'zeroed', massUnit: 'oz', revision: 0 });
    const { updatedAt: _at, ...ways } = FIRST_SETTINGS;
    const wanted = {
      ...ways,
      massUnit: 'g',
      weighMethod: 'gross-minus-tare',
      lengthHabit: 'cm',
      stopSchool: 'cool-pike',
    };
    await server.http.put('/api/settings').send(wanted).expect(200);
    expect((await server.http.get('/api/settings')).body).toMatchObject({ ...wanted, revision: 1 });
    await server.http.put('/api/settings').send(wanted).expect(409);
  });
});
