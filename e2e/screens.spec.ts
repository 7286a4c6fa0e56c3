import { expect, test, type Page } from './support/test';
import { expectNothingSerious } from './support/access';
import { expectInPlace, TIGHTEST } from './support/geometry';
import { ElixaServer } from './support/server';
import { goTo, LARGE_LETTER_PX, open, openSheet, SCREENS, SHEETS, startCooking } from './support/screens';

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
async function withLargeLetters(page: Page, look: () => Promise<void>): Promise<void> {
  const letters = await page.addStyleTag({ content: `html { font-size: ${LARGE_LETTER_PX}px !important }` });
  await look();
  await letters.evaluate((tag) => (tag as HTMLStyleElement).remove());
}

/** What lies a tap away is looked at in one page: opening one anew costs more than looking at it. */
const IN_ONE_PAGE = [
  ['choose', 'broth', 'prep', 'shopping'],
  ['pot', 'build', 'simmer', 'stove'],
];
const together = SCREENS.map(({ name }) => IN_ONE_PAGE.find((group) => group.includes(name)) ?? [name]);

for (const names of new Set(together)) {
  test(`${names.join(', ')}: nothing serious for access in light and dark, everything in its place, with large letters too`, async ({
    tab: page,
  }) => {
    for (const screen of SCREENS.filter(({ name }) => names.includes(name)))
      await test.step(screen.name, async () => {
        await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
        await page.setViewportSize(SIZES.phone);
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
        await withLargeLetters(page, () => expectInPlace(page, TIGHTEST));
      });
  });
}

test('the sheets of an evening: nothing serious for access, everything in its place, with large letters too', async ({
  tab: page,
}) => {
  for (const { at, ...one } of SHEETS) {
    const path = `/evening/muffled-peal/${at}`;
    await page.setViewportSize(SIZES.phone);
    if (!page.url().endsWith(path)) await goTo(page, server.url, path);
    const sheet = await openSheet(page, one);
    await expectNothingSerious(page, 'everything', '[role=dialog]');
    // A sheet is one column as wide as it may be: what fits the smallest fits those between.
    await expectInPlace(page, TIGHTEST);
    await withLargeLetters(page, () => expectInPlace(page, TIGHTEST));
    await sheet.getByRole('button', { name: 'Close' }).click();
    await expect(sheet).toBeHidden();
  }
});

