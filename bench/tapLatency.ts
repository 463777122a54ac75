import type { Browser, Locator } from '@playwright/test';
import { quantile, report } from './figures.js';
import { fishInTheAir } from './runInBrowser.js';

const TAPS = 60;
const SLOWER = 4;

/**
 * What a touch comes to, in ms since it: the first picture that shows it was felt, and the first that shows it is kept.
 */
interface Shown {
  readonly felt: number;
  readonly kept: number;
}

/**
 * Touches of controls of the run with the processor slowed down four times. A tap is shown as kept only when it is on
 * the disk.
 */
export async function tapLatencyBench(browser: Browser, url: string): Promise<void> {
  const page = await fishInTheAir(browser, url);
  const protocol = await page.context().newCDPSession(page);
  await protocol.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const times: Shown[] = [];
  for (let i = 0; i < TAPS; i += 1) {
    const control = page.getByRole('button', { name: i % 2 === 0 ? /^Poured over it/ : /^Scale zeroed/ });
    // In the middle: at the edge the bar of the next step lies over it.
    await control.evaluate((node) => node.scrollIntoView({ block: 'center', behavior: 'instant' }));
    await page.locator('[aria-disabled="true"]').waitFor({ state: 'detached' });
    const shown = page.evaluate(watchOneTap);
    // Asked after the watch was set: what is answered says that it watches.
    const { x, y } = await restingPlace(control);
    // A bare touch: what else a test does to find and check a control would be measured with it.
    await page.touchscreen.tap(x, y);
    times.push(await shown);
  }
  for (const [what, of, aim] of [
    ['felt', ({ felt }: Shown) => felt, 50],
    ['kept and shown', ({ kept }: Shown) => kept, undefined],
  ] as const) {
    report(`run: tap to ${what}, processor ${SLOWER} times slower, p50`, quantile(times.map(of), 0.5), 'ms');
    report(`run: tap to ${what}, processor ${SLOWER} times slower, p95`, quantile(times.map(of), 0.95), 'ms', aim);
  }
  await page.context().close();
}

/** The middle of a control once it lies still: a touch of a page in motion only stops it. */
async function restingPlace(control: Locator): Promise<{ readonly x: number; readonly y: number }> {
  for (let last = NaN; ;) {
    const box = await control.boundingBox();
    if (!box) throw new Error('The control is not in sight.');
    if (box.y === last) return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    last = box.y;
    await control.page().evaluate(() => new Promise((drawn) => requestAnimationFrame(drawn)));
  }
}

/**
 * Runs in the page: the event's own time stamp is that of the touch; a message sent in a frame comes when the frame has
 * been drawn.
 */
function watchOneTap(): Promise<Shown> {
  return new Promise((resolve) => {
    let touchedMs = 0;
    let felt = NaN;
    const drawn = (then: () => void) =>
      requestAnimationFrame(() => {
        const channel = new MessageChannel();
        channel.port1.onmessage = then;
        channel.port2.postMessage(0);
      });
    const watch = (node: Element, options: MutationObserverInit, then: () => void) => {
      const seeing = new MutationObserver(() => {
        seeing.disconnect();
        drawn(then);
      });
      seeing.observe(node, options);
    };
    addEventListener('touchstart', (event) => (touchedMs = event.timeStamp), { capture: true, once: true });
    watch(document.body, { subtree: true, attributes: true, attributeFilter: ['data-felt'] }, () => {
      felt = performance.now() - touchedMs;
    });
    // The line that offers to take the tap back.
    watch(
      document.querySelector('header') ?? document.body,
      { subtree: true, characterData: true, childList: true },
      () => resolve({ felt, kept: performance.now() - touchedMs }),
    );
  });
}
