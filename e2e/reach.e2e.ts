import type { Page } from '@playwright/test';
import { expect, fishOn, next, onlyCapture, step, test } from './keeperTest.js';

test.use({ viewport: { width: 390, height: 664 } });

/** The next step lies wholly on the screen, without scrolling. */
async function expectInReach(page: Page): Promise<void> {
  await expect(next(page)).toBeInViewport({ ratio: 1 });
}

const weightKey = (page: Page, digit: string) => page.getByRole('button', { name: digit, exact: true });

test(
  'on a small phone the next step is in reach in every phase, digits outlive a reload, and what was weighed stays in sight',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    const unknown: string[] = [];
    page.on('response', (answer) => answer.status() === 404 && unknown.push(answer.url()));
    await fishOn(page, server);
    await expectInReach(page);
    // Any kind, in any phase, and another one by one tap.
    await page.getByRole('button', { name: 'Pike', exact: true }).click();
    await step(page, 'In the net', 'netted');
    await expectInReach(page);
    await page.getByRole('button', { name: 'Hook is deep', exact: true }).click();
    await page.getByRole('button', { name: 'Undo “hook is deep”' }).waitFor();
    await expectInReach(page);
    await step(page, 'Hook cut', 'hook cut');
    await step(page, 'Lift', 'lifted');
    await expectInReach(page);
    await step(page, 'Weigh', 'weighed');
    await page.getByRole('radio', { name: 'Gross minus tare' }).click();
    await page.getByRole('button', { name: /^Gross, pounds/ }).click();
    await weightKey(page, '2').click();
    await weightKey(page, '1').click();
    await expectInReach(page);
    await page.reload();
    await expect(page.getByRole('button', { name: /^Gross, pounds/ })).toContainText('21');
    await page.getByRole('button', { name: /^21 lb 0 oz/ }).click();
    await page.getByRole('button', { name: 'Undo “weight”' }).waitFor();
    await expectInReach(page);
    await expect(page.getByRole('region', { name: 'What happens' }).getByText(/21 lb 0 oz/)).toBeInViewport();

    await page.getByRole('button', { name: 'The other rod goes' }).click();
    await page.getByRole('button', { name: 'In the net', exact: true }).waitFor();
    await expectInReach(page);
    expect(unknown).toEqual([]);
    expect(noErrors).toEqual([]);
  },
);

test(
  'left alone for two hours with the fish on the mat, it asks, and counts in the air only what is known',
  { tag: '@phone' },
  async ({ page, server }) => {
    await page.clock.install();
    await fishOn(page, server);
    await step(page, 'In the net', 'netted');
    await page.clock.runFor(1000);
    await step(page, 'Hook out', 'hook out');
    await page.clock.runFor(1000);
    await step(page, 'Lift', 'lifted');
    await page.clock.fastForward('02:00:00');
    const asked = page.getByRole('region', { name: 'What became of it?' });
    await expect(asked).toContainText('Nothing was tapped for 2 h');
    await asked.getByRole('button', { name: 'It went back soon after' }).click();
    await expect(asked).toBeHidden();
    await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('gap-told');
    const { captureId } = await onlyCapture(server);
    await page.goto(`${server.url}/book/${captureId}`);
    await expect(page.getByText(/not every lift or return was tapped/)).toBeVisible();
    await expect(page.getByText(/2 h in the air/)).toHaveCount(0);
  },
);
