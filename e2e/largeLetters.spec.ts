import { chromium } from '@playwright/test';
import { expect, test } from './support/test';
import { chromiumOptions } from './support/chromium';
import { expectInPlace } from './support/geometry';
import { LARGE_LETTER_PX, open, SCREENS } from './support/screens';
import { ElixaServer } from './support/server';
import { USUAL } from './support/usual';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

/** The stages take no more of a phone than this share of its height. */
const MOST_FOR_STAGES = 1 / 6;

test('as the browser is set: everything on the stove in its place, and the stages leave the page its room', async () => {
  // As somebody sets it who wants every letter twice as large. All other pages are measured with such letters where they are
  // open already.
  const options = chromiumOptions();
  const args = [...options.args, `--blink-settings=defaultFontSize=${LARGE_LETTER_PX}`];
  const browser = await chromium.launch({ ...options, args });
  const page = await browser.newPage(USUAL);
  await open(
    page,
    server.url,
    SCREENS.find((one) => one.name === 'stove')!,
  );
  const letter = await page.evaluate(() => getComputedStyle(document.documentElement).fontSize);
  expect(letter).toBe(`${LARGE_LETTER_PX}px`);
  await expectInPlace(page);

  await page.setViewportSize(USUAL.viewport);
  const stages = page.getByRole('navigation', { name: 'Stages of the evening' });
  const box = await stages.boundingBox();
  expect(box!.height).toBeLessThan(USUAL.viewport.height * MOST_FOR_STAGES);
  await stages.getByRole('link', { name: /^Pot/ }).click();
  await expect(stages.getByText('Pot · 3 rounds')).toBeVisible();
  await stages.getByRole('link', { name: /^Simmer/ }).click();
  await expect(page).toHaveURL(/simmer$/);
  await browser.close();
});
