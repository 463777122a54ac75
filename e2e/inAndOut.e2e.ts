import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { OpenedFeed } from '@keeper/contract/calendar';
import type { BookPage } from '@keeper/contract/book';
import { expect, test } from './keeperTest.js';

const GPX = `<?xml version="1.0"?><gpx version="1.1" creator="x" xmlns="http://www.topografix.com/GPX/1/1">
  <wpt lat="51.1" lon="-2.5"><name>Long Mere</name><type>water</type></wpt>
  <wpt lat="51.2" lon="-2.5"><name>Peg 12</name></wpt></gpx>`;

test(
  'another book is looked into, added as its keeper’s, and adds nothing the second time; points become waters',
  { tag: '@desk' },
  async ({ page, server, demo, noErrors }) => {
    const book = Buffer.from(await (await fetch(`${demo.url}/api/book.json`)).arrayBuffer());
    const file = { name: 'book.json', mimeType: 'application/json', buffer: book };
    await page.goto(`${server.url}/book/in-and-out`);
    const section = page.getByRole('region', { name: 'A book', exact: true });
    await section.getByLabel('Choose the JSON of a book').setInputFiles({ ...file, buffer: Buffer.from('{}') });
    await expect(section.getByRole('alert')).toHaveText('Nothing was written. This is not a book of Unhurried Keeper.');
    await section.locator('input[type=file]').setInputFiles(file);
    await expect(section).toContainText(/New here: 79 fish, \d+ outings and \d+ other rows\./);
    await expect(section).toContainText('Waters that are new: ');
    await section.getByRole('combobox', { name: 'Whose book is it?' }).click();
    await page.getByRole('option', { name: 'A keeper who is not in this book yet' }).click();
    await section.getByLabel('What they are called').fill('Cleo');
    await section.getByRole('button', { name: 'Add it to the book' }).click();
    await expect(section).toContainText('It is in the book: 79 fish new.');
    await expect(section).toContainText(/pictures of its fish are not here/);
    const names = async () =>
      ((await (await fetch(`${server.url}/api/keepers`)).json()) as { name: string }[]).map(({ name }) => name);
    expect(await names()).toContain('Cleo');
    await page.reload();
    await section.locator('input[type=file]').setInputFiles(file);
    // As one's own it would say another thing of each fish; as Cleo's everything is here.
    await expect(section).toContainText('79 entries or rows stay out');
    await section.getByRole('combobox', { name: 'Whose book is it?' }).click();
    await page.getByRole('option', { name: 'Cleo' }).click();
    await expect(section).toContainText('Everything in it is here already.');
    await expect(section).not.toContainText('stay out');

    const map = page.getByRole('region', { name: 'Waters and swims of a map' });
    await map
      .locator('input[type=file]')
      .setInputFiles({ name: 'a.gpx', mimeType: 'application/gpx+xml', buffer: Buffer.from(GPX) });
    await map.getByRole('combobox', { name: 'Peg 12: as' }).click();
    await page.getByRole('option', { name: /^A swim of Harrowmere/ }).click();
    await map.getByRole('button', { name: 'Add 2 places' }).click();
    await expect(map).toContainText('2 places added.');
    const swims = async () =>
      ((await (await fetch(`${server.url}/api/swims`)).json()) as { name: string }[]).map(({ name }) => name);
    await expect.poll(swims).toContain('Peg 12');
    expect(noErrors).toEqual([]);
  },
);

test(
  'a backup takes the place of an empty book, and the server comes back with it',
  { tag: '@desk' },
  async ({ page, server, demo }) => {
    const backup = Buffer.from(await (await fetch(`${demo.url}/api/backup`)).arrayBuffer());
    await page.goto(`${server.url}/book/in-and-out`);
    const section = page.getByRole('region', { name: 'A backup' });
    const choose = (buffer: Buffer) =>
      section.locator('input[type=file]').setInputFiles({ name: 'book.zip', mimeType: 'application/zip', buffer });
    await choose(backup.subarray(0, 5000));
    await section.getByRole('button', { name: 'Bring it back' }).click();
    await expect(section.getByRole('alert')).toContainText('Nothing was restored.');
    await choose(backup);
    await section.getByRole('button', { name: 'Bring it back' }).click();
    await expect(page.getByTestId('book-counts')).toContainText('76 fish, 3 lost on the way in.', { timeout: 30_000 });
    const { total } = (await (await fetch(`${server.url}/api/captures`)).json()) as BookPage;
    expect(total).toBe(79);
  },
);

test(
  'a season is printed as a PDF that can be read, and the calendar feed opens by its address alone',
  { tag: '@desk' },
  async ({ page, demo, server, noErrors }) => {
    await page.goto(`${demo.url}/book/season/2025`);
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('The season of 2025');
    await page.waitForLoadState('networkidle');
    const folder = mkdtempSync(join(tmpdir(), 'keeper-season-'));
    const file = join(folder, 'season.pdf');
    await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
    // Poppler reads it: A4 pages, and the words of the page in them, without the menu.
    expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(
      /Page size: +59[45][.\d]* x 84[12][.\d]* pts \(A4\)/,
    );
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    expect(text).toContain('The season of 2025');
    expect(text).toContain('The best of each kind');
    expect(text).not.toContain('Weigh desk');
    rmSync(folder, { recursive: true });

    await page.goto(`${server.url}/book/in-and-out`);
    const opened = page.waitForResponse(
      (answer) => answer.url().endsWith('/api/calendar') && answer.request().method() === 'PUT',
    );
    await page.getByRole('button', { name: 'Open a feed' }).click();
    const { path } = (await (await opened).json()) as OpenedFeed;
    await expect(page.getByText(path)).toBeVisible();
    expect(await (await fetch(`${server.url}${path}`)).text()).toContain('BEGIN:VCALENDAR');
    await page.getByRole('button', { name: 'Close the feed' }).click();
    await expect.poll(async () => (await fetch(`${server.url}${path}`)).status).toBe(404);
    expect(noErrors).toEqual([]);
  },
);
