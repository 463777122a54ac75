import { fork } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PictureReader } from './pictureReader.js';

const folder = mkdtempSync(join(tmpdir(), 'keeper-reader-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** A process that answers each file by what it is called. */
const script = join(folder, 'process.cjs');
writeFileSync(
  script,
  `process.on('message', ({ file }) => {
    if (file === 'dies') process.exit(3);
    if (file === 'hangs') return;
    process.send({ ok: true, picture: { facts: { camera: String(process.pid) }, copies: {} } });
  });`,
);

let started = 0;
const reader = (deadlineMs: number) =>
  new PictureReader({
    deadlineMs,
    start: () => {
      started += 1;
      return fork(script, [], { serialization: 'advanced' });
    },
  });
const OVERTAXES = { ok: false, problem: { why: 'overtaxes' } };
beforeEach(() => {
  started = 0;
});

test('one process after the other reads; one that is free is used again', async () => {
  const pictures = reader(10_000);
  const [first, second] = [await pictures.read('a'), await pictures.read('b')];
  expect(first).toMatchObject({ ok: true });
  expect(second).toEqual(first);
  expect(started).toBe(1);
  pictures.close();
});

test('a process that dies, or does not come to an end, is replaced; its picture is refused', async () => {
  const pictures = reader(10_000);
  expect(await pictures.read('dies')).toEqual(OVERTAXES);
  expect(await pictures.read('a')).toMatchObject({ ok: true });
  pictures.close();
  const hasty = reader(50);
  expect(await hasty.read('hangs')).toEqual(OVERTAXES);
  expect(started).toBe(3);
  hasty.close();
});

test('what waits for a process that is closed is answered', async () => {
  const pictures = reader(10_000);
  const reading = pictures.read('hangs');
  // Begun once its turn has come.
  await new Promise((resolve) => setImmediate(resolve));
  pictures.close();
  expect(await reading).toEqual(OVERTAXES);
});
