import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

// Several processes are started, one after the other.
jest.setTimeout(30_000);

const main = join(__dirname, 'dist', 'main.js');
const folder = mkdtempSync(join(tmpdir(), 'keeper-listen-'));
const running = new Set<ChildProcess>();
afterEach(() => {
  for (const server of running) server.kill('SIGKILL');
  running.clear();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** What the built server says, until it is ready or ends. */
async function start(...args: string[]) {
  const server = spawn('node', [main, '--port', '0', '--data', folder, ...args]);
  running.add(server);
  const said = await new Promise<{ out: string; error: string }>((resolve) => {
    let [out, error] = ['', ''];
    server.stdout.on('data', (text: Buffer) => {
      out += text.toString();
      if (out.includes('http')) resolve({ out, error });
    });
    server.stderr.on('data', (text: Buffer) => (error += text.toString()));
    server.on('exit', () => resolve({ out, error }));
  });
  const stop = () =>
    new Promise<void>((resolve) => {
      if (server.exitCode !== null) resolve();
      server.once('exit', () => resolve());
      server.kill();
    });
  return { ...said, url: /http\S+/.exec(said.out)?.[0] ?? '', stop };
}

test.each(['127.0.0.1', '127.0.0.3'])(
  'listening on %s it answers under the address that it prints',
  async (address) => {
    const { url, stop } = await start('--listen', address);
    expect(url).toContain(address);
    expect((await fetch(`${url}/api/health`)).status).toBe(200);
    expect((await fetch(`${url}/nowhere/at/all`)).status).toBe(404);
    expect((await fetch(`${url}/book`)).status).toBe(200);
    await stop();
  },
);

test('an option that is none is told in a sentence without a trace', async () => {
  const { error } = await start('--colour', 'red');
  expect(error).toMatch(/^Unknown option '--colour'\.\nKnown are: .*\n$/);
});

test('a folder that is in use is told in a sentence without a trace', async () => {
  const first = await start();
  const { error } = await start();
  expect(error).toMatch(/^Another server has the book in .*\n$/);
  await first.stop();
});
