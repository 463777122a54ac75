import type { BookPage } from '@keeper/contract/book';
import { PICTURE, expect, test } from './keeperTest.js';

test(
  'fish of other years are taken in by keyboard alone, and never pretend to a clock',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    await page.goto(`${server.url}/book`);
    await page.getByRole('link', { name: 'Add a past fish' }).click();
    const { keyboard } = page;
    const tab = async (times: number) => {
      for (let i = 0; i < times; i += 1) await keyboard.press('Tab');
    };
    await page.getByLabel('Date').focus();
    await keyboard.type('June 2019');
    await tab(2);
    await keyboard.type('pike');
    await tab(1);
    await keyboard.type('22-8');
    await tab(1);
    await keyboard.type('41 1/4');
    await tab(1);
    await keyboard.type('Wire trace');
    await tab(1);
    await keyboard.type('Smelt');
    await keyboard.press('Enter');
    const kept = page.getByRole('region', { name: 'Kept just now' });
    await expect(kept.getByRole('link')).toHaveText(['Pike, 22 lb 8 oz, June 2019']);

    // The next one: date and species are carried on, and the date is there to be typed over.
    await expect(page.getByLabel('Date')).toBeFocused();
    await expect(page.getByRole('combobox', { name: 'Species' })).toHaveText('Pike');
    await keyboard.type('31 June 2018');
    await expect(page.getByRole('alert')).toHaveText('There is no such day: 31 June 2018.');
    await page.getByLabel('Date').fill('2018/19');
    await page.getByLabel('Weight').fill('23.11');
    await page.getByLabel('Date').press('Enter');
    // What can be read two ways is asked about, and nothing is kept meanwhile.
    await page.getByRole('button', { name: '23 lb 11 oz' }).click();
    await page.getByLabel('Pictures').setInputFiles(PICTURE);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(kept.getByRole('link')).toHaveText([
      'Pike, 23 lb 11 oz, season 2018/19',
      'Pike, 22 lb 8 oz, June 2019',
    ]);

    await kept.getByRole('link', { name: /June 2019/ }).click();
    const article = page.getByRole('article');
    await expect(article).toContainText('June 2019');
    await expect(article).toContainText('From memory or a notebook. Nothing is known of how the fish was handled.');
    await expect(article).toContainText('Smelt');
    // Nobody wrote down how it was weighed: no zeroed sling is claimed, and no doubt is made up.
    await expect(article).toContainText('As it was written down');
    await expect(article).not.toContainText('give or take');
    await expect(page.getByRole('img', { name: /from the take/ })).toHaveCount(0);
    await page.goto(`${server.url}/book`);
    const rows = page.getByRole('listitem').filter({ hasText: 'Pike' });
    await expect(rows).toHaveText([/June 2019.*from memory/s, /season 2018\/19.*from memory/s]);
    // Nothing of it waits for its paperwork.
    const book = async () => (await (await fetch(`${server.url}/api/captures`)).json()) as BookPage;
    await expect.poll(async () => (await book()).rows.map(({ pictures }) => pictures.length)).toEqual([0, 1]);
    await page.goto(`${server.url}/write-up`);
    await expect(page.getByRole('main')).not.toContainText('Pike');

    // One that never was is taken back where it was put in.
    await page.goto(`${server.url}/book/past`);
    await page.getByLabel('Date').fill('2017');
    await page.getByLabel('Length').fill('30');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await kept.getByRole('button', { name: /^Take it back/ }).click();
    await expect.poll(async () => (await book()).rows.length).toBe(2);
    expect(noErrors).toEqual([]);
  },
);
