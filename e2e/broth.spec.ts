import { expect, test, type Page } from '@playwright/test';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const open = async (page: Page, id = 'muffled-peal') => {
  await page.goto(`${server.url}/evening/${id}/broth`);
  await expect(page.getByText('cold water to start with')).toBeVisible();
};
/** Grams of an ingredient, as its row says. */
const gramsOf = async (page: Page, name: string) => {
  const row = page.getByRole('button', { name: new RegExp(`^${name},`) });
  return Number(/([\d.]+) g ·/.exec((await row.textContent()) ?? '')?.[1]);
};

test('stronger and milder: the soy follows at once, and back again', async ({ page }) => {
  await open(page);
  const before = await gramsOf(page, 'light soy sauce');
  await page.getByRole('button', { name: 'Stronger' }).click();
  await expect(page.getByText('Salt: a little more')).toBeVisible();
  await expect(async () => expect(await gramsOf(page, 'light soy sauce')).toBeGreaterThan(before)).toPass();
  await page.getByRole('button', { name: 'Milder' }).click();
  await expect(page.getByText('Salt: as written')).toBeVisible();
  await expect(async () => expect(await gramsOf(page, 'light soy sauce')).toBeCloseTo(before, 5)).toPass();
});

test('“I have no…”: what is there takes its place at the same strength, and can be taken back', async ({ page }) => {
  await open(page);
  const strength = page.getByText(/% salt as measured/);
  await page.getByRole('button', { name: /^light soy sauce,/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Dark soy/ })
    .click();
  await expect(page.getByText('instead of light soy sauce')).toBeVisible();
  await expect(strength).toHaveText(/0\.(39|4\d) %/);
  await page.getByRole('button', { name: /^dark soy sauce,/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Back to light soy sauce' }).click();
  await expect(page.getByRole('button', { name: /^light soy sauce,/ })).toBeVisible();
});

test('another broth, a second dip and a base are chosen, stored, and there after a reload', async ({ page }) => {
  await open(page, 'practice-night');
  await page.getByRole('button', { name: 'Other broths and sauces' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'Hot chilli and kimchi broth' }).click();
  await sheet.getByRole('checkbox', { name: 'Sesame dip', exact: true }).click();
  await sheet.getByRole('checkbox', { name: 'Chilli sauce for stews' }).click();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('Korean chilli paste')).toBeVisible();
  await cookOn(page).waitUntilSaved();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Sesame dip' })).toBeVisible();
  await page.getByRole('radio', { name: 'Chilli sauce for stews' }).click();
  await expect(page.getByText(/Keeps 14 days in the fridge/)).toBeVisible();
});
