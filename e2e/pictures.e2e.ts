import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import type { BookPage } from '@keeper/contract/book';
import type { CaptureEvents } from '@keeper/contract/events';
import type { PicturedFish } from '@keeper/contract/pictured';
import type { EventPayloads } from '@keeper/core/domain/capture/event';
import { expect, fishOn, onlyCapture, PICTURE, step, test } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';

const CARD = 5;

async function cardOf(server: KeeperServer): Promise<{ files: string[]; away: () => void }> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-card-'));
  await server.leaveCard(folder, CARD);
  return {
    files: readdirSync(folder).map((name) => join(folder, name)),
    away: () => rmSync(folder, { recursive: true, force: true }),
  };
}

async function pictured(server: KeeperServer): Promise<PicturedFish[]> {
  const all = (await (await fetch(`${server.url}/api/captures/pictured`)).json()) as PicturedFish[];
  return all.filter(({ pictures }) => pictures.length > 0);
}

async function lastReading(server: KeeperServer, captureId: string) {
  const answer = await fetch(`${server.url}/api/captures/${captureId}`);
  const { events } = (await answer.json()) as CaptureEvents;
  return events.filter(({ type }) => type === 'picture-read').at(-1)?.payload as
    EventPayloads['picture-read'] | undefined;
}

const stage = (page: Page) => page.getByRole('group', { name: /^The picture with/ });

test(
  'off the card to their fish, laid straight, measured, compared, and a card that tells no place',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(150_000);
    const card = await cardOf(server);
    await page.goto(`${server.url}/pictures`);
    await page.getByLabel('Drop pictures here, or choose them').setInputFiles(card.files);
    await expect(page.getByRole('heading', { name: `${CARD} pictures` })).toBeVisible({ timeout: 30_000 });
    await expect(page.getByText(/^P1080\.jpg was not taken\./)).toBeVisible();
    // Nothing is attached before it was shown, and neither a reload nor the card in the pocket again loses anything.
    card.away();
    expect(await pictured(server)).toEqual([]);
    await page.reload();
    await expect(page.getByRole('heading', { name: `${CARD} pictures` })).toBeVisible();
    for (let left = await page.getByRole('button', { name: /^Put (it|\d+) there$/ }).count(); left > 0; left -= 1) {
      await page
        .getByRole('button', { name: /^Put (it|\d+) there$/ })
        .first()
        .click();
      await expect(page.getByRole('button', { name: /^Put (it|\d+) there$/ })).toHaveCount(left - 1);
    }
    await expect
      .poll(async () => (await pictured(server)).flatMap(({ pictures }) => pictures).length, { timeout: 30_000 })
      .toBe(CARD);

    // Two taps on the bench: it is level, and the picture that the book shows is another than the original.
    const fish = (await pictured(server)).toSorted((a, b) => b.pictures.length - a.pictures.length)[0] as PicturedFish;
    const first = fish.pictures[0] ?? '';
    await page.goto(`${server.url}/pictures/${fish.captureId}/${first}`);
    await page.getByRole('button', { name: 'Straighten it' }).click({ timeout: 30_000 });
    await expect(page.getByRole('region', { name: 'As the book shows it' })).toBeVisible();
    await expect.poll(async () => (await lastReading(server, fish.captureId))?.view?.widthPx ?? 0).toBeGreaterThan(300);
    expect((await lastReading(server, fish.captureId))?.by).toBe('proposed');

    // The cut by hand: closer, and moved by keyboard.
    const view = async () => (await lastReading(server, fish.captureId))?.view;
    const laid = await view();
    await page.getByRole('button', { name: 'Closer' }).click();
    await expect.poll(async () => (laid?.widthPx ?? 0) / ((await view())?.widthPx ?? 1)).toBeCloseTo(1.1, 3);
    await page.getByRole('application', { name: /^What is shown/ }).press('ArrowLeft');
    await expect.poll(async () => (await view())?.centre.x).not.toBe(laid?.centre.x);

    // One is moved to another fish: this one has it no longer, the other has.
    const series = page.getByRole('region', { name: /of this fish/ });
    await expect(series.getByRole('link').first()).toBeVisible();

    // A point by keyboard, and back.
    const snout = page.getByRole('button', { name: /^Tip of the snout/ });
    await snout.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(async () => (await lastReading(server, fish.captureId))?.by).toBe('hand');
    const moved = (await lastReading(server, fish.captureId))?.landmarks?.snout.x ?? NaN;
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect
      .poll(async () => moved - ((await lastReading(server, fish.captureId))?.landmarks?.snout.x ?? NaN))
      .toBeCloseTo(10, 3);
    await page.getByRole('button', { name: 'Redo', exact: true }).click();
    await expect
      .poll(async () => (await lastReading(server, fish.captureId))?.landmarks?.snout.x)
      .toBeCloseTo(moved, 3);

    // Three marks, nose and tail.
    await page.getByRole('radio', { name: 'The board' }).click();
    const box = await stage(page).boundingBox();
    if (!box) throw new Error('The picture is not there.');
    for (const share of [0.2, 0.5, 0.8]) await page.mouse.click(box.x + share * box.width, box.y + 0.8 * box.height);
    await page.getByRole('radio', { name: 'The nose' }).click();
    await page.mouse.click(box.x + 0.25 * box.width, box.y + 0.8 * box.height);
    await page.mouse.click(box.x + 0.7 * box.width, box.y + 0.8 * box.height);
    await expect(page.getByText(/give or take/)).toBeVisible();
    await expect.poll(async () => (await lastReading(server, fish.captureId))?.length?.marks.length).toBe(3);

    // Tail and nose go and come back as they were tapped, on the picture and in the book, from another page of the work
    // too.
    await page.getByRole('radio', { name: 'The fish', exact: true }).click();
    const kept = async () => (await lastReading(server, fish.captureId))?.length?.marks.length;
    for (const [button, points, inBook] of [
      ['Undo', 4, undefined],
      ['Undo', 3, undefined],
      ['Redo', 4, undefined],
      ['Redo', 5, 3],
    ] as const) {
      await page.getByRole('button', { name: button, exact: true }).click();
      await expect(page.getByRole('button', { name: /^The (mark|nose|tail)\b.*drag it/ })).toHaveCount(points);
      await expect.poll(kept).toBe(inBook);
    }

    // What leaves carries neither what the camera wrote nor a place.
    await page.goto(`${server.url}/book/${fish.captureId}/share`);
    await expect(page.getByText(/^Left out: /)).toBeVisible();
    const drawn = page.getByRole('img', { name: /^Catch card/ });
    await expect(drawn).toBeVisible({ timeout: 20_000 });
    for (const [button, begins] of [
      ['Save as image', 'ffd8ff'],
      ['Save as PDF', Buffer.from('%PDF-').toString('hex')],
      ['The picture alone', 'ffd8ff'],
    ] as const) {
      const coming = page.waitForEvent('download');
      await page.getByRole('button', { name: button }).click();
      const bytes = readFileSync(await (await coming).path());
      expect(bytes.subarray(0, begins.length / 2).toString('hex')).toBe(begins);
      expect(bytes.includes('Exif')).toBe(false);
      expect(bytes.includes('Withy')).toBe(false);
    }
    expect(noErrors).toEqual([]);
  },
);

