import { fishOn, onlyCapture, step, test, expect } from './keeperTest.js';
import type { Page } from '@playwright/test';

/** The run's clock in seconds, as it stands on the screen. */
async function shownSeconds(page: Page): Promise<number> {
  const [minutes = '0', seconds = '0'] = (await page.getByTestId('elapsed').innerText()).split(':');
  return 60 * Number(minutes) + Number(seconds);
}

test('reloaded, closed, and with the server killed in mid-run: the run goes on and nothing is lost or doubled', async ({
  page,
  context,
  server,
}) => {
  await fishOn(page, server);
  const [started, before] = [performance.now(), await shownSeconds(page)];
  await step(page, 'In the net', 'netted');
  // From here on the device holds the application itself.
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  await step(page, 'Hook out', 'hook out');

  await server.kill();
  await step(page, 'Lift', 'lifted');
  await step(page, 'Picture', 'pictured');
  const run = page.url();
  await page.close();
  const again = await context.newPage();
  // The server is still dead: the page comes from the device.
  await again.goto(run);
  await expect(again.getByRole('status').first()).toHaveText('In the air');
  await step(again, 'Back in the water', 'back in the water');

  await server.start();
  await step(again, 'Released', 'released');
  const passed = (performance.now() - started) / 1000;
  expect(Math.abs((await shownSeconds(again)) - before - passed)).toBeLessThan(3);
  await expect.poll(async () => (await onlyCapture(server)).events.length, { timeout: 30_000 }).toBe(7);
  const { events } = await onlyCapture(server);
  expect(events.map(({ type }) => type)).toEqual([
    'hooked',
    'netted',
    'hook-out',
    'lifted',
    'pictured',
    'returned',
    'released',
  ]);
  expect(events.map(({ elapsedMs }) => elapsedMs)).toEqual(
    events.map(({ elapsedMs }) => elapsedMs).sort((a, b) => a - b),
  );
});

test('a change of the wall clock moves no clock of the run, before or after a reload', async ({ page, server }) => {
  await fishOn(page, server);
  await step(page, 'Lift', 'lifted');
  await page.evaluate(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + 3_600_000;
  });
  await step(page, 'Back in the water', 'back in the water');
  expect(await shownSeconds(page)).toBeLessThan(20);
  // The heartbeat writes the count down with the changed clock; the next page still has it changed.
  await page.addInitScript(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + 3_600_000;
  });
  await page.reload();
  await step(page, 'Released', 'released');
  expect(await shownSeconds(page)).toBeLessThan(30);
});

test('a frozen background tab counts on by the clock and not by its ticks', async ({ page, context, server }) => {
  await fishOn(page, server);
  const started = performance.now();
  const before = await shownSeconds(page);
  const protocol = await context.newCDPSession(page);
  await protocol.send('Page.setWebLifecycleState', { state: 'frozen' });
  const other = await context.newPage();
  for (const place of ['/book', '/settings', '/write-up', '/book']) {
    await other.goto(`${server.url}${place}`);
    await other.getByRole('heading', { level: 1 }).waitFor();
  }
  await protocol.send('Page.setWebLifecycleState', { state: 'active' });
  await page.bringToFront();
  await expect
    .poll(async () => Math.abs((await shownSeconds(page)) - before - (performance.now() - started) / 1000))
    .toBeLessThan(1.5);
});

test('entries that wait are said to be safe, and go when the server is back', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('heading', { name: 'At the water' }).waitFor();
  await server.kill();
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.waitForURL(/\/run\//);
  await step(page, 'Fish lost', 'lost');
  await page.getByRole('link', { name: 'Later' }).click();
  await expect(page.getByText(/2 entries safe on this device/).filter({ visible: true })).toBeVisible();
  await server.start();
  await expect(page.getByText(/safe on this device/)).toHaveCount(0, { timeout: 30_000 });
  expect((await onlyCapture(server)).events.map(({ type }) => type)).toEqual(['hooked', 'lost']);
});
