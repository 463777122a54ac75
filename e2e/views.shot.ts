import { fileURLToPath } from 'node:url';
import { SUMMER } from './hotOuting.js';
import { expect, test, type Browser, type Page } from '@playwright/test';
import type { BookPage } from '@keeper/contract/book';
import type { FlanksAnswer } from '@keeper/contract/flanks';
import type { PicturedFish } from '@keeper/contract/pictured';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { KeeperServer } from './keeperServer.js';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const server = new KeeperServer();

test.beforeAll(async () => {
  await server.start();
  await server.fillDemo(89);
});
test.afterAll(() => server.close());

interface Shot {
  readonly name: string;
  readonly size: { width: number; height: number };
  readonly light?: 'day' | 'glare' | 'night';
  readonly path: () => Promise<string>;
  readonly act?: (page: Page) => Promise<void>;
}

const at = (path: string) => () => Promise.resolve(path);

/**
 * A run that has gone on for a while: the take was eight minutes ago, the fish has been in the air for some seconds.
 */
async function runUnderWay(airMs: number): Promise<string> {
  const id = (n: number) => `${crypto.randomUUID().slice(0, 14)}7${crypto.randomUUID().slice(15, 35)}${n}`;
  const captureId = id(0);
  const began = Date.now() - 462_000 - airMs;
  const [water] = (await (await fetch(`${server.url}/api/waters`)).json()) as { id: string }[];
  const taps = [
    ['hooked', 0, { waterId: water?.id }],
    ['netted', 391_000, {}],
    ['hook-out', 428_000, {}],
    ['lifted', 462_000, {}],
  ] as const;
  const events = taps.map(([type, elapsedMs, payload], i) => ({
    id: id(i + 1),
    captureId,
    deviceId: 'shot',
    at: new Date(began + elapsedMs).toISOString(),
    elapsedMs,
    type,
    payload,
  }));
  const answer = await fetch(`${server.url}/api/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ events }),
  });
  if (!answer.ok) throw new Error(await answer.text());
  return `/run/${captureId}`;
}

/** A capture of the newest that was corrected, else the newest with two pictures. */
async function toldInFull(): Promise<string> {
  const { rows } = (await (await fetch(`${server.url}/api/captures?limit=30`)).json()) as BookPage;
  const found =
    rows.find((row) => row.amendmentCount > 0 && row.pictures.length > 0) ??
    rows.find((row) => row.pictures.length > 1);
  return `/book/${found?.captureId ?? ''}`;
}

/** An outing of the demo keeper on a hot day, with the water measured: as a new user would set it up. */
async function hotDay(page: Page): Promise<void> {
  await page.evaluate(() => localStorage.setItem('keeper.standin.day', 'heatwave'));
  await page.getByRole('combobox', { name: 'Water' }).click();
  await page.getByRole('option', { name: 'Harrowmere' }).click();
  await page.getByRole('radio', { name: 'Boathouse end' }).click();
  await page.getByLabel('From').fill(`${SUMMER}-07-15T06:00`);
  await page.getByLabel('Until about').fill(`${SUMMER}-07-15T21:00`);
  for (const species of ['Carp', 'Pike']) await page.getByRole('button', { name: species, exact: true }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.getByRole('heading', { name: 'Boathouse end' }).waitFor();
  await page.getByRole('button', { name: 'Measure the water' }).click();
  await page.getByLabel('Another value').fill('23.2');
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await page.getByText(/^Leave pike alone/).waitFor();
  await page.getByRole('img', { name: /^The hours from/ }).waitFor();
  await page.evaluate(() => scrollTo(0, 0));
}

async function plan(page: Page): Promise<void> {
  await hotDay(page);
  await page.getByRole('link', { name: 'Lay out the bank' }).click();
  await page.getByRole('button', { name: 'Lay it out for me' }).click();
  const hour = page.getByRole('slider', { name: 'Hour of the outing' });
  await hour.focus();
  for (let i = 0; i < 8; i += 1) await page.keyboard.press('ArrowRight');
  await page.evaluate(() => scrollTo(0, 0));
}

/** The connected scale, a moment after the fish was hung on it. */
const weigh = async (page: Page) => {
  await page.evaluate(() => localStorage.setItem('keeper.standin.fish', 'lively'));
  await page.getByRole('button', { name: 'Weigh', exact: true }).click();
  await page.getByRole('button', { name: 'the simulated one' }).click();
  await page.getByText(/^(Settling|Fish moving)$/).waitFor();
  const drawn = page.getByRole('group', { name: 'Weight' }).locator('polyline');
  await expect.poll(async () => (await drawn.getAttribute('points'))?.split(' ').length ?? 0).toBeGreaterThan(12);
};
const sheet = async (page: Page) => {
  const rows = [
    ['My notebook'],
    ['Date', 'Lake', 'Species', 'Weight', 'Bait', 'Remarks', 'Moon'],
    ['03/04/05', 'Harrowmere', 'Mirror', '23.11', 'Tiger nuts', 'first of the year', 'full'],
    ['summer 2007', 'Harowmere', 'Pike', 'about 14 lb', 'Roach', '', ''],
    ['14/06/2011', 'Saltern Pit', 'Tench', '6-2', 'Bread', 'off the lilies at dawn', 'new'],
    ['1998/99', 'Old brickworks', 'Common', '19 lb 4 oz', 'Sweetcorn', '', ''],
    ['sometime', 'Saltern Pit', 'Tench', '5-1', 'Bread', '', ''],
    ['Total', '', '5 fish', '', '', '', ''],
  ];
  const buffer = Buffer.from(rows.map((row) => row.join(',')).join('\n'));
  await page.locator('input[type=file]').setInputFiles({ name: 'notebook.csv', mimeType: 'text/csv', buffer });
  await page.getByRole('region', { name: 'What will come in' }).getByText('4 fish.').waitFor();
};
const SHOTS: readonly Shot[] = [
  { name: 'today-desk', size: DESK, path: at('/') },
  { name: 'book-desk', size: DESK, path: at('/book') },
  { name: 'sheet-desk', size: { width: 1280, height: 1000 }, path: at('/book/sheet'), act: sheet },
  { name: 'capture-desk', size: DESK, path: toldInFull },
  { name: 'weigh-desk', size: { width: 1280, height: 1000 }, path: at('/weigh') },
  { name: 'bank-desk', size: { width: 1280, height: 1000 }, path: at('/bank/new'), act: hotDay },
  { name: 'plan-desk', size: { width: 1280, height: 900 }, path: at('/bank/new'), act: plan },
  { name: 'run-phone', size: PHONE, path: () => runUnderWay(14_000) },
  { name: 'run-night-phone', size: PHONE, light: 'night', path: () => runUnderWay(14_000) },
  { name: 'run-weigh-phone', size: PHONE, path: () => runUnderWay(14_000), act: weigh },
  { name: 'bench-desk', size: { width: 1280, height: 900 }, path: () => pictureOf('carp'), act: straight },
  { name: 'who-desk', size: { width: 1280, height: 900 }, path: askedFlank, act: evidence },
  { name: 'register-desk', size: DESK, path: at('/fish') },
  { name: 'fish-desk', size: { width: 1280, height: 1000 }, path: knownFish },
  { name: 'bests-desk', size: { width: 1280, height: 1000 }, path: at('/book/findings/bests') },
  {
    name: 'findings-desk',
    size: DESK,
    path: at('/book/findings'),
    act: (page) => page.getByRole('region', { name: 'What is sure' }).waitFor(),
  },
  { name: 'season-desk', size: DESK, path: at('/book/season/2025') },
  { name: 'devices-desk', size: DESK, path: at('/devices'), act: pairing },
  { name: 'in-and-out-desk', size: { width: 1280, height: 900 }, path: at('/book/in-and-out') },
];

/** A household's devices, the book open to an invented home network, and a code for one more. */
async function pairing(page: Page): Promise<void> {
  const send = (method: string, path: string, body?: object) =>
    fetch(`${server.url}/api/access${path}`, {
      method,
      ...(body && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
  await send('PUT', '/passphrase', { next: 'three carp in the margins' });
  await send('PUT', '/home', { on: true });
  for (const [name, role] of [
    ['The old phone', 'keeper'],
    ['Phone in the pocket', 'keeper'],
    ['Whoever holds the net', 'helper'],
  ] as const) {
    const { code } = (await (await send('POST', '/pairing', { role })).json()) as { code: string };
    await send('POST', '/devices', { code, name, deviceId: crypto.randomUUID() });
  }
  const devices = (await (await send('GET', '/devices')).json()) as { id: string; name: string }[];
  await send('DELETE', `/devices/${devices.find(({ name }) => name === 'The old phone')?.id}`);
  await page.route('**/api/access/home', async (route) => {
    const home = (await (await route.fetch()).json()) as object;
    await route.fulfill({ json: { ...home, urls: ['https://192.168.1.20:4311', 'https://attic.local:4311'] } });
  });
  await page.reload();
  await page.getByRole('button', { name: 'Show a code' }).click();
  await page.getByText(/^Code [2-9A-Z]{4}/).waitFor();
  await page.evaluate(() => scrollTo({ top: 0 }));
}

/** The flanks of the demo's book, once all prints are made. */
async function allFlanks(): Promise<FlanksAnswer['flanks']> {
  const read = async () => (await (await fetch(`${server.url}/api/flanks`)).json()) as FlanksAnswer;
  await expect.poll(async () => (await read()).coming, { timeout: 60_000 }).toBe(0);
  return (await read()).flanks;
}

/** A flank of the demo's book whose fish was had before. */
async function askedFlank(): Promise<string> {
  const flanks = await allFlanks();
  const mirror = flanks.find(({ kind, side }) => kind === 'carp-mirror' && side === 'left');
  return `/pictures/${mirror?.captureId}/${mirror?.sha256}/who`;
}
/** The known fish that was had most often. */
async function knownFish(): Promise<string> {
  const all = (await (await fetch(`${server.url}/api/captures/known`)).json()) as CaptureSummary[];
  const times = (fishId: string | null) => all.filter((each) => each.fishId === fishId).length;
  return `/fish/${all.toSorted((a, b) => times(b.fishId) - times(a.fishId))[0]?.fishId ?? ''}`;
}

async function evidence(page: Page): Promise<void> {
  await page.getByText(/places agree/).waitFor({ timeout: 30_000 });
}

async function fishWithPictures(species: string): Promise<PicturedFish> {
  const all = (await (await fetch(`${server.url}/api/captures/pictured`)).json()) as PicturedFish[];
  const found = all.find((fish) => fish.species === species && fish.pictures.length > 0);
  if (!found) throw new Error(`No ${species} has pictures.`);
  return found;
}

async function pictureOf(species: string): Promise<string> {
  const { captureId, pictures } = await fishWithPictures(species);
  return `/pictures/${captureId}/${pictures[0]}`;
}

async function straight(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Straighten it' }).click({ timeout: 60_000 });
  await page.getByRole('region', { name: 'As the book shows it' }).waitFor();
}

async function draw(browser: Browser, shot: Shot): Promise<void> {
  const context = await browser.newContext({ viewport: shot.size });
  const page = await context.newPage();
  await page.addInitScript((light) => localStorage.setItem('keeper.light', light), shot.light ?? 'day');
  await page.goto(`${server.url}${await shot.path()}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await shot.act?.(page);
  await page.waitForLoadState('networkidle');
  await page.screenshot({ path: `${folder}${shot.name}.png` });
  await context.close();
}

for (const shot of SHOTS) test(shot.name, ({ browser }) => draw(browser, shot));
