import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './support/chromium';
import { USUAL } from './support/usual';

export default defineConfig({
  testDir: '.',
  outputDir: 'results',
  globalSetup: './support/demoData.ts',
  workers: 2,
  retries: 0,
  timeout: 180_000,
  // A journey waits for things: how long they take on a busy machine is no part of what it states.
  expect: { timeout: 30_000 },
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : [['list']],
  use: {
    actionTimeout: 30_000,
    ...USUAL,
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions(),
  },
});
