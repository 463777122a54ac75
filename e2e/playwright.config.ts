import { defineConfig } from '@playwright/test';
import { BROWSER } from './browser.js';

/** Each test file starts servers of its own on free ports; nothing is shared between workers. */
export default defineConfig({
  testDir: '.',
  testMatch: '**/*.e2e.ts',
  globalSetup: './demoBook.ts',
  timeout: 60_000,
  expect: { timeout: 10_000 },
  // Much of a test is waiting: three share two cores well.
  workers: 3,
  forbidOnly: true,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_FILE'] ?? 'test-results/e2e.json' }]],
  use: BROWSER,
  projects: [
    // What happens beside a fish happens on a phone; what is written, read and checked at home is tried at the desk
    // too.
    // What does not hang on the size of the screen is tagged with the one that it is tried at.
    {
      name: 'desk',
      grepInvert: /@phone/,
      testIgnore: ['run', 'weigh', 'nothingLost', 'twoDevices', 'offline', 'nightLight'].map(
        (name) => `**/${name}.e2e.ts`,
      ),
      use: { viewport: { width: 1280, height: 800 } },
    },
    {
      name: 'phone',
      grepInvert: /@desk/,
      testIgnore: ['chaos', 'keyboard'].map((name) => `**/${name}.e2e.ts`),
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    },
  ],
});
