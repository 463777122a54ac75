import { readFileSync } from 'node:fs';
import type { CaptureEvents } from '@keeper/contract/events';
import type { FlanksAnswer } from '@keeper/contract/flanks';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { expect, step, test } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';
import { captureOf, pikeTwice } from './pikeTwice.js';

/** Which fish the two catches are said to be; the demo's own register stands beside them. */
async function said(server: KeeperServer): Promise<readonly (string | null)[]> {
  const known = (await (await fetch(`${server.url}/api/captures/known`)).json()) as CaptureSummary[];
  return [0, 1].map((n) => known.find(({ captureId }) => captureId === captureOf(n))?.fishId ?? null);
}

const oneFish = async (server: KeeperServer) => {
  const [a, b] = await said(server);
  return a !== null && a === b;
};

test(
  'a sweep finds the pike that was had twice; it is named, parted by mistake, and put together again with the history intact',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(150_000);
    await pikeTwice(server);
    await page.goto(`${server.url}/fish`);
    await page.getByRole('link', { name: 'Sweep the book' }).click();
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText(/one fish\?/)).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText(/places agree/)).toBeVisible({ timeout: 60_000 });
    expect(await said(server)).toEqual([null, null]);

    // One key each: different, taken back, the same.
    await page.keyboard.press('d');
    await expect(page.getByText(/^Nothing is left to decide/)).toBeVisible();
    await page.keyboard.press('z');
    await expect(page.getByText(/one fish\?/)).toBeVisible();
    await page.keyboard.press('s');
    await expect(page.getByText(/^Nothing is left to decide/)).toBeVisible();
    await expect.poll(() => oneFish(server)).toBe(true);
    // After a reload it stands where it stood.
    await page.reload();
    await expect(page.getByRole('button', { name: /^Sweep again/ })).toBeVisible();

    await page.getByRole('link', { name: 'Known fish' }).last().click();
    await page.getByRole('link', { name: /Pike of 2026/ }).click();
    await page.getByRole('button', { name: 'Give it a name' }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('A fish needs a name or a number that you will know it by.')).toBeVisible();
    await page.getByLabel('Name or number').fill('Old Moss');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('heading', { name: 'Old Moss' })).toBeVisible();

    // Parted by mistake, it is two fish; taken back, it is one, and both stand in what was said of it.
    await page.getByRole('button', { name: 'These are two fish…' }).click();
    await page.getByRole('checkbox', { name: /2 May/ }).check();
    await page.getByRole('button', { name: 'Make them another fish' }).click();
    await expect(page.getByText(/Split from “Old Moss”/)).toBeVisible();
    await expect.poll(() => oneFish(server)).toBe(false);
    await page.getByRole('button', { name: 'Take it back' }).first().click();
    await expect.poll(() => oneFish(server)).toBe(true);
    await page.goto(`${server.url}/fish/${(await said(server))[0] ?? ''}`);
    await expect(page.getByRole('heading', { name: 'Old Moss' })).toBeVisible();
    await expect(page.getByText(/^Taken back on|Taken back on/).first()).toBeVisible();
    await expect(page.getByText(/is another fish than/)).toBeVisible();
    expect(noErrors).toEqual([]);
  },
);

test(
  'a register is given to a friend, and the friend is told whose fish it is',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(120_000);
    const shas = await pikeTwice(server);
    // The older catch is known; its register goes to a friend, who has only the newer.
    await page.goto(`${server.url}/pictures/${captureOf(0)}/${shas[0] ?? ''}/who`);
    await page.getByRole('button', { name: 'A new fish' }).click({ timeout: 60_000 });
    await expect.poll(async () => (await said(server))[0]).not.toBeNull();
    await page.goto(`${server.url}/fish/friends`);
    await page.getByRole('button', { name: /^A file of/ }).click();
    await expect(page.getByText(/^Say whose register it is/)).toBeVisible();
    await page.getByLabel('Whose register it is').fill('Robin');
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name: /^A file of/ }).click();
    const file = await (await coming).path();
    expect(readFileSync(file, 'utf8')).not.toMatch(/2026-05-0/);

    await page.locator('input[type=file]').setInputFiles({
      name: 'torn.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format"'),
    });
    await expect(page.getByRole('alert')).toContainText('it is cut short');
    await page.locator('input[type=file]').setInputFiles({
      name: 'register.json',
      mimeType: 'application/json',
      buffer: readFileSync(file),
    });
    await expect(page.getByText(/fish of Robin with 1 flanks are here now/)).toBeVisible();

    await page.goto(`${server.url}/pictures/${captureOf(1)}/${shas[1] ?? ''}/who`);
    await page.getByRole('button', { name: /a fish of Robin/ }).click({ timeout: 60_000 });
    await expect(page.getByText('The flank that Robin shared')).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: /^It is Pike, caught by Robin/ }).click();
    await expect(page.getByText(/^You said that it is a new fish/)).toBeVisible();
    await expect.poll(async () => (await said(server))[1]).not.toBeNull();

    await page.goto(`${server.url}/fish/friends`);
    await page.getByRole('button', { name: 'Remove this register' }).click();
    await expect(page.getByRole('button', { name: 'Remove this register' })).toHaveCount(0);
    // Two browsers' alerts of the torn file: the page says what the server says.
    expect(noErrors.filter((line) => !line.includes('400'))).toEqual([]);
  },
);

