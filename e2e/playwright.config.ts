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
  expect: { timeout: 10_000 },
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : [['list']],
  use: {
    actionTimeout: 20_000,
    ...USUAL,
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions(),
  },
});
