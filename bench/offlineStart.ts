import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { quantile, report } from './figures.js';
import { openBrowser, openPhone } from './runInBrowser.js';
import { runServer } from './runningServer.js';

const STARTS = 10;
const SLOWER = 4;

/**
 * The application opened at the bank, with no server to be reached: from the opening to the page on which a fish can be
 * begun, with the last fish under it. On the processor as it is, and slowed down to that of a phone.
 */
export async function offlineStartBench(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const { url, stop } = await runServer(folder);
  const browser = await openBrowser();
  const page = await openPhone(browser);
  await page.goto(url);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.getByRole('button', { name: 'Released', exact: true }).click();
  await page.getByRole('button', { name: 'Undo “released”' }).waitFor();
  await page.goto(url);
  await lastFish(page);
  await page.waitForLoadState('networkidle');
  await stop();
  for (const rate of [1, SLOWER]) {
    const starts: Start[] = [];
    for (let i = 0; i < STARTS; i += 1) starts.push(await openOnce(page, url, rate));
    const how = rate === 1 ? 'as it is' : `${rate} times slower`;
    for (const to of ['Fish on', 'the last fish'] as const) {
      const times = starts.map((start) => start[to]);
      report(`offline: opened to ${to}, processor ${how}, p50`, quantile(times, 0.5), 'ms', 1000);
      report(`offline: opened to ${to}, processor ${how}, p95`, quantile(times, 0.95), 'ms', 1000);
    }
  }
  await browser.close();
  rmSync(folder, { recursive: true });
}

/** Ms from the opening to the frame that shows it. */
type Start = Readonly<Record<'Fish on' | 'the last fish', number>>;

/** A page of its own, as when the application was closed. */
async function openOnce(page: Page, url: string, rate: number): Promise<Start> {
  const opened = await page.context().newPage();
  const protocol = await page.context().newCDPSession(opened);
  await protocol.send('Emulation.setCPUThrottlingRate', { rate });
  await opened.goto(url, { waitUntil: 'commit' });
  await opened.getByRole('button', { name: /^Fish on/ }).waitFor();
  const fishOnMs = await nextFrame(opened);
  await lastFish(opened);
  const lastFishMs = await nextFrame(opened);
  await opened.close();
  return { 'Fish on': fishOnMs, 'the last fish': lastFishMs };
}

function nextFrame(page: Page): Promise<number> {
  return page.evaluate(() => new Promise<number>((resolve) => requestAnimationFrame(() => resolve(performance.now()))));
}

async function lastFish(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Fish on/ }).waitFor();
  await page.getByRole('listitem').first().waitFor();
}
