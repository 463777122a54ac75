import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import type { CaptureEvents } from '@keeper/contract/events';
import { event, newId } from './spec/events.js';

/** The server as it really runs: its own process, built, on a book of its own. */
async function start(dataFolder: string): Promise<{ process: ChildProcess; url: string }> {
  const process = spawn('node', [join(__dirname, 'dist', 'main.js'), '--port', '0', '--data', dataFolder]);
  const url = await new Promise<string>((resolve, reject) => {
    process.stdout.on('data', (text: Buffer) => resolve(/http\S+/.exec(text.toString())?.[0] ?? ''));
    process.stderr.on('data', (text: Buffer) => reject(new Error(text.toString())));
  });
  return { process, url };
}

async function append(url: string, events: readonly CaptureEvent[]): Promise<boolean> {
  const answer = await fetch(`${url}/api/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events }),
  }).catch(() => undefined);
  return answer?.status === 201;
}

const exits = (process: ChildProcess) => new Promise((resolve) => process.once('exit', resolve));

test('killed while events are posted: what was acknowledged is in the book once, and sending on loses nothing', async () => {
  const dataFolder = mkdtempSync(join(tmpdir(), 'keeper-killed-'));
  const running: ChildProcess[] = [];
  const captureId = newId();
  const all = [event(captureId, 'hooked', 0)];
  for (let i = 1; i <= 300; i += 1) all.push(event(captureId, i % 2 ? 'lifted' : 'returned', i * 100));
  let acknowledged = 0;

  async function kept(url: string): Promise<string[]> {
    const answer = (await (await fetch(`${url}/api/captures/${captureId}`)).json()) as Partial<CaptureEvents>;
    return (answer.events ?? []).map(({ id }) => id);
  }

  try {
    for (const killAt of [20, 40, Infinity]) {
      const { process, url } = await start(dataFolder);
      running.push(process);
      const ids = await kept(url);
      expect(ids).toEqual([...new Set(ids)]);
      expect(ids).toEqual(expect.arrayContaining(all.slice(0, acknowledged).map(({ id }) => id)));

      const died = exits(process);
      for (let sent = 1; acknowledged < all.length; sent += 1) {
        const batch = all.slice(acknowledged, acknowledged + 3);
        const answer = append(url, batch);
        // The blow falls while this request is on its way.
        if (sent === killAt) process.kill('SIGKILL');
        if (!(await answer)) break;
        acknowledged += batch.length;
      }
      if (killAt === Infinity) {
        expect(await kept(url)).toEqual(all.map(({ id }) => id));
        process.kill('SIGTERM');
      } else {
        expect(acknowledged).toBeLessThan(all.length);
      }
      await died;
    }
  } finally {
    for (const process of running) process.kill('SIGKILL');
    rmSync(dataFolder, { recursive: true, force: true });
  }
}, 60_000);
