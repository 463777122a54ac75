import { chromium } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { cardOf } from './cardOfPictures.js';
import { quantile, report } from './figures.js';
import { KEEPER, LAUNCH } from './runInBrowser.js';

const PICTURES = 500;
const BROKEN = 7;

/**
 * Five hundred files off a card at once, some of them broken: how long each takes, and whether the page stays quick
 * meanwhile.
 */
export async function cardImportBench(url: string): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-card-'));
  const files = await cardOf(join(folder, 'card'), PICTURES, BROKEN);
  // On a disk, as a keeper's own browser has it: what is taken must not live in memory.
  const context = await chromium.launchPersistentContext(join(folder, 'profile'), { ...LAUNCH, ...KEEPER });
  const page = await context.newPage();
  await page.goto(`${url}/pictures`);
  const taken = page.evaluate(watchCard, PICTURES - BROKEN);
  await page.getByLabel('Drop pictures here, or choose them').setInputFiles(files);
  const { ms, frames, thumbs } = await taken;
  report(`card of ${PICTURES} files, ${BROKEN} of them broken: each`, ms / PICTURES, 'ms');
  report('card: pictures shown afterwards', thumbs, `of ${PICTURES - BROKEN}`);
  report('card: time between frames meanwhile, p95', quantile(frames, 0.95), 'ms');
  report('card: longest time between frames meanwhile', Math.max(...frames), 'ms');
  const began = performance.now();
  await page.reload();
  await page.getByRole('heading', { name: `${PICTURES - BROKEN} pictures` }).waitFor();
  report('card: there again after a reload', performance.now() - began, 'ms');
  await context.close();
  rmSync(folder, { recursive: true });
}

/** Runs in the page: waits until so many pictures are shown, and notes the time between frames. */
function watchCard(wanted: number): Promise<{ ms: number; frames: number[]; thumbs: number }> {
  return new Promise((resolve) => {
    const began = performance.now();
    let lastMs = began;
    const frames: number[] = [];
    const look = (nowMs: number) => {
      frames.push(nowMs - lastMs);
      lastMs = nowMs;
      const thumbs = document.querySelectorAll('main li img').length;
      const taking = document.querySelector('progress');
      if (!taking && thumbs >= wanted) resolve({ ms: nowMs - began, frames, thumbs });
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
}
