import { spawnSync } from 'node:child_process';
import { createWriteStream, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { isSealed, sealedWith, unseal } from './sealing.js';
import { SealTickets, TICKET_MS } from './sealTickets.js';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'keeper-seal-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const PASSPHRASE = 'reeds at the boathouse end';
const CHEAP = 4;
// Longer than two of the format's chunks of 64 KiB, so that chunks are told apart.
const PLAIN = Buffer.alloc(200_000, 'carp and pike ');
let sealed: string;
beforeAll(async () => {
  sealed = join(folder, 'a.zip.age');
  await pipeline(
    Readable.from([PLAIN]),
    sealedWith(PASSPHRASE, () => createWriteStream(sealed), CHEAP),
  );
});

let made = 0;
const placed = () => join(folder, `plain-${(made += 1)}`);
function changed(change: (bytes: Buffer) => Buffer): string {
  const file = placed();
  writeFileSync(file, change(Buffer.from(readFileSync(sealed))));
  return file;
}

test('what was sealed is opened by its passphrase alone, and is what it was', async () => {
  expect(await isSealed(sealed)).toBe(true);
  expect(readFileSync(sealed).includes(PLAIN.subarray(0, 40))).toBe(false);
  const place = placed();
  await unseal(sealed, PASSPHRASE, place);
  expect(readFileSync(place).equals(PLAIN)).toBe(true);
  await expect(unseal(sealed, `${PASSPHRASE}s`, placed())).rejects.toThrow('not that of this backup');
  await expect(unseal(sealed, undefined, placed())).rejects.toThrow('sealed with a passphrase');
});

test.each<[string, (bytes: Buffer) => Buffer]>([
  ['a bit changed', (bytes) => bytes.fill((bytes.at(-20) ?? 0) ^ 1, bytes.length - 20, bytes.length - 19)],
  ['its end cut off', (bytes) => bytes.subarray(0, bytes.length - 1)],
  ['a whole chunk cut off', (bytes) => bytes.subarray(0, bytes.length - 70_000)],
  ['something added', (bytes) => Buffer.concat([bytes, Buffer.from('x')])],
])('with %s it is refused', async (_what, change) => {
  await expect(unseal(changed(change), PASSPHRASE, placed())).rejects.toThrow(/damaged/);
});

test('a file that is not sealed, or not there, is known as such', async () => {
  const file = changed(() => Buffer.from('PK and so on'));
  expect([await isSealed(file), await isSealed(join(folder, 'nowhere'))]).toEqual([false, false]);
});

test('a disk that fails while it is sealed is said, and does not hang', async () => {
  const failing = () => new Writable({ write: (_chunk, _encoding, done) => done(new Error('ENOSPC: no space')) });
  await expect(pipeline(Readable.from([PLAIN]), sealedWith(PASSPHRASE, failing, CHEAP))).rejects.toThrow('ENOSPC');
});

// The reference implementation of the format (Debian: age) opens it; it asks for the passphrase at a terminal.
test('age itself opens it', () => {
  const place = placed();
  const command = `age --decrypt --output ${place} ${sealed}`;
  spawnSync('/usr/bin/script', ['-qec', command, '/dev/null'], { input: `${PASSPHRASE}\n`, timeout: 30_000 });
  expect(readFileSync(place).equals(PLAIN)).toBe(true);
});

test('a ticket is good once, and within a minute', () => {
  let nowMs = 0;
  const tickets = new SealTickets(() => nowMs);
  const [first, second, third] = [tickets.issue('a'), tickets.issue('b'), tickets.issue('c')];
  expect([tickets.take(first), tickets.take(first)]).toEqual(['a', undefined]);
  nowMs = TICKET_MS - 1;
  expect(tickets.take(second)).toBe('b');
  nowMs = TICKET_MS;
  expect(tickets.take(third)).toBeUndefined();
});
