import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fishOn, onlyCapture, step, test, expect } from './keeperTest.js';

test(
  'the demo book: filtered by species and water, sorted by weight, opened',
  { tag: '@desk' },
  async ({ page, demo, noErrors }) => {
    await page.goto(`${demo.url}/book`);
    const entries = page.getByRole('listitem').filter({ has: page.getByRole('link') });
    const rows = entries.filter({ hasNotText: 'A blank' });
    await expect(rows.first()).toBeVisible();
    await expect(rows).toHaveCount(40);
    await page.getByRole('button', { name: 'Next page' }).click();
    await expect(rows).toHaveCount(79);
    // Days without a fish stand among the others.
    await expect(entries.filter({ hasText: 'A blank, 9 hours, 1 run dropped' })).toHaveCount(1);

    // Opened at a year, it begins with that year and goes on before it.
    const [first, second] = new Date().getMonth() === 0 ? [1, 2] : [0, 1];
    const year = (back: number) => String(new Date().getFullYear() - back);
    const heads = page.getByRole('heading', { level: 2 });
    await expect(heads.first()).toContainText(year(first));
    await page.getByRole('combobox', { name: 'From year' }).click();
    await page.getByRole('option', { name: new RegExp(`^${year(second)}, \\d+`) }).click();
    await expect(heads.first()).toContainText(year(second));
    await page.getByRole('combobox', { name: 'From year' }).click();
    await page.getByRole('option', { name: 'From the latest year' }).click();

    await page.getByRole('combobox', { name: 'Species' }).click();
    await page.getByRole('option', { name: /^Wels catfish/ }).click();
    await expect(page.getByRole('listitem').filter({ hasText: /carp/i })).toHaveCount(0);
    await page.getByRole('combobox', { name: 'Order' }).click();
    await page.getByRole('option', { name: 'Heaviest first' }).click();
    const pounds = async () =>
      (await rows.allInnerTexts()).map((text) => Number(/(\d+) lb/.exec(text)?.[1] ?? -1)).filter((lb) => lb >= 0);
    const isSorted = async () => {
      const read = await pounds();
      return read.length > 1 && read.join() === read.toSorted((a, b) => b - a).join();
    };
    await expect.poll(isSorted).toBe(true);

    await page.getByRole('combobox', { name: 'Water' }).click();
    await page.getByRole('option', { name: 'River Wend, mill reach' }).click();
    await expect(page.getByText('No fish of that kind from there yet.')).toBeVisible();
    await page.getByRole('combobox', { name: 'Water' }).click();
    await page.getByRole('option', { name: 'Saltern Pit' }).click();
    await rows.first().getByRole('link').click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wels catfish');
    await expect(page.getByRole('region', { name: 'Handling' })).toContainText('netted');
    expect(noErrors).toEqual([]);
  },
);

test(
  'fish are found by what is known of them, and places and waters by one key',
  { tag: '@desk' },
  async ({ page, demo, noErrors }) => {
    await page.goto(`${demo.url}/book`);
    const counts = page.getByTestId('book-counts');
    const rows = page.getByRole('listitem').filter({ has: page.getByRole('link') });
    await page.getByRole('searchbox').fill('pike over 15 lb');
    await expect(counts).toContainText('Shown:');
    await expect(rows.filter({ hasText: /carp|barbel|wels|blank/i })).toHaveCount(0);
    await expect(rows.first()).toContainText(/(1[5-9]|[2-9]\d) lb/);
    // What is looked for stands in the address: on the way back it is there again.
    await rows.first().getByRole('link').click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pike');
    await page.goBack();
    await expect(page.getByRole('searchbox')).toHaveValue('pike over 15 lb');
    await page.getByRole('searchbox').fill('nothing so');
    await expect(page.getByText('No fish of that kind from there yet.')).toBeVisible();

    await page.keyboard.press('Control+k');
    await page.getByPlaceholder('Go somewhere, or find fish').fill('harrow');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Harrowmere');
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.press('/');
    await page.getByPlaceholder('Go somewhere, or find fish').fill('tench 2025');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('searchbox')).toHaveValue('tench 2025');
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.press('Shift+?');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Keys');
    expect(noErrors).toEqual([]);
  },
);

