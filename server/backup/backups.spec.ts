import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { testServer, type TestServer } from '../spec/testServer.js';
import { BackupsService } from './backups.service.js';
import { readBackup } from './readBackup.js';
import { isSealed } from './sealing.js';

// What a guess costs is held where it is made.
jest.mock('./sealWorkFactor.js', () => ({ SEAL_WORK_FACTOR: 4 }));

let server: TestServer;
let backups: BackupsService;
let folder: string;
beforeEach(async () => {
  server = await testServer();
  backups = server.app.get(BackupsService);
  folder = join(mkdtempSync(join(tmpdir(), 'keeper-nightly-')), 'disk');
});
afterEach(async () => {
  await server.close();
  rmSync(join(folder, '..'), { recursive: true, force: true });
});

const put = (typed: string) => server.http.put('/api/backups').send({ folder: typed });
const names = () => readdirSync(folder).sort();

test('nothing is made until a folder is chosen; then one at once, read back and whole', async () => {
  expect((await server.http.get('/api/backups').expect(200)).body).toEqual({
    folder: null,
    lastAt: null,
    firstAt: null,
    lastBytes: null,
    count: 0,
    isOld: false,
    sealed: false,
    trouble: null,
  });
  await put(folder).expect(200);
  await backups.done();
  const [name = ''] = names();
  expect(name).toMatch(/^unhurried-keeper-\d{4}-\d{2}-\d{2}T\d{6}Z\.zip$/);
  expect((await readBackup(join(folder, name))).problems).toEqual([]);
  const { body } = await server.http.get('/api/backups').expect(200);
  expect(body).toMatchObject({ folder, count: 1, isOld: false, trouble: null });
  // Chosen no more, no more are made; those that are stay.
  await put('').expect(200);
  backups.look(new Date(Date.now() + 48 * 3600_000));
  await backups.done();
  expect(names()).toEqual([name]);
});

test('one a night, and those that the rota does not keep go once the new one is whole', async () => {
  const night = (day: number, hour = 4) => new Date(2026, 9, day, hour);
  backups.choose(folder, night(1));
  await backups.done();
  backups.look(night(1, 23));
  await backups.done();
  expect(names()).toHaveLength(1);
  for (let day = 2; day <= 20; day += 1) {
    backups.look(night(day));
    await backups.done();
  }
  // Seven nights; of the two weeks and the one month before them the newest of each week.
  expect(names().map((name) => name.slice(17, 27))).toEqual([
    ...['2026-10-04', '2026-10-11'],
    ...['2026-10-14', '2026-10-15', '2026-10-16', '2026-10-17', '2026-10-18', '2026-10-19', '2026-10-20'],
  ]);
});

test('one that fails says why, keeps those that were made, and Today hears of it when the last is too old', async () => {
  const begun = new Date(2026, 9, 1, 4);
  backups.choose(folder, begun);
  await backups.done();
  const [made = ''] = names();
  const afterDays = (days: number) => new Date(begun.getTime() + days * 24 * 3600_000);
  // The disk is gone, and a file stands where its folder was.
  rmSync(folder, { recursive: true });
  writeFileSync(folder, '');
  backups.look(afterDays(1));
  await backups.done();
  expect(backups.state(afterDays(1))).toMatchObject({ count: 0, isOld: true });
  expect(backups.state(afterDays(1)).trouble).toMatch(/^The backup could not be made: /);
  rmSync(folder);
  backups.look(afterDays(1));
  await backups.done();
  expect(backups.state(afterDays(1))).toMatchObject({ count: 1, isOld: false, trouble: null });
  const last = Date.parse(backups.state(afterDays(1)).lastAt ?? '');
  expect(backups.state(new Date(last + 3 * 24 * 3600_000)).isOld).toBe(false);
  expect(backups.state(new Date(last + 3 * 24 * 3600_000 + 1)).isOld).toBe(true);
  expect(made).not.toBe('');
});

test('a folder that is none, is the book’s own or cannot be written is refused, and nothing is changed', async () => {
  const refused = async (typed: string) => ((await put(typed).expect(400)).body as { sentence: string }).sentence;
  expect(await refused('backups')).toMatch(/^Write the whole path/);
  expect(await refused(join(server.dataFolder, 'backups'))).toMatch(/^That folder is the book’s own/);
  expect(await refused(server.dataFolder)).toMatch(/^That folder is the book’s own/);
  writeFileSync(folder, '');
  expect(await refused(join(folder, 'within'))).toMatch(/^Nothing can be written there/);
  expect((await server.http.get('/api/backups')).body).toMatchObject({ folder: null });
});

test('renewed, one new backup stands in the place of those before; where none can be made they stay', async () => {
  await server.http.post('/api/backups/renewed').expect(409);
  for (const day of [1, 2]) {
    backups.choose(folder, new Date(2026, 9, day, 4));
    await backups.done();
    backups.look(new Date(2026, 9, day, 5));
    await backups.done();
  }
  expect(names()).toHaveLength(2);
  const { body } = await server.http.post('/api/backups/renewed').expect(201);
  expect(body).toMatchObject({ count: 1 });
  expect(names()).toHaveLength(1);
  expect((await readBackup(join(folder, names()[0] ?? ''))).problems).toEqual([]);
});

test('with a passphrase they are sealed, and read back with it; without one no more', async () => {
  await server.http.put('/api/backups').send({ folder, passphrase: 'reeds at the boathouse end' }).expect(200);
  await backups.done();
  expect((await server.http.get('/api/backups').expect(200)).body).toMatchObject({
    sealed: true,
    count: 1,
    trouble: null,
  });
  const [name = ''] = names();
  expect(name).toMatch(/\.zip\.age$/);
  expect(await isSealed(join(folder, name))).toBe(true);
  // Nothing is said of it: it stays as it is.
  expect((await put(folder).expect(200)).body).toMatchObject({ sealed: true });
  const open = await server.http.put('/api/backups').send({ folder, passphrase: null }).expect(200);
  expect(open.body).toMatchObject({ sealed: false });
  await server.http.put('/api/backups').send({ folder, passphrase: 'short' }).expect(400);
});