test(
  'scans without a date get a page each on the day that is said; taken back, all of them lie on the list again',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    const scans = [1, 2, 3].map((n) => ({
      ...PICTURE,
      name: `scan${n}.png`,
      // What follows the end of a PNG is no part of the picture, and makes it another file.
      buffer: Buffer.concat([PICTURE.buffer, Buffer.from([n])]),
    }));
    const inBook = async () => ((await (await fetch(`${server.url}/api/captures`)).json()) as BookPage).total;
    await page.goto(`${server.url}/pictures`);
    await page.getByLabel('Drop pictures here, or choose them').setInputFiles(scans);
    const tiles = page.getByRole('checkbox', { name: /^scan/ });
    await expect(tiles).toHaveCount(3);
    for (const n of [1, 2])
      await page
        .locator('label')
        .filter({ has: page.getByRole('checkbox', { name: `scan${n}.png` }) })
        .click();
    await page.getByLabel('The day they were taken').fill('2019-05-04');
    await page.getByRole('button', { name: 'A page for each of the 2' }).click();
    await expect.poll(inBook).toBe(2);
    await expect(tiles).toHaveCount(1);
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect.poll(inBook).toBe(0);
    await expect(tiles).toHaveCount(3);
    await expect(page.getByText(/in the book already/)).toHaveCount(0);
    expect(noErrors).toEqual([]);
  },
);

test(
  'beside the fish the camera opens, says what it sees, and what it takes is kept with its side',
  { tag: '@phone' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(120_000);
    await page.addInitScript(() => localStorage.setItem('keeper.camera', 'simulated'));
    await fishOn(page, server);
    await step(page, 'In the net', 'netted');
    await step(page, 'Hook out', 'hook out');
    await step(page, 'Lift', 'lifted');
    await page.getByRole('button', { name: 'Camera', exact: true }).click();
    const take = page.getByRole('button', { name: 'Take it' });
    await expect(take).toBeEnabled({ timeout: 60_000 });
    // The lens hunts for focus now and then: a sharp fish and a blurred one are told apart.
    const says = page.locator('[data-looks-a-second]');
    await expect(says).toHaveText(/Blurred/, { timeout: 30_000 });
    await expect(says).not.toHaveText(/Blurred/, { timeout: 30_000 });
    await take.click();
    await expect(page.getByText('Left flank kept.')).toBeVisible({ timeout: 15_000 });
    // Both flanks once each: the right one is wanted next.
    await expect(page.getByRole('radio', { name: 'Right' })).toHaveAttribute('data-state', 'on');
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'Undo “pictured”' }).waitFor();
    await expect
      .poll(async () => (await onlyCapture(server)).events.find(({ type }) => type === 'picture-added')?.payload)
      .toMatchObject({ role: 'left-flank' });
    expect(noErrors).toEqual([]);
  },
);

test(
  'where no camera is given, it is said, and a file of its own application is taken',
  { tag: '@phone' },
  async ({ page, server }) => {
    await fishOn(page, server);
    await step(page, 'In the net', 'netted');
    await step(page, 'Lift', 'lifted');
    await page.getByRole('button', { name: 'Camera', exact: true }).click();
    await expect(page.getByRole('alert')).toContainText(
      /^(No camera was found|The camera was not allowed|This browser has no camera)/,
    );
    await page.getByLabel('Camera app').setInputFiles({
      name: 'fish.png',
      mimeType: 'image/png',
      buffer: Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
        'base64',
      ),
    });
    await expect(page.getByText('Left flank kept.')).toBeVisible();
  },
);
