import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { avifWithBox, jpegWith, tiffOf, tiffTags, webpWith } from '../spec/hostilePictures.js';
import { pngChunk, pngWith, zippedProfile, zippedText } from '../spec/pngs.js';
import { testServer, type TestServer } from '../spec/testServer.js';
import { PictureStore } from './pictureStore.js';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const painted = (shade: number) =>
  sharp({ create: { width: 90, height: 60, channels: 3, background: { r: shade, g: 90, b: 80 } } });
const send = (bytes: Buffer) => server.http.post('/api/pictures').attach('file', bytes, 'fish');
const nameOf = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');
const fileOf = (sha256: string) => join(server.dataFolder, 'pictures', 'originals', sha256.slice(0, 2), sha256);
const copyOf = (sha256: string, size: string) =>
  join(server.dataFolder, 'pictures', 'smaller', size, sha256.slice(0, 2), `${sha256}.jpg`);
const settled = () => server.app.get(PictureStore).settled();
const incoming = () => {
  const folder = join(server.dataFolder, 'incoming');
  return existsSync(folder) ? readdirSync(folder) : [];
};

describe('a picture that is made to harm is refused, and the server goes on', () => {
  test.each([
    ['thousands of compressed texts', () => pngWith(Array<Buffer>(900).fill(zippedText(1_000_000)))],
    ['a colour profile of 300 MB', () => pngWith([zippedProfile(300_000_000)])],
    ['thousands of plain texts', () => pngWith(Array<Buffer>(5000).fill(pngChunk('tEXt', Buffer.from('a\0b'))))],
  ])('%s', async (_, bomb) => {
    const answer = await send(await bomb()).expect(415);
    expect(answer.body).toMatchObject({ code: 'not-a-picture', sentence: expect.stringMatching(/Nothing was kept/) });
    await send(await painted(1).png().toBuffer()).expect(201);
    expect(incoming()).toEqual([]);
  });
});

describe('whatever else a picture is made to be, it costs no more than itself', () => {
  const MB = 1_000_000;
  test.each<[string, () => Buffer | Promise<Buffer>]>([
    ['a JPEG of 300 segments of tags', () => jpegWith(300, 60_000, 0xe1, 'Exif\0\0MM\0*')],
    ['a JPEG of 255 segments of a colour profile', () => jpegWith(255, 60_000, 0xe2, 'ICC_PROFILE\0\u0001\xff')],
    ['a JPEG of a hundred thousand empty segments', () => jpegWith(100_000, 0, 0xee, '')],
    ['a JPEG of 20 MB of remarks', () => jpegWith(330, 60_000, 0xfe, 'remark')],
    ['a TIFF whose directory follows itself', () => tiffOf(tiffTags(64), 8, 5000)],
    [
      'a TIFF of sixty thousand tags',
      () =>
        tiffOf(Array.from({ length: 60_000 }, (_, i) => ({ tag: 40_000 + (i % 9000), type: 3, count: 1, value: i }))),
    ],
    [
      'a TIFF with a tag of four thousand million numbers',
      () => tiffOf([...tiffTags(64), { tag: 34_675, type: 4, count: 0xffffffff, value: 8 }], 0, 5000),
    ],
    ['a TIFF of 60,000 pixels a side', () => tiffOf(tiffTags(60_000))],
    ['a TIFF whose pixels are not there', () => tiffOf(tiffTags(4000))],
    ['a WebP with 20 MB of tags', () => webpWith('EXIF', 20 * MB)],
    ['a WebP with 20 MB of colour profile', () => webpWith('ICCP', 20 * MB)],
    ['a WebP whose chunk is longer than it', () => webpWith('XMP ', 50, 0xfffffff0)],
    [
      'an AVIF of 65,535 pixels a side',
      () => avifWithBox('ispe', (bytes, at) => bytes.fill(0xff, at + 10, at + 12).fill(0xff, at + 14, at + 16)),
    ],
    [
      'an AVIF whose box of items is longer than it',
      () => avifWithBox('iloc', (bytes, at) => bytes.writeUInt32BE(0x7fffffff, at - 4)),
    ],
    [
      'an AVIF whose box is smaller than its own head',
      () => avifWithBox('meta', (bytes, at) => bytes.writeUInt32BE(1, at - 4)),
    ],
  ])('%s', async (_, hostile) => {
    const bytes = await hostile();
    expect(bytes.length).toBeLessThan(25 * MB);
    const before = process.memoryUsage().rss;
    const { status, body } = await send(bytes);
    // An honest part of it may be a picture; what is none is said to be none. Neither takes the server down, nor its
    // memory.
    expect([201, 413, 415]).toContain(status);
    if (status !== 201) expect(body.sentence).toMatch(/Nothing was kept/);
    expect(process.memoryUsage().rss - before).toBeLessThan(200 * MB);
    await send(await painted(3).png().toBuffer()).expect(201);
    expect(incoming()).toEqual([]);
  });
});

