import type { Page } from '@playwright/test';
import { fishOnOuting, outingNow } from './hotOuting.js';
import { expect, fishOn, next, onlyCapture, PICTURE, step, test } from './keeperTest.js';

const undo = (page: Page, what: string) => page.getByRole('button', { name: `Undo “${what}”` });
const counsel = (page: Page) => page.getByRole('region', { name: 'What matters now' });
/** What was seen is on the device once it can be undone. */
async function seen(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name, exact: true }).click();
  await undo(page, name.toLowerCase()).waitFor();
}

test('a clean carp costs at most ten taps and no typing from the take to the release', async ({
  page,
  server,
  noErrors,
}) => {
  await fishOnOuting(page, server, await outingNow(server, { bank: 'grass', expected: ['carp'], waterC: 16 }));
  let taps = 0;
  for (const [label, done] of [
    ['In the net', 'netted'],
    ['Hook out', 'hook out'],
    ['Lift', 'lifted'],
    ['Looked over', 'looked over'],
    ['Weigh', 'weighed'],
    ['Picture', 'pictured'],
    ['Carry', 'carried'],
    ['Hold it upright', 'held upright'],
    ['Released', 'released'],
  ] as const) {
    await expect(next(page)).toHaveText(label);
    await next(page).click();
    taps += 1;
    await undo(page, done).waitFor();
    if (label === 'Weigh') {
      await page.getByRole('button', { name: 'Later', exact: true }).click();
      taps += 1;
    }
  }
  expect(taps).toBeLessThanOrEqual(10);
  await page.getByRole('button', { name: 'Strong, with a kick' }).click();
  await expect(page.getByText(/^It left: strong, with a kick\./)).toBeVisible();
  await page.getByRole('link', { name: 'Write it up' }).click();
  await page.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(page.getByRole('region', { name: 'Handling' })).toContainText('looked over');
  await expect(page.getByText(/^Water 16\.0 °C\. It left: strong/)).toBeVisible();
  expect(noErrors).toEqual([]);
});

test('a deep-hooked pike at 22 degrees in a boat: the right counsel in the right order', async ({ page, server }) => {
  await fishOnOuting(page, server, await outingNow(server, { bank: 'boat', expected: ['pike'], waterC: 22 }));
  await expect(counsel(page)).toContainText('Too warm for this fish: land it as fast as the tackle allows.');
  await step(page, 'In the net', 'netted');
  await expect(counsel(page)).toContainText('Fingers along the gill cover’s edge up to the chin');
  await seen(page, 'Hook is deep');
  await expect(counsel(page)).toContainText('Deep: cut the hook, do not pull.');
  await counsel(page)
    .getByRole('button', { name: /^Deep: cut/ })
    .click();
  await expect(counsel(page)).toContainText(
    'A hook costs pennies; a torn gill or throat costs the fish. (common practice)',
  );
  await expect(next(page)).toHaveText('Hook cut');
  await step(page, 'Hook cut', 'hook cut');
  await expect(counsel(page)).toContainText('Release it from the net: no lift, no scale, no picture.');
  await expect(next(page)).toHaveText('Hold it upright');
  await step(page, 'Hold it upright', 'held upright');
  await expect(counsel(page)).toContainText('Upright, head into the current');
  await expect(next(page)).toHaveText('Released');
});

test('the time in the air shows by shape at each stage, and the water comes next when it is used up', async ({
  page,
  server,
}) => {
  await page.clock.install();
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await page.clock.runFor(500);
  await step(page, 'Hook out', 'hook out');
  await page.clock.runFor(500);
  await step(page, 'Lift', 'lifted');
  for (const [forMs, stage] of [
    [15_500, 'half'],
    [7500, 'three-quarters'],
    [7500, 'over'],
  ] as const) {
    await page.clock.runFor(forMs);
    await expect(page.locator(`svg [data-stage="${stage}"]`)).toBeAttached();
  }
  await expect(counsel(page)).toContainText('Back into the water now.');
  await expect(next(page)).toHaveText('Hold it upright');
});

test('a wound is marked by tap and by arrow keys, cleaned and sealed, and stands on the fish in the book', async ({
  page,
  server,
}) => {
  await fishOn(page, server);
  await step(page, 'Hook out', 'hook out');
  await step(page, 'Lift', 'lifted');
  await page.getByRole('button', { name: 'Mark a wound' }).click();
  const map = page.getByRole('application');
  const box = await map.boundingBox();
  if (!box) throw new Error('The map is not there.');
  await map.click({ position: { x: box.width * 0.62, y: box.height * 0.5 } });
  await expect(
    page
      .getByText('At the left flank, middle of the body. What is it?')
      .or(page.getByText(/At the left flank, before the tail/)),
  ).toBeVisible();
  await page.getByRole('radio', { name: '3 to 6 cm' }).click();
  await page.getByRole('button', { name: 'Ulcer' }).click();
  await expect(counsel(page)).toContainText('Clean it first, then seal');
  await page.getByRole('button', { name: 'Cleaned' }).click();
  await expect(counsel(page)).toContainText('Now the seal');
  await page.getByRole('button', { name: 'Sealed' }).click();
  await undo(page, 'sealed').waitFor();
  await page.getByRole('radio', { name: 'Mouth' }).click();
  await map.focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('button', { name: 'Hook hold' }).click();
  await expect(page.getByText(/^Hook hold, mouth/)).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await step(page, 'Released', 'released');
  await expect
    .poll(async () => (await onlyCapture(server)).events.filter(({ type }) => type === 'wound-noted').length)
    .toBe(2);
  const { captureId, events } = await onlyCapture(server);
  const [ulcer] = events.flatMap((event) => (event.type === 'wound-noted' ? [event.payload.wound] : []));
  expect(ulcer).toMatchObject({ kind: 'ulcer', side: 'left', sizeMm: 45 });
  expect(Math.abs((ulcer?.at.u ?? 0) - 0.7)).toBeLessThan(0.1);
  await page.goto(`${server.url}/book/${captureId}`);
  await expect(page.getByRole('region', { name: 'Wounds and marks' })).toContainText('Ulcer, left flank');
  await expect(page.getByRole('region', { name: 'Wounds and marks' })).toContainText('3 to 6 cm; cleaned, sealed');
});

