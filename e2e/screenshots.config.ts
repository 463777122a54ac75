import { defineConfig } from '@playwright/test';
import { BROWSER } from './browser.js';

/** Draws the pictures of the README from the demo book. */
export default defineConfig({
  testMatch: '**/*.shot.ts',
  timeout: 180_000,
  workers: 1,
  reporter: 'list',
  // The demo's waters lie there: its keeper's clock shows their time.
  use: { ...BROWSER, timezoneId: 'Europe/London' },
});
