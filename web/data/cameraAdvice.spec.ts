/** @jest-environment node */
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cameraAdvice, takenMs } from './cameraAdvice.js';

/** A grey JPEG of one pixel, without a word of any camera. */
const BARE = Buffer.from(
  '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/yQALCAABAAEBAREA/8wABgAQEAX/2gAIAQEAAD8A0s8g/9k=',
  'base64',
);

// What is read here with exifr is written by another tool: Phil Harvey's ExifTool, as Debian has it. `npm test`
// installs it.
const exiftool = spawnSync('exiftool', ['-ver']).status === 0;
const withTool = exiftool ? test : test.skip;

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'keeper-exif-'));
});
afterAll(() => rmSync(folder, { recursive: true }));

function written(...tags: string[]): Uint8Array {
  const file = join(folder, 'one.jpg');
  writeFileSync(file, BARE);
  execFileSync('exiftool', ['-q', '-overwrite_original', ...tags.map((tag) => `-${tag}`), file]);
  return new Uint8Array(readFileSync(file));
}

withTool('a date with its zone is that very moment; the camera is named', async () => {
  const bytes = written(
    'DateTimeOriginal=2026:06:01 05:33:10',
    'OffsetTimeOriginal=+01:00',
    'Make=Maker',
    'Model=Box 3',
  );
  expect(await cameraAdvice(bytes)).toEqual({
    takenMs: Date.UTC(2026, 5, 1, 4, 33, 10),
    camera: 'Maker Box 3',
    place: null,
  });
});

withTool('a date without a zone is of this device; one that is still to come is read as it stands', async () => {
  expect((await cameraAdvice(written('DateTimeOriginal=2026:06:01 05:33:10'))).takenMs).toBe(
    new Date(2026, 5, 1, 5, 33, 10).getTime(),
  );
  expect((await cameraAdvice(written('DateTimeOriginal=2031:01:01 00:00:00'))).takenMs).toBe(
    new Date(2031, 0, 1).getTime(),
  );
});

withTool.each([
  ['51.5', 'N', '0.1275', 'W', 51.5, -0.1275],
  ['33.8688', 'S', '151.2093', 'E', -33.8688, 151.2093],
  ['12.05', 'S', '77.0428', 'W', -12.05, -77.0428],
  ['60.17', 'N', '24.94', 'E', 60.17, 24.94],
])('%s %s, %s %s is in its hemisphere', async (latitude, ns, longitude, ew, latitudeDeg, longitudeDeg) => {
  const { place } = await cameraAdvice(
    written(`GPSLatitude=${latitude}`, `GPSLatitudeRef=${ns}`, `GPSLongitude=${longitude}`, `GPSLongitudeRef=${ew}`),
  );
  expect(place?.latitudeDeg).toBeCloseTo(latitudeDeg, 4);
  expect(place?.longitudeDeg).toBeCloseTo(longitudeDeg, 4);
});

withTool('a receiver that found no place wrote noughts, which is no place', async () => {
  const bytes = written('GPSLatitude=0', 'GPSLatitudeRef=N', 'GPSLongitude=0', 'GPSLongitudeRef=E');
  expect((await cameraAdvice(bytes)).place).toBeNull();
});

test('a picture without a word of its camera says nothing, and neither does what is no picture', async () => {
  const nothing = { takenMs: null, camera: null, place: null };
  expect(await cameraAdvice(new Uint8Array(BARE))).toEqual(nothing);
  expect(await cameraAdvice(new TextEncoder().encode('no picture at all'))).toEqual(nothing);
});

test.each([
  ['2026:06:01 05:33:10', '+01:00', '2026-06-01T04:33:10.000Z'],
  ['2026:06:01 05:33:10', '-03:30', '2026-06-01T09:03:10.000Z'],
  ['2026:06:01 05:33:10', '+00:00', '2026-06-01T05:33:10.000Z'],
])('%s at %s', (date, zone, utc) => expect(new Date(takenMs(date, zone) ?? NaN).toISOString()).toBe(utc));

test('without a zone it is the time of this device', () =>
  expect(takenMs('2026:06:01 05:33:10', '')).toBe(new Date(2026, 5, 1, 5, 33, 10).getTime()));

test.each(['', '    :  :     :  :  ', '0000:00:00 00:00:00', '2026-06-01', '2026:13:41 25:61:61'])(
  'no date is made of "%s"',
  (date) => expect(takenMs(date, '')).toBeNull(),
);
