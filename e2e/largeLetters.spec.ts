import { expect, test } from './support/test';
import { chromiumOptions } from './support/chromium';
import { expectInPlace } from './support/geometry';
import { LARGE_LETTER_PX, open, SCREENS } from './support/screens';
import { ElixaServer } from './support/server';

// As somebody sets it who wants every letter twice as large: in the browser, for all pages.
const chromium = chromiumOptions();
test.use({
  launchOptions: { ...chromium, args: [...chromium.args, `--blink-settings=defaultFontSize=${LARGE_LETTER_PX}`] },
});

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

/** The stages take no more of a phone than this share of its height. */
const MOST_FOR_STAGES = 1 / 6;

test('the stove has everything in its place by the setting itself', async ({ tab: page }) => {
  // All other pages are measured with such letters where they are open already.
  await open(
    page,
    server.url,
    SCREENS.find((one) => one.name === 'stove')!,
  );
  const letter = await page.evaluate(() => getComputedStyle(document.documentElement).fontSize);
  expect(letter).toBe(`${LARGE_LETTER_PX}px`);
  await expectInPlace(page);
});

test('with letters twice as large the stages leave the page its room, and say where one is', async ({ tab: page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(
    page,
    server.url,
    SCREENS.find((one) => one.name === 'pot')!,
  );
  const stages = page.getByRole('navigation', { name: 'Stages of the evening' });
  const box = await stages.boundingBox();
  expect(box!.height).toBeLessThan(844 * MOST_FOR_STAGES);
  await expect(stages.getByText('Pot · 3 rounds')).toBeVisible();
  await stages.getByRole('link', { name: /^Simmer/ }).click();
  await expect(page).toHaveURL(/simmer$/);
});
