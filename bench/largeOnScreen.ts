import type { Browser } from '@playwright/test';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { KEEPER } from './runInBrowser.js';
import { event, newId, sendEvents } from './events.js';
import { quantile, report } from './figures.js';
import { largePictures } from './largePictures.js';

const PICTURES = 12;

/**
 * Pictures of 12 million pixels: from the drop to the first sight of them, and from there to the bench with its points
 * and verdicts.
 */
export async function largeOnScreenBench(browser: Browser, url: string): Promise<void> {
  const page = await browser.newPage({ ...KEEPER, viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/book/${await oneFish(url)}`);
  const folder = mkdtempSync(join(tmpdir(), 'keeper-large-'));
  const files = (await largePictures(PICTURES, 'screen')).map((bytes, i) => {
    const file = join(folder, `large-${i}.jpg`);
    writeFileSync(file, bytes);
    return file;
  });
  const shown: number[] = [];
  const ready: number[] = [];
  for (const [i, file] of files.entries()) {
    await page.evaluate(watchDrop, i);
    await page.getByLabel('Add pictures').setInputFiles(file);
    shown.push(await page.evaluate(() => (globalThis as unknown as { shown: Promise<number> }).shown));
    const back = page.url();
    await page.locator('a[href^="/pictures/"]').nth(i).scrollIntoViewIfNeeded();
    await page.evaluate(watchBench, i);
    ready.push(await page.evaluate(() => (globalThis as unknown as { ready: Promise<number> }).ready));
    await page.goBack();
    await page.waitForURL(back);
    await page.locator('a[href^="/pictures/"]').nth(i).waitFor();
  }
  rmSync(folder, { recursive: true });
  await page.close();
  report('picture of 12 MP: drop to on screen, p50', quantile(shown, 0.5), 'ms', 400);
  report('picture of 12 MP: drop to on screen, p95', quantile(shown, 0.95), 'ms', 400);
  report('picture of 12 MP: opened to bench with verdicts, p50', quantile(ready, 0.5), 'ms', 1500);
  report('picture of 12 MP: opened to bench with verdicts, p95', quantile(ready, 0.95), 'ms', 1500);
}

async function oneFish(url: string): Promise<string> {
  const captureId = newId();
  const at = '2026-06-01T05:00:00.000Z';
  const events = [
    event(captureId, 'hooked', at, 0, {}),
    event(captureId, 'released', at, 540_000, {}),
    event(captureId, 'described', at, 900_000, { facts: { species: 'carp', form: 'mirror' } }),
  ];
  await sendEvents(url, events);
  return captureId;
}

/** Runs in the page: the time from the choice of a file to the frame in which one picture more is decoded and drawn. */
function watchDrop(before: number): void {
  (globalThis as unknown as { shown: Promise<number> }).shown = new Promise((resolve) => {
    addEventListener(
      'change',
      () => {
        const began = performance.now();
        const look = () => {
          const pictures = [...document.querySelectorAll<HTMLImageElement>('a[href^="/pictures/"] img')];
          const last = pictures[before];
          last?.scrollIntoView({ block: 'center' });
          if (last?.complete && last.naturalWidth > 0) requestAnimationFrame(() => resolve(performance.now() - began));
          else requestAnimationFrame(look);
        };
        look();
      },
      { capture: true, once: true },
    );
  });
}

/** Runs in the page: opens a picture, and the time until its verdicts stand beside it. */
function watchBench(which: number): void {
  (globalThis as unknown as { ready: Promise<number> }).ready = new Promise((resolve) => {
    const began = performance.now();
    document.querySelectorAll<HTMLElement>('a[href^="/pictures/"]')[which]?.click();
    const look = () => {
      if (document.querySelector('main [aria-label="Good"], main [aria-label="Not good"]'))
        requestAnimationFrame(() => resolve(performance.now() - began));
      else requestAnimationFrame(look);
    };
    look();
  });
}
