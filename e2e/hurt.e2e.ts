import { expect, fishOn, onlyCapture, step, test } from './keeperTest.js';

const WATER_ID = '01983000-0000-7000-8000-00000000aaaa';

test(
  'a hook in a thumb with a carp out of the water: the fish goes back in one tap, help and first steps need no signal',
  { tag: '@phone' },
  async ({ page, server, noErrors, context }) => {
    const water = {
      name: 'The Mere',
      kind: 'lake',
      position: { latitudeDeg: 51.2, longitudeDeg: -1.4 },
      country: 'GB',
      meetingPoint: 'White gate on Mill Lane, past the church',
      revision: 0,
    };
    const written = await fetch(`${server.url}/api/waters/${WATER_ID}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(water),
    });
    expect(written.ok).toBe(true);
    // The place of help is as secret as the place itself.
    const book = await (await fetch(`${server.url}/api/book.json`)).text();
    expect(book).not.toContain('Mill Lane');
    expect(await (await fetch(`${server.url}/api/book.json?positions=included`)).text()).toContain('Mill Lane');

    await page.addInitScript((id) => localStorage.setItem('keeper.water', id), WATER_ID);
    await page.goto(server.url);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect(page.getByRole('combobox', { name: /water/i })).toContainText('The Mere');
    await fishOn(page, server);
    await step(page, 'In the net', 'netted');
    await step(page, 'Lift', 'lifted');
    // With the scale open too it is one tap.
    await step(page, 'Weigh', 'weighed');
    await context.setOffline(true);
    await page.getByRole('link', { name: 'Somebody is hurt' }).click();
    await expect(page.getByRole('heading', { name: 'Somebody is hurt' })).toBeVisible();
    const fish = page.getByRole('region', { name: 'The fish waits' });
    await expect(fish).toContainText(/Out of the water for 0:\d\d/);
    await fish.getByRole('button', { name: 'Back in the water' }).click();
    await expect(fish).toContainText(/In the water for 0:\d\d/);
    await expect(page.getByRole('link', { name: 'Call 999' })).toHaveAttribute('href', 'tel:999');
    await expect(page.getByRole('region', { name: 'Say where you are' })).toContainText('White gate on Mill Lane');
    await page.getByRole('button', { name: 'Hook in the skin' }).click();
    await expect(page.getByRole('listitem').first()).toContainText('Do not pull at it');
    await expect(page.getByText(/from memory/)).toBeVisible();
    if (process.env['SHOTS']) await page.screenshot({ path: `/tmp/hurt.png` });
    await page.getByRole('button', { name: 'Power line' }).click();
    await expect(page.getByRole('listitem').first()).toContainText('ten metres');
    await page.getByRole('link', { name: 'To the fish' }).click();
    await page.getByRole('region', { name: 'Clocks' }).waitFor();
    await context.setOffline(false);
    await expect.poll(async () => (await onlyCapture(server)).events.map(({ type }) => type)).toContain('returned');
    expect(noErrors).toEqual([]);
  },
);

test('from Today it is one tap, with no fish and no water: the number that works everywhere', async ({
  page,
  server,
}) => {
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Somebody is hurt' }).click();
  await expect(page.getByRole('link', { name: 'Call 112' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'The fish waits' })).toHaveCount(0);
});
