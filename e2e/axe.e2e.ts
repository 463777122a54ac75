import type { Page } from '@playwright/test';
import axe, { type RunOptions } from 'axe-core';
import type { BookPage } from '@keeper/contract/book';
import type { PicturedFish } from '@keeper/contract/pictured';
import { hotOuting } from './hotOuting.js';
import { fishOn, step, test, expect } from './keeperTest.js';
import { speakMarked, unkeyedWords } from './unkeyedWords.js';

/** What depends on the light; all else is the same in each and tried by day. */
const OF_THE_LIGHT = ['color-contrast', 'link-in-text-block', 'target-size'];

/**
 * Nothing on the page that axe finds fault with, by day; at the desk in the other two lights too, for contrast does not
 * hang on size.
 */
async function isClean(page: Page, lights: readonly string[] = ['glare', 'night']): Promise<void> {
  const all: RunOptions = { runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] };
  expect(await violations(page, all)).toEqual([]);
  if (test.info().project.name !== 'desk') return;
  for (const light of [...lights, 'day']) {
    await page.evaluate((chosen) => {
      document.documentElement.dataset['light'] = chosen;
    }, light);
    const ofTheLight: RunOptions = { runOnly: { type: 'rule', values: OF_THE_LIGHT } };
    if (light !== 'day') expect(await violations(page, ofTheLight), light).toEqual([]);
  }
}

/** What axe, which each page of the test brings along, finds fault with. */
async function violations(page: Page, options: RunOptions): Promise<string[]> {
  const found = await page.evaluate(
    (wanted) => axe.run(document, { ...wanted, resultTypes: ['violations'], elementRef: false }),
    options,
  );
  return found.violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}

/** So many of the views, the first, are opened on a phone. */
const OFTEN_ON_A_PHONE = 17;

test.beforeEach(async ({ page }) => {
  await page.addInitScript({ content: axe.source });
});

test('every view of a full book can be used by all, and its words come from a text room', async ({ page, demo }) => {
  test.setTimeout(240_000);
  const atDesk = test.info().project.name === 'desk';
  if (atDesk) await speakMarked(page);
  const own = await Promise.all(
    ['/book.json', '/fish'].map(async (path) => (await fetch(`${demo.url}/api${path}`)).text()),
  );
  const waiting = (await (await fetch(`${demo.url}/api/captures?waiting=true`)).json()) as BookPage;
  const all = (await (await fetch(`${demo.url}/api/captures?order=heaviest`)).json()) as BookPage;
  const [waters, swims, rigs, kit, meetings] = await Promise.all(
    ['waters', 'swims', 'rigs', 'kit', 'meetings'].map(
      async (kind) => (await (await fetch(`${demo.url}/api/${kind}`)).json()) as { id: string }[],
    ),
  );
  const known = (await (await fetch(`${demo.url}/api/captures/known`)).json()) as { fishId: string }[];
  const pictured = (await (await fetch(`${demo.url}/api/captures/pictured`)).json()) as PicturedFish[];
  const shown = pictured.find(({ pictures }) => pictures.length > 0);
  const outings = (await (await fetch(`${demo.url}/api/outings`)).json()) as { outingId: string }[];
  const mere = waters?.[0];
  const views = [
    '/',
    '/write-up',
    '/hurt',
    `/write-up/${waiting.rows[0]?.captureId}`,
    '/book',
    '/bank',
    '/bank/new',
    `/bank/${outings[0]?.outingId}`,
    '/waters',
    `/waters/${mere?.id}`,
    `/book/${all.rows[0]?.captureId}`,
    '/settings',
    '/more',
    '/kit',
    '/fish',
    '/book/findings',
    '/meetings',
    '/book?as=pictures',
    '/book/past',
    '/book/sheet',
    '/book/in-and-out',
    '/book/season/2025',
    '/book/findings/tackle',
    '/book/findings/handling',
    '/book/findings/bests',
    '/book/findings/how-many',
    `/bank/${outings[0]?.outingId}/layout`,
    `/waters/${mere?.id}/swims/${swims?.[0]?.id}`,
    `/meetings/${meetings?.[0]?.id}`,
    `/meetings/${meetings?.[1]?.id}/rules`,
    `/meetings/${meetings?.[1]?.id}/put/${shown?.captureId}`,
    `/kit/rigs/${rigs?.[0]?.id}`,
    `/kit/items/${kit?.[2]?.id}`,
    '/weigh',
    '/pictures',
    `/pictures/${shown?.captureId}/${shown?.pictures[0]}`,
    `/pictures/${shown?.captureId}/${shown?.pictures[0]}/who`,
    `/book/${shown?.captureId}/share`,
    `/weigh/scales/${kit?.[3]?.id}`,
    '/keys',
    '/devices',
    '/pair',
    '/rehearse',
    '/rehearse/7',
    `/fish/${known[0]?.fishId}`,
    '/fish/sweep',
    '/fish/friends',
    '/nowhere',
  ];
  // On a phone those that are opened beside the water, and after it; the others differ by their width alone.
  const looked = atDesk ? views : views.filter((_, i) => i < OFTEN_ON_A_PHONE || i % 3 === 0);
  for (const [i, view] of looked.entries()) {
    await page.goto(`${demo.url}${view}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (atDesk) {
      await page.waitForLoadState('networkidle');
      expect(await unkeyedWords(page, own.join(' ')), view).toEqual([]);
    }
    // Of so many views every other one is looked at in each of the other lights.
    await isClean(page, [i % 2 === 0 ? 'glare' : 'night']);
  }
});

test('the bank and its plan can be used by all', async ({ page, server }) => {
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

test('the run can be used by all', async ({ page, server }) => {
  test.setTimeout(120_000);
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
