import { outingNow } from './hotOuting.js';
import { expect, fishOn, onlyCapture, step, test } from './keeperTest.js';

test('two devices on one fish, one of them without a signal, come to the same state', async ({
  page,
  server,
  browser,
}) => {
  const other = await browser.newContext();
  const helper = await other.newPage();
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await expect.poll(async () => (await onlyCapture(server)).events.length).toBe(2);
  // The helper finds it on Today, and takes part.
  await helper.goto(server.url);
  await helper.getByRole('link', { name: /A fish is on since/ }).click();
  await helper.getByRole('button', { name: 'Undo “netted”' }).waitFor();

  await page.context().setOffline(true);
  await step(page, 'Hook out', 'hook out');
  await step(page, 'Lift', 'lifted');
  await step(helper, 'Scale zeroed', 'zeroed');
  await page.context().setOffline(false);
  await expect.poll(async () => (await onlyCapture(server)).events.length, { timeout: 30_000 }).toBe(5);
  const { events } = await onlyCapture(server);
  expect(events.map(({ type }) => type)).toEqual(['hooked', 'netted', 'hook-out', 'lifted', 'zeroed']);
  expect(new Set(events.map(({ deviceId }) => deviceId)).size).toBe(2);
  for (const screen of [page, helper]) {
    await expect(screen.getByRole('status').first()).toHaveText('In the air', { timeout: 15_000 });
    await expect(screen.getByRole('button', { name: 'Undo “zeroed”' })).toBeVisible({ timeout: 15_000 });
  }
  await other.close();
});

test('an outing that was ended on one device is over on the other within a minute', async ({
  page,
  server,
  browser,
}) => {
  const outingId = await outingNow(server, { bank: 'grass', expected: ['carp'], waterC: 16 });
  const other = await browser.newContext();
  const helper = await other.newPage();
  await helper.clock.install();
  await helper.goto(server.url);
  await expect(helper.getByText(/You are at Alder bay, The Mere/)).toBeVisible();
  await page.goto(`${server.url}/bank/${outingId}`);
  await page.getByRole('button', { name: 'End the outing' }).click();
  await page.getByRole('button', { name: 'Put it in the book' }).click();
  await expect
    .poll(async () => {
      const outings = (await (await fetch(`${server.url}/api/outings`)).json()) as { endedAt: string | null }[];
      return outings[0]?.endedAt ?? null;
    })
    .not.toBeNull();
  await helper.clock.runFor(61_000);
  await expect(helper.getByRole('link', { name: 'Plan an outing' })).toBeVisible();
  await other.close();
});
