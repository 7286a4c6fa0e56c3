import type { BrowserContextOptions } from '@playwright/test';

/** A phone in a kitchen. */
export const USUAL = {
  viewport: { width: 390, height: 844 },
  timezoneId: 'Europe/London',
  locale: 'en-GB',
  // What is kept for a dead server is fetched and compiled with each first page: only where a journey goes without one.
  serviceWorkers: 'block',
} as const satisfies BrowserContextOptions;