test('the book as pictures: side by side, month by month, each leads to its fish', async ({ page, demo, noErrors }) => {
  await page.goto(`${demo.url}/book`);
  await page.getByRole('radio', { name: 'Pictures' }).click();
  const wall = page.getByRole('list', { name: 'Pictures of the book' });
  const tiles = wall.getByRole('link');
  await expect(tiles.first()).toBeVisible();
  await expect(wall.getByRole('heading').first()).toHaveText(/^[A-Z][a-z]+ 20\d\d$/);
  await page.getByRole('combobox', { name: 'Species' }).click();
  await page.getByRole('option', { name: /^Pike/ }).click();
  await expect(tiles.filter({ hasText: /carp|barbel|wels/i })).toHaveCount(0);
  // While the pike are fetched the wall is empty, and an empty wall holds no carp either.
  await expect(tiles.first()).toContainText(/\d+ lb/);
  const shown = await tiles.first().innerText();
  await tiles.first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pike');
  await expect(page.getByText(/\d+ lb/.exec(shown)?.[0] ?? 'no weight on the tile').first()).toBeVisible();
  // Back among the pictures, as they were.
  await page.goBack();
  await expect(page.getByRole('radio', { name: 'Pictures' })).toHaveAttribute('data-state', 'on');
  expect(noErrors).toEqual([]);
});

test('an amended weight shows what it was, when and why it changed', { tag: '@desk' }, async ({ page, server }) => {
  await fishOn(page, server);
  await step(page, 'Weigh', 'weighed');
  await page.getByRole('button', { name: '9', exact: true }).click();
  await page.getByRole('button', { name: /^9 lb 0 oz/ }).click();
  await step(page, 'Released', 'released');
  await page.goto(page.url().replace('/run/', '/book/'));
  await expect(page.getByText(/at least: not every lift or return was tapped/)).toBeVisible();
  await page.getByRole('button', { name: 'Correct an entry' }).click();
  await page.getByLabel('Weight', { exact: true }).fill('8lb 2oz');
  await page.getByRole('button', { name: 'Enter the correction' }).click();
  await expect(page.getByText('A correction is kept with its reason. Say in a few words why.')).toBeVisible();
  await page.getByLabel('Why').fill('The sling had not been zeroed.');
  await page.getByRole('button', { name: 'Enter the correction' }).click();
  const corrected = page.getByRole('region', { name: 'Corrections' });
  await expect(corrected).toContainText('9 lb 0 oz');
  await expect(corrected).toContainText('8 lb 2 oz');
  await expect(corrected).toContainText('The sling had not been zeroed.');
  await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('amended');
});

test(
  'a release that was tapped too late is put right, with its reason, and the clocks follow',
  { tag: '@desk' },
  async ({ page, server }) => {
    await page.clock.install();
    await fishOn(page, server);
    await page.clock.runFor(95_000);
    await step(page, 'Released', 'released');
    await page.goto(page.url().replace('/run/', '/book/'));
    await expect(page.getByText(/^1 min 3\d s from the take to the release/)).toBeVisible();
    await page.getByRole('button', { name: 'Correct an entry' }).click();
    await page.getByRole('combobox', { name: 'What to correct' }).click();
    await page.getByRole('option', { name: 'A time' }).click();
    await page.getByRole('combobox', { name: 'Which tap' }).click();
    await page.getByRole('option', { name: /^Released, 1:3\d after the take/ }).click();
    await page.getByLabel('Minutes and seconds since the take').fill('half');
    await page.getByLabel('Why').fill('Tapped when it was long gone.');
    await page.getByRole('button', { name: 'Enter the correction' }).click();
    await expect(page.getByText('Write it as 6:20, or as minutes alone.')).toBeVisible();
    await page.getByLabel('Minutes and seconds since the take').fill('0:40');
    await page.getByRole('button', { name: 'Enter the correction' }).click();
    await expect(page.getByText(/^40 s from the take to the release/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'Corrections' })).toContainText('Tapped when it was long gone.');
    await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('time-amended');
  },
);

test('pictures go in once; what is no picture is said so and holds nothing back', async ({ page, server }) => {
  await fishOn(page, server);
  await step(page, 'Released', 'released');
  await page.getByRole('link', { name: 'Write it up' }).click();
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
    'base64',
  );
  await page.getByLabel('Add pictures').setInputFiles([
    { name: 'fish.png', mimeType: 'image/png', buffer: png },
    { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') },
  ]);
  await expect(page.getByText(/^notes\.jpg is not a picture that can be read here/)).toBeVisible();
  await page.getByLabel('Add pictures').setInputFiles({ name: 'again.png', mimeType: 'image/png', buffer: png });
  const added = async () => (await onlyCapture(server)).events.filter(({ type }) => type === 'picture-added').length;
  await expect.poll(added).toBe(1);
  await page.reload();
  await expect(page.getByRole('img', { name: 'Picture 1 of this fish' })).toBeVisible();
});

