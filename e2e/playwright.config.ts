import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

const CHROMIUM = process.env.ELIXA_CHROMIUM ?? '/usr/bin/chromium';
if (!existsSync(CHROMIUM)) {
  throw new Error(`There is no Chromium at ${CHROMIUM}. Install Debian's package chromium, or set ELIXA_CHROMIUM.`);
}

export default defineConfig({
  testDir: '.',
  outputDir: 'results',
  workers: 1,
  retries: 0,
  timeout: 180_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    viewport: { width: 390, height: 844 },
    timezoneId: 'Europe/London',
    locale: 'en-GB',
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