test(
  'marks are set by hand where a pattern is too poor, moved, taken away and undone',
  { tag: '@desk' },
  async ({ page, server, noErrors }) => {
    test.setTimeout(120_000);
    const [sha = ''] = await pikeTwice(server);
    const marks = async () => {
      const { events } = (await (await fetch(`${server.url}/api/captures/${captureOf(0)}`)).json()) as CaptureEvents;
      const read = events.flatMap((event) => (event.type === 'picture-read' ? event.payload : []));
      return read.at(-1)?.marks?.length ?? 0;
    };
    await page.goto(`${server.url}/pictures/${captureOf(0)}/${sha}`);
    await page.getByRole('radio', { name: 'Its marks' }).click({ timeout: 60_000 });
    const stage = page.getByRole('group', { name: 'The picture with the marks that were set on the fish' });
    await expect(stage).toBeVisible({ timeout: 30_000 });
    const box = await stage.boundingBox();
    for (const n of [1, 2, 3, 4, 5]) {
      await page.mouse.click(
        (box?.x ?? 0) + (0.3 + 0.08 * n) * (box?.width ?? 0),
        (box?.y ?? 0) + 0.5 * (box?.height ?? 0),
      );
      await expect(page.getByRole('button', { name: new RegExp(`^Mark ${n}:`) })).toBeVisible();
    }
    await expect.poll(marks).toBe(5);
    await page.getByRole('button', { name: /^Mark 5:/ }).focus();
    await page.keyboard.press('Delete');
    await expect.poll(marks).toBe(4);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(marks).toBe(5);
    await expect
      .poll(async () =>
        ((await (await fetch(`${server.url}/api/flanks`)).json()) as FlanksAnswer).flanks
          .map((flank) => flank.marks.length)
          .toSorted(),
      )
      .toEqual([0, 5]);
    expect(noErrors).toEqual([]);
  },
);

test(
  'at the bank without a signal a fish in the water is known again by its picture',
  { tag: '@phone' },
  async ({ page, server, context }) => {
    test.setTimeout(150_000);
    const [, then = ''] = await pikeTwice(server);
    const bytes = Buffer.from(await (await fetch(`${server.url}/api/pictures/${then}`)).arrayBuffer());
    await page.goto(server.url);
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    // The register comes to the device by itself, before it is asked for.
    await expect.poll(() => page.evaluate(keptPrints), { timeout: 30_000 }).toBe(2);
    await page.close();
    await server.kill();

    const phone = await context.newPage();
    await phone.goto(server.url);
    await phone.getByRole('button', { name: /^Fish on/ }).click();
    await phone.waitForURL(/\/run\//);
    await step(phone, 'In the net', 'netted');
    await step(phone, 'Hook out', 'hook out');
    await step(phone, 'Lift', 'lifted');
    await phone.getByRole('button', { name: 'Camera', exact: true }).click();
    await phone
      .locator('input[type=file]')
      .first()
      .setInputFiles({ name: 'pike.jpg', mimeType: 'image/jpeg', buffer: bytes });
    await expect(phone.getByText('Left flank kept.')).toBeVisible({ timeout: 15_000 });
    await phone.getByRole('button', { name: 'Done' }).click();
    // While it lies in the air nothing asks who it is.
    await expect(phone.getByRole('link', { name: 'Who is this?' })).toHaveCount(0);
    await step(phone, 'Hold it upright', 'held upright');
    await phone.getByRole('link', { name: 'Who is this?' }).click();
    await phone.getByRole('radio', { name: 'Pike' }).click();
    await phone.getByRole('button', { name: 'Ask the book' }).click();
    await expect(phone.getByText('You have caught this fish before, by the look of it.')).toBeVisible({
      timeout: 30_000,
    });
    await phone.getByRole('button', { name: /^The same as/ }).click();
    await expect(phone.getByText(/^You said that it is a fish you had before/)).toBeVisible();
    await phone.getByRole('link', { name: 'Back to the run' }).click();
    await expect(phone.getByRole('region', { name: 'What happens' })).toBeVisible();
    await expect(phone.getByRole('link', { name: 'A known fish' })).toBeVisible();
  },
);

/** How many prints this device keeps for when there is no signal. */
async function keptPrints(): Promise<number> {
  // Looking must not make it: a store that is made here would be without its shelves.
  const made = await indexedDB.databases();
  if (!made.some(({ name }) => name === 'keeper-prints')) return 0;
  return new Promise((resolve) => {
    const opened = indexedDB.open('keeper-prints');
    opened.onsuccess = () => {
      const asked = opened.result.transaction('cells').objectStore('cells').count();
      asked.onsuccess = () => resolve(asked.result);
    };
  });
}
