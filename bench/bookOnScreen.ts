import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { cardOf } from './cardOfPictures.js';
import { quantile, report, timed } from './figures.js';
import { KEEPER, LAUNCH } from './runInBrowser.js';

/** So many pictures are dropped beside the book. */
const DROPPED = 86;
const OPENED = 5;

/**
 * A large book on the screen: how long until the sweep and the book can be used, and what a card that is dropped beside
 * it costs.
 */
export async function bookOnScreenBench(url: string, printed: number): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-screen-'));
  const context = await chromium.launchPersistentContext(join(folder, 'profile'), {
    ...LAUNCH,
    ...KEEPER,
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  const ready = page.getByText(`of ${printed} flanks compared`);
  report(
    'screen: sweep opened on a new device',
    await opened(page, `${url}/fish/sweep`, () => ready.waitFor()),
    'ms',
    1500,
  );
  const again: number[] = [];
  for (let i = 0; i < OPENED; i += 1) again.push(await opened(page, `${url}/fish/sweep`, () => ready.waitFor()));
  report(`screen: sweep opened again, median of ${OPENED}`, quantile(again, 0.5), 'ms', 1500);
  report('screen: longest stretch in which the opening sweep did not answer', await longestTask(page, 0), 'ms');
  await dropCard(page, url, await cardOf(join(folder, 'card'), DROPPED));
  await context.close();
  rmSync(folder, { recursive: true });
}

function opened(page: Page, address: string, ready: () => Promise<void>): Promise<number> {
  return timed(async () => {
    await page.goto(address, { waitUntil: 'commit' });
    await ready();
  });
}

async function dropCard(page: Page, url: string, files: readonly string[]): Promise<void> {
  await page.goto(`${url}/pictures`);
  await page.getByLabel('Drop pictures here, or choose them').waitFor();
  await page.waitForLoadState('networkidle');
  const droppedAt = await page.evaluate(() => performance.now());
  const tookMs = await timed(async () => {
    await page.getByLabel('Drop pictures here, or choose them').setInputFiles([...files]);
    await page.getByRole('heading', { name: `${files.length} pictures` }).waitFor();
    await page.waitForFunction((wanted) => document.querySelectorAll('main li img').length >= wanted, files.length);
  });
  report(`screen: ${files.length} pictures dropped, until all are shown`, tookMs, 'ms', 10_000);
  report('screen: longest stretch in which that page did not answer', await longestTask(page, droppedAt), 'ms', 50);
}

/** The longest task of the page since a time of its own, by the browser's record, which has those over 50 ms. */
function longestTask(page: Page, sinceMs: number): Promise<number> {
  return page.evaluate(
    (since) =>
      new Promise<number>((resolve) => {
        const observer = new PerformanceObserver((list) => {
          const late = list.getEntries().filter(({ startTime }) => startTime >= since);
          resolve(Math.max(0, ...late.map(({ duration }) => duration)));
        });
        observer.observe({ type: 'longtask', buffered: true });
        setTimeout(() => resolve(0), 1000);
      }),
    sinceMs,
  );
}
