import { expect, test } from './keeperTest.js';

test(
  'the book says what it carries: sentences with their rates, by kind and water, and an empty one says how it begins',
  { tag: '@desk' },
  async ({ page, demo, server, noErrors }) => {
    await page.goto(`${demo.url}/book`);
    await page.getByRole('link', { name: 'What it tells' }).click();
    // The fish of the demo came around dawn and dusk: that was put there. The wind was not.
    const sure = page.getByRole('region', { name: 'What is sure' });
    await expect(sure).toContainText(/The middle of the day brings 0\.\d+ \(0\.\d+ to 0\.\d+\) times the fish/);
    await expect(sure.getByRole('table')).toContainText(/The first two hours of light.*\d+ fish in \d+ rod-hours/);
    await expect(sure).not.toContainText('Wind');
    await expect(page.getByText(/It rests on \d+ outings with \d+ rod-hours, \d+ of them blanks/)).toBeVisible();

    await expect(page.getByRole('table', { name: 'Hours from sunrise' })).toContainText(/0\.74\.\d \(/);

    // Behind a rate stand its fish and its blanks.
    await sure.getByRole('button', { name: /13 fish in 316 rod-hours/ }).click();
    const behind = page.getByRole('dialog', { name: 'The first two hours of light' });
    await expect(behind.getByText('13 fish of 79 outings, the newest first.')).toBeVisible();
    await expect(behind.getByRole('list').first().getByRole('listitem')).toHaveCount(13);
    await page.keyboard.press('Escape');

    // What was told is kept on the device: it is there while the book is away.
    const answered = page.waitForResponse('**/api/findings/record');
    await page.reload();
    await answered;
    await page.context().route('**/api/findings/record', (route) => route.abort());
    await page.reload();
    await expect(sure).toContainText('The middle of the day');
    await page.context().unroute('**/api/findings/record');
    await page.reload();

    await page.getByRole('combobox', { name: 'Kind' }).click();
    await page.getByRole('option', { name: 'Wels catfish' }).click();
    await expect(page.getByText(/^Nothing can be told yet/)).toBeVisible();
    // The filter goes along.
    await page.getByRole('link', { name: 'Bests' }).click();
    await expect(page.getByRole('combobox', { name: 'Kind' }).first()).toHaveText('Wels catfish');
    const wels = page.getByRole('region', { name: 'Wels catfish' });
    await expect(wels.getByRole('listitem')).toContainText([
      /97 lb 3 oz.*1 lb 14 oz more than the one before/s,
      /95 lb 5 oz/,
    ]);
    await expect(page.getByRole('region', { name: 'Pike' })).toHaveCount(0);
    await page.getByRole('combobox', { name: 'Kind' }).first().click();
    await page.getByRole('option', { name: 'Every kind' }).click();
    await expect(
      page.getByText(/^A carp above 30 lb in the next 10 trips: 1 in \d+ \(0\.\d\d to 0\.\d\d\)\.$/),
    ).toBeVisible();

    await page.getByRole('link', { name: 'Rigs, hooks, baits' }).click();
    await expect(page.getByRole('group', { name: 'Rigs' }).getByRole('row', { name: /^Silt rig/ })).toContainText(
      '35 landed',
    );
    await expect(page.getByText(/^Nothing to change/)).toBeVisible();
    await page.getByRole('link', { name: 'Handling', exact: true }).click();
    await expect(page.getByRole('table', { name: 'Out of the water in all' })).toContainText(/2025.*of 26 fish/);
    await page.getByRole('link', { name: 'How many are in here' }).click();
    await expect(page.getByText(/^Carp of Harrowmere cannot be counted yet/)).toBeVisible();
    await expect(page.getByRole('link', { name: 'Find who is who' })).toBeVisible();
    await page.goto(`${server.url}/book/findings`);
    await expect(page.getByText(/^Nothing can be told yet/)).toBeVisible();
    await page.getByRole('link', { name: 'Bests' }).click();
    await expect(page.getByText('Nothing was weighed or measured yet.')).toBeVisible();
    expect(noErrors).toEqual([]);
  },
);
