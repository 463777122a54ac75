import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { PictureStore } from './pictureStore.js';
import { event, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const painted = (background: string) =>
  sharp({ create: { width: 640, height: 480, channels: 3, background } })
    .jpeg()
    .toBuffer();

/** Every file below the folder of pictures that carries a name. */
function filesOf(sha256: string): string[] {
  const folder = join(server.dataFolder, 'pictures');
  const entries = readdirSync(folder, { recursive: true, withFileTypes: true });
  return entries.filter((entry) => entry.isFile() && entry.name.startsWith(sha256)).map(({ name }) => name);
}

async function kept(background: string): Promise<string> {
  const { body } = await server.http
    .post('/api/pictures')
    .attach('file', await painted(background), 'a.jpg')
    .expect(201);
  const { sha256 } = body as { sha256: string };
  await server.http.get(`/api/pictures/${sha256}?size=thumb`).expect(200);
  await server.app.get(PictureStore).settled();
  return sha256;
}

test('deleted for good, neither the picture nor a copy of it is left, and it is not taken in again', async () => {
  const [gone, stays] = [await kept('#804020'), await kept('#208040')];
  const { captureId, events } = wholeCapture(3, 300);
  const added = [gone, stays].map((sha256) => event(captureId, 'picture-added', 500_000, { sha256 }));
  await server.http
    .post('/api/events')
    .send({ events: [...events, ...added] })
    .expect(201);
  expect(filesOf(gone).length).toBeGreaterThan(1);

  const deleted = event(captureId, 'picture-deleted', 999_000, { sha256: gone, why: 'A face.' });
  await server.http
    .post('/api/events')
    .send({ events: [deleted] })
    .expect(201);
  expect(filesOf(gone)).toEqual([]);
  await server.http.get(`/api/pictures/${gone}`).expect(404);
  await server.http.get(`/api/pictures/${gone}?size=view`).expect(404);
  const again = await server.http
    .post('/api/pictures')
    .attach('file', await painted('#804020'), 'a.jpg')
    .expect(410);
  expect(again.body).toMatchObject({ code: 'picture-deleted' });
  expect(filesOf(gone)).toEqual([]);
  expect(filesOf(stays).length).toBeGreaterThan(1);

  // The log keeps that it was done; sent again it is known.
  const { body } = await server.http.get(`/api/captures/${captureId}`).expect(200);
  expect(JSON.stringify(body)).toContain('A face.');
  const answer = await server.http
    .post('/api/events')
    .send({ events: [deleted] })
    .expect(201);
  expect(answer.body).toMatchObject({ known: 1, written: 0 });
});

test('what a server that was killed had not cleared away is cleared at the next start', async () => {
  const sha256 = await kept('#406080');
  const store = server.app.get(PictureStore);
  store.noteDeleted([sha256], new Date());
  expect(filesOf(sha256).length).toBeGreaterThan(1);
  store.onModuleInit();
  await store.settled();
  expect(filesOf(sha256)).toEqual([]);
  expect(existsSync(join(server.dataFolder, 'pictures', 'originals', sha256.slice(0, 2), sha256))).toBe(false);
});
