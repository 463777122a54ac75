import { fishOn, onlyCapture, step, test, expect } from './keeperTest.js';

test('one fish from the take to the book, and it is there after a restart', async ({ page, server, noErrors }) => {
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await step(page, 'Hook out', 'hook out');
  await step(page, 'Lift', 'lifted');
  await expect(page.getByRole('status').first()).toHaveText('In the air');
  await step(page, 'Weigh', 'weighed');
  for (const digit of ['2', '3']) await page.getByRole('button', { name: digit, exact: true }).click();
  await page.getByRole('button', { name: /^Weight, ounces/ }).click();
  for (const digit of ['1', '1']) await page.getByRole('button', { name: digit, exact: true }).click();
  await page.getByRole('button', { name: 'Weight: more ounces' }).click();
  await page.getByRole('button', { name: 'Weight: less ounces' }).click();
  await page.getByRole('button', { name: /^23 lb 11 oz/ }).click();
  await step(page, 'Picture', 'pictured');
  await step(page, 'Back in the water', 'back in the water');
  await step(page, 'Released', 'released');
  await page.getByRole('link', { name: 'Write it up' }).click();

  await page.getByRole('radio', { name: 'Carp' }).click();
  await page.getByRole('radio', { name: 'mirror' }).click();
  await page.getByRole('combobox', { name: 'Water' }).click();
  await page.getByRole('option', { name: 'Add a water…' }).click();
  await page.getByRole('button', { name: 'Save this water' }).click();
  await expect(page.getByText('A water needs a name that you will know it by.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('The Mere');
  await page.getByRole('button', { name: 'Save this water' }).click();
  await expect(page.getByRole('combobox', { name: 'Water' })).toHaveText('The Mere');
  await page.getByLabel('Read down to the mark').fill('31.14');
  await page.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(page.getByText(/read down to the quarter inch/)).toBeVisible();
  await page.getByLabel('Read down to the mark').fill('31 1/4');
  await page.getByLabel(/On what, how it fought/).fill('Took on the drop.');
  // What is typed outlives the page.
  await page.reload();
  await expect(page.getByLabel(/On what, how it fought/)).toHaveValue('Took on the drop.');
  await page.getByRole('button', { name: 'Put it in the book' }).click();

  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Mirror carp');
  await expect(page.getByText('Took on the drop.')).toBeVisible();
  await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('written-up');

  await server.kill();
  await server.start();
  await page.goto(`${server.url}/book`);
  const row = page.getByRole('listitem').filter({ hasText: 'Mirror carp' });
  await expect(row).toContainText('23 lb 11 oz');
  await expect(row).toContainText('The Mere');
  expect(noErrors).toEqual([]);
});

test(
  'a dotted weight is asked about, with both meanings, and kept as it was typed',
  { tag: '@phone' },
  async ({ page, server }) => {
    await fishOn(page, server);
    await step(page, 'Released', 'released');
    await page.getByRole('link', { name: 'Write it up' }).click();
    await page.getByLabel('Weight', { exact: true }).fill('23lb 17oz');
    await page.getByRole('button', { name: 'Put it in the book' }).click();
    await expect(page.getByRole('alert')).toContainText('A pound has 16 ounces');
    await page.getByLabel('Weight', { exact: true }).fill('23.11');
    await expect(page.getByRole('button', { name: '23.11 lb, that is 23 lb 1.8 oz' })).toBeVisible();
    await page.getByRole('button', { name: '23 lb 11 oz' }).click();
    await page.getByRole('button', { name: 'Put it in the book' }).click();
    await expect(page.getByRole('region', { name: 'Weight as read' })).toContainText('Written down as “23.11”');
    await expect(page.getByRole('definition').last()).toHaveText('23 lb 11 oz');
  },
);

test('begun by mistake: taken back, and not in the book', { tag: '@phone' }, async ({ page, server }) => {
  await fishOn(page, server);
  await step(page, 'In the net', 'netted');
  await page.getByRole('button', { name: 'Undo “netted”' }).click();
  await page.getByRole('button', { name: 'No fish' }).click();
  await expect(page.getByRole('heading', { name: 'At the water' })).toBeVisible();
  await expect
    .poll(async () => ((await (await fetch(`${server.url}/api/captures`)).json()) as { rows: unknown[] }).rows)
    .toEqual([]);
  await page.goto(`${server.url}/book`);
  await expect(page.getByText(/^The book is empty/)).toBeVisible();
  // It was a wet thumb after all.
  await page.goto(server.url);
  await page.getByRole('button', { name: 'It was a fish: put it back' }).click();
  await step(page, 'Released', 'released');
  await expect.poll(async () => (await onlyCapture(server)).events.at(-1)?.type).toBe('released');
});

test('gross minus tare is set on the bank and shown as on paper', { tag: '@phone' }, async ({ page, server }) => {
  await fishOn(page, server);
  await step(page, 'Lift', 'lifted');
  await step(page, 'Weigh', 'weighed');
  await page.getByRole('radio', { name: 'Gross minus tare' }).click();
  await page.getByRole('button', { name: /^Gross, pounds/ }).click();
  for (const digit of ['2', '5']) await page.getByRole('button', { name: digit, exact: true }).click();
  await page.getByRole('button', { name: /^Tare, pounds/ }).click();
  await page.getByRole('button', { name: '1', exact: true }).click();
  await page.getByRole('button', { name: /^Tare, ounces/ }).click();
  await page.getByRole('button', { name: '8', exact: true }).click();
  await page.getByRole('button', { name: /^23 lb 8 oz/ }).click();
  await step(page, 'Released', 'released');
  await page.getByRole('link', { name: 'Write it up' }).click();
  await expect(page.getByText('23 lb 8 oz')).toBeVisible();
});
