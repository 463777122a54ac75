import type { FlanksAnswer } from '@keeper/contract/flanks';
import { event, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const flanks = async () => (await server.http.get('/api/flanks').expect(200)).body as FlanksAnswer;

test('an empty book has no flanks, and none to come', async () => {
  expect(await flanks()).toEqual({ flanks: [], coming: 0 });
});

test('a picture that the server does not have yet, or of a fish without a species, is not waited for', async () => {
  const [known, nameless] = [wholeCapture(3, 300), wholeCapture(4, 300)];
  const events = [known, nameless].flatMap(({ captureId, events: log }, i) => [
    ...log,
    event(captureId, 'picture-added', 320_000, { sha256: `${i}`.repeat(64), role: 'left-flank' }),
  ]);
  events.push(event(nameless.captureId, 'described', 330_000, { facts: { species: null } }));
  await server.http.post('/api/events').send({ events }).expect(201);
  expect(await flanks()).toEqual({ flanks: [], coming: 0 });
});
