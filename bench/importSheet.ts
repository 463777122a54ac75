import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { report } from './figures.js';
import { KEEPER, openBrowser } from './runInBrowser.js';
import { runServer } from './runningServer.js';

const FEW = 10_000;
const MANY = 100_000;
/** Frames further apart than this are felt as a page that stands still. */
const STALL_MS = 200;

/**
 * A sheet of ten thousand fish and one of a hundred thousand: from the file to what will come in, and from there into
 * the book; whether the page stays quick meanwhile.
 */
export async function importSheetBench(): Promise<void> {
  for (const rows of [FEW, MANY]) {
    const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
    const { url, stop } = await runServer(join(folder, 'data'));
    const browser = await openBrowser();
    const page = await (await browser.newContext({ ...KEEPER, viewport: { width: 1280, height: 800 } })).newPage();
    const file = join(folder, 'years.csv');
    writeFileSync(file, sheetOf(rows));
    await page.goto(`${url}/book/sheet`);
    await page.evaluate(watchFrames);
    const began = performance.now();
    await page.locator('input[type=file]').setInputFiles(file);
    const take = page.getByRole('button', { name: `Take in ${rows} fish` });
    await take.waitFor({ timeout: 120_000 });
    const seen = performance.now();
    await take.click();
    const done = page.getByRole('status').filter({ hasText: 'fish are in the book' });
    await done.waitFor({ timeout: 600_000 });
    const kept = performance.now();
    const name = `sheet of ${rows.toLocaleString('en')} rows`;
    report(`${name}: read, mapped and run dry`, (seen - began) / 1000, 's', rows === FEW ? 3 : undefined);
    report(`${name}: in the book`, (kept - seen) / 1000, 's', rows === FEW ? 10 : undefined);
    report(`${name}: longest time between frames meanwhile`, await longestFrame(page), 'ms', STALL_MS);
    await browser.close();
    await stop();
    rmSync(folder, { recursive: true });
  }
}

/** Invented: every row says something else, so that each is a fish of its own. */
function sheetOf(rows: number): string {
  const waters = ['Harle Mere', 'Long Pond', 'Saltern Pit', 'River Wend'];
  const kinds = ['Mirror', 'Common', 'Pike', 'Tench', 'Barbel'];
  const baits = ['Tiger nuts', 'Bread', 'Sardine', 'Boilie'];
  const lines = Array.from({ length: rows }, (_, i) => {
    const day = new Date(Date.UTC(1995, 0, 1 + (i % 11_000))).toISOString().slice(0, 10);
    const weight = `${8 + (i % 30)} lb ${i % 16} oz`;
    return [day, waters[i % 4], kinds[i % 5], weight, baits[i % 3], `fish ${i}`].join(',');
  });
  return ['Date,Water,Species,Weight,Bait,Notes', ...lines].join('\n');
}

declare global {
  interface Window {
    longestFrameMs?: number;
  }
}

/** Runs in the page: notes the longest time between two frames from now on. */
function watchFrames(): void {
  let lastMs = performance.now();
  const look = (nowMs: number) => {
    window.longestFrameMs = Math.max(window.longestFrameMs ?? 0, nowMs - lastMs);
    lastMs = nowMs;
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

function longestFrame(page: Page): Promise<number> {
  return page.evaluate(() => window.longestFrameMs ?? Infinity);
}