test('held until it goes: gill beats are tapped along, signs have their times, and one that did not recover is told as it was', async ({
  page,
  server,
}) => {
  await page.clock.install();
  await fishOn(page, server);
  await step(page, 'Hold it upright', 'held upright');
  const beat = page.getByRole('button', { name: /^Tap with the gills/ });
  for (let i = 0; i < 5; i += 1) {
    await page.clock.runFor(1000);
    await beat.click();
  }
  await undo(page, 'gill beats').waitFor();
  await page.getByRole('button', { name: 'Upright alone' }).click();
  await expect(page.getByRole('button', { name: /^Upright alone after/ })).toHaveAttribute('aria-pressed', 'true');
  await step(page, 'Released', 'released');
  await page.getByRole('button', { name: 'It did not recover' }).click();
  await expect(page.getByText(/The book keeps it as it was/)).toBeVisible();
  await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('left-as');
});

test('the other rod goes: two fish, one tap apart; begun twice by mistake, they become one', async ({
  page,
  server,
}) => {
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  const first = page.url();
  await page.getByRole('button', { name: 'The other rod goes' }).click();
  await page.waitForURL((url) => url.href !== first);
  await step(page, 'In the net', 'netted');
  await step(page, 'Hook out', 'hook out');
  const second = page.url();
  await page.getByRole('link', { name: /^The other fish: in the water/ }).click();
  await expect(page).toHaveURL(first);
  await page.goto(second);
  await page.getByRole('button', { name: 'Same fish?' }).click();
  await page.getByRole('button', { name: 'Make one of both' }).click();
  await expect(page).toHaveURL(first);
  await expect(undo(page, 'hook out')).toBeVisible();
  // Until the merging has arrived there are two in the book.
  await expect(async () => {
    const { events } = await onlyCapture(server);
    expect(events.map(({ type }) => type)).toEqual(['hooked', 'netted', 'interrupted', 'netted', 'hook-out']);
  }).toPass();
});

test('undo covers signs and steps, one after the other', async ({ page, server }) => {
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await seen(page, 'It is thrashing');
  await expect(next(page)).toHaveText('It lies calm');
  await undo(page, 'it is thrashing').click();
  await expect(next(page)).toHaveText('Hook out');
  await undo(page, 'netted').click();
  await expect(next(page)).toHaveText('In the net');
});

test('a rehearsal is played on the same screen, judged with reasons, and kept apart from the book', async ({
  page,
  server,
  noErrors,
}) => {
  await page.clock.install();
  await page.goto(`${server.url}/rehearse`);
  await page.getByRole('link', { name: 'Draw a fish' }).click();
  await page.getByRole('button', { name: 'It comes to the net' }).click();
  await next(page).click();
  await undo(page, 'netted').waitFor();
  await page.clock.runFor(500);
  await page.getByRole('button', { name: 'Released', exact: true }).click();
  await expect(page.getByRole('heading', { name: /right\.|differently\./ })).toBeVisible();
  await expect(page.getByText('Netted before anything else.')).toBeVisible();
  await expect
    .poll(async () => ((await (await fetch(`${server.url}/api/rehearsals`)).json()) as unknown[]).length)
    .toBe(1);
  const book = (await (await fetch(`${server.url}/api/captures`)).json()) as { rows: unknown[] };
  expect(book.rows).toEqual([]);
  await page.getByRole('link', { name: 'That will do' }).click();
  await expect(page.getByRole('region', { name: 'The last ones' }).getByRole('listitem')).toHaveCount(1);
  expect(noErrors).toEqual([]);
});

test('a full device is noticed before a picture is lost, and what waits can be taken as a file', async ({
  page,
  server,
}) => {
  await page.addInitScript(() => {
    navigator.storage.estimate = () => Promise.resolve({ quota: 100_000_000, usage: 85_000_000 });
  });
  await fishOn(page, server);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await step(page, 'Released', 'released');
  await server.kill();
  await page.getByRole('button', { name: 'Slowly' }).click();
  await page.getByRole('link', { name: 'Write it up' }).click();
  await page.locator('input[type=file]').setInputFiles(PICTURE);
  await expect(page.getByRole('alert')).toContainText(
    'There is no room left on this device for flank.png. It is still where it was',
  );
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save unsent entries to a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/^waiting-.*\.zip$/);
});

test('the screen stays awake, or it is said that it does not', async ({ page, server }) => {
  await page.addInitScript(() => {
    Object.defineProperty(navigator, 'wakeLock', { value: undefined });
  });
  await fishOn(page, server);
  await expect(page.getByText('This device may dim its screen; the clocks keep running.')).toBeVisible();
});
