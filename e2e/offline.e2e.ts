import { expect, next, onlyCapture, PICTURE, step, test } from './keeperTest.js';

test('with the server away from the first minute a whole capture with its picture is run and written up, and arrives once', async ({
  page,
  server,
  context,
}) => {
  await page.goto(server.url);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.close();
  await server.kill();

  const phone = await context.newPage();
  await phone.goto(server.url);
  await phone.getByRole('button', { name: /^Fish on/ }).click();
  await phone.waitForURL(/\/run\//);
  await step(phone, 'In the net', 'netted');
  await step(phone, 'Hook out', 'hook out');
  await step(phone, 'Lift', 'lifted');
  await phone.getByRole('button', { name: 'Mark a wound' }).click();
  await phone.getByRole('application').click();
  await phone.getByRole('button', { name: 'Torn fin' }).click();
  await phone.getByRole('button', { name: 'Done' }).click();
  await step(phone, 'Picture', 'pictured');
  await step(phone, 'Hold it upright', 'held upright');
  await next(phone).click();
  await phone.getByRole('button', { name: 'Strong, with a kick' }).click();
  await phone.getByRole('link', { name: 'Write it up' }).click();
  await phone.getByRole('radio', { name: 'Pike' }).click();
  await phone.locator('input[type=file]').setInputFiles(PICTURE);
  await phone.getByRole('img', { name: 'Picture 1 of this fish' }).waitFor();
  await phone.getByLabel('Weight', { exact: true }).fill('14 lb 3 oz');
  await phone.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Pike');
  await phone.goto(`${server.url}/settings`);
  await expect(phone.getByRole('region', { name: 'Waiting on this device' })).toContainText('1 picture');

  await server.start();
  await expect(phone.getByRole('region', { name: 'Waiting on this device' })).toBeHidden({ timeout: 30_000 });
  const { events } = await onlyCapture(server);
  expect(events.map(({ type }) => type)).toEqual([
    ...[
      'hooked',
      'netted',
      'hook-out',
      'lifted',
      'looked-over',
      'wound-noted',
      'pictured',
      'held',
      'released',
      'left-as',
    ],
    ...['picture-added', 'described', 'written-up'],
  ]);
  const [picture] = events.flatMap((event) => (event.type === 'picture-added' ? [event.payload.sha256] : []));
  expect((await fetch(`${server.url}/api/pictures/${picture}`)).status).toBe(200);
});

test('the application can be installed', async ({ page, server, context }) => {
  await page.goto(server.url);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.reload();
  const protocol = await context.newCDPSession(page);
  const { installabilityErrors } = await protocol.send('Page.getInstallabilityErrors');
  // A private window is the one thing that stands against it here.
  expect(installabilityErrors.map(({ errorId }) => errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
});
