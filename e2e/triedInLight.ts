import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import type { BookPage } from '@keeper/contract/book';
import type { PicturedFish } from '@keeper/contract/pictured';
import { hotOuting } from './hotOuting.js';
import { fishOn, step, test, expect } from './keeperTest.js';

async function setLight(page: Page, light: string): Promise<void> {
  await page.addInitScript((chosen) => localStorage.setItem('keeper.light', chosen), light);
}

/** What hangs on the light; all else is the same in each and tried by day. */
const OF_THE_LIGHT = ['color-contrast', 'link-in-text-block', 'target-size'];

async function clean(page: Page, light: string): Promise<void> {
  const axe = new AxeBuilder({ page });
  const { violations } = await (
    light === 'day' ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']) : axe.withRules(OF_THE_LIGHT)
  ).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)).toEqual([]);
}

/** The tests of every view by axe, in one light. */
export function triedInLight(light: 'day' | 'glare' | 'night'): void {
  const isClean = (page: Page) => clean(page, light);

  test(`every view of the desk can be used by all, in ${light} light`, async ({ page, demo }) => {
    test.setTimeout(120_000);
    await setLight(page, light);
    const waiting = (await (await fetch(`${demo.url}/api/captures?waiting=true`)).json()) as BookPage;
    const all = (await (await fetch(`${demo.url}/api/captures?order=heaviest`)).json()) as BookPage;
    const [waters, swims, rigs, kit] = await Promise.all(
      ['waters', 'swims', 'rigs', 'kit'].map(
        async (kind) => (await (await fetch(`${demo.url}/api/${kind}`)).json()) as { id: string }[],
      ),
    );
    const pictured = (await (await fetch(`${demo.url}/api/captures/pictured`)).json()) as PicturedFish[];
    const shown = pictured.find(({ pictures }) => pictures.length > 0);
    const mere = waters?.[0];
    const views = [
      '/',
      '/write-up',
      `/write-up/${waiting.rows[0]?.captureId}`,
      '/book',
      `/book/${all.rows[0]?.captureId}`,
      '/settings',
      '/bank/new',
      '/waters',
      `/waters/${mere?.id}`,
      `/waters/${mere?.id}/swims/${swims?.[0]?.id}`,
      '/kit',
      `/kit/rigs/${rigs?.[0]?.id}`,
      `/kit/items/${kit?.[2]?.id}`,
      '/weigh',
      '/pictures',
      // Looking for its fish takes the processor's time: once is enough.
      ...(light === 'day' ? [`/pictures/${shown?.captureId}/${shown?.pictures[0]}`] : []),
      `/book/${shown?.captureId}/share`,
      `/weigh/scales/${kit?.[3]?.id}`,
      '/more',
      '/rehearse',
      '/rehearse/7',
      '/nowhere',
    ];
    for (const view of views) {
      await page.goto(`${demo.url}${view}`);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await isClean(page);
    }
    expect(await page.evaluate(() => document.documentElement.dataset['light'])).toBe(light);
  });

  test(`the bank and its plan can be used by all, in ${light} light`, async ({ page, server }) => {
    await setLight(page, light);
    const outingId = await hotOuting(server);
    await page.goto(`${server.url}/bank/${outingId}`);
    await expect(page.getByText(/^Leave pike alone/)).toBeVisible();
    await page.getByRole('img', { name: /^The hours from/ }).waitFor();
    await isClean(page);
    await page.getByRole('button', { name: 'Measure the water' }).click();
    await page.getByRole('dialog').waitFor();
    await isClean(page);
    await page.goto(`${server.url}/bank/${outingId}/layout`);
    await page.getByRole('button', { name: 'mat', exact: true }).first().waitFor();
    await isClean(page);
  });

  test(`the run can be used by all, in ${light} light`, async ({ page, server }) => {
    test.setTimeout(120_000);
    await setLight(page, light);
    await fishOn(page, server);
    await isClean(page);
    await step(page, 'Lift', 'lifted');
    await isClean(page);
    await step(page, 'Weigh', 'weighed');
    await isClean(page);
    await page.getByRole('button', { name: 'Later', exact: true }).click();
    await page.getByRole('button', { name: 'Mark a wound' }).click();
    await page.getByRole('application').click();
    await page.getByRole('button', { name: 'Ulcer' }).waitFor();
    await isClean(page);
    await page.getByRole('button', { name: 'Done' }).click();
    await step(page, 'Hold it upright', 'held upright');
    await isClean(page);
    await step(page, 'Released', 'released');
    await isClean(page);
  });
}
