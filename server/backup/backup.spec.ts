import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import SqliteDatabase from 'better-sqlite3';
import sharp from 'sharp';
import { ZipFile } from 'yazl';
import { event, wholeCapture } from '../spec/events.js';
import { testServer, type TestServer } from '../spec/testServer.js';
import { bookFolder } from '../storage/bookFolder.js';
import { verify } from '../verify.js';
import { backup, restore } from './backup.js';

const MIGRATIONS = join(__dirname, '..', 'drizzle');
const NOW = new Date('2026-11-30T20:00:00.000Z');

let server: TestServer;
let folder: string;
let file: string;
let original: string;
let said: string[];
const say = (line: string) => said.push(line);
const bringBack = (to = join(folder, 'restored')) => restore([file, '--data', to], say, MIGRATIONS);

beforeEach(async () => {
  server = await testServer();
  folder = mkdtempSync(join(tmpdir(), 'keeper-backup-'));
  file = join(folder, 'book.zip');
  said = [];
  const bytes = await sharp({ create: { width: 30, height: 20, channels: 3, background: '#456' } })
    .png()
    .toBuffer();
  const kept = await server.http.post('/api/pictures').attach('file', bytes, 'x').expect(201);
  const { sha256 } = kept.body as { sha256: string };
  original = `pictures/originals/${sha256.slice(0, 2)}/${sha256}`;
  const { captureId, events } = wholeCapture(1, 300);
  await server.http
    .post('/api/events')
    .send({ events: [...events, event(captureId, 'picture-added', 320_000, { sha256 })] })
    .expect(201);
});
/** The folder that a bag of that day lies in. */
const BASE = `unhurried-keeper-${NOW.toISOString().slice(0, 10)}`;

afterEach(async () => {
  await server.close();
  rmSync(folder, { recursive: true, force: true });
});

/** Every table of a book, row by row. */
function tablesOf(book: string): Record<string, unknown[]> {
  const sqlite = new SqliteDatabase(book, { readonly: true });
  const names = sqlite.prepare(`SELECT name FROM sqlite_schema WHERE type = 'table' ORDER BY name`).all() as {
    name: string;
  }[];
  const tables = Object.fromEntries(names.map(({ name }) => [name, sqlite.prepare(`SELECT * FROM "${name}"`).all()]));
  sqlite.close();
  return tables;
}

test('with the server running it leaves whole, and stands up again elsewhere: equal table by table, byte by byte', async () => {
  expect(await backup([file, '--data', server.dataFolder], say, NOW)).toBe(0);
  expect(said.at(-1)).toMatch(/^.*book\.zip: the book and 1 pictures, \d+\.\d MB, read back and whole\.$/);
  const to = join(folder, 'restored');
  expect(await bringBack(to)).toBe(0);
  const [from, back] = [bookFolder(server.dataFolder), bookFolder(to)];
  expect(tablesOf(back.book)).toEqual(tablesOf(from.book));
  expect(readFileSync(join(to, original))).toEqual(readFileSync(join(server.dataFolder, original)));
  expect(await verify(['--data', to], say)).toBe(0);
  expect(readdirSync(to).sort()).toEqual(['book.sqlite', 'pictures']);
  expect(readdirSync(from.copies)).toEqual([]);
});

// Info-ZIP and GNU coreutils, which know BagIt's manifest as their own list of sums (RFC 8493, 2.1.3).
test('other tools open it, and find every sum right', async () => {
  await backup([file, '--data', server.dataFolder], say, NOW);
  execFileSync('unzip', ['-q', file, '-d', join(folder, 'opened')]);
  // RFC 8493, 4: unpacked in an empty folder, it shows exactly one entry.
  expect(readdirSync(join(folder, 'opened'))).toEqual([BASE]);
  const bag = join(folder, 'opened', BASE);
  const checked = (manifest: string) => execFileSync('sha256sum', ['-c', manifest], { cwd: bag, encoding: 'utf8' });
  expect(checked('manifest-sha256.txt')).toBe(`data/book.sqlite: OK\ndata/${original}: OK\n`);
  expect(checked('tagmanifest-sha256.txt')).toBe('bagit.txt: OK\nbag-info.txt: OK\nmanifest-sha256.txt: OK\n');
  expect(readFileSync(join(bag, 'bag-info.txt'), 'utf8')).toMatch(/^Payload-Oxum: \d+\.2$/m);
});

/** A backup with its files changed before they are bagged again, in no folder of their own. */
async function tampered(change: (files: Map<string, Buffer>) => void, base = BASE): Promise<void> {
  await backup([file, '--data', server.dataFolder], say, NOW);
  execFileSync('unzip', ['-q', file, '-d', join(folder, 'opened')]);
  const bag = join(folder, 'opened', base);
  const names = readdirSync(bag, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name).slice(bag.length + 1));
  const files = new Map(names.map((name) => [name, readFileSync(join(bag, name))]));
  change(files);
  const zip = new ZipFile();
  for (const [name, bytes] of files) zip.addBuffer(bytes, name);
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  writeFileSync(file, Buffer.concat(chunks));
}

