import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { KeeperServer } from './keeperServer.js';
import { send, uuid7 } from './hotOuting.js';
import { captureOf, pikeTwice } from './pikeTwice.js';
import { expect, test } from './keeperTest.js';

const shot = (name: string) => ({ path: `/tmp/${name}-${test.info().project.name}.png`, fullPage: true });
const HOUR_MS = 3_600_000;

async function meetingToday(server: KeeperServer, change: object = {}): Promise<string> {
  const id = uuid7();
  await send(server, 'PUT', `/meetings/${id}`, {
    name: 'Spring pike day',
    sort: 'club-day',
    kinds: ['pike'],
    waterIds: [],
    fromAt: new Date(Date.now() - 12 * HOUR_MS).toISOString(),
    toAt: new Date(Date.now() + 12 * HOUR_MS).toISOString(),
    by: 'length',
    best: 2,
    least: null,
    upgradeBy: null,
    lengthOf: null,
    identifier: 'Card 12',
    sentWithinH: null,
    note: null,
    retired: false,
    revision: 0,
    ...change,
  });
  return id;
}

/** A pike of so many half centimetres, so many minutes ago, with a picture where one is given. */
async function pike(
  server: KeeperServer,
  halfCm: number,
  minutesAgo: number,
  { sha256, facts = {}, putTo }: { sha256?: string; facts?: object; putTo?: string } = {},
): Promise<string> {
  const captureId = uuid7();
  const at = new Date(Date.now() - minutesAgo * 60_000).toISOString();
  const length = { unit: 'half-cm', count: halfCm, of: 'tip' };
  const taps: [string, object][] = [
    ['hooked', { zone: 'Europe/London' }],
    ['netted', {}],
    ['released', {}],
    ['described', { facts: { species: 'pike', length, ...facts } }],
    ...(sha256 ? [['picture-added', { sha256, role: 'board' }] as [string, object]] : []),
    ...(putTo ? [['put-forward', { meetingId: putTo, sha256: 'a'.repeat(64), checks: [] }] as [string, object]] : []),
  ];
  const events = taps.map(([type, payload], i) => ({
    id: uuid7(),
    captureId,
    deviceId: uuid7(),
    at,
    elapsedMs: i * 1000,
    type,
    payload,
  }));
  await send(server, 'POST', '/events', { events });
  return captureId;
}

/** A picture as a camera wrote it, with its time and its place. */
async function cameraPicture(server: KeeperServer): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-card-'));
  await server.leaveCard(folder, 5);
  const file = join(folder, readdirSync(folder).toSorted()[1] ?? '');
  const form = new FormData();
  form.append('file', new Blob([new Uint8Array(readFileSync(file))], { type: 'image/jpeg' }), 'fish.jpg');
  rmSync(folder, { recursive: true });
  const kept = await fetch(`${server.url}/api/pictures`, { method: 'POST', body: form });
  return ((await kept.json()) as { sha256: string }).sha256;
}

