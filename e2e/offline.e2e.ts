import { expect, next, onlyCapture, PICTURE, step, test } from './keeperTest.js';

test('with the server away from the first minute a whole capture with its picture is run and written up, and arrives once', async ({
  page,
  server,
  context,
}) => {
  // What waits is tried again after pauses of up to a quarter of a minute.
  test.setTimeout(120_000);
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

test('what waits is sent with no page open, once the browser has a signal again', async ({ page, server, context }) => {
  const protocol = await context.newCDPSession(page);
  const registered = new Promise<string>((resolve) =>
    protocol.on('ServiceWorker.workerRegistrationUpdated', ({ registrations }) => {
      const [first] = registrations;
      if (first) resolve(first.registrationId);
    }),
  );
  await protocol.send('ServiceWorker.enable');
  await page.goto(server.url);
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  const registrationId = await registered;
  await page.reload();
  await server.kill();
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.waitForURL(/\/run\//);
  await step(page, 'In the net', 'netted');
  await page.goto('about:blank');
  await server.start();
  // The browser has a signal: it wakes the service worker, as it was asked to when the page went out of sight.
  const { origin } = new URL(server.url);
  await protocol.send('ServiceWorker.dispatchSyncEvent', {
    origin,
    registrationId,
    tag: 'keeper.send',
    lastChance: false,
  });
  expect((await onlyCapture(server)).events.map(({ type }) => type)).toEqual(['hooked', 'netted']);
  expect(page.url()).toBe('about:blank');
});
