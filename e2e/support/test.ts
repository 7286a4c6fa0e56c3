import { test as base, type Page } from '@playwright/test';
import { USUAL } from './usual';

export { expect, type Page } from '@playwright/test';

/**
 * `tab` is one page that goes on from test to test: what its browser has compiled it need not compile again, so that
 * opening the application there costs half. It begins blank, with nothing stored, in the light and without reduced motion.
 * Where a test sets the clock, breaks the browser or wants a finger, it takes a `page` of its own.
 */
export const test = base.extend<{ tab: Page }, { keptPage: Page }>({
  keptPage: [
    async ({ browser }, use) => {
      const context = await browser.newContext(USUAL);
      const page = await context.newPage();
      // Nobody is asked whether what was typed last may be left behind.
      page.on('dialog', (dialog) => void (dialog.type() === 'beforeunload' ? dialog.accept() : dialog.dismiss()));
      await use(page);
      await context.close();
    },
    { scope: 'worker' },
  ],
  tab: async ({ keptPage, viewport }, use) => {
    await keptPage.emulateMedia({ colorScheme: 'light', reducedMotion: 'no-preference', media: 'screen' });
    if (viewport) await keptPage.setViewportSize(viewport);
    await use(keptPage);
    await left(keptPage);
  },
});

/** Leaves a page, with nothing of what it kept. */
async function left(page: Page): Promise<void> {
  const { origin } = new URL(page.url());
  if (origin === 'null') return;
  await page.goto(`${origin}/api/health`);
  const browser = await page.context().newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb,local_storage,cookies' });
  await browser.detach();
}
