import type { Page } from '@playwright/test';

/**
 * Sets the hour of a page. The page follows the server's clock where it knows it, so that one is not told: as if the
 * server had the same hour.
 */
export async function setHour(page: Page, time: Date): Promise<void> {
  await page.clock.install({ time });
  await page.route(/\/api\/(?!.*\/stream)/, async (route) => {
    const response = await route.fetch().catch(() => undefined);
    if (!response) return route.abort();
    const headers = response.headers();
    delete headers.date;
    return route.fulfill({ response, headers });
  });
}
