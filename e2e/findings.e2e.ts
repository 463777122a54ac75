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

    await page.getByRole('combobox', { name: 'Kind' }).click();
    await page.getByRole('option', { name: 'Wels catfish' }).click();
    await expect(page.getByText(/^Nothing can be told yet/)).toBeVisible();
    await page.goto(`${server.url}/book/findings`);
    await expect(page.getByText(/^Nothing can be told yet/)).toBeVisible();
    expect(noErrors).toEqual([]);
  },
);
