import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './support/chromium';

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
    viewport: { width: 390, height: 844 },
    timezoneId: 'Europe/London',
    locale: 'en-GB',
    // What is kept for a dead server is fetched and compiled with each first page: only where a journey goes without one.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions(),
  },
});
