import type { Page } from '@playwright/test';
import { codeFor, openHome } from './homeDoor.js';
import type { KeeperServer } from './keeperServer.js';
import { expect, fishOn, onlyCapture, step, test } from './keeperTest.js';
import { trustedPhone } from './trustedPhone.js';

/** Ann, whose book it was, and Ben, who keeps it with her from now on. */
async function addBen(page: Page, server: KeeperServer): Promise<void> {
  await page.goto(`${server.url}/settings`);
  const keepers = page.getByRole('region', { name: 'Who keeps this book' });
  await keepers.getByLabel('Your own name').fill('Ann');
  await keepers.getByLabel('Their name').fill('Ben');
  await keepers.getByRole('button', { name: 'Add a keeper' }).click();
  await expect(keepers.getByRole('radio', { name: 'Ann' })).toBeChecked();
}

test('two keepers on one machine: each with units and a light of their own, and one tap says who is fishing', async ({
  page,
  server,
  noErrors,
}) => {
  await addBen(page, server);
  await page.getByRole('radio', { name: 'Night' }).click();
  await page.getByRole('radio', { name: 'Ben', exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Day', exact: true })).toBeChecked();
  await page.getByRole('radio', { name: 'kg', exact: true }).click();
  await expect(page.getByRole('radio', { name: 'kg', exact: true })).toBeChecked();
  if (process.env['SHOTS']) await page.screenshot({ path: '/tmp/keepers-desk.png' });
  await page.goto(server.url);
  await expect(page.getByRole('radio', { name: 'Ben' })).toBeChecked();
  if (process.env['SHOTS']) await page.screenshot({ path: '/tmp/fishing-desk.png' });

  // A fish begun in Ben's hands is his.
  await fishOn(page, server);
  await step(page, 'Released', 'released');
  await page.getByText('Whose fish was it?').scrollIntoViewIfNeeded();
  await expect(page.getByRole('radio', { name: 'I did' })).toBeChecked();
  if (process.env['SHOTS']) await page.screenshot({ path: '/tmp/whose-desk.png' });

  // Ann's it becomes in one tap, and Ann's it is on every screen.
  await page.getByRole('radio', { name: 'Ann' }).click();
  await expect
    .poll(async () => {
      const book = (await (await fetch(`${server.url}/api/captures`)).json()) as { rows: { keeperId: string }[] };
      return book.rows.map(({ keeperId }) => keeperId);
    })
    .toEqual(['00000000-0000-4000-8000-000000000000']);
  await page.goto(`${server.url}/book`);
  await expect(page.getByRole('listitem').filter({ hasText: 'Ann’s fish' })).toHaveCount(1);
  await page.getByRole('combobox', { name: 'Whose fish' }).click();
  await page.getByRole('option', { name: 'Mine' }).click();
  await expect(page.getByText('No fish of that kind', { exact: false })).toBeVisible();

  // Back with Ann: her light, her units.
  await page.goto(`${server.url}/settings`);
  await page.getByRole('radio', { name: 'Ann', exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Night' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'lb and oz', exact: true })).toBeChecked();
  expect(noErrors).toEqual([]);
});

test(
  'Ben’s own phone is his, a reader sees fish and no places, and neither sees more than it should',
  { tag: '@desk' },
  async ({ page, server }) => {
    test.setTimeout(120_000);
    await addBen(page, server);
    const { url, certificate } = await openHome(page, server);
    const [phone, tablet] = [await trustedPhone(certificate), await trustedPhone(certificate)];
    try {
      await phone.page.goto(`${url}/pair#${await codeFor(page, 'For Ben')}`);
      await phone.page.getByRole('button', { name: 'Pair' }).click();
      await phone.page.getByText('This device is paired.', { exact: false }).waitFor();
      await phone.page.getByRole('link', { name: 'To Today' }).click();
      await phone.page.getByRole('button', { name: /^Fish on/ }).click();
      await phone.page.waitForURL(/\/run\//);
      await step(phone.page, 'Released', 'released');
      await expect(phone.page.getByRole('radio', { name: 'I did' })).toBeChecked();
      if (process.env['SHOTS']) await phone.page.screenshot({ path: '/tmp/whose-phone.png' });
      await onlyCapture(server);
      await phone.page.goto(`${url}/settings`);
      await expect(phone.page.getByText('This device is Ben’s.')).toBeVisible();

      // On the machine, in Ann's hands, it is Ben's fish.
      await page.goto(`${server.url}/book`);
      await expect(page.getByRole('listitem').filter({ hasText: 'Ben’s fish' })).toHaveCount(1);

      await page.goto(`${server.url}/devices`);
      await page.getByRole('radio', { name: 'For a reader' }).click();
      await page.getByRole('radio', { name: 'Everybody’s fish' }).click();
      if (process.env['SHOTS']) await page.screenshot({ path: '/tmp/reader-desk.png' });
      await page.getByRole('button', { name: 'Show a code' }).click();
      await tablet.page.goto(`${url}/pair#${await codeFor(page, 'For a reader')}`);
      await tablet.page.getByRole('button', { name: 'Pair' }).click();
      await tablet.page.getByRole('heading', { name: 'The fish of this book' }).waitFor();
      await expect(tablet.page.getByRole('listitem').filter({ hasText: 'Ben’s fish' })).toHaveCount(1);
      if (process.env['SHOTS']) await tablet.page.screenshot({ path: '/tmp/reader-phone.png' });
      for (const path of ['/api/captures', '/api/waters', '/api/outings', '/api/book.json'])
        expect(await tablet.page.evaluate(async (asked) => (await fetch(asked)).status, path)).toBe(403);
    } finally {
      await Promise.all([phone.close(), tablet.close()]);
    }
  },
);
