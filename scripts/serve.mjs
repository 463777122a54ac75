// The server, and the demo book on it.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { SERVER } from './build.mjs';
import { fail, say } from './process.mjs';

const DEMO_FOLDER = '.demo';

/** Starts the server, watched by Node.js or not, and hands its signals on; resolves with its address. */
export function serve(args, watched = false) {
  const server = spawn(
    process.execPath,
    watched ? ['--watch', join('server', 'dist', 'main.js'), ...args] : [SERVER, ...args],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill(signal));
  server.on('exit', (code, signal) => process.exit(signal ? 0 : (code ?? 1)));
  return new Promise((resolve) => {
    createInterface({ input: server.stdout }).on('line', (line) => {
      const [, url] = /^Unhurried Keeper is at (\S+)/.exec(line) ?? [];
      // Whoever started it says so in their own words; what else the server has to say is handed on.
      if (url) resolve(url);
      else say(line);
    });
  });
}

/** The demo book on a server, filled the first time. */
export async function serveDemo(args, watched = false) {
  const fresh = args.includes('--fresh');
  if (fresh) rmSync(DEMO_FOLDER, { recursive: true, force: true });
  mkdirSync(DEMO_FOLDER, { recursive: true });
  const filled = join(DEMO_FOLDER, 'filled');
  const url = await serve(['--data', DEMO_FOLDER, ...args.filter((word) => word !== '--fresh')], watched);
  if (!existsSync(filled)) {
    const fill = [join('demo', 'dist', 'fill.js'), '--url', url, '--card', join(DEMO_FOLDER, 'card')];
    const filling = spawn(process.execPath, fill, { stdio: 'inherit' });
    const code = await new Promise((resolve) => filling.on('exit', resolve));
    if (code !== 0) fail('The demo book could not be filled; its reason stands above.');
    writeFileSync(filled, new Date().toISOString());
  }
  return url;
}
