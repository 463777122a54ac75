import { mkdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { event, wholeCapture } from './spec/events.js';
import { testServer, type TestServer } from './spec/testServer.js';
import { bookFolder } from './storage/bookFolder.js';
import { Database } from './storage/database.js';
import { verify, verifyBook } from './verify.js';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const found = async () => (await verifyBook(bookFolder(server.dataFolder))).problems;

async function aFishWithItsPicture(): Promise<{ captureId: string; sha256: string; file: string }> {
  const bytes = await sharp({ create: { width: 30, height: 20, channels: 3, background: '#456' } })
    .png()
    .toBuffer();
  const { sha256 } = (await server.http.post('/api/pictures').attach('file', bytes, 'x').expect(201)).body as {
    sha256: string;
  };
  const { captureId, events } = wholeCapture(1, 300);
  await server.http
    .post('/api/events')
    .send({ events: [...events, event(captureId, 'picture-added', 320_000, { sha256 })] })
    .expect(201);
  return { captureId, sha256, file: join(server.dataFolder, 'pictures', 'originals', sha256.slice(0, 2), sha256) };
}

test('a sound book is found sound, with the server running, and said so', async () => {
  await aFishWithItsPicture();
  const said: string[] = [];
  expect(await verify(['--data', server.dataFolder], (line) => said.push(line))).toBe(0);
  expect(said).toEqual(['1 captures, 7 entries, 1 pictures: 0 problems.']);
});

test('an original that is gone, damaged or unknown is named', async () => {
  const { sha256, file } = await aFishWithItsPicture();
  truncateSync(file, 10);
  expect(await found()).toEqual([`Picture ${sha256}: the original is damaged.`]);
  rmSync(file);
  mkdirSync(join(file, '..'), { recursive: true });
  writeFileSync(join(file, '..', 'stray'), '');
  expect(await found()).toEqual([
    `Picture ${sha256}: the original is gone.`,
    'Picture stray: the book does not know it.',
  ]);
});

test('a line of the book that is not what its log tells, and an entry that cannot be read, are named', async () => {
  const { captureId } = await aFishWithItsPicture();
  const { sqlite } = server.app.get(Database);
  sqlite.prepare(`UPDATE events SET payload = '{"facts":[]}' WHERE type = 'described'`).run();
  expect(await found()).toEqual([
    expect.stringMatching(new RegExp(`^Capture ${captureId}: entry .* \\(described\\) cannot be read\\.`)),
    `Capture ${captureId}: its line in the book is not what its log tells.`,
  ]);
});
