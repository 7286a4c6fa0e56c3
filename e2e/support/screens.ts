import { expect, type Locator, type Page } from '@playwright/test';

/** Every screen of the demo data: where it is and the words that show that it is there. */
export const SCREENS = [
  { name: 'evenings', path: '/', shows: 'Practice night' },
  { name: 'choose', path: '/evening/practice-night/choose', shows: 'Everybody can eat all of it.' },
  { name: 'who', path: '/evening/muffled-peal/who', shows: 'Not for everybody' },
  { name: 'broth', path: '/evening/practice-night/broth', shows: 'cold water to start with' },
  { name: 'prep', path: '/evening/practice-night/prep', shows: 'After that, in order' },
  { name: 'shopping', path: '/evening/practice-night/shopping', shows: 'things still to buy' },
  { name: 'sheet', path: '/sheet/practice-night', shows: 'Then, in order' },
  { name: 'pot', path: '/evening/practice-night/pot', shows: 'kept hot for topping up' },
  { name: 'build', path: '/evening/practice-night/build', shows: 'Cut through from mark to mark' },
  { name: 'card', path: '/card/practice-night', shows: 'In this order' },
  { name: 'simmer', path: '/evening/practice-night/simmer', shows: 'Round 1, step by step' },
  { name: 'stove', path: '/evening/practice-night/stove', shows: 'On the counter' },
  { name: 'after', path: '/evening/first-frost/after', shows: 'Notes for next time' },
  { name: 'nowhere', path: '/kettle', shows: 'There is nothing here' },
] as const;

/** What somebody sets who wants every letter twice as large. */
export const LARGE_LETTER_PX = 32;

export async function open(page: Page, base: string, screen: (typeof SCREENS)[number]): Promise<void> {
  await goTo(page, base, screen.path);
  await page.getByText(screen.shows).first().waitFor();
}

/** Goes on to a screen: by the stages of its evening where the page has them, which opens it as a cook does, else anew. */
export async function goTo(page: Page, base: string, path: string): Promise<void> {
  const stage = page.getByRole('navigation', { name: 'Stages of the evening' }).locator(`a[href="${path}"]`);
  if (await stage.count()) await stage.click();
  else await page.goto(base + path);
}

/** The sheets of an evening: on which stage, behind which button, under which title. */
export const SHEETS = [
  { at: 'choose', button: 'Change Belfry pot', title: 'Belfry pot' },
  { at: 'who', button: 'Change Tove', title: 'Tove' },
  { at: 'who', button: 'Measure my own pot', title: 'My own pot' },
  { at: 'who', button: 'Time water to the boil', title: 'Time water to the boil' },
  { at: 'broth', button: 'Other broths and sauces', title: 'Broths and sauces' },
  { at: 'broth', button: 'Weigh as you go', title: /./ },
  { at: 'broth', button: /^light soy sauce,/, title: 'No light soy sauce?' },
  { at: 'pot', button: /^Change fresh shiitake/, title: 'fresh shiitake' },
  { at: 'pot', button: 'Put something in', title: 'Put something in' },
  { at: 'pot', button: 'Keep this pot', title: 'A pot of the house' },
] as const;

/** Opens a sheet on its stage. */
export async function openSheet(
  page: Page,
  sheet: { button: string | RegExp; title: string | RegExp },
): Promise<Locator> {
  await page.getByRole('button', { name: sheet.button }).click();
  const dialog = page.getByRole('dialog', { name: sheet.title });
  await dialog.waitFor();
  return dialog;
}

/** The big button is deaf for a second after it came to mean what it means: time that a page with a clock of its own is given. */
export const awake = (page: Page): Promise<void> => page.clock.fastForward(1000);

/** Lights the burner, and says that it is meant where it is long before its time. */
export async function lightNow(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Light it now' }).click();
  const sure = page.getByRole('button', { name: /^Yes, light it now/ });
  const lit = page.getByRole('button', { name: 'Undo the last tap' });
  await sure.or(lit).first().waitFor();
  // It is deaf for a second after it came to mean that.
  for (; await sure.isVisible(); await lit.waitFor({ timeout: 1500 }).catch(() => undefined)) await sure.click();
}

/** Lights Practice night and taps through until food is in the pot. */
export async function startCooking(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/evening/practice-night/stove`);
  await lightNow(page);
  // However far down the button was that lit it, what is to be done now is in sight.
  await expect(page.getByRole('heading', { level: 2 }).first()).toBeInViewport();
  const next = page.getByRole('button', { name: /^(It boils|They are in|It is in|Skimmed)$/ });
  for (let tap = 0; tap < 3; tap += 1) {
    const heading = page.getByRole('heading', { level: 2 }).first();
    const before = await heading.textContent();
    await page.clock.fastForward(tap === 0 ? 300_000 : 90_000);
    await next.click();
    await page.waitForFunction(
      (words) => document.querySelector('[role=heading][aria-level="2"], h2')?.textContent !== words,
      before,
    );
  }
  await page.clock.fastForward(60_000);
  await page.getByText('In the pot').waitFor();
}