test('everything can be reached and pressed with the keyboard, and the focus is seen', async ({ tab: page }) => {
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

/** A browser that hears what it is told to, in the page. */
function scriptedRecognition(): void {
  const page = globalThis as {
    webkitSpeechRecognition?: unknown;
    SpeechRecognition?: unknown;
    hear?(said: string): void;
  };
  delete page.SpeechRecognition;
  page.webkitSpeechRecognition = class {
    onspeechstart?: () => void;
    onresult?: (event: object) => void;
    start() {
      page.hear = (said) => {
        this.onspeechstart?.();
        this.onresult?.({ resultIndex: 0, results: [Object.assign([{ transcript: said }], { isFinal: true })] });
      };
    }
    abort() {
      page.hear = undefined;
    }
  };
}

test.describe('a pot on the fire', () => {
  // Of its own: the other screens want the evening as it was before it was lit.
  const cooking = new ElixaServer({ demo: true, tellsHour: false });
  test.beforeAll(() => cooking.start());
  test.afterAll(() => cooking.remove());

  test('while cooking: nothing serious for access, the action readable from a metre, targets large', async ({
    clocked: page,
  }) => {
    await page.clock.install();
    await startCooking(page, cooking.url);
    await expectNothingSerious(page);
    await expectInPlace(page);
    await page.setViewportSize(SIZES.phone);
    const heading = page.getByRole('heading', { level: 2 }).first();
    const fontSize = await heading.evaluate((element) => Number.parseFloat(getComputedStyle(element).fontSize));
    expect(fontSize).toBeGreaterThanOrEqual(32);
    const small = () =>
      page
        .getByRole('button')
        .evaluateAll((all) =>
          all
            .filter((one) => Math.min(one.clientHeight, one.clientWidth) < 46)
            .map((one) => one.getAttribute('aria-label') ?? one.textContent),
        );
    await expect.poll(small).toEqual([]);
    // What to do, its countdown and its button are in sight, on small phones and on their side.
    for (const viewport of [SIZES.phone, { width: 320, height: 640 }, { width: 844, height: 390 }]) {
      await page.setViewportSize(viewport);
      const bar = await page.getByRole('navigation', { name: 'Stages of the evening' }).boundingBox();
      const main = page.getByRole('button', { name: /^(They are in|It is in|It boils|Skimmed|Done)$/ });
      for (const part of [heading, page.getByRole('timer'), main]) {
        const box = await part.boundingBox();
        expect(box!.y).toBeGreaterThanOrEqual(0);
        expect(box!.y + box!.height).toBeLessThanOrEqual(bar!.y);
      }
      expect((await main.boundingBox())!.height).toBeGreaterThanOrEqual(64);
    }
    await page.getByRole('button', { name: 'For the wall' }).click();
    await page.setViewportSize(SIZES.wide);
    const onWall = page.getByRole('dialog').getByRole('heading', { level: 2 });
    expect(await onWall.evaluate((one) => Number.parseFloat(getComputedStyle(one).fontSize))).toBeGreaterThan(70);
    await expectNothingSerious(page, 'everything', '[role=dialog]');
    await page.getByRole('button', { name: 'Back to the page' }).click();
    await page.setViewportSize(SIZES.phone);
    const sheet = await openSheet(page, { button: 'Something else happened', title: 'Something else happened' });
    await sheet.getByRole('button', { name: 'Lid, fire, spoon' }).waitFor();
    await expectNothingSerious(page, 'everything', '[role=dialog]');
    await expectInPlace(page, TIGHTEST);
  });
});

test.describe('a pot on the fire that is listened to and measured', () => {
  const cooking = new ElixaServer({ demo: true, tellsHour: false });
  test.beforeAll(() => cooking.start());
  test.afterAll(() => cooking.remove());

  test('a stove that listens, with a probe and a hob: answered by voice, all in its place', async ({
    clocked: page,
  }) => {
    await page.addInitScript(scriptedRecognition);
    await page.clock.install();
    await page.setViewportSize({ width: 844, height: 390 });
    await startCooking(page, cooking.url);
    await page.setViewportSize(SIZES.phone);
    const button = (name: string | RegExp) => page.getByRole('button', { name });
    const hear = (words: string) =>
      page.evaluate((text) => (globalThis as { hear?(said: string): void }).hear!(text), words);
    const sheet = await openSheet(page, { button: 'Listening is off', title: 'Answer by voice' });
    await expect(sheet.getByText(/does not leave this device|Most send it to the servers/)).toBeVisible();
    await expectNothingSerious(page, 'everything', '[role=dialog]');
    await expectInPlace(page, TIGHTEST);
    await sheet.getByRole('button', { name: 'Listen', exact: true }).click();
    await expect(button('Listening is on')).toBeVisible();

    await button('Something else happened').click();
    await button('Tasted or measured').click();
    await button('A probe reads it by itself').click();
    await button('Something else happened').click();
    await button('Lid, fire, spoon').click();
    await button('The hob tells by itself').click();
    await expect(page.getByText(/^Probe in the broth \d/)).toBeVisible();
    await expect(page.getByText(/^Hob at \d+ % of its power/)).toBeVisible();
    await expect(button('Turn the hob: off')).toBeVisible();
    await expectNothingSerious(page);
    await expectInPlace(page, TIGHTEST);
    await button('Take it out: Probe in the broth').click();
    await button('Leave it: Hob').click();

    const heading = page.getByRole('heading', { level: 2 }).first();
    const before = await heading.textContent();
    // Said long before it is due it has to be called by its name.
    await page.clock.fastForward(3_000);
    await hear('It is in');
    await expect(page.getByText(/^Heard “It is in”\. Next is /)).toBeVisible();
    await expect(heading).toHaveText(before!);
    await hear('The carrot is in');
    await expect(page.getByText(/^Heard “The carrot is in”\. Noted/)).toBeVisible();
    await expect(heading).not.toHaveText(before!);
    await page.clock.fastForward(3_000);
    await hear('Take that back');
    await expect(heading).toHaveText(before!);
    await page.setViewportSize(SIZES.phone);
    await expectNothingSerious(page);
  });
});
