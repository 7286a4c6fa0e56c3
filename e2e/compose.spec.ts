import { expect, test } from './support/test';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());
test.use({ viewport: { width: 390, height: 844 } });

test('a pot is composed, kept under a name, and cooked again on another evening', async ({ tab: page }) => {
  const cook = cookOn(page);
  await page.goto(`${server.url}/evening/practice-night/pot`);
  await page.getByRole('button', { name: 'Put something in' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel(/^Find it by name/).fill('eringi');
  await sheet.getByRole('button', { name: 'Put in king oyster mushroom' }).click();
  await expect(sheet.getByRole('heading', { name: 'king oyster mushroom' })).toBeVisible();
  await sheet.getByLabel(/^Or your own/).fill('plenty');
  await expect(sheet.getByText(/^Amount: write it like/)).toBeVisible();
  await sheet.getByLabel(/^Or your own/).fill('50 g');
  await sheet.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(sheet.getByText(/^50 g a head/)).toBeVisible();
  await expect(sheet.getByText(/→/).first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Done' }).click();

  await page.getByRole('button', { name: 'Put something in' }).click();
  await sheet.getByLabel(/^Find it by name/).fill('rope-end noodles');
  await sheet.getByRole('button', { name: 'Something that is not here' }).click();
  await sheet.getByRole('button', { name: 'Put it in' }).click();
  await expect(sheet.getByText('What it is like: choose a name from the list.')).toBeVisible();
  await sheet.getByLabel('What it is like').fill('frozen udon');
  await sheet.getByRole('button', { name: 'Put it in' }).click();
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: /^Change rope-end noodles/ })).toBeVisible();

  await page.getByRole('button', { name: 'Keep this pot' }).click();
  await sheet.getByLabel('Name').fill('Ringing chamber pot');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('This is Ringing chamber pot, as the house keeps it.')).toBeVisible();
  await cook.waitUntilSaved();

  await page.goto(`${server.url}/evening/muffled-peal/choose`);
  await page.getByRole('button', { name: 'Cook Ringing chamber pot tonight' }).click();
  await cook.waitUntilSaved();
  await page.goto(`${server.url}/evening/muffled-peal/pot`);
  await expect(page.getByRole('button', { name: /^Change rope-end noodles/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Change king oyster mushroom/ })).toBeVisible();
  await page.goto(`${server.url}/evening/muffled-peal/shopping`);
  await expect(page.getByText('rope-end noodles').first()).toBeVisible();
  await page.goto(`${server.url}/evening/muffled-peal/simmer`);
  await expect(page.getByText(/rope-end noodles|udon/).first()).toBeVisible();
});
