import { chmodSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { prepareDataFolder, readOptions } from './options.js';
import { StartError } from './storage/startError.js';

describe('options', () => {
  test('have sensible defaults: loopback, and a folder of the user', () => {
    expect(readOptions([], { XDG_DATA_HOME: '/data' })).toEqual({
      port: 4310,
      listen: '127.0.0.1',
      dataFolder: '/data/unhurried-keeper',
      hosts: [],
    });
  });
  test('arguments come before the environment', () => {
    const env = { KEEPER_PORT: '1', KEEPER_DATA: '/env', KEEPER_LISTEN: '::1', KEEPER_HOSTS: 'a,b' };
    expect(readOptions([], env)).toEqual({ port: 1, listen: '::1', dataFolder: '/env', hosts: ['a', 'b'] });
    const argv = ['--port', '2', '--data', '/arg', '--listen', '0.0.0.0', '--host', 'c', '--host', 'd'];
    expect(readOptions(argv, env)).toEqual({ port: 2, listen: '0.0.0.0', dataFolder: '/arg', hosts: ['c', 'd'] });
  });
  test.each(['eel', '70000', '-1', '1.5'])('port %s is refused with a sentence', (port) => {
    expect(() => readOptions([`--port=${port}`], {})).toThrow(/is no port/);
  });
  test.each([
    [['--prot', '4310'], /^Unknown option '--prot'\.\nKnown are: --port/],
    [['--port'], /--port.*\nKnown are/s],
    [['fish'], /Unexpected argument 'fish'/],
  ])('%j is told in a sentence', (argv, sentence) => {
    expect(() => readOptions(argv, {})).toThrow(StartError);
    expect(() => readOptions(argv, {})).toThrow(sentence);
  });
});

describe('the data folder', () => {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-options-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  test('is made for its keeper alone', () => {
    const made = join(folder, 'a', 'b');
    prepareDataFolder(made);
    expect(statSync(made).mode & 0o777).toBe(0o700);
  });
  test('that cannot be one is told with what to do', () => {
    const file = join(folder, 'file');
    writeFileSync(file, '');
    chmodSync(file, 0o600);
    expect(() => prepareDataFolder(join(file, 'book'))).toThrow(StartError);
    expect(() => prepareDataFolder(join(file, 'book'))).toThrow(/npm start -- --data FOLDER/);
  });
});
