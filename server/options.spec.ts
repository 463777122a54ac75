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
      home: false,
      homePort: 4311,
      certificate: null,
      proxies: [],
    });
  });
  test('arguments come before the environment', () => {
    const env = { KEEPER_PORT: '1', KEEPER_DATA: '/env', KEEPER_LISTEN: '::1', KEEPER_HOSTS: 'a,b' };
    expect(readOptions([], env)).toMatchObject({ port: 1, listen: '::1', dataFolder: '/env', hosts: ['a', 'b'] });
    const argv = ['--port', '2', '--data', '/arg', '--listen', '127.0.0.3', '--host', 'c', '--host', 'd'];
    expect(readOptions(argv, env)).toMatchObject({
      port: 2,
      listen: '127.0.0.3',
      dataFolder: '/arg',
      hosts: ['c', 'd'],
    });
  });
  test('the home network is opened when it is asked for, on the next port or on one that is named', () => {
    expect(readOptions(['--home', '--port', '80'], {})).toMatchObject({ home: true, homePort: 81 });
    expect(readOptions(['--home-port', '8443'], { KEEPER_HOME: 'yes' })).toMatchObject({ home: true, homePort: 8443 });
    // Any free one here is any free one there.
    expect(readOptions(['--port', '0'], {})).toMatchObject({ home: false, homePort: 0 });
    expect(() => readOptions(['--cert', 'own.pem'], {})).toThrow(/belong together/);
    expect(readOptions(['--cert', '/c.pem', '--key', '/k.pem'], {}).certificate).toEqual({
      cert: '/c.pem',
      key: '/k.pem',
    });
  });
  test.each([
    ['127.0.0.1', true],
    ['127.255.0.9', true],
    ['::1', true],
    ['localhost', true],
    ['128.0.0.1', false],
    ['0.0.0.0', false],
    ['::', false],
    ['192.168.1.20', false],
  ])('plain HTTP on %s is allowed: %s; behind a proxy that is named, anywhere', (listen, is) => {
    const read = () => readOptions(['--listen', listen], {}).listen;
    if (is) expect(read()).toBe(listen);
    else expect(read).toThrow(/plain HTTP[^]*--home/);
    const behind = ['--listen', listen, '--behind-proxy', '10.0.0.2'];
    expect(readOptions(behind, {})).toMatchObject({ listen, proxies: ['10.0.0.2'] });
    expect(() => readOptions([...behind, '--behind-proxy', 'anybody'], {})).toThrow(/no address of a proxy/);
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
