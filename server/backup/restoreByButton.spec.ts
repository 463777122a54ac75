import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import type { SealedDownload } from '@keeper/contract/backups';
import { asBuffer } from '../spec/asBuffer.js';
import { wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';

// What a guess costs is held where it is made.
jest.mock('./sealWorkFactor.js', () => ({ SEAL_WORK_FACTOR: 4 }));

let full: TestServer;
let empty: TestServer;
let meanwhile: (() => void) | undefined;
beforeEach(async () => {
  meanwhile = undefined;
  full = await testServer();
  empty = await testServer({}, (then) => (meanwhile = then));
  await full.http
    .post('/api/events')
    .send({ events: wholeCapture(3, 300).events })
    .expect(201);
});
afterEach(() => Promise.all([full.close(), empty.close()]));

async function fetched(path: string): Promise<Buffer> {
  const { body } = await full.http.get(path).buffer(true).parse(asBuffer).expect(200);
  return body as Buffer;
}
const restore = (bytes: Buffer, passphrase?: string) => {
  const request = empty.http.post('/api/restore');
  return (passphrase === undefined ? request : request.field('passphrase', passphrase)).attach('file', bytes, 'a.zip');
};
const captures = () => {
  const sqlite = new SqliteDatabase(join(empty.dataFolder, 'book.sqlite'), { readonly: true });
  const count = sqlite.prepare('SELECT count(*) FROM captures').pluck().get();
  sqlite.close();
  return count;
};

test('a book comes back into an empty one once the server is stopped, and the empty one is kept', async () => {
  const { body } = await restore(await fetched('/api/backup')).expect(200);
  expect(body).toEqual({ pictures: 0 });
  expect(captures()).toBe(0);
  await new Promise((resolve) => setImmediate(resolve));
  await empty.app.close();
  meanwhile?.();
  expect(captures()).toBe(1);
  expect(readdirSync(join(empty.dataFolder, 'copies')).some((name) => name.startsWith('empty-before-restore-'))).toBe(
    true,
  );
  expect(readdirSync(empty.dataFolder).some((name) => name.startsWith('being-restored-'))).toBe(false);
});

test('sealed it is fetched once, and comes back by its passphrase alone', async () => {
  const passphrase = 'reeds at the boathouse end';
  const { path } = (await full.http.post('/api/backup/sealed').send({ passphrase }).expect(201)).body as SealedDownload;
  const sealed = await fetched(path);
  await full.http.get(path).expect(404);
  for (const wrong of [undefined, 'another one altogether']) {
    const { body } = await restore(sealed, wrong).expect(400);
    expect((body as { sentence: string }).sentence).toMatch(/^Nothing was restored\..*passphrase/);
  }
  expect(meanwhile).toBeUndefined();
  await restore(sealed, passphrase).expect(200);
});

test('into a book with something in it nothing is restored, and nothing of a file that is no backup', async () => {
  const none = await restore(Buffer.from('no backup at all')).expect(400);
  expect((none.body as { sentence: string }).sentence).toContain('is no backup');
  await empty.http
    .post('/api/events')
    .send({ events: wholeCapture(9, 100).events })
    .expect(201);
  const { body } = await restore(await fetched('/api/backup')).expect(400);
  expect((body as { sentence: string }).sentence).toContain('something in this book already');
  expect(meanwhile).toBeUndefined();
  const incoming = join(empty.dataFolder, 'incoming');
  expect(existsSync(incoming) ? readdirSync(incoming) : []).toEqual([]);
});
