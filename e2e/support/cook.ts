import { expect, type Page } from '@playwright/test';

/** What a cook does on the screens, in the cook's words. */
export function cookOn(page: Page) {
  const stage = (name: string) =>
    page.getByRole('navigation', { name: 'Stages of the evening' }).getByText(name, { exact: true });
  return {
    async goTo(name: 'Who' | 'Broth' | 'Prep' | 'Pot' | 'Simmer' | 'Stove' | 'After') {
      await stage(name).click();
      await expect(page).toHaveURL(new RegExp(`/${name.toLowerCase()}$`));
    },
    async addGuest(name: string, more: string[] = []) {
      await page.getByRole('button', { name: 'Add a guest' }).click();
      const sheet = page.getByRole('dialog');
      await sheet.getByRole('textbox', { name: 'Name' }).fill(name);
      for (const label of more) await sheet.getByRole('checkbox', { name: label }).click();
      await sheet.getByRole('button', { name: 'Done' }).click();
      await expect(page.getByText(name, { exact: true }).first()).toBeVisible();
    },
    /** The words of the next thing to do. */
    next: () => page.getByRole('main').or(page.locator('body')).getByRole('heading', { level: 2 }).first(),
    /** From then on pages open without their server. */
    async waitUntilPagesAreKept() {
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    },
    /** A clock put forward cuts short what was on its way: it is tried again when the network is back, as for anybody. */
    async waitUntilSaved() {
      await expect(async () => {
        await page.evaluate(() => window.dispatchEvent(new Event('online')));
        await expect(page.getByRole('img', { name: 'Saved' })).toBeVisible({ timeout: 3000 });
      }).toPass({ timeout: 30_000 });
    },
  };
}
