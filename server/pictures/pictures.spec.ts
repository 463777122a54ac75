import { createHash } from 'node:crypto';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { testServer, type TestServer } from '../spec/testServer.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const painted = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#4a6b5d' } });
const send = (bytes: Buffer, name = 'fish.jpg') => server.http.post('/api/pictures').attach('file', bytes, name);

function filesKept(): string[] {
  const folder = join(server.dataFolder, 'pictures');
  if (!existsSync(folder)) return [];
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => entry.name);
}

describe('what is not a picture leaves nothing behind', () => {
  test.each<[string, () => Promise<Buffer>, number, string]>([
    ['text', () => Promise.resolve(Buffer.from('not a fish')), 415, 'not-a-picture'],
    ['nothing at all', () => Promise.resolve(Buffer.alloc(0)), 415, 'not-a-picture'],
    [
      'a drawing',
      () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')),
      415,
      'not-a-picture',
    ],
    [
      'a JPEG that breaks off',
      async () => (await painted(900, 700).jpeg().toBuffer()).subarray(0, 2000),
      415,
      'not-a-picture',
    ],
    ['25 MB and a byte', () => Promise.resolve(Buffer.alloc(25 * 1024 * 1024 + 1)), 413, 'too-large'],
    [
      'more than 100 million pixels',
      () => painted(10_001, 10_000).png({ compressionLevel: 9 }).toBuffer(),
      413,
      'too-many-pixels',
    ],
  ])('%s', async (_, bytes, status, code) => {
    const answer = await send(await bytes()).expect(status);
    expect(answer.body).toMatchObject({ code, sentence: expect.stringMatching(/Nothing was/) });
    expect(filesKept()).toEqual([]);
  });

  test('a form with no picture is told so at its field', async () => {
    const answer = await server.http.post('/api/pictures').expect(400);
    expect(answer.body.fields).toMatchObject([{ field: 'file' }]);
  });
});

describe('a picture', () => {
  test('is kept once by its content, untouched, with its date and camera', async () => {
    const exif = { IFD0: { Make: 'Painted', Model: 'Box 1' }, IFD2: { DateTimeOriginal: '2026:06:01 05:33:10' } };
    const bytes = await painted(600, 400).jpeg().withExif(exif).toBuffer();
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    const facts = {
      sha256,
      mime: 'image/jpeg',
      bytes: bytes.length,
      widthPx: 600,
      heightPx: 400,
      takenAt: '2026-06-01T05:33:10',
      camera: 'Painted Box 1',
    };
    await send(bytes).expect(201, facts);
    await send(bytes, 'again.png').expect(201, facts);
    expect(filesKept()).toEqual([sha256]);
    const original = await server.http.get(`/api/pictures/${sha256}`).buffer().expect(200);
    expect(Buffer.compare(original.body as Buffer, bytes)).toBe(0);
  });

  test('has smaller copies, turned upright and without metadata', async () => {
    const bytes = await painted(1000, 500).jpeg().withMetadata({ orientation: 6 }).toBuffer();
    const { sha256, widthPx } = (await send(bytes).expect(201)).body as { sha256: string; widthPx: number };
    expect(widthPx).toBe(500);
    const copy = await server.http.get(`/api/pictures/${sha256}?size=thumb`).buffer().expect(200);
    const metadata = await sharp(copy.body as Buffer).metadata();
    expect([metadata.width, metadata.height, metadata.exif]).toEqual([240, 480, undefined]);
  });

  test.each(['f'.repeat(64), '..%2f..%2fbook.sqlite'])('that is not here (%s) is told so', async (name) => {
    await server.http.get(`/api/pictures/${name}`).expect(404);
  });
});
