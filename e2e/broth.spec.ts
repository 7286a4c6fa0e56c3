import { expect, test, type Page } from './support/test';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true, tellsHour: false });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const open = async (page: Page, id = 'muffled-peal') => {
  await page.goto(`${server.url}/evening/${id}/broth`);
  await expect(page.getByText('cold water to start with')).toBeVisible();
};
test('another broth, a second dip and a base are chosen, stored, and there after a reload', async ({ tab: page }) => {
  await open(page, 'practice-night');
  await page.getByRole('button', { name: 'Other broths and sauces' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'Hot chilli broth' }).click();
  await sheet.getByRole('checkbox', { name: 'Sesame dip', exact: true }).click();
  await sheet.getByRole('checkbox', { name: 'Chilli sauce for stews' }).click();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('Korean chilli flakes', { exact: true })).toBeVisible();
  await cookOn(page).waitUntilSaved();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Sesame dip' })).toBeVisible();
  await page.getByRole('radio', { name: 'Chilli sauce for stews' }).click();
  await expect(page.getByText(/Keeps 14 days in the fridge/)).toBeVisible();
  await page.getByRole('radio', { name: 'Double' }).click();
  await expect(page.getByText(/ml are left after the evening/)).toBeVisible();
});

test('weighing: too much miso is mended by the rest, and by water when nothing salty is left', async ({
  tab: page,
}) => {
  await open(page);
  await page.getByRole('button', { name: 'Other broths and sauces' }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'Miso broth', exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('heading', { name: 'Miso broth' })).toBeVisible();
  const sheet = page.getByRole('dialog');
  // The page is still being drawn for the new broth, and moves under the finger.
  await expect(async () => {
    const begin = page.getByRole('button', { name: 'Weigh as you go' });
    if (!(await sheet.isVisible())) await begin.click({ timeout: 3000 });
    await expect(sheet.getByText('Or what you measured')).toBeVisible({ timeout: 3000 });
  }).toPass();
  const next = sheet.getByRole('button', { name: 'Next' });
  /** Pours until the target is passed by about so many grams, and takes it. */
  const weigh = async (name: string, overG: number) => {
    await expect(sheet.getByRole('heading', { name })).toBeVisible();
    const targetG = Number(/of ([\d.]+) g/.exec((await sheet.getByText(/^of /).textContent()) ?? '')?.[1]);
    let left = Math.round(targetG + overG);
    for (const pour of [100, 20, 5, 1]) {
      for (; left >= pour; left -= pour)
        await sheet.getByRole('button', { name: `Pour ${pour} g`, exact: true }).click();
    }
    await expect(sheet.getByText(overG > 5 ? /too much$/ : /that is it$/)).toBeVisible();
    await expect(next).toBeEnabled();
    await next.click();
  };
  await weigh('dried kelp', 0);
  await weigh('bonito flakes', 0);
  await sheet.getByLabel('Or what you measured').fill('a lot');
  await expect(sheet.getByText('Amount: write it like 1½ tbsp, 250 ml or 40 g.')).toBeVisible();
  await sheet.getByLabel('Or what you measured').fill('4 tbsp + 2 tsp');
  await sheet.getByRole('button', { name: 'Take it' }).click();
  await weigh('light miso', 15);
  await expect(sheet.getByText(/too much light miso: now \d+ g red miso/)).toBeVisible();
  await weigh('red miso', 20);
  await expect(sheet.getByText(/too much red miso: \d+ ml more water keeps it right/)).toBeVisible();
});

test('a guest who avoids what is in the broth gets a small pan with its own', async ({ tab: page }) => {
  await page.goto(`${server.url}/evening/muffled-peal/who`);
  await page.getByRole('button', { name: /^For Noor, in a small pan: sugar/ }).click();
  // Pim sits there too, for the same reason.
  await expect(page.getByText('Settled: white sugar in a small pan')).toHaveCount(2);
  await cookOn(page).goTo('Broth');
  const mirin = page.getByRole('button', { name: /^mirin,/ });
  await expect(mirin).toBeVisible();
  await page.getByRole('radio', { name: 'Broth for Noor and Pim' }).click();
  await expect(page.getByText(/^For Noor and Pim\./)).toBeVisible();
  await expect(mirin).toBeHidden();
  await expect(page.getByText('instead of mirin')).toBeVisible();
});

test('a divided pot holds two broths, one of them from the jar made ahead', async ({ tab: page }) => {
  await page.goto(`${server.url}/evening/first-frost/who`);
  await page.getByRole('radio', { name: /^24 cm divided steel pot/ }).click();
  await cookOn(page).goTo('Broth');
  await page.getByRole('button', { name: 'Other broths and sauces' }).click();
  const sheet = page.getByRole('dialog', { name: 'Broths and sauces' });
  await sheet.getByRole('radiogroup', { name: 'Broth' }).getByRole('radio', { name: 'Numbing-hot oil broth' }).click();
  await sheet
    .getByRole('radiogroup', { name: 'In the other half of the pot' })
    .getByRole('radio', { name: 'Mild bone broth' })
    .click();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('radio', { name: 'Other half' }).click();
  await expect(page.getByRole('heading', { name: 'Mild bone broth' })).toBeVisible();
  await page.getByRole('radio', { name: 'Broth', exact: true }).click();
  await page.getByRole('radio', { name: 'From the jar' }).click();
  await expect(page.getByRole('button', { name: /^numbing chilli base,/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Numbing chilli base' }).click();
  await expect(page.getByText(/^Made .* good until/)).toBeVisible();
  await page.getByRole('button', { name: 'It is made: into the pantry' }).click();
  await expect(page.getByText(/ml of it tonight$/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Measure' })).toBeHidden();
  await page.getByRole('button', { name: 'Make it fresh all the same' }).click();
  await expect(page.getByRole('heading', { name: 'Measure' })).toBeVisible();
  await page.getByRole('button', { name: 'Take it from the jar instead' }).click();
  await expect(page.getByText(/ml of it tonight$/)).toBeVisible();
  await cookOn(page).waitUntilSaved();
});

test('a step has a clock of its own, in view on every stage, through a reload', async ({ clocked: page }) => {
  await page.clock.install();
  await open(page);
  await page.getByRole('button', { name: /^Start 30 min: Dried kelp into the cold water/ }).click();
  await cookOn(page).goTo('Pot');
  await expect(page.getByText(/^(30:00|29:\d\d)$/)).toBeVisible();
  await page.clock.fastForward(10 * 60_000);
  await expect(page.getByText(/^(20:00|19:\d\d)$/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^(20:00|19:\d\d)$/)).toBeVisible();
  await page.clock.fastForward(21 * 60_000);
  await expect(page.getByText('now', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Stop the timer: Dried kelp/ }).click();
  await expect(page.getByText('now', { exact: true })).toBeHidden();
});
