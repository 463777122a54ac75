import type { Browser } from '@playwright/test';
import type { CaptureEvents } from '@keeper/contract/events';
import { report } from './figures.js';
import { fishInTheAir } from './runInBrowser.js';

const BACKGROUND_MS = 10 * 60_000;

/**
 * How wrong the clock of the air is after ten minutes in a frozen background tab: the time between two taps as the book
 * has it, against a clock outside of the browser. What the tapping itself takes is in it.
 */
export async function backgroundClockBench(browser: Browser, url: string): Promise<void> {
  const page = await fishInTheAir(browser, url);
  const captureId = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  const tap = async (name: string, undo: string) => {
    const control = page.getByRole('button', { name, exact: true });
    await control.hover();
    const atMs = performance.now();
    await control.dispatchEvent('click');
    const spentMs = performance.now() - atMs;
    await page.getByRole('button', { name: `Undo “${undo}”` }).waitFor();
    return atMs + spentMs / 2;
  };
  await page.locator('[aria-disabled="true"]').waitFor({ state: 'detached' });
  const before = await tap('Scale zeroed', 'zeroed');
  const protocol = await page.context().newCDPSession(page);
  await protocol.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await protocol.send('Page.setWebLifecycleState', { state: 'frozen' });
  await new Promise((resolve) => setTimeout(resolve, BACKGROUND_MS));
  await protocol.send('Page.setWebLifecycleState', { state: 'active' });
  await protocol.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await page.bringToFront();
  const after = await tap('Back in the water', 'back in the water');
  const told = await eventsOf(url, captureId);
  const [first, last] = ['zeroed', 'returned'].map(
    (type) => told.find((event) => event.type === type)?.elapsedMs ?? NaN,
  );
  report(
    'run: clock after 10 min in a throttled background tab, wrong by',
    Math.abs((last ?? NaN) - (first ?? NaN) - (after - before)),
    'ms',
    100,
  );
  await page.context().close();
}

/** The log once the book has the last tap. */
async function eventsOf(url: string, captureId: string): Promise<CaptureEvents['events']> {
  for (;;) {
    const answer = await fetch(`${url}/api/captures/${captureId}`);
    const { events } = (await answer.json()) as CaptureEvents;
    if (events.some(({ type }) => type === 'returned')) return events;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}
