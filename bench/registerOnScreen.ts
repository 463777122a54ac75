import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser } from '@playwright/test';
import { KEEPER } from './runInBrowser.js';
import { event, newId, sendEvents } from './events.js';
import { quantile, report } from './figures.js';
import { runServer } from './runningServer.js';

const FISH = 1000;
/** Had so often each. */
const TIMES = 2;
const OPENED = 7;

/** A register of a thousand fish, opened on a device that cannot reach its server. */
export async function registerOnScreenBench(browser: Browser): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-bench-'));
  const { url, stop } = await runServer(folder);
  for (let i = 0; i < FISH; i += 1) await knownFish(url, i);
  const context = await browser.newContext({ ...KEEPER, viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.goto(`${url}/fish`);
  await page.getByText(`${FISH} fish`).first().waitFor();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.goto(url);
  await stop();
  const first = page.getByRole('link', { name: /Caught twice/ }).first();
  const [fromTap, fromAddress]: [number[], number[]] = [[], []];
  for (let i = 0; i < OPENED; i += 1) {
    // A fresh start each time: nothing of the register is in memory yet.
    await page.goto(`${url}/more`);
    await page.getByRole('heading', { name: 'More' }).waitFor();
    const tapped = performance.now();
    await page.getByRole('link', { name: 'Known fish' }).last().click();
    await first.waitFor();
    fromTap.push(performance.now() - tapped);
    const began = performance.now();
    await page.goto(`${url}/fish`, { waitUntil: 'commit' });
    await first.waitFor();
    fromAddress.push(performance.now() - began);
  }
  const name = `register of ${FISH} fish, without its server`;
  report(`${name}: from the tap to the first fish, p50`, quantile(fromTap, 0.5), 'ms', 1000);
  report('the same, p95', quantile(fromTap, 0.95), 'ms');
  report('from the address, with the start of the application, p50', quantile(fromAddress, 0.5), 'ms');
  await context.close();
  rmSync(folder, { recursive: true });
}

async function knownFish(url: string, i: number): Promise<void> {
  const fishId = newId();
  const events = Array.from({ length: TIMES }, (_, n) => {
    const captureId = newId();
    const at = new Date(Date.UTC(2024 + n, i % 12, 1 + (i % 28), 6)).toISOString();
    return [
      event(captureId, 'hooked', at, 0, {}),
      event(captureId, 'lifted', at, 300_000, {}),
      event(captureId, 'reading-taken', at, 310_000, {
        weight: { asRead: { unit: 'oz', count: 200 + (i % 300) }, method: 'zeroed' },
      }),
      event(captureId, 'released', at, 400_000, {}),
      event(captureId, 'described', at, 900_000, { facts: { species: 'carp' } }),
      event(captureId, 'identified', at, 950_000, { says: n === 0 ? 'new' : 'same', fishId }),
    ];
  }).flat();
  await sendEvents(url, events);
}