test('AVIF is taken, as the sentence about kinds of pictures says', async () => {
  const bytes = await painted(2).avif({ effort: 0 }).toBuffer();
  const { body } = await send(bytes).expect(201);
  expect(body).toMatchObject({ mime: 'image/avif', widthPx: 90, heightPx: 60 });
});

describe('what is gone or damaged on the disk', () => {
  const keep = async (shade: number) => {
    const bytes = await painted(shade).jpeg().toBuffer();
    const { sha256 } = (await send(bytes).expect(201)).body as { sha256: string };
    await settled();
    return { bytes, sha256 };
  };

  test('an original that is gone is not acknowledged as kept: its bytes take their place again', async () => {
    const { bytes, sha256 } = await keep(10);
    rmSync(fileOf(sha256));
    await server.http.get(`/api/pictures/${sha256}`).expect(404);
    await send(bytes).expect(201);
    expect(statSync(fileOf(sha256)).size).toBe(bytes.length);
  });

  test('an original that is not what its name says is said to be damaged, and mended by the same picture', async () => {
    const { bytes, sha256 } = await keep(11);
    truncateSync(fileOf(sha256), bytes.length - 20);
    const answer = await server.http.get(`/api/pictures/${sha256}`).expect(500);
    expect(answer.body.code).toBe('picture-damaged');
    await send(bytes).expect(201);
    await server.http.get(`/api/pictures/${sha256}`).expect(200);
  });

  test('one of which a byte was flipped is mended too, though it is as long as it was', async () => {
    const { bytes, sha256 } = await keep(15);
    const flipped = Buffer.from(bytes);
    flipped.writeUInt8(flipped.readUInt8(30) ^ 1, 30);
    writeFileSync(fileOf(sha256), flipped);
    await server.http.get(`/api/pictures/${sha256}`).expect(500);
    await send(bytes).expect(201);
    await server.http.get(`/api/pictures/${sha256}`).expect(200);
  });

  test.each([
    ['empty', 0],
    ['cut off', 300],
  ])('a copy that is %s is made anew', async (_, left) => {
    const { sha256 } = await keep(left === 0 ? 12 : 13);
    for (const size of ['thumb', 'view']) truncateSync(copyOf(sha256, size), left);
    const { body } = await server.http.get(`/api/pictures/${sha256}?size=thumb`).buffer().expect(200);
    expect((await sharp(body as Buffer).metadata()).width).toBe(90);
    expect(statSync(copyOf(sha256, 'view')).size).toBeGreaterThan(left);
  });

  test('a folder of copies that cannot be written takes nothing away from who asks', async () => {
    const { sha256 } = await keep(14);
    rmSync(join(server.dataFolder, 'pictures', 'smaller'), { recursive: true });
    writeFileSync(join(server.dataFolder, 'pictures', 'smaller'), 'a file where a folder should be');
    await server.http.get(`/api/pictures/${sha256}?size=view`).expect(200);
    rmSync(join(server.dataFolder, 'pictures', 'smaller'));
  });
});

test('halves that a killed server left are cleared away; a whole original that had no row yet is taken in', async () => {
  const whole = await painted(20).png().toBuffer();
  const half = whole.subarray(0, 50);
  for (const [name, bytes] of [
    [nameOf(whole), whole],
    ['e'.repeat(64), half],
    [`${'d'.repeat(64)}.1234`, half],
  ] as const) {
    const file = join(server.dataFolder, 'pictures', 'originals', name.slice(0, 2), name);
    mkdirSync(join(file, '..'), { recursive: true });
    writeFileSync(file, bytes);
  }
  mkdirSync(join(server.dataFolder, 'incoming'), { recursive: true });
  writeFileSync(join(server.dataFolder, 'incoming', 'half'), half);
  const store = server.app.get(PictureStore);
  store.onModuleInit();
  await store.settled();
  expect(store.facts(nameOf(whole))).toMatchObject({ mime: 'image/png', widthPx: 90 });
  expect([fileOf(nameOf(whole)), fileOf('e'.repeat(64)), fileOf(`${'d'.repeat(64)}.1234`)].map(existsSync)).toEqual([
    ...[true, false, false],
  ]);
  expect(incoming()).toEqual([]);
});
