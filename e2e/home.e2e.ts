import { expect, fishOn, onlyCapture, step, test } from './keeperTest.js';
import { codeFor, openHome, shownCode } from './homeDoor.js';
import { trustedPhone } from './trustedPhone.js';

test(
  'from the desk to the phone, to the bank without a signal, and home again; then the phone is put out',
  { tag: '@desk' },
  async ({ page, server }) => {
    test.setTimeout(120_000);
    const { url, certificate } = await openHome(page, server);
    const phone = await trustedPhone(certificate);
    try {
      const code = await codeFor(page, 'For me');
      if (process.env['SHOTS']) await page.screenshot({ path: '/tmp/devices-desk.png' });
      await phone.page.goto(`${url}/pair#${code}`);
      await expect(phone.page.getByLabel('The code')).toHaveValue(code);
      // Trusted: there is no word of a certificate.
      await expect(phone.page.getByRole('region', { name: /^First, let the phone/ })).toHaveCount(0);
      if (process.env['SHOTS']) await phone.page.screenshot({ path: '/tmp/pair-phone.png' });
      await phone.page.getByRole('button', { name: 'Pair' }).click();
      await phone.page.getByText('This device is paired.', { exact: false }).waitFor();
      await phone.page.getByRole('link', { name: 'To Today' }).click();
      await phone.page.getByRole('button', { name: /^Fish on/ }).waitFor();
      await expect(page.getByRole('listitem').filter({ hasText: 'Computer' })).toContainText('last seen', {
        timeout: 20_000,
      });

      // At the bank: no signal, the application opened anew from what the phone keeps.
      await phone.page.evaluate(() => navigator.serviceWorker.ready);
      await phone.page.reload();
      await phone.page.evaluate(() => navigator.serviceWorker.ready.then(({ active }) => active?.state));
      await server.kill();
      await phone.page.reload();
      await phone.page.getByRole('button', { name: /^Fish on/ }).click();
      await phone.page.waitForURL(/\/run\//);
      await step(phone.page, 'In the net', 'netted');
      await step(phone.page, 'Released', 'released');

      // Home again: the book is found where it was, and what was tapped goes by itself.
      await server.start('--home', '--home-port', new URL(url).port);
      await expect
        .poll(async () => (await onlyCapture(server)).events.map(({ type }) => type), { timeout: 30_000 })
        .toEqual(['hooked', 'netted', 'released']);

      // The camera is given: the page came over HTTPS that the phone trusts.
      expect(
        await phone.page.evaluate(async () => {
          const stream = await navigator.mediaDevices.getUserMedia({ video: true });
          const { length } = stream.getVideoTracks();
          for (const track of stream.getTracks()) track.stop();
          return length;
        }),
      ).toBe(1);

      // Put out on the machine: what the phone kept goes, and the book is shut to it.
      await page.reload();
      await page.getByRole('button', { name: /^Put out: / }).click();
      await expect(page.getByRole('listitem').filter({ hasText: 'put out' })).toBeVisible();
      await phone.page.goto(`${url}/`);
      await phone.page.getByText('Nothing of the book is on this device any more.').waitFor();
      if (process.env['SHOTS']) await phone.page.screenshot({ path: '/tmp/putout-phone.png' });
      expect(await phone.page.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name))).toEqual([]);
      await phone.page.goto(`${url}/book`);
      await expect(phone.page.getByRole('link', { name: 'Pair this device' })).toBeVisible();
    } finally {
      await phone.close();
    }
  },
);

test(
  'somebody takes over: a square hands the fish to another phone, and nothing else of the book',
  { tag: '@desk' },
  async ({ page, server }) => {
    test.setTimeout(90_000);
    const { url, certificate } = await openHome(page, server);
    const phone = await trustedPhone(certificate);
    try {
      await fishOn(page, server);
      const { captureId } = await onlyCapture(server);
      await page.getByRole('button', { name: 'Somebody takes over' }).click();
      await page.getByRole('img', { name: 'Square with the code' }).scrollIntoViewIfNeeded();
      if (process.env['SHOTS']) await page.screenshot({ path: '/tmp/handover-desk.png' });
      const code = await shownCode(page);
      await phone.page.goto(`${url}/pair#${code}/${captureId}`);
      await phone.page.getByRole('button', { name: 'Pair' }).click();
      await step(phone.page, 'In the net', 'netted');
      if (process.env['SHOTS']) await phone.page.screenshot({ path: '/tmp/handover-phone.png' });
      await expect
        .poll(async () => (await onlyCapture(server)).events.map(({ type }) => type), { timeout: 20_000 })
        .toEqual(['hooked', 'interrupted', 'taken-up', 'netted']);
      await phone.page.goto(`${url}/book`);
      await phone.page.getByRole('heading', { name: 'You help with a fish' }).waitFor();
      await phone.page.getByRole('link', { name: 'To the fish' }).click();
      await expect(phone.page.getByRole('button', { name: 'Undo “netted”' })).toBeVisible();
      const refused = await phone.page.evaluate(async () => (await fetch('/api/captures')).status);
      expect(refused).toBe(403);

      // The next fish: let in already, the phone goes straight to it; or its code is typed.
      await step(page, 'Released', 'released');
      await fishOn(page, server);
      const next = page.url().split('/').at(-1) ?? '';
      await page.getByRole('button', { name: 'Somebody takes over' }).click();
      const typed = await shownCode(page);
      await phone.page.goto(`${url}/`);
      await phone.page.getByLabel('The code').fill(typed.toLowerCase());
      await phone.page.getByRole('button', { name: 'Take over' }).click();
      await phone.page.waitForURL(`**/run/${next}`);
      await phone.page.goto(`${url}/pair#${typed}/${next}`);
      await phone.page.waitForURL(`**/run/${next}`);
      await step(phone.page, 'In the net', 'netted');
    } finally {
      await phone.close();
    }
  },
);

test(
  'a phone that does not know the book yet is warned; once let through, it is told what to install and how to compare it',
  { tag: '@desk' },
  async ({ page, server, browser }) => {
    const { url } = await openHome(page, server);
    const phone = await trustedPhone(undefined);
    try {
      await expect(phone.page.goto(`${url}/pair`)).rejects.toThrow('ERR_CERT_AUTHORITY_INVALID');
    } finally {
      await phone.close();
    }
    const through = await browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 390, height: 844 } });
    const stranger = await through.newPage();
    await stranger.goto(`${url}/pair`);
    await expect(stranger.getByRole('region', { name: 'First, let the phone know this book' })).toBeVisible();
    if (process.env['SHOTS']) await stranger.screenshot({ path: '/tmp/certificate-phone.png', fullPage: true });
    const [file] = await Promise.all([
      stranger.waitForEvent('download'),
      stranger.getByRole('link', { name: 'Get the certificate' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('unhurried-keeper.crt');
    await through.close();
  },
);
