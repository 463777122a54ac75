import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const main = fileURLToPath(new URL('../../server/dist/bundled/main.js', import.meta.url));

/** The built server in its own process; how long it took from start to the first healthy answer. */
export async function runServer(
  dataFolder: string,
): Promise<{ url: string; pid: number; startMs: number; stop: () => Promise<void> }> {
  const began = performance.now();
  const process = spawn('node', [main, '--port', '0', '--data', dataFolder], { stdio: ['ignore', 'pipe', 'inherit'] });
  const url = await new Promise<string>((resolve, reject) => {
    process.stdout.once('data', (text: Buffer) => resolve(/http\S+/.exec(text.toString())?.[0] ?? ''));
    process.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
  });
  const answer = await fetch(`${url}/api/health`);
  if (!answer.ok) throw new Error('The server is not well.');
  const startMs = performance.now() - began;
  const stop = async () => {
    const gone = new Promise((resolve) => process.once('exit', resolve));
    process.kill('SIGTERM');
    await gone;
  };
  return { url, pid: process.pid ?? 0, startMs, stop };
}
