import { chromium } from '@playwright/test';
import { cameraScene } from '@keeper/standins/camera';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { quantile, report } from './figures.js';
import { LAUNCH } from './runInBrowser.js';

const PICTURES = 500;
const BROKEN = 7;

/** Five hundred files off a card at once, some of them broken: how long each takes, and whether the page stays quick meanwhile. */
export async function cardImportBench(url: string): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-card-'));
  const files = await cardOf(join(folder, 'card'));
  // On a disk, as a keeper's own browser has it: what is taken must not live in memory.
  const context = await chromium.launchPersistentContext(join(folder, 'profile'), LAUNCH);
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

async function cardOf(folder: string): Promise<string[]> {
  mkdirSync(folder, { recursive: true });
  const { rgba, widthPx, heightPx } = cameraScene('card', 'carp-mirror', 'left', 800);
  const scene = await sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .removeAlpha()
    .resize(1600, 1200)
    .raw()
    .toBuffer();
  const files: string[] = [];
  for (let i = 0; i < PICTURES; i += 1) {
    scene.writeUInt32LE(i, 0);
    scene.fill(i % 251, 4, 9000);
    const bytes = await sharp(scene, { raw: { width: 1600, height: 1200, channels: 3 } })
      .jpeg({ quality: 85 })
      .withExif({ IFD2: { DateTimeOriginal: dateOf(i) } })
      .toBuffer();
    const file = join(folder, `IMG_${String(i).padStart(4, '0')}.JPG`);
    writeFileSync(file, i % Math.ceil(PICTURES / BROKEN) === 3 ? bytes.subarray(0, 90) : bytes);
    files.push(file);
  }
  return files;
}

/** One picture every twenty minutes. */
function dateOf(i: number): string {
  const at = new Date(Date.UTC(2026, 4, 1) + i * 1_200_000).toISOString();
  return `${at.slice(0, 10).replaceAll('-', ':')} ${at.slice(11, 19)}`;
}
