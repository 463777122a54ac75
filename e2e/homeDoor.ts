import type { Page } from '@playwright/test';
import type { Home } from '@keeper/contract/access';
import { expect } from './keeperTest.js';
import type { KeeperServer } from './keeperServer.js';

const PASSPHRASE = 'three carp in the margins';

/** On the machine: a passphrase, then the door to the home network. Gives the address for a phone of this test. */
export async function openHome(page: Page, server: KeeperServer): Promise<{ url: string; certificate: string }> {
  await page.goto(`${server.url}/settings`);
  await page.getByRole('link', { name: /^Devices/ }).click();
  await page.getByLabel('A new passphrase').fill('short');
  await expect(page.getByRole('button', { name: 'Set the passphrase' })).toBeDisabled();
  await page.getByLabel('A new passphrase').fill(PASSPHRASE);
  await page.getByRole('button', { name: 'Set the passphrase' }).click();
  await page.getByRole('radio', { name: 'Open' }).click();
  await expect(page.getByRole('radio', { name: 'Open' })).toBeChecked();
  const home = (await (await fetch(`${server.url}/api/access/home`)).json()) as Home;
  expect(home.isOpen).toBe(true);
  await expect(page.getByText(home.fingerprint ?? 'none')).toBeVisible();
  const certificate = await (await fetch(`${server.url}/api/access/authority.crt`)).text();
  // The same door, by the loopback of this machine.
  return { url: `https://127.0.0.1:${new URL(home.urls[0] ?? '').port}`, certificate };
}

/** Shows a code on the machine, for whoever it is, and reads it. Example: `For a helper`. */
export async function codeFor(page: Page, whom: string): Promise<string> {
  await page.getByRole('radio', { name: whom, exact: true }).click();
  await page.getByRole('button', { name: 'Show a code' }).click();
  return shownCode(page);
}

export async function shownCode(page: Page): Promise<string> {
  const code = page.getByText(/^Code [2-9A-Z]{4} [2-9A-Z]{4}/);
  await code.waitFor();
  const [, one = '', two = ''] = /Code (\w{4}) (\w{4})/.exec((await code.textContent()) ?? '') ?? [];
  return one + two;
}
