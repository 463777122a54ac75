import { createHash } from 'node:crypto';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { crc32 } from 'node:zlib';
import sharp, { type Sharp } from 'sharp';
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
  const folder = join(server.dataFolder, 'pictures', 'originals');
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
      'a page with the name of a picture',
      () => Promise.resolve(Buffer.from('<!doctype html><script>0</script>')),
      415,
      'not-a-picture',
    ],
    ['a square of 20,000 pixels', () => bomb(20_000), 413, 'too-many-pixels'],
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

  test('with a page hidden behind its last byte is kept as the picture it is, and never served as a page', async () => {
    const bytes = Buffer.concat([await painted(60, 40).jpeg().toBuffer(), Buffer.from('<html><script>0</script>')]);
    const { sha256 } = (await send(bytes, 'fish.html').expect(201)).body as { sha256: string };
    const answer = await server.http.get(`/api/pictures/${sha256}`).expect(200);
    expect(answer.headers['content-type']).toBe('image/jpeg');
    expect(answer.headers['x-content-type-options']).toBe('nosniff');
  });

  test.each([1, 2, 3, 4, 5, 6, 7, 8])('held any way (orientation %i) comes out upright', async (orientation) => {
    // Red in the corner that is at the top left once it is upright.
    const upright = await sharp({ create: { width: 90, height: 60, channels: 3, background: '#204020' } })
      .composite([
        { input: { create: { width: 30, height: 20, channels: 3, background: '#ff0000' } }, left: 0, top: 0 },
      ])
      .png()
      .toBuffer();
    const stored = await asStored(upright, orientation);
    const { sha256, widthPx, heightPx } = (await send(stored).expect(201)).body as Record<string, never>;
    expect([widthPx, heightPx]).toEqual([90, 60]);
    const copy = await server.http
      .get(`/api/pictures/${String(sha256)}?size=view`)
      .buffer()
      .expect(200);
    const { data, info } = await sharp(copy.body as Buffer)
      .raw()
      .toBuffer({ resolveWithObject: true });
    const red = (x: number, y: number) => (data[(y * info.width + x) * 3] ?? 0) > 200;
    expect([red(8, 8), red(80, 8), red(8, 52), red(80, 52)]).toEqual([true, false, false, false]);
  });
});

/** A PNG of a few bytes whose header says that it is a large square. */
async function bomb(size: number): Promise<Buffer> {
  const bytes = await painted(1, 1).png().toBuffer();
  bytes.writeUInt32BE(size, 16);
  bytes.writeUInt32BE(size, 20);
  bytes.writeUInt32BE(crc32(bytes.subarray(12, 29)), 29);
  return bytes;
}

/** A picture as a camera stores it that was held so: turned or mirrored, with the tag that undoes it. */
async function asStored(upright: Buffer, orientation: number): Promise<Buffer> {
  const turns: Record<number, (of: Sharp) => Sharp> = {
    1: (of) => of,
    2: (of) => of.flop(),
    3: (of) => of.rotate(180),
    4: (of) => of.flip(),
    5: (of) => of.rotate(270).flop(),
    6: (of) => of.rotate(270),
    7: (of) => of.rotate(90).flop(),
    8: (of) => of.rotate(90),
  };
  const turned = await (turns[orientation] as (of: Sharp) => Sharp)(sharp(upright)).png().toBuffer();
  return sharp(turned).withMetadata({ orientation }).jpeg({ quality: 95 }).toBuffer();
}
