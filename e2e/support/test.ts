import { test as base, type Browser, type Page, type ViewportSize } from '@playwright/test';
import { USUAL } from './usual';

export { expect, type Page } from '@playwright/test';

/** A page that is there as long as its worker. */
async function kept(browser: Browser, use: (page: Page) => Promise<void>): Promise<void> {
  const context = await browser.newContext(USUAL);
  const page = await context.newPage();
  // Nobody is asked whether what was typed last may be left behind.
  page.on('dialog', (dialog) => void (dialog.type() === 'beforeunload' ? dialog.accept() : dialog.dismiss()));
  await use(page);
  await context.close();
}

/**
 * `tab` is one page that goes on from test to test: what its browser has compiled it need not compile again, so that
 * opening the application there costs half. It begins blank, with nothing stored, in the light and without reduced motion.
 * `clocked` is another one, for tests that set the clock: they install it before anything else. Where a test breaks the
 * browser or wants a finger, it takes a `page` of its own.
 */
export const test = base.extend<{ tab: Page; clocked: Page }, { keptPage: Page; clockedPage: Page }>({
  keptPage: [({ browser }, use) => kept(browser, use), { scope: 'worker' }],
  clockedPage: [({ browser }, use) => kept(browser, use), { scope: 'worker' }],
  tab: ({ keptPage, viewport }, use) => lent(keptPage, viewport, use),
  clocked: ({ clockedPage, viewport }, use) => lent(clockedPage, viewport, use),
});

/** A kept page as every test finds it. */
async function lent(page: Page, viewport: ViewportSize | null, use: (page: Page) => Promise<void>): Promise<void> {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'no-preference', media: 'screen' });
  if (viewport) await page.setViewportSize(viewport);
  await use(page);
  await left(page);
}

/** Leaves a page, with nothing of what it kept. */
async function left(page: Page): Promise<void> {
  const { origin } = new URL(page.url());
  if (origin === 'null') return;
  await page.goto(`${origin}/api/health`);
  const browser = await page.context().newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb,local_storage,cookies' });
  await browser.detach();
}
