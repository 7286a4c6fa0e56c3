import type { Locator } from '@playwright/test';
import { expect, test, type Page } from './support/test';
import { readFileSync } from 'node:fs';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());
test.use({ viewport: { width: 390, height: 844 } });

const at = '/evening/practice-night/build';
/** A bunch of the pot, as the keyboard finds it. */
const bunch = (page: Page, name: RegExp) => page.getByRole('button', { name }).and(page.locator('[aria-pressed]'));

async function middleOf(page: Page, name: RegExp) {
  const box = (await bunch(page, name).boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** The board that feels a finger is there. */
async function openBoard(page: Page) {
  await page.goto(server.url + at);
  // When the pot was gone through nothing moves any more by itself.
  await expect(page.getByText(/stand in it, \d+ mm deep/)).toBeVisible();
  await expect(page.locator('.cursor-pointer').getByRole('img', { name: /from above/ })).toBeVisible();
}

/** It lies still in the middle of the screen, clear of what stays at its edges, however far a finger has thrown the page. */
async function whole(drawn: Locator) {
  const top = () => drawn.evaluate((one) => one.getBoundingClientRect().y);
  await expect(async () => {
    await drawn.evaluate((one) => one.scrollIntoView({ block: 'center', behavior: 'instant' }));
    const before = await top();
    await drawn.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
    expect(await top()).toBe(before);
  }).toPass();
}

const far = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);

test('a bunch is carried elsewhere, stays there over a reload, and is taken back', async ({ tab: page }) => {
  const cook = cookOn(page);
  await openBoard(page);
  await page.getByRole('checkbox', { name: 'Move things' }).click();
  await expect(page.locator('.cursor-grab')).toBeVisible();
  const from = await middleOf(page, /^Carrot/);
  const to = await middleOf(page, /^Daikon/);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (let step = 1; step <= 8; step += 1) {
    await page.mouse.move(from.x + ((to.x - from.x) * step) / 8, from.y + ((to.y - from.y) * step) / 8);
  }
  await page.mouse.up();
  await expect.poll(async () => far(await middleOf(page, /^Carrot/), from)).toBeGreaterThan(60);
  await expect(page.getByText('It lies where you put it.')).toBeVisible();
  const there = await middleOf(page, /^Carrot/);
  await cook.waitUntilSaved();
  await openBoard(page);
  expect(far(await middleOf(page, /^Carrot/), there)).toBeLessThan(6);
  await page.getByRole('button', { name: 'Arrange it anew' }).click();
  await expect.poll(async () => far(await middleOf(page, /^Carrot/), from)).toBeLessThan(6);
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect.poll(async () => far(await middleOf(page, /^Carrot/), there)).toBeLessThan(6);
  await page.getByRole('button', { name: 'Make the change again' }).click();
  await expect.poll(async () => far(await middleOf(page, /^Carrot/), from)).toBeLessThan(6);
});

test('keys and plain buttons do the same: a place on, into the middle, locked, and a word where it cooks badly', async ({
  tab: page,
}) => {
  await openBoard(page);
  const carrot = bunch(page, /^Carrot/);
  await carrot.focus();
  const from = await middleOf(page, /^Carrot/);
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => far(await middleOf(page, /^Carrot/), from)).toBeGreaterThan(15);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => far(await middleOf(page, /^Carrot/), from)).toBeLessThan(6);
  await carrot.focus();
  await page.keyboard.press('ArrowDown');
  await expect(carrot).toHaveAttribute('aria-label', 'Carrot, in the middle');
  await page.getByRole('button', { name: 'Lock it here' }).click();
  await expect(carrot).toHaveAttribute('aria-label', 'Carrot, in the middle, locked');
  await page.getByRole('button', { name: 'Arrange it anew' }).click();
  await expect(carrot).toHaveAttribute('aria-label', 'Carrot, in the middle, locked');

  await bunch(page, /^Daikon/).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'On top' }).click();
  await expect(page.getByText('Daikon lies on top')).toBeVisible();
  await page.getByRole('button', { name: 'Round the wall', exact: true }).click();
  await expect(page.getByText('Daikon lies on top')).toBeHidden();
});

test('the pot is built card by card, and its drawing is kept as a file that other programs open', async ({
  tab: page,
}) => {
  await openBoard(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as SVG' }).click();
  const file = readFileSync((await (await saved).path())!, 'utf8');
  expect(file).toContain('<svg');
  expect(file).not.toMatch(/var\(--|color-mix/);
  const pixels = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PNG' }).click();
  const png = readFileSync((await (await pixels).path())!);
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(png.length).toBeGreaterThan(50_000);

  await page.getByRole('button', { name: 'Step by step' }).click();
  const seen: string[] = [];
  for (let card = 0; card < 30; card += 1) {
    const title = page.getByRole('heading', { level: 2 }).first();
    seen.push((await title.textContent())!);
    const done = page.getByRole('button', { name: 'It is built' });
    if (await done.isVisible()) {
      await done.click();
      break;
    }
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(title).not.toHaveText(seen.at(-1)!);
  }
  expect(seen).toContain('Chicken');
  expect(seen.filter((one) => one.startsWith('Pour'))).toHaveLength(1);
  await expect(page.getByRole('heading', { name: 'What to pour' })).toBeVisible();
});

test('the card to print is one page', async ({ tab: page }) => {
  for (const format of ['Letter', 'A4'] as const) {
    await page.goto(`${server.url}/card/muffled-peal`);
    await expect(page.getByText('In this order')).toBeVisible();
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  }
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page).toHaveURL(/\/build$/);
});

test('how high it stands is told minute by minute, and a ruler is read both ways', async ({ tab: page }) => {
  await openBoard(page);
  const before = await page.getByText(/stand in it, \d+ mm deep/).textContent();
  for (let press = 0; press < 4; press += 1) await page.getByRole('button', { name: 'Earlier', exact: true }).click();
  await expect(page.getByText(/^\d+ min later$/)).toBeVisible();
  await expect(page.getByText(/stand in it, \d+ mm deep/)).not.toHaveText(before!);
  await page.getByLabel(/^The ruler shows/).fill('72');
  await expect(page.getByText('2.6 l of liquid alone')).toBeVisible();
});

test.describe('by touch', () => {
  test.use({ hasTouch: true });

  test('a finger carries a bunch where things are moved, and scrolls the page where they are not', async ({ page }) => {
    await openBoard(page);
    const finger = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x = 0, y = 0) =>
      finger.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x, y }] });
    const drawn = page.getByRole('img', { name: /from above/ });
    const fromY = (await drawn.boundingBox())!.y;
    const start = await middleOf(page, /^Chicken/);
    await touch('touchStart', start.x, start.y);
    for (const by of [10, 40, 80, 120, 160]) await touch('touchMove', start.x, start.y - by);
    await touch('touchEnd');
    await expect.poll(async () => (await drawn.boundingBox())!.y).toBeLessThan(fromY - 40);

    await page.getByRole('checkbox', { name: 'Move things' }).click();
    await expect(page.locator('.cursor-grab')).toBeVisible();
    await whole(drawn);
    const chicken = await middleOf(page, /^Chicken/);
    await touch('touchStart', chicken.x, chicken.y);
    for (const by of [10, 30, 60, 90]) await touch('touchMove', chicken.x + by, chicken.y + by / 8);
    await touch('touchEnd');
    await expect(bunch(page, /^Chicken/)).toHaveAttribute('aria-label', 'Chicken, round the wall');
  });
});
