import { expect, test, type Page } from './support/test';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());
test.use({ serviceWorkers: 'allow' });

/** A picture as a camera makes them: far larger than it is kept. */
async function cameraPicture(page: Page, type: 'image/png' | 'image/jpeg' = 'image/jpeg') {
  const url = await page.evaluate((mime) => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 3000, height: 2000 });
    const context = canvas.getContext('2d')!;
    const glaze = context.createRadialGradient(1500, 1000, 100, 1500, 1000, 1100);
    for (const [at, colour] of [
      [0, '#d9b26f'],
      [0.7, '#8a4b32'],
      [1, '#2a1d17'],
    ] as const)
      glaze.addColorStop(at, colour);
    context.fillStyle = glaze;
    context.fillRect(0, 0, 3000, 2000);
    return canvas.toDataURL(mime);
  }, type);
  return { name: `pot.${type.slice(6)}`, mimeType: type, buffer: Buffer.from(url.split(',')[1]!, 'base64') };
}

const put = async (page: Page, file: { name: string; mimeType: string; buffer: Buffer }) =>
  page.getByLabel('Picture from a file').setInputFiles(file);
const kept = (id: string, query = '') => fetch(`${server.url}/api/evenings/${id}/photo.jpg${query}`);
const widthOf = (page: Page, name: string) =>
  page.getByRole('img', { name }).evaluate(async (image) => {
    await (image as HTMLImageElement).decode();
    return (image as HTMLImageElement).naturalWidth;
  });

test('the filled pot is pictured before the liquid goes in, and is seen in the list', async ({ page }) => {
  await page.goto(`${server.url}/evening/muffled-peal/build`);
  await page.getByRole('button', { name: 'Step by step' }).click();
  const title = page.getByRole('heading', { level: 2 }).first();
  // The card for the picture is where nothing is hidden by liquid or lid yet.
  while (!/^(It is never prettier|Everything is in)$/.test((await title.textContent())!)) {
    const before = (await title.textContent())!;
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(title).not.toHaveText(before);
  }
  await put(page, await cameraPicture(page));
  await expect(page.getByRole('img', { name: 'The pot of Muffled peal' })).toBeVisible();
  expect(await widthOf(page, 'The pot of Muffled peal')).toBe(1280);
  await expect.poll(async () => (await kept('muffled-peal')).status).toBe(200);
  const bytes = Buffer.from(await (await kept('muffled-peal')).arrayBuffer());
  expect(bytes.length).toBeLessThan(1_000_000);
  // Nothing of the place and the device that took it goes with it.
  expect(bytes.includes('Exif')).toBe(false);
  expect((await (await kept('muffled-peal', '?size=small')).arrayBuffer()).byteLength).toBeLessThan(60_000);

  await page.goto(server.url);
  const row = page.getByRole('link', { name: /^Muffled peal/ });
  await expect(row.locator('img')).toBeVisible();
  await expect
    .poll(async () => row.locator('img').evaluate((image) => (image as HTMLImageElement).naturalWidth))
    .toBe(192);
});

test('a finished evening takes a picture, which outlasts a dead server, is replaced and removed', async ({ page }) => {
  const cook = cookOn(page);
  await page.goto(`${server.url}/evening/first-frost/after`);
  await expect(page.getByRole('heading', { name: 'The pot' })).toBeVisible();
  await put(page, { name: 'pot.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') });
  await expect(page.getByText(/cannot be opened here/)).toBeVisible();

  await cook.waitUntilPagesAreKept();
  await server.kill();
  await put(page, await cameraPicture(page, 'image/png'));
  await expect(page.getByRole('img', { name: 'The pot of First frost' })).toBeVisible();
  await expect(page.getByText(/cannot be opened here/)).toBeHidden();
  await page.reload();
  await expect(page.getByRole('img', { name: 'The pot of First frost' })).toBeVisible();
  await server.start();
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect.poll(async () => (await kept('first-frost')).status, { timeout: 60_000 }).toBe(200);
  await cook.waitUntilSaved();

  await page.reload();
  expect(await widthOf(page, 'The pot of First frost')).toBe(1280);
  await page.getByRole('button', { name: 'Remove the picture' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('img', { name: 'The pot of First frost' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the picture' }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(page.getByRole('img', { name: 'The pot of First frost' })).toBeHidden();
  await expect.poll(async () => (await kept('first-frost')).status).toBe(404);
});
