import type { Browser, Page } from '@playwright/test';
import { cameraScene } from '@keeper/standins/camera';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import sharp from 'sharp';
import { KEEPER } from './runInBrowser.js';
import { event, newId, sendEvents } from './events.js';
import { quantile, report } from './figures.js';
import { sendPicture } from './sendPicture.js';

const PICTURES = 2000;
const A_FISH = 3;
const SCENES: readonly PaintedKind[] = ['carp-mirror', 'carp-common', 'pike', 'barbel', 'wels'];
/** Pixels a second: a quick stroke of the finger, and a hurried pull at the bar. */
const SPEEDS = [3000, 9000] as const;
const STROKE = 9000;

/**
 * A book with two thousand pictures, looked at side by side: whether rows and their pictures are there as they come
 * into sight.
 */
export async function pictureWallBench(browser: Browser, url: string): Promise<void> {
  await fillBook(url);
  const page = await browser.newPage({ ...KEEPER, viewport: { width: 1280, height: 800 } });
  const began = performance.now();
  await page.goto(`${url}/book?as=pictures`);
  await page.locator('ul[aria-label="Pictures of the book"] img').first().waitFor();
  report(`wall of ${PICTURES}: from the address to the first picture`, performance.now() - began, 'ms');
  for (const speed of SPEEDS) {
    const frames = await stroke(page, speed);
    const share = (of: (frame: Frame) => boolean) => (100 * frames.filter(of).length) / frames.length;
    const name = `wall of ${PICTURES}, ${speed} px a second:`;
    report(
      `${name} frames with a row missing`,
      share(({ bare }) => bare),
      '%',
      0,
    );
    report(
      `${name} frames with a picture still to come`,
      share(({ empty }) => empty > 0),
      '%',
    );
    report(
      `${name} time between frames, p95`,
      quantile(
        frames.map(({ ms }) => ms),
        0.95,
      ),
      'ms',
    );
  }
  await page.close();
}

interface Frame {
  readonly ms: number;
  /** Some of what is seen of the wall has no row. */
  readonly bare: boolean;
  /** Pictures in sight that have not come yet. */
  readonly empty: number;
}

async function stroke(page: Page, speed: number): Promise<Frame[]> {
  await page.evaluate(watchFrames);
  const protocol = await page.context().newCDPSession(page);
  await protocol.send('Input.synthesizeScrollGesture', {
    x: 700,
    y: 500,
    yDistance: -STROKE,
    speed,
    gestureSourceType: 'mouse',
    preventFling: true,
  });
  return page.evaluate(() => (globalThis as unknown as { frames: Frame[] }).frames);
}

/** Runs in the page: notes, at each frame, how much of the wall in sight is there. */
function watchFrames(): void {
  const frames: Frame[] = [];
  const wall = document.querySelector('ul[aria-label="Pictures of the book"]');
  let lastMs = performance.now();
  const look = (nowMs: number) => {
    const seen = wall?.getBoundingClientRect();
    const from = Math.max(0, seen?.top ?? 0);
    const to = Math.min(innerHeight, seen?.bottom ?? 0);
    const rows = [...(wall?.children ?? [])].map((row) => row.getBoundingClientRect());
    const covered = rows.reduce(
      (sum, { top, bottom }) => sum + Math.max(0, Math.min(to, bottom) - Math.max(from, top)),
      0,
    );
    const empty = [...(wall?.querySelectorAll('img') ?? [])].filter((picture) => {
      const { top, bottom } = picture.getBoundingClientRect();
      return bottom > from && top < to && !(picture.complete && picture.naturalWidth > 0);
    }).length;
    frames.push({ ms: nowMs - lastMs, bare: covered < to - from - 2, empty });
    lastMs = nowMs;
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
  (globalThis as unknown as { frames: Frame[] }).frames = frames;
}

async function fillBook(url: string): Promise<void> {
  const scenes = SCENES.map((kind) => cameraScene('wall', kind, 'left', 480));
  let pictures: string[] = [];
  for (let i = 0; i < PICTURES; i += 1) {
    const sha256 = await upload(url, scenes, i);
    // Its small copy is made by now: a book of years has them all.
    await (await fetch(`${url}/api/pictures/${sha256}?size=thumb`)).arrayBuffer();
    pictures.push(sha256);
    if (pictures.length < A_FISH && i < PICTURES - 1) continue;
    await addFish(url, i, pictures);
    pictures = [];
  }
}

async function upload(url: string, scenes: readonly ReturnType<typeof cameraScene>[], i: number): Promise<string> {
  const { rgba, widthPx, heightPx } = scenes[i % scenes.length] ?? cameraScene('wall', 'pike', 'left', 480);
  const own = Buffer.from(rgba);
  own.writeUInt32LE(i, 0);
  own.fill(i % 251, 4, 4000);
  const bytes = await sharp(own, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: 80 })
    .toBuffer();
  return sendPicture(url, bytes, `${i}.jpg`);
}

async function addFish(url: string, i: number, pictures: readonly string[]): Promise<void> {
  const captureId = newId();
  const at = new Date(Date.UTC(2010, 0, 1) + i * 200_000_000).toISOString();
  const events = [
    event(captureId, 'hooked', at, 0, {}),
    event(captureId, 'released', at, 540_000, {}),
    ...pictures.map((sha256, k) => event(captureId, 'picture-added', at, 600_000 + k, { sha256 })),
    event(captureId, 'described', at, 900_000, { facts: { species: 'carp' } }),
  ];
  await sendEvents(url, events);
}
