import { expect, test, type Page } from './support/test';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const who = (page: Page) => page.goto(`${server.url}/evening/muffled-peal/who`);
const focused = (page: Page) =>
  page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '');

test('a sheet is opened, filled in and left by keys alone: nothing is lost, and the focus comes back', async ({
  tab: page,
}) => {
  await who(page);
  const opener = page.getByRole('button', { name: 'Change Bram' });
  await opener.focus();
  await page.keyboard.press('Enter');
  const sheet = page.getByRole('dialog', { name: 'Bram' });
  await expect(sheet).toBeVisible();

  // Escape with nothing changed, and with something changed.
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect(opener).toBeFocused();
  await page.keyboard.press('Enter');
  await sheet.getByRole('checkbox', { name: 'Vegetarian', exact: true }).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect(opener).toContainText('vegetarian');
  await expect(opener).toBeFocused();

  // A name that cannot be taken keeps the sheet open, with the reason and a way out.
  await page.keyboard.press('Enter');
  const name = sheet.getByLabel('Name');
  await name.fill('Tove');
  await page.keyboard.press('Escape');
  await expect(sheet.getByRole('alert')).toContainText('Tove is at the table already');
  await name.fill('Bramwell');
  await page.keyboard.press('Enter');
  await expect(sheet).toBeHidden();
  const renamed = page.getByRole('button', { name: 'Change Bramwell' });
  await expect(renamed).toBeFocused();

  await page.keyboard.press('Enter');
  await page.getByRole('dialog', { name: 'Bramwell' }).getByLabel('Name').fill('');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Close without the changes' }).press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(renamed).toBeFocused();

  // Who is not coming takes the row along: the focus stays among the guests.
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Bramwell is not coming' }).press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect.poll(() => focused(page)).toMatch(/^Change /);
});

test('a guest is added with the keyboard alone: one, and the next key begins at the title of the sheet', async ({
  tab: page,
}) => {
  await who(page);
  const guests = page.getByRole('button', { name: /^Change / });
  const add = page.getByRole('button', { name: 'Add a guest' });
  await expect(add).toBeVisible();
  const before = await guests.count();
  for (const name of ['Ægir', 'Ran']) {
    await add.press('Enter');
    const sheet = page.getByRole('dialog');
    await expect(sheet).toBeVisible();
    await expect(sheet.getByRole('heading', { level: 2 }).locator('..')).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(sheet.getByRole('button', { name: 'Close' })).toBeFocused();
    await sheet.getByLabel('Name').fill(name);
    await page.keyboard.press('Enter');
    await expect(sheet).toBeHidden();
    await expect(add).toBeFocused();
  }
  await expect(guests).toHaveCount(before + 2);
  await expect(page.getByRole('button', { name: 'Change Ran' })).toBeVisible();
});

test('Escape takes back what was half typed, and nothing else', async ({ tab: page }) => {
  await who(page);
  const power = page.getByLabel('Power, W');
  const before = await power.inputValue();
  await power.fill('9');
  await expect(page.getByText('Power: use a number from 300 to 8000.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(power).toHaveValue(before);
  await expect(power).toBeFocused();
});

test('the focus goes on with the work, from lighting to the first step', async ({ tab: page }) => {
  await page.goto(`${server.url}/evening/practice-night/stove`);
  await page.getByRole('button', { name: 'Light it now' }).focus();
  // It is asked once whether that is meant, a day before its time, and the button is deaf for a second then.
  await expect(async () => {
    await page.keyboard.press('Enter');
    await expect(page.locator('#goes-on')).toBeFocused({ timeout: 1500 });
  }).toPass();
});
