import type { BookPage } from '@keeper/contract/book';
import type { CaptureEvents } from '@keeper/contract/events';
import { PICTURE, expect, test } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';

const CAPTURE = '01990000-0000-7000-8000-0000000000c1';
const OTHER = '01990000-0000-7000-8000-0000000000c2';
const WATER = '01990000-0000-7000-8000-0000000000b1';
const SWIM = '01990000-0000-7000-8000-0000000000b2';

const send = (server: KeeperServer, method: string, path: string, body: object) =>
  fetch(`${server.url}/api/${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

/** Two fish of one morning, at a water with one swim. */
async function fill(server: KeeperServer): Promise<void> {
  await send(server, 'PUT', `waters/${WATER}`, { name: 'Salt pit', kind: 'pit', revision: 0 });
  const swim = { waterId: WATER, name: 'Reed gate', position: null, facingDeg: 0, bank: 'grass', hazards: [] };
  await send(server, 'PUT', `swims/${SWIM}`, { ...swim, fixtures: [], note: null, retired: false, revision: 0 });
  const head = { deviceId: 'desk', at: '2026-05-01T06:00:00.000Z', elapsedMs: 0 };
  const events = [CAPTURE, OTHER].flatMap((captureId, i) => [
    {
      ...head,
      captureId,
      id: `01990000-0000-7000-8000-0000000000d${i}`,
      type: 'hooked',
      payload: { waterId: WATER, zone: 'UTC' },
    },
    {
      ...head,
      captureId,
      id: `01990000-0000-7000-8000-0000000000e${i}`,
      type: 'released',
      elapsedMs: 9000,
      payload: {},
    },
    {
      ...head,
      captureId,
      id: `01990000-0000-7000-8000-0000000000f${i}`,
      type: 'described',
      elapsedMs: 9001,
      payload: { facts: { species: i === 0 ? 'carp' : 'pike' } },
    },
  ]);
  await send(server, 'POST', 'events', { events });
}

test(
  'a wrong day and swim are put right, and taken back; a picture goes to the fish it shows, or for good',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    await fill(server);
    const log = async (captureId: string) =>
      ((await (await fetch(`${server.url}/api/captures/${captureId}`)).json()) as CaptureEvents).events;
    const correct = async (what: string) => {
      await page.getByRole('button', { name: 'Correct an entry' }).click();
      await page.getByRole('combobox', { name: 'What to correct' }).click();
      await page.getByRole('option', { name: what, exact: true }).click();
    };
    await page.goto(`${server.url}/book/${CAPTURE}`);
    await correct('Day and time');
    await page.getByLabel('The day').fill('31 April 2026');
    await page.getByLabel('Why').fill('Looked it up.');
    await page.getByRole('button', { name: 'Enter the correction' }).click();
    await expect(page.getByRole('alert')).toHaveText('There is no such day: 31 April 2026.');
    await page.getByLabel('The day').fill('30 April 2026');
    await page.getByLabel('The time there').fill('5:40');
    await page.getByRole('button', { name: 'Enter the correction' }).click();
    await expect(page.getByRole('article')).toContainText('30 April, 05:40');
    await correct('The swim');
    await page.getByRole('combobox', { name: 'The swim' }).click();
    await page.getByRole('option', { name: 'Reed gate' }).click();
    await page.getByLabel('Why').fill('It was the gate.');
    await page.getByRole('button', { name: 'Enter the correction' }).click();
    await expect(page.getByRole('article')).toContainText('Salt pit, Reed gate');
    const corrections = page.getByRole('region', { name: 'Corrections' });
    await expect(corrections.getByRole('listitem')).toHaveText([
      /Swim: not known Reed gate.*It was the gate/s,
      /Day and time:.*30 April, 05:40.*Looked it up/s,
    ]);
    await corrections.getByRole('button', { name: 'Take it back' }).last().click();
    await expect(page.getByRole('article')).toContainText('1 May, 06:00');
    // What is written after that counts from the same beginning.
    await expect.poll(async () => (await log(CAPTURE)).at(-1)?.type).toBe('undone');

    await page.getByLabel('Add pictures').setInputFiles(PICTURE);
    await page
      .getByRole('article')
      .getByRole('link', { name: /Picture/ })
      .first()
      .click();
    const away = async (to: RegExp | string) => {
      await page.getByRole('button', { name: 'Remove or move this picture' }).click();
      await page.getByRole('combobox', { name: 'Where it belongs' }).click();
      await page.getByRole('option', { name: to }).click();
    };
    await away(/^Pike/);
    await page.getByRole('button', { name: 'Move this picture' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pike');
    await page.goto(`${server.url}/book/${CAPTURE}`);
    const gone = page.getByRole('region', { name: 'Pictures taken from it' });
    await expect(gone).toContainText('moved to another fish');
    await gone.getByRole('button', { name: 'Take it back' }).click();
    await expect(gone).toHaveCount(0);
    const sha256 = (await log(CAPTURE)).flatMap((event) =>
      event.type === 'picture-added' ? event.payload.sha256 : [],
    )[0];
    await expect.poll(async () => (await fetch(`${server.url}/api/pictures/${sha256}`)).status).toBe(200);

    await page
      .getByRole('article')
      .getByRole('link', { name: /Picture/ })
      .first()
      .click();
    await away('Nowhere: delete it for good');
    await expect(page.getByText(/That cannot be taken back/)).toBeVisible();
    await page.getByRole('button', { name: 'Delete this picture for good' }).click();
    await expect(page.getByRole('region', { name: 'Pictures taken from it' })).toContainText('deleted for good');
    await expect.poll(async () => (await fetch(`${server.url}/api/pictures/${sha256}`)).status).toBe(404);
    expect(noErrors).toEqual([]);
  },
);

test(
  'what is noted can be asked for and kept as a view; a page that was struck out is found, and put back',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    await fill(server);
    await page.goto(`${server.url}/book/${OTHER}`);
    await page.getByRole('button', { name: 'Strike this page out' }).click();
    await page.getByRole('button', { name: 'Strike it out' }).click();
    await expect(page.getByText('This page was struck out.')).toBeVisible();
    const book = async (query = '') => (await (await fetch(`${server.url}/api/captures${query}`)).json()) as BookPage;
    await expect.poll(async () => (await book()).total).toBe(1);

    await page.goto(`${server.url}/book`);
    await page.getByRole('button', { name: 'More filters' }).click();
    await page.getByRole('combobox', { name: 'Struck out' }).click();
    await page.getByRole('option', { name: 'Pages that were struck out' }).click();
    await page.getByLabel('Weight from').fill('heavy');
    await page.getByRole('button', { name: 'Show these' }).click();
    await expect(page.getByText('This cannot be read.')).toBeVisible();
    await page.getByLabel('Weight from').fill('');
    await page.getByRole('button', { name: 'Show these' }).click();
    await expect(
      page.getByRole('button', { name: 'Show without: Struck out: Pages that were struck out' }),
    ).toBeVisible();
    const rows = page.getByRole('main').getByRole('listitem').filter({ hasText: 'Salt pit' });
    await expect(rows).toHaveText([/Pike/]);

    await page.getByRole('button', { name: 'More filters, 1 set' }).click();
    await page.getByLabel('Name of the view').fill('Thrown out');
    await page.getByRole('button', { name: 'Save the view' }).click();
    await page.goto(`${server.url}/book`);
    await expect(rows).toHaveText([/Carp/]);
    await page.getByRole('link', { name: 'Thrown out' }).click();
    await expect(rows).toHaveText([/Pike/]);
    await rows.getByRole('link').click();
    await page.getByRole('button', { name: 'Put it back in the book' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Pike');
    await expect.poll(async () => (await book()).total).toBe(2);
    await page.goto(`${server.url}/book?struckOut=true`);
    await page.getByRole('button', { name: 'Remove the view Thrown out' }).click();
    await expect(page.getByRole('navigation', { name: 'Saved views' })).toHaveCount(0);
    expect(noErrors).toEqual([]);
  },
);
