import { defineConfig } from '@playwright/test';
import { BROWSER } from './browser.js';

/** Draws the pictures of the README from the demo book. */
export default defineConfig({
  testMatch: '**/*.shot.ts',
  timeout: 180_000,
  workers: 1,
  reporter: 'list',
  use: BROWSER,
});
