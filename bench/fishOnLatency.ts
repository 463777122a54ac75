import type { Browser } from '@playwright/test';
import { openPhone } from './runInBrowser.js';
import { quantile, report } from './figures.js';

const TAKES = 20;
const SLOWER = 4;

/** From the touch of "Fish on" to the run with its clock on the screen, the processor slowed down four times. */
export async function fishOnBench(browser: Browser, url: string): Promise<void> {
  const page = await openPhone(browser);
  const protocol = await page.context().newCDPSession(page);
  const times: number[] = [];
  for (let i = 0; i < TAKES; i += 1) {
    await page.goto(url);
    const control = page.getByRole('button', { name: /^Fish on/ });
    await control.waitFor();
    await page.waitForLoadState('networkidle');
    await protocol.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
    await control.evaluate((node) => node.scrollIntoView({ block: 'center', behavior: 'instant' }));
    const box = await control.boundingBox();
    if (!box) throw new Error('Fish on is not in sight.');
    const shown = page.evaluate(watchForClock);
    await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2);
    times.push(await shown);
    await protocol.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    // Taken back: the next one begins on an empty bank.
    await page.getByRole('button', { name: 'No fish' }).click();
  }
  report(`run: Fish on to the clock, processor ${SLOWER} times slower, p50`, quantile(times, 0.5), 'ms', 100);
  report(`run: Fish on to the clock, processor ${SLOWER} times slower, p95`, quantile(times, 0.95), 'ms');
  await page.context().close();
}

/** Runs in the page: ms from the touch to the frame in which the large clock stands. */
function watchForClock(): Promise<number> {
  return new Promise((resolve) => {
    let touchedMs = 0;
    addEventListener('touchstart', (event) => (touchedMs = event.timeStamp), { capture: true, once: true });
    const seeing = new MutationObserver(() => {
      if (!document.querySelector('[data-testid="large-clock"]')) return;
      seeing.disconnect();
      requestAnimationFrame(() => {
        // Ahead of what the page draws next, so that the end of this frame is taken and nothing after it.
        void scheduler.postTask(() => resolve(performance.now() - touchedMs), { priority: 'user-blocking' });
      });
    });
    seeing.observe(document.body, { subtree: true, childList: true });
  });
}
