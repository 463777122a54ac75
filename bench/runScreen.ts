import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser } from '@playwright/test';
import { backgroundClockBench } from './backgroundClock.js';
import { fishOnBench } from './fishOnLatency.js';
import { openBrowser } from './runInBrowser.js';
import { runServer } from './runningServer.js';
import { tapLatencyBench } from './tapLatency.js';

/** What is measured of the run in a browser: its taps, and its clock left alone for ten minutes. */
export async function runScreenBench(): Promise<void> {
  await inBrowser(async (browser, url) => {
    await tapLatencyBench(browser, url);
    await fishOnBench(browser, url);
    await backgroundClockBench(browser, url);
  });
}

/** The taps alone, and Fish on. */
export function tapsBench(): Promise<void> {
  return inBrowser(async (browser, url) => {
    await tapLatencyBench(browser, url);
    await fishOnBench(browser, url);
  });
}

async function inBrowser(measure: (browser: Browser, url: string) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const { url, stop } = await runServer(folder);
  const browser = await openBrowser();
  await measure(browser, url);
  await browser.close();
  await stop();
  rmSync(folder, { recursive: true });
}
