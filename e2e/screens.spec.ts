import { expect, test } from '@playwright/test';
import { expectNothingSerious } from './support/access';
import { expectInPlace, TIGHTEST } from './support/geometry';
import { ElixaServer } from './support/server';
import { LARGE_LETTER_PX, open, openSheet, SCREENS, SHEETS, startCooking } from './support/screens';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const SIZES = {
  phone: { width: 390, height: 844 },
  wide: { width: 1280, height: 800 },
} as const;

// The screens leave the evenings as they are: they need not wait for one another.
test.describe.configure({ mode: 'parallel' });

/** Every letter twice as large, as somebody sets it who wants it so. */
const LETTERS = `html { font-size: ${LARGE_LETTER_PX}px !important }`;

for (const screen of SCREENS) {
  test(`${screen.name}: nothing serious for access in light and dark, everything in its place, with large letters too`, async ({
    page,
  }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    await open(page, server.url, screen);
    for (const viewport of Object.values(SIZES)) {
      await page.setViewportSize(viewport);
      await page.getByText(screen.shows).first().waitFor();
      await expectNothingSerious(page, viewport === SIZES.phone ? 'everything' : 'layout');
    }
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
    await expect(page.locator('.theme-dark').first()).toBeAttached();
    // The page is the same one, wide by now; only its colours are others, and then its letters.
    await expectNothingSerious(page, 'contrast');
    await expectInPlace(page);
    await page.addStyleTag({ content: LETTERS });
    await expectInPlace(page, TIGHTEST);
  });
}

for (const at of new Set(SHEETS.map((one) => one.at))) {
  test(`the sheets of ${at}: nothing serious for access, everything in its place, with large letters too`, async ({
    page,
  }) => {
    await page.goto(`${server.url}/evening/muffled-peal/${at}`);
    for (const one of SHEETS.filter((each) => each.at === at)) {
      await page.setViewportSize(SIZES.phone);
      const sheet = await openSheet(page, one);
      await expectNothingSerious(page, 'everything', '[role=dialog]');
      await expectInPlace(page);
      const letters = await page.addStyleTag({ content: LETTERS });
      await expectInPlace(page, TIGHTEST);
      await letters.evaluate((tag) => (tag as HTMLStyleElement).remove());
      await sheet.getByRole('button', { name: 'Close' }).click();
      await expect(sheet).toBeHidden();
    }
  });
}

test('everything can be reached and pressed with the keyboard, and the focus is seen', async ({ page }) => {
  await open(page, server.url, SCREENS[0]);
  const reached: string[] = [];
  for (;;) {
    await page.keyboard.press('Tab');
    if (await page.evaluate(() => document.activeElement === document.body)) break;
    const focus = await page.evaluate(() => {
      const element = document.activeElement as HTMLElement;
      const { outlineStyle, outlineWidth } = getComputedStyle(element);
      return { words: element.getAttribute('aria-label') ?? element.textContent ?? '', outlineStyle, outlineWidth };
    });
    reached.push(focus.words);
    expect(focus.outlineStyle, focus.words).not.toBe('none');
  }
  expect(reached.join('\n')).toContain('Open the plan');
  await page.getByRole('button', { name: 'Open the plan' }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/practice-night\/who$/);
});

test.describe('a pot on the fire', () => {
  // Of its own: the other screens want the evening as it was before it was lit.
  const cooking = new ElixaServer({ demo: true, tellsHour: false });
  test.beforeAll(() => cooking.start());
  test.afterAll(() => cooking.remove());

  test('while cooking: nothing serious for access, the action readable from a metre, targets large', async ({
    page,
  }) => {
    await page.clock.install();
    await startCooking(page, cooking.url);
    await expectNothingSerious(page);
    await expectInPlace(page);
    await page.setViewportSize(SIZES.phone);
    const heading = page.getByRole('heading', { level: 2 }).first();
    const fontSize = await heading.evaluate((element) => Number.parseFloat(getComputedStyle(element).fontSize));
    expect(fontSize).toBeGreaterThanOrEqual(32);
    const sizes = await page
      .getByRole('button')
      .evaluateAll((all) => all.map((one) => Math.min(one.clientHeight, one.clientWidth)));
    expect(Math.min(...sizes)).toBeGreaterThanOrEqual(46);
    const main = await page
      .getByRole('button', { name: /in$|boils|Skimmed|Done/ })
      .first()
      .boundingBox();
    expect(main!.height).toBeGreaterThanOrEqual(64);
    expect(main!.y + main!.height).toBeLessThanOrEqual(844);
  });
});
