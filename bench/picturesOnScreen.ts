import type { Browser } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cardImportBench } from './cardImport.js';
import { report } from './figures.js';
import { largeOnScreenBench } from './largeOnScreen.js';
import { pictureWallBench } from './pictureWall.js';
import { registerOnScreenBench } from './registerOnScreen.js';
import { fishInTheAir, openBrowser } from './runInBrowser.js';
import { runServer } from './runningServer.js';

/**
 * What pictures cost where they are looked at: large ones, the camera's verdicts, a card of hundreds, a book of
 * thousands, a register.
 */
export async function picturesOnScreenBench(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const { url, stop } = await runServer(folder);
  const browser = await openBrowser();
  await looksBench(browser, url);
  await largeOnScreenBench(browser, url);
  await cardImportBench(url);
  await pictureWallBench(browser, url);
  await registerOnScreenBench(browser);
  await browser.close();
  await stop();
  rmSync(folder, { recursive: true });
}

/** How often a second a frame of the camera is judged, while the simulated camera paints it on the same processor. */
async function looksBench(browser: Browser, url: string): Promise<void> {
  const page = await fishInTheAir(browser, url);
  await page.evaluate(() => localStorage.setItem('keeper.camera', 'simulated'));
  await page.getByRole('button', { name: 'Camera', exact: true }).click();
  const verdict = page.locator('[data-looks-a-second]');
  await verdict.filter({ hasNotText: 'Looking for the fish' }).waitFor({ timeout: 60_000 });
  // The page counts over its last two seconds: of five such stretches the poorest is told.
  const looks: number[] = [];
  while (looks.length < 5) {
    await page.waitForTimeout(2000);
    looks.push(Number(await verdict.getAttribute('data-looks-a-second')));
  }
  report('camera: frames judged', Math.min(...looks), 'a second', 8, 'more');
  await page.context().close();
}