test.each<[string, (files: Map<string, Buffer>) => void, RegExp]>([
  [
    'a changed byte',
    (files) => files.get(`data/${original}`)?.writeUInt8(1, 20),
    /is damaged: its bytes are not those/,
  ],
  ['a file gone', (files) => files.delete(`data/${original}`), /is missing\./],
  ['a file too many', (files) => files.set('data/extra', Buffer.from('x')), /^data\/extra was added\./],
  ['no manifest', (files) => files.delete('manifest-sha256.txt'), /^Its manifest is missing/],
  ['no declaration', (files) => files.delete('bagit.txt'), /^It is no BagIt bag/],
  [
    'another form of bag',
    (files) => files.set('bagit.txt', Buffer.from('BagIt-Version: 2.0\n')),
    /another form of bag/,
  ],
])('with %s it is found out, and nothing is restored', async (_, change, why) => {
  await tampered(change);
  said = [];
  expect(await verify([file], say)).toBe(1);
  expect(said[0]).toMatch(why);
  const to = join(folder, 'restored');
  await expect(bringBack(to)).rejects.toThrow('Nothing was restored, and the folder is as it was.');
  expect(readdirSync(to)).toEqual([]);
});

test('a bag of the first versions, which lay in no folder of its own, still comes back; what lies beside one does not', async () => {
  await tampered(() => undefined);
  expect(await bringBack()).toBe(0);
  rmSync(file);
  rmSync(join(folder, 'opened'), { recursive: true });
  await tampered((files) => files.set('beside.txt', Buffer.from('x')), '');
  said = [];
  expect(await verify([file], say)).toBe(1);
  expect(said[0]).toMatch(/^"beside.txt" leads out of the bag\.$/);
});

test('a path that leads out of the bag is followed by nobody', async () => {
  await backup([file, '--data', server.dataFolder], say, NOW);
  const bytes = readFileSync(file);
  // The name is written in the list and before the file, each as long as it was.
  const name = `data/${original}`;
  const out = `data/../../${'x'.repeat(name.length - 11)}`;
  for (let at = bytes.indexOf(name); at >= 0; at = bytes.indexOf(name, at + 1)) bytes.write(out, at);
  writeFileSync(file, bytes);
  await expect(bringBack()).rejects.toThrow('Nothing was restored');
  expect(readdirSync(folder).sort()).toEqual(['book.zip', 'restored']);
});

test.each([
  ['half of it', (bytes: Buffer) => bytes.subarray(0, bytes.length / 2)],
  ['its end cut off', (bytes: Buffer) => bytes.subarray(0, -1)],
  ['another file', () => Buffer.from('a letter')],
  ['nothing', () => Buffer.alloc(0)],
])('of %s it is said that it is no backup', async (_, change) => {
  await backup([file, '--data', server.dataFolder], say, NOW);
  writeFileSync(file, change(readFileSync(file)));
  await expect(verify([file], say)).rejects.toThrow('is no backup, or only a part of one');
  await expect(bringBack()).rejects.toThrow('is no backup, or only a part of one');
});

test('a backup of a newer version is refused with a sentence', async () => {
  const { app, dataFolder } = server;
  await app.close();
  const sqlite = new SqliteDatabase(bookFolder(dataFolder).book);
  sqlite.prepare('UPDATE __drizzle_migrations SET created_at = created_at + 1e13').run();
  sqlite.close();
  await backup([file, '--data', dataFolder], say, NOW);
  await expect(bringBack()).rejects.toThrow('written by a newer version of Unhurried Keeper');
});

test('where a book is, or a file, neither is overwritten', async () => {
  await backup([file, '--data', server.dataFolder], say, NOW);
  await expect(backup([file, '--data', server.dataFolder], say, NOW)).rejects.toThrow('is there already');
  await expect(bringBack(server.dataFolder)).rejects.toThrow('There is a book in');
  await expect(backup([join(folder, 'b.zip'), '--data', folder], say, NOW)).rejects.toThrow('There is no book in');
  await expect(backup(['--data', folder], say, NOW)).rejects.toThrow('Name the file of the backup');
  expect(readdirSync(folder)).toEqual(['book.zip']);
});

test('an original that is gone is named, and everything else is in the backup', async () => {
  rmSync(join(server.dataFolder, original));
  expect(await backup([file, '--data', server.dataFolder], say, NOW)).toBe(1);
  expect(said[0]).toContain('its original is not in the folder');
  expect(await bringBack()).toBe(0);
});

test('where it cannot be written nothing is left behind', async () => {
  const nowhere = join(folder, 'no', 'such', 'folder', 'b.zip');
  await expect(backup([nowhere, '--data', server.dataFolder], say, NOW)).rejects.toThrow('ENOENT');
  expect(existsSync(join(folder, 'no'))).toBe(false);
  mkdirSync(join(folder, 'no'));
  expect(readdirSync(bookFolder(server.dataFolder).copies)).toEqual([]);
});

test('asked for over HTTP it comes as a file, and is whole', async () => {
  const answer = await server.http
    .get('/api/backup')
    .buffer(true)
    .parse((response, done) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk)).on('end', () => done(null, Buffer.concat(chunks)));
    })
    .expect(200);
  expect(answer.headers['content-type']).toBe('application/zip');
  expect(answer.headers['content-disposition']).toMatch(/^attachment; filename="unhurried-keeper-[\d-]{10}\.zip"$/);
  writeFileSync(file, answer.body as Buffer);
  expect(await verify([file], say)).toBe(0);
  expect(said.at(-1)).toMatch(/^2 files, \d+\.\d MB: 0 problems\.$/);
});
