import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { PRINTS_AT_ONCE, type FlanksAnswer } from '@keeper/contract/flanks';
import { event, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';
import { descriptorFile } from './descriptorFile.js';

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

describe('the cells of prints', () => {
  const name = (n: number) => n.toString(16).padStart(64, '0');
  const ask = (prints: readonly string[]) => server.http.get(`/api/flanks/cells?prints=${prints.join(',')}`);
  const lay = (n: number, text: string) => {
    const file = descriptorFile(join(server.dataFolder, 'prints'), name(n));
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, text);
  };

  test('those that are there come by their names; one that is missing, empty or damaged is left out', async () => {
    lay(1, JSON.stringify({ side: 'left', landmarks: {}, cells: 'AAAA' }));
    lay(2, '');
    lay(3, '{"side":"left"}');
    lay(4, 'null');
    const { body } = await ask([1, 2, 3, 4, 5].map(name)).expect(200);
    expect(body).toEqual({ [name(1)]: 'AAAA' });
  });

  test.each([
    ['fifty', Array.from({ length: PRINTS_AT_ONCE }, (_, n) => name(n)), 200],
    ['one more than fifty', Array.from({ length: PRINTS_AT_ONCE + 1 }, (_, n) => name(n)), 400],
    ['none', [''], 400],
    ['a way out of the folder', ['../'.repeat(21) + 'x'], 400],
    ['a name of 63 letters', [name(1).slice(1)], 400],
  ])('%s asked for at once', async (_, prints, status) => {
    await ask(prints).expect(status);
  });
});
