import { expect, test as base, type Page } from '@playwright/test';
import type { BookPage } from '@keeper/contract/book';
import type { CaptureEvents } from '@keeper/contract/events';
import { DEMO_BOOK } from './demoBook.js';
import { KeeperServer } from './keeperServer.js';

export { expect };

interface OfWorker {
  readonly demoServer: KeeperServer;
}

interface OfTest {
  /** A server with an empty book. */
  readonly server: KeeperServer;
  /** A server with the demo book, shared by the tests of one worker: read only. */
  readonly demo: KeeperServer;
  /** Console errors and uncaught ones, to be empty at the end. */
  readonly noErrors: string[];
}

export const test = base.extend<OfTest, OfWorker>({
  demoServer: [
    async ({ browserName: _ }, use) => {
      const server = new KeeperServer(process.env[DEMO_BOOK]);
      await server.start();
      await use(server);
      await server.close();
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  demo: async ({ demoServer }, use) => use(demoServer),
  server: async ({ browserName: _ }, use) => {
    const server = new KeeperServer();
    await server.start();
    await use(server);
    await server.close();
  },
  noErrors: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    page.on('console', (message) => {
      // A server that is away on purpose is no error of the page.
      if (message.type() === 'error' && !/Failed to load resource|ERR_CONNECTION/.test(message.text()))
        errors.push(message.text());
    });
    await use(errors);
  },
});

/** The only capture in a book, as the server keeps it; waited for, as a device may not have sent it yet. */
export async function onlyCapture(server: KeeperServer): Promise<CaptureEvents> {
  // On a connection of its own: one that was kept may lead to a server that was ended since.
  const init = { headers: { connection: 'close' } };
  const readRows = async () => ((await (await fetch(`${server.url}/api/captures`, init)).json()) as BookPage).rows;
  await expect.poll(async () => (await readRows()).length, 'captures in the book').toBe(1);
  const [row] = await readRows();
  return (await (await fetch(`${server.url}/api/captures/${row?.captureId}`)).json()) as CaptureEvents;
}

/** Begins a capture from Today. */
export async function fishOn(page: Page, server: KeeperServer): Promise<void> {
  await page.goto(server.url);
  await page.getByRole('button', { name: /^Fish on/ }).click();
  await page.waitForURL(/\/run\//);
}

/** Taps one step of the run and waits until the screen has acknowledged it. */
export async function step(page: Page, name: string, undo: string): Promise<void> {
  await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('button', { name: `Undo “${undo}”` }).waitFor();
}

/** The large control: the next step in the order of the work. */
export function next(page: Page) {
  return page.getByRole('region', { name: 'What happens' }).locator('.button-main').first();
}

/** A small picture, as a camera would give it. */
export const PICTURE = {
  name: 'flank.png',
  mimeType: 'image/png',
  buffer: Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
    'base64',
  ),
};