test(
  'the book leaves by in and out, and the units that are chosen hold',
  { tag: '@desk' },
  async ({ page, server }) => {
    await page.goto(`${server.url}/settings`);
    await page.getByRole('radio', { name: 'kg', exact: true }).click();
    await expect(page.getByRole('radio', { name: 'kg', exact: true })).toBeChecked();
    await page.getByRole('link', { name: 'Backup, export and what comes in' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'CSV, for a spreadsheet' }).click();
    expect((await download).suggestedFilename()).toBe('book.csv');
    const backup = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Back up the book' }).click();
    const file = await (await backup).path();
    // Info-ZIP finds the whole of it right.
    expect(execFileSync('unzip', ['-t', file], { encoding: 'utf8' })).toContain('No errors detected');
    // And by itself every night from now on, into a folder of one's own choice.
    const folder = mkdtempSync(join(tmpdir(), 'keeper-nightly-'));
    await page.getByLabel('Every night into this folder').fill('backups');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Write the whole path of the folder, from the root on.')).toBeVisible();
    await page.getByLabel('Every night into this folder').fill(folder);
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect.poll(() => readdirSync(folder).filter((name) => name.endsWith('.zip')).length).toBe(1);
    await page.reload();
    await expect(page.getByText(/^Last good backup .*; 1 kept\.$/)).toBeVisible();
    if (process.env['SHOTS'])
      await page.getByRole('region', { name: 'Backup' }).screenshot({ path: '/tmp/backup-desk.png' });
    rmSync(folder, { recursive: true });
    await fishOn(page, server);
    await step(page, 'Weigh', 'weighed');
    await page.getByRole('button', { name: '8', exact: true }).click();
    await expect(page.getByRole('button', { name: /^8\.00 kg/ })).toBeVisible();
  },
);

test(
  'a water that stands in the book twice becomes one, and its fish with it',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    const put = (id: string, name: string) =>
      fetch(`${server.url}/api/waters/${id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ name, kind: 'pit', revision: 0 }),
      });
    const [twice, mere] = ['01990000-0000-7000-8000-0000000000b1', '01990000-0000-7000-8000-0000000000b2'];
    await put(twice, 'Salt pit');
    await put(mere, 'Saltern Pit');
    const captureId = '01990000-0000-7000-8000-0000000000c1';
    const hooked = { captureId, deviceId: 'desk', at: '2026-05-01T06:00:00.000Z', elapsedMs: 0, type: 'hooked' };
    await fetch(`${server.url}/api/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        events: [
          { ...hooked, id: '01990000-0000-7000-8000-0000000000d1', payload: { waterId: twice } },
          { ...hooked, id: '01990000-0000-7000-8000-0000000000d2', type: 'released', elapsedMs: 9000, payload: {} },
        ],
      }),
    });
    await page.goto(`${server.url}/waters/${twice}`);
    await page.getByRole('combobox', { name: 'The same water as' }).click();
    await page.getByRole('option', { name: 'Saltern Pit' }).click();
    await expect(
      page.getByText(/^What it has \(one fish, no swims and its outings\) goes over to Saltern Pit/),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Make it one water with Saltern Pit' }).click();
    await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Saltern Pit']);
    await expect(page.getByText('Archived: Salt pit')).toBeVisible();
    await page.goto(`${server.url}/book/${captureId}`);
    await expect(page.getByText('Salt pit and Saltern Pit are one water.')).toBeVisible();
    // Made one by mistake, they are two again, and the fish is where it was.
    await page.goto(`${server.url}/waters`);
    await page.getByRole('link', { name: 'Salt pit' }).click();
    await expect(page.getByText(/^What Salt pit had went over to Saltern Pit on/)).toBeVisible();
    await page.getByRole('button', { name: 'Make them two again' }).click();
    await page.goto(`${server.url}/book/${captureId}`);
    await expect(page.getByRole('article')).toContainText('Salt pit');
    await expect(page.getByText('Salt pit and Saltern Pit are one water.')).toHaveCount(0);
    expect(noErrors).toEqual([]);
  },
);
