import { onlyCapture, test, expect } from './keeperTest.js';
import type { Page } from '@playwright/test';

/** Moves the focus forward by Tab until it is on a control of that name. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 60; i += 1) {
    const focused = await page.evaluate(() => {
      const element = document.activeElement;
      return element?.getAttribute('aria-label') ?? element?.textContent ?? '';
    });
    if (name.test(focused)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`No control ${String(name)} can be reached by Tab.`);
}

async function press(page: Page, name: RegExp): Promise<void> {
  await tabTo(page, name);
  // A press that comes too soon after the last one is held back, as a bouncing thumb is.
  await expect(page.locator('[aria-disabled="true"]:has(:focus)')).toHaveCount(0);
  await page.keyboard.press('Enter');
}

test('a whole run by keyboard only, the weight typed on its keys', async ({ page, server }) => {
  await page.goto(server.url);
  await page.getByRole('heading', { name: 'At the water' }).waitFor();
  await press(page, /^Fish on/);
  await page.waitForURL(/\/run\//);
  const undo = (name: string) => page.getByRole('button', { name: `Undo “${name}”` }).waitFor();
  await press(page, /^In the net$/);
  await undo('netted');
  // The focus stays on the large control, which is the next step now.
  await press(page, /^Hook out$/);
  await undo('hook out');
  await press(page, /^Lift$/);
  await undo('lifted');
  await press(page, /^Weigh$/);
  await undo('weighed');
  await tabTo(page, /^Weight, pounds/);
  await page.keyboard.type('23');
  await press(page, /^Weight, ounces/);
  await page.keyboard.type('11');
  await press(page, /^23 lb 11 oz/);
  await undo('weight');
  await press(page, /^Released$/);
  await undo('released');
  await expect.poll(async () => (await onlyCapture(server)).events.length).toBe(7);
  const { events } = await onlyCapture(server);
  expect(events.find(({ type }) => type === 'reading-taken')?.payload).toMatchObject({
    weight: { asRead: { unit: 'oz', count: 379 }, method: 'zeroed', way: 'set' },
  });
});
