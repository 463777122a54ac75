import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { BROWSER } from './browser.js';

/** A phone with a profile of its own, in which an authority was installed (NSS `certutil`), as one does by hand. */
export interface TrustedPhone {
  readonly context: BrowserContext;
  readonly page: Page;
  close(): Promise<void>;
}

/** Starts a browser that trusts a certificate; without one, a phone on which nothing was installed yet. */
export async function trustedPhone(certificate: string | undefined): Promise<TrustedPhone> {
  const home = mkdtempSync(join(tmpdir(), 'keeper-phone-'));
  const store = join(home, '.pki', 'nssdb');
  mkdirSync(store, { recursive: true });
  const certutil = (...args: string[]) => execFileSync('certutil', ['-d', `sql:${store}`, ...args], { stdio: 'pipe' });
  certutil('-N', '--empty-password');
  if (certificate !== undefined) {
    const file = join(home, 'authority.crt');
    writeFileSync(file, certificate);
    certutil('-A', '-t', 'C,,', '-n', 'keeper', '-i', file);
  }
  const { launchOptions, ...ways } = BROWSER;
  const context = await chromium.launchPersistentContext(join(home, 'profile'), {
    ...ways,
    executablePath: launchOptions.executablePath,
    args: [...launchOptions.args, '--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream'],
    env: { ...process.env, HOME: home },
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = context.pages()[0] ?? (await context.newPage());
  return {
    context,
    page,
    close: async () => {
      await context.close();
      rmSync(home, { recursive: true, force: true });
    },
  };
}
