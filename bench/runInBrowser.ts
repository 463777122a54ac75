import { chromium, type Browser, type Page } from '@playwright/test';

const QUIET = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
];

/** The screens are measured as a British keeper has them. */
export const KEEPER = { locale: 'en-GB' } as const;

/** Debian's Chromium. */
export const LAUNCH = { executablePath: '/usr/bin/chromium-headless-shell', args: QUIET };

export function openBrowser(): Promise<Browser> {
  return chromium.launch(LAUNCH);
}

/** A page of a phone's size. */
export async function openPhone(browser: Browser): Promise<Page> {
  const context = await browser.newContext({
    ...KEEPER,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  return context.newPage();
}

/** A page of a phone's size with a fish on it, out of the water. */
export async function fishInTheAir(browser: Browser, url: string): Promise<Page> {
  const page = await openPhone(browser);
  await page.goto(url);
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.getByRole('button', { name: 'Lift', exact: true }).click();
  await page.getByRole('button', { name: 'Undo “lifted”' }).waitFor();
  return page;
}
