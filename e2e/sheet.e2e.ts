import { expect, test } from './keeperTest.js';

const HEADINGS = 'Date,Lake,Species,Weight,Bait,Moon,Peg';
const ROWS = [
  '03/04/05,Harle Mere,Mirror,23.11,Tiger nuts,full,Reeds',
  '14/06/2019,Harle Mear,Pike,about 12 lb,Sardine,,Reedz',
  'sometime,Lost Pool,Tench,6-2,Bread,new,',
  'summer 2007,Long Pond,Tensh,6-2,Bread,new,Dam',
];
const sheetOf = (...rows: string[]) => Buffer.from(['My years,,,,,,', HEADINGS, ...rows, 'Total,,,,,,'].join('\n'));

test(
  'a sheet of years comes in: asked about once, seen before, kept whole, the same one only once, and taken back',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    await page.goto(`${server.url}/book/sheet`);
    const lay = (name: string, ...rows: string[]) =>
      page.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer: sheetOf(...rows) });
    await lay('years.csv', ...ROWS);
    await expect(page.getByRole('combobox', { name: 'What is “Lake”?' })).toHaveText('Water');
    await expect(page.getByRole('combobox', { name: 'What is “Moon”?' })).toHaveText('Leave it out');
    const coming = page.getByRole('region', { name: 'What will come in' });
    await expect(coming).toContainText('3 fish.');
    await expect(coming.getByRole('button', { name: 'Take in 3 fish' })).toBeDisabled();

    // By keyboard or by dragging a column is something else.
    await page.getByText('Note', { exact: true }).hover();
    await page.mouse.down();
    const moon = await page.getByRole('listitem').filter({ hasText: 'Moon' }).boundingBox();
    await page.mouse.move((moon?.x ?? 0) + 60, (moon?.y ?? 0) + 30, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByRole('combobox', { name: 'What is “Moon”?' })).toHaveText('Note');

    await page
      .getByRole('radiogroup', { name: /no unit/ })
      .getByRole('radio', { name: 'pounds' })
      .click();
    await page
      .getByRole('radiogroup', { name: /two ways/ })
      .getByRole('radio', { name: 'ounces' })
      .click();
    await page.getByRole('radio', { name: /^Take the figure/ }).click();
    await page.getByRole('combobox', { name: 'Which one is “Harle Mear”?' }).click();
    await page.getByRole('option', { name: 'The same as Harle Mere' }).click();
    await page.getByRole('combobox', { name: 'Which one is “Tensh”?' }).click();
    await page.getByRole('option', { name: 'Tench' }).click();
    await page.getByRole('combobox', { name: 'Which one is “Reedz”?' }).click();
    await page.getByRole('option', { name: 'The same as Reeds' }).click();
    // A row that is no fish names nothing that is asked about.
    await expect(page.getByRole('combobox', { name: 'Which one is “Lost Pool”?' })).toHaveCount(0);
    await expect(coming).toContainText('23 lb 11 oz');
    await expect(coming).toContainText('One row without a date that can be read stays out');

    // What was said outlives a reload.
    await page.reload();
    await expect(page.getByRole('combobox', { name: 'Which one is “Harle Mear”?' })).toHaveText(
      'The same as Harle Mere',
    );
    await coming.getByRole('button', { name: 'Take in 3 fish' }).click();
    await expect(page.getByRole('status').filter({ hasText: '3 fish are in the book.' })).toBeVisible();
    const book = async () => {
      const { rows } = (await (await fetch(`${server.url}/api/captures?order=oldest`)).json()) as {
        rows: { netGrams: number | null; waterId: string; species: string; dated: { from: string } }[];
      };
      return rows.map(({ netGrams, species, dated }) => [dated.from, species, netGrams && Math.round(netGrams)]);
    };
    expect(await book()).toEqual([
      ['2005-04-03', 'carp', 10744],
      ['2007-06-01', 'tench', 2778],
      ['2019-06-14', 'pike', 5443],
    ]);
    const waters = (await (await fetch(`${server.url}/api/waters`)).json()) as { name: string }[];
    expect(waters.map(({ name }) => name).sort()).toEqual(['Harle Mere', 'Long Pond']);
    const swims = async () =>
      ((await (await fetch(`${server.url}/api/swims`)).json()) as { name: string }[]).map(({ name }) => name).sort();
    expect(await swims()).toEqual(['Dam', 'Reeds']);

    // The same sheet with one row more adds the one; nothing that was answered is asked again.
    await lay('years-2.csv', ...ROWS, '1/8/2021,Long Pond,Tench,7-1,Bread,,dam');
    await expect(coming).toContainText('3 rows came in with an earlier sheet.');
    await expect(page.getByRole('combobox', { name: /^Which one is/ })).toHaveCount(0);
    await coming.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByRole('status').filter({ hasText: '1 fish' })).toBeVisible();
    expect(await book()).toHaveLength(4);
    expect(await swims()).toEqual(['Dam', 'Reeds']);
    expect(await (await fetch(`${server.url}/api/waters`)).json()).toHaveLength(2);

    // The first one is taken back whole; the second stays.
    const first = page.getByRole('listitem').filter({ hasText: 'years.csv' });
    await first.getByRole('button', { name: 'Take it back' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Take it back' }).click();
    await expect(first).toContainText('taken back');
    expect(await book()).toEqual([['2021-08-01', 'tench', 3203]]);

    // What is none is said, and nothing of it comes in.
    await lay('broken.csv', '2019,"Mere,Pike,12 lb,,,,');
    await expect(page.getByRole('alert')).toContainText(
      'broken.csv has a quotation mark that nothing closes, in line 3.',
    );
    await page.getByRole('button', { name: 'Put it away' }).click();
    await expect(page.getByRole('alert')).toHaveCount(0);
    expect(noErrors).toEqual([]);
  },
);