test(
  'a club day: rules told, a list that fills itself, upgraded twice, and what the next must be',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    await page.goto(`${server.url}/meetings`);
    await page.getByRole('link', { name: 'Add a meeting' }).click();
    await page.getByLabel('Name').fill('Spring pike day');
    await page.getByRole('radio', { name: 'A season of my own' }).click();
    await page.getByRole('button', { name: 'Pike', exact: true }).click();
    const day = new Date(Date.now() - 24 * HOUR_MS).toISOString().slice(0, 10);
    const to = new Date(Date.now() + 24 * HOUR_MS).toISOString().slice(0, 10);
    await page.getByLabel('From', { exact: true }).fill(`${to}T06:00`);
    await page.getByLabel('To', { exact: true }).fill(`${day}T20:00`);
    await page.getByLabel('How many fish count').fill('2');
    await page.getByRole('button', { name: 'Save this meeting' }).click();
    await expect(page.getByText('It ends before it begins. Turn the dates round.')).toBeVisible();
    await page.getByLabel('From', { exact: true }).fill(`${day}T06:00`);
    await page.getByLabel('To', { exact: true }).fill(`${to}T20:00`);
    if (process.env['SHOTS']) await page.screenshot(shot('meetingform'));
    await page.getByRole('button', { name: 'Save this meeting' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Spring pike day');
    await expect(page.getByText('2 more fill the list.')).toBeVisible();

    await pike(server, 160, 50);
    await pike(server, 170, 40);
    await pike(server, 180, 30);
    await pike(server, 190, 20);
    await pike(server, 150, 10, { facts: { angler: { who: 'friend' } } });
    await page.reload();
    const counts = page.getByRole('region', { name: 'What counts' });
    await expect(counts.getByRole('listitem')).toHaveCount(2);
    await expect(counts).toContainText('an upgrade of');
    // 90 and 95 cm, by the keeper's inches.
    await expect(page.getByRole('article')).toContainText('72.83 in');
    await expect(page.getByText('The next must be over 35.43 in to count.')).toBeVisible();
    await page.getByLabel(/^What would a fish add/).fill('40');
    await expect(page.getByText('It would add 4.57 in.')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Outside the rules' })).toContainText('Another angler caught it.');
    if (process.env['SHOTS']) await page.screenshot(shot('meeting'));
    expect(noErrors).toEqual([]);
  },
);

test(
  'put forward with its picture looked at, and a bundle that other tools open',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    const sha256 = await cameraPicture(server);
    const meetingId = await meetingToday(server, { sentWithinH: 1 });
    const captureId = await pike(server, 180, 90, { sha256 });
    await page.goto(`${server.url}/meetings/${meetingId}`);
    await page.getByRole('link', { name: 'Put it forward' }).click();
    await expect(page.getByRole('checkbox', { name: 'Card 12 is in the picture and can be read' })).toBeVisible();
    const glass = page.getByRole('img', { name: 'Look closely' });
    await glass.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('img', { name: 'Magnified' })).toBeVisible();
    await page.getByRole('checkbox', { name: 'Card 12 is in the picture and can be read' }).click();
    // It comes later than the meeting allows: not without a reason.
    await expect(page.getByRole('button', { name: 'Put it forward' })).toBeDisabled();
    await page.getByLabel('Sent late because').fill('No signal at the lake.');
    if (process.env['SHOTS']) await page.screenshot(shot('put'));
    await page.getByRole('button', { name: 'Put it forward' }).click();
    const said = page.getByRole('region', { name: 'What the bundle discloses' });
    await expect(said).toContainText('The original picture, unchanged');
    await expect(said.getByRole('button', { name: 'Save the bundle (ZIP)' })).toBeDisabled();
    await said.getByRole('checkbox', { name: 'I am happy to send that' }).check();
    if (process.env['SHOTS']) await page.screenshot(shot('bundle'));
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      said.getByRole('button', { name: 'Save the bundle (ZIP)' }).click(),
    ]);
    const folder = mkdtempSync(join(tmpdir(), 'keeper-proof-'));
    await download.saveAs(join(folder, 'bundle.zip'));
    // Opened with other tools: Info-ZIP, GNU coreutils, ExifTool.
    execFileSync('unzip', ['-q', 'bundle.zip'], { cwd: folder });
    expect(execFileSync('sha256sum', ['-c', 'SHA256SUMS'], { cwd: folder, encoding: 'utf8' })).toBe(
      `${sha256.slice(0, 12)}.jpg: OK\nreading.json: OK\n`,
    );
    const reading = JSON.parse(readFileSync(join(folder, 'reading.json'), 'utf8')) as Record<string, unknown>;
    expect(reading).toMatchObject({
      format: 'unhurried-keeper-proof',
      version: 1,
      fish: { captureId, species: 'pike', lengthMm: 900, lengthOf: 'tip' },
      checks: ['identifier'],
      lateWhy: 'No signal at the lake.',
      picture: { sha256 },
    });
    const [tags] = JSON.parse(
      execFileSync('exiftool', ['-json', '-n', '-DateTimeOriginal', `${sha256.slice(0, 12)}.jpg`], {
        cwd: folder,
        encoding: 'utf8',
      }),
    ) as [{ DateTimeOriginal?: string }];
    expect(tags.DateTimeOriginal).toMatch(/^\d{4}:\d\d:\d\d /);
    rmSync(folder, { recursive: true });
    await page.goto(`${server.url}/meetings/${meetingId}`);
    await expect(page.getByRole('region', { name: 'What counts' })).toContainText('put forward');
    expect(noErrors).toEqual([]);
  },
);

test('the same fish is not put forward twice by mistake', { tag: '@desk' }, async ({ page, server }) => {
  const [sha256 = ''] = await pikeTwice(server);
  const meetingId = await meetingToday(server, {
    fromAt: '2020-01-01T00:00:00.000Z',
    toAt: new Date(Date.now() + HOUR_MS).toISOString(),
  });
  const [first, second] = [captureOf(0), captureOf(1)];
  const length = { unit: 'half-cm', count: 180, of: 'tip' };
  const at = '2026-05-01T08:00:00.000Z';
  const tell = (captureId: string, type: string, payload: object) => ({
    id: uuid7(),
    captureId,
    deviceId: uuid7(),
    at,
    elapsedMs: 9_000,
    type,
    payload,
  });
  await send(server, 'POST', '/events', {
    events: [
      tell(first, 'described', { facts: { length } }),
      tell(second, 'described', { facts: { length } }),
      tell(first, 'put-forward', { meetingId, sha256, checks: [] }),
    ],
  });
  await page.goto(`${server.url}/meetings/${meetingId}/put/${second}`);
  await expect(page.getByRole('alert')).toContainText(/This may be the fish you put forward on .* \(\d+ %\)/, {
    timeout: 30_000,
  });
});
