import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { quantile, report } from './figures.js';
import { runServer } from './runningServer.js';

const STARTS = 7;

/** From the start of the process to the first healthy answer, on a new book each time. */
export async function coldStartBench(): Promise<void> {
  const times: number[] = [];
  for (let i = 0; i < STARTS; i += 1) {
    const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
    const { startMs, stop } = await runServer(folder);
    times.push(startMs);
    await stop();
    rmSync(folder, { recursive: true });
  }
  report('server: start to first healthy answer, median of 7', quantile(times, 0.5), 'ms', 900);
  report('server: start to first healthy answer, slowest', Math.max(...times), 'ms');
}
