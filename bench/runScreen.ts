import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { backgroundClockBench } from './backgroundClock.js';
import { openBrowser } from './runInBrowser.js';
import { runServer } from './runningServer.js';
import { tapLatencyBench } from './tapLatency.js';

/** What is measured in a browser. The clock needs ten minutes. */
export async function runScreenBench(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const { url, stop } = await runServer(folder);
  const browser = await openBrowser();
  await tapLatencyBench(browser, url);
  await backgroundClockBench(browser, url);
  await browser.close();
  await stop();
  rmSync(folder, { recursive: true });
}
