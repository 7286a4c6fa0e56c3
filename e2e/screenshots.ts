import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { chromiumOptions } from './support/chromium';
import { open, SCREENS, startCooking } from './support/screens';
import { ElixaServer } from './support/server';

const FOLDER = path.join(import.meta.dirname, '..', 'docs', 'screenshots');
const SIZES = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } } as const;

interface Shot {
  name: string;
  size: keyof typeof SIZES;
  dark?: boolean;
  atStove?: boolean;
  show(page: Page, base: string): Promise<void>;
}

const screen =
  (name: (typeof SCREENS)[number]['name']) =>
  async (page: Page, base: string): Promise<void> => {
    await open(
      page,
      base,
      SCREENS.find((one) => one.name === name)!,
    );
  };

/** The list, its first pot drawn and timed. */
async function atHome(page: Page, base: string): Promise<void> {
  await screen('evenings')(page, base);
  await page.getByText('light the burner').waitFor();
  await page.locator('.opacity-0[aria-hidden]').waitFor({ state: 'detached' });
}

/** The simmer plan, gone through. */
async function simmering(page: Page, base: string): Promise<void> {
  await screen('simmer')(page, base);
  await page.getByText('cooked through from here').waitFor();
}

/** A rehearsal by itself, stopped with food in the pot. */
async function rehearsing(page: Page, base: string): Promise<void> {
  await screen('stove')(page, base);
  await page.getByText('Rehearse it first, on a simulated stove').click();
  await page.getByRole('checkbox', { name: /A weak burner/ }).click();
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  for (const next of ['30', '60']) await page.getByRole('button', { name: `${next} times is next` }).click();
  await page.getByText('In the pot').waitFor();
  await page.getByRole('button', { name: 'Stop the clock' }).click();
}

/** Two hours before people sit down, with the first things done. */
async function preparing(page: Page, base: string): Promise<void> {
  await screen('prep')(page, base);
  for (let tick = 0; tick < 3; tick += 1) {
    await page
      .getByRole('button', { name: /^Done: / })
      .first()
      .click();
    await page.waitForTimeout(1500);
  }
  // A tap brings its button into view; the picture shows the page from its top.
  await page.evaluate(() => document.querySelectorAll('*').forEach((one) => one.scrollTo(0, 0)));
}

/** More of one thing, the others of its kind making up for it. */
async function composing(page: Page, base: string): Promise<void> {
  await screen('pot')(page, base);
  await page.getByRole('button', { name: /^Change chicken thigh/ }).click();
  await page.getByRole('checkbox', { name: /^More, / }).click();
  await page.getByText(/→/).first().waitFor();
}

/** The pot as it is built, gone through, with one bunch chosen. */
async function building(page: Page, base: string): Promise<void> {
  await screen('build')(page, base);
  await page.getByText(/stand in it, \d+ mm deep/).waitFor();
  await page.getByRole('button', { name: /^Tofu/ }).and(page.locator('[aria-pressed]')).focus();
  await page.keyboard.press('Enter');
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
}

const SHOTS: Shot[] = [
  { name: 'evenings-phone', size: 'phone', show: atHome },
  { name: 'choose-phone', size: 'phone', show: screen('choose') },
  { name: 'who-phone', size: 'phone', show: screen('who') },
  { name: 'broth-phone', size: 'phone', show: screen('broth') },
  { name: 'prep-phone', size: 'phone', show: preparing },
  { name: 'shopping-phone', size: 'phone', show: screen('shopping') },
  { name: 'build-phone', size: 'phone', show: building },
  { name: 'compose-phone', size: 'phone', show: composing },
  { name: 'simmer-phone', size: 'phone', show: simmering },
  { name: 'stove-phone', size: 'phone', atStove: true, show: startCooking },
  { name: 'rehearse-phone', size: 'phone', show: rehearsing },
  { name: 'after-phone', size: 'phone', show: screen('after') },
  { name: 'evenings-wide', size: 'wide', show: atHome },
  { name: 'broth-wide', size: 'wide', show: screen('broth') },
  { name: 'prep-wide', size: 'wide', show: preparing },
  { name: 'build-wide', size: 'wide', show: building },
  { name: 'sheet-wide', size: 'wide', show: screen('sheet') },
  { name: 'simmer-wide', size: 'wide', show: simmering },
  { name: 'stove-wide-dark', size: 'wide', dark: true, atStove: true, show: startCooking },
];

/** The hour that a picture shows: time enough to prepare, or, at the stove, when it is lit. */
function hourOf({ atStove }: Shot): Date {
  const now = new Date();
  now.setHours(atStove ? 18 : 17, atStove ? 50 : 25, 0, 0);
  return now;
}

async function take(browser: Browser, shot: Shot): Promise<void> {
  const server = new ElixaServer({ demo: true, tellsHour: false });
  const context = await browser.newContext({
    viewport: SIZES[shot.size],
    colorScheme: shot.dark ? 'dark' : 'light',
    locale: 'en-GB',
    serviceWorkers: 'block',
  });
  try {
    const base = await server.start();
    const page = await context.newPage();
    await page.clock.install({ time: hourOf(shot) });
    await shot.show(page, base);
    await page.evaluate(() => document.fonts.ready);
    await page.clock.fastForward(1000);
    await page.waitForTimeout(400);
    await page.screenshot({ path: path.join(FOLDER, `${shot.name}.png`) });
    process.stdout.write(`docs/screenshots/${shot.name}.png\n`);
  } finally {
    await context.close();
    await server.remove();
  }
}

async function main(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true });
  const browser = await chromium.launch(chromiumOptions(true));
  const wanted = process.argv[2];
  try {
    for (const shot of SHOTS.filter((one) => !wanted || one.name.startsWith(wanted))) await take(browser, shot);
  } finally {
    await browser.close();
  }
}

main().catch((error: Error) => {
  process.stderr.write(`${error.stack ?? error.message}\n`);
  process.exitCode = 1;
});
