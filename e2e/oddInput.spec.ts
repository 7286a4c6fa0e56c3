import { readFileSync } from 'node:fs';
import { awake, lightNow } from './support/screens';
import path from 'node:path';
import { expect, test } from './support/test';
import { PLAIN_HOST } from './support/chromium';
import { cookOn } from './support/cook';
import { Network } from './support/network';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true, tellsHour: false });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const example = () =>
  JSON.parse(readFileSync(path.join(import.meta.dirname, '..', 'examples', 'practice-night.json'), 'utf8'));

test('two phones change one evening: nothing is overwritten before somebody chooses', async ({ page, browser }) => {
  const other = await (await browser.newContext()).newPage();
  const network = new Network(server.url);
  await page.goto(`${await network.open()}/evening/muffled-peal/who`);
  await other.goto(`${server.url}/evening/muffled-peal/who`);
  for (const one of [page, other]) await cookOn(one).waitUntilSaved();
  // While this one is without a network, it cannot follow the other.
  network.cut();
  await other.getByRole('textbox', { name: 'Evening' }).fill('Half-muffled peal');
  await expect(async () => {
    const stored = await (await fetch(`${server.url}/api/evenings/muffled-peal`)).json();
    expect(stored.evening.title).toBe('Half-muffled peal');
  }).toPass();
  await page.getByRole('textbox', { name: 'Evening' }).fill('Quarter peal');
  network.mend();
  await expect(page.getByText('Changed in two places')).toBeVisible();
  await expect(page.getByText(/Theirs: Half-muffled peal.*Yours: Quarter peal/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await cookOn(page).waitUntilSaved();
  await expect(other.getByRole('textbox', { name: 'Evening' })).toHaveValue('Quarter peal');
  await other.context().close();
  network.remove();
});

test('a part of the application that did not arrive is asked for again, and comes with the next try', async ({
  page,
}) => {
  const second = /\/kitchen-[^/]+\.2\.js/;
  await page.route(second, (route) => route.abort());
  await page.goto(`${server.url}/evening/muffled-peal/who`);
  await expect(page.getByText('This page cannot be shown')).toBeVisible();
  await page.unroute(second);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('textbox', { name: 'Evening' })).toBeVisible();
});

test('an evening that was cooked is asked about, lies in the bin, and comes back from there', async ({ tab: page }) => {
  await page.goto(`${server.url}/evening/first-frost/after`);
  await page.getByRole('button', { name: 'Throw this evening away' }).click();
  await page.getByRole('button', { name: 'Yes, throw it away' }).click();
  await expect(page.getByText('First frost lies in the bin')).toBeVisible();
  await expect(page.getByRole('link', { name: /First frost/ })).toBeHidden();
  await page.reload();
  await page.getByRole('button', { name: /^The bin/ }).click();
  await page.getByRole('button', { name: 'Bring First frost back' }).click();
  await expect(page.getByRole('link', { name: /First frost/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /First frost back/ })).toBeHidden();
});

test('two guests of one name, an empty name, a pot that cannot be: the field and the fix are named', async ({
  tab: page,
}) => {
  await page.goto(`${server.url}/evening/practice-night/who`);
  await page.getByRole('button', { name: 'Change Noor' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('textbox', { name: 'Name' }).fill('Bram');
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet.getByText('Bram is at the table already. Use another name.')).toBeVisible();
  await sheet.getByRole('textbox', { name: 'Name' }).fill('  ');
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet.getByText('Name: write one.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Close without the changes' }).click();
  await expect(page.getByText('Noor', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Measure my own pot' }).click();
  await sheet.getByLabel(/Holds to the rim/).fill('9000');
  await sheet.getByRole('button', { name: 'Use this pot' }).click();
  await expect(sheet.getByText(/holds at most \d+ ml/)).toBeVisible();
});

test('a number out of range stays as typed, with a message, and the plan stays the last good one', async ({
  tab: page,
}) => {
  await page.goto(`${server.url}/evening/practice-night/who`);
  await page.getByLabel(/^Power/).fill('26000');
  await expect(page.getByText('Power: use a number from 300 to 8000.')).toBeVisible();
  await expect(page.getByLabel(/^Power/)).toHaveValue('26000');
  await cookOn(page).goTo('Broth');
  await expect(page.getByText('cold water to start with')).toBeVisible();
});

test('a file that is no evening is refused with the field and the fix', async ({ tab: page }) => {
  await page.goto(server.url);
  const give = (text: string) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await give('tomatoes');
  await expect(page.getByText(/This is not JSON/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).first().click();
  await give(JSON.stringify({ ...example(), units: 'cubits' }));
  await expect(page.getByText(/units/).first()).toBeVisible();
  await expect(page.getByText(/metric, us, eastAsian/)).toBeVisible();
});

test('chicken is not served before its time unless somebody has measured it', async ({ clocked: page }) => {
  await page.clock.install();
  await page.goto(`${server.url}/evening/practice-night/stove`);
  await lightNow(page);
  const heading = page.getByRole('heading', { level: 2 }).first();
  const tap = page.getByRole('button', { name: /^(It boils|They are in|It is in|Skimmed|Done|Topped up)$/ });
  const serve = page.getByRole('button', { name: /^It is on the table/ });
  for (let step = 0; step < 12 && !(await serve.isVisible()); step += 1) {
    const before = await heading.textContent();
    await awake(page);
    await tap.click();
    await expect(heading).not.toHaveText(before ?? '');
  }
  await awake(page);
  await serve.click();
  await expect(page.getByText('Not yet')).toBeVisible();
  await expect(page.getByText(/chicken.*more by the clock/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it in' }).click();
  await expect(heading).toHaveText(/Round 1 is ready/);
  // All of it went in at once: the coldest likely pot takes longer than the plan.
  await page.clock.fastForward(40 * 60_000);
  await expect(serve).toHaveText('It is on the table');
  await awake(page);
  await serve.click();
  await expect(heading).not.toHaveText(/Round 1 is ready/);
});

test('a time that is past already: the stove still says when it would be ready, the preparation by how much it is late', async ({
  clocked: page,
}) => {
  const { sitDownAt } = await (
    await fetch(`${server.url}/api/evenings/muffled-peal`)
  )
    .json()
    .then((one) => one.evening);
  await page.clock.install({ time: new Date(Date.parse(sitDownAt) + 10 * 60_000) });
  await page.goto(`${server.url}/evening/muffled-peal/stove`);
  await expect(
    page.getByText(/^Tonight\. That was \d+ min ago\. Lit now, the first round is ready at \d\d:\d\d\.$/),
  ).toBeVisible();
  await cookOn(page).goTo('Prep');
  await expect(page.getByRole('region', { name: 'Short of time' })).toBeVisible();
  await page.getByRole('button', { name: /^Sit down at \d\d:\d\d: on time$/ }).click();
  await expect(page.getByRole('region', { name: 'Short of time' })).toBeHidden();
});

test('from a phone in the house, over plain http: everything works, and what the browser forbids is said', async ({
  page,
}) => {
  await page.goto(server.url.replace('127.0.0.1', PLAIN_HOST));
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await expect(page.getByText('Opened from another device')).toBeVisible();
  await page.getByRole('button', { name: 'New evening' }).first().click();
  await expect(page).toHaveURL(/\/choose$/);
  const cook = cookOn(page);
  await cook.waitUntilSaved();
  await cook.goTo('Stove');
  await lightNow(page);
  await expect(page.getByRole('button', { name: 'It boils' })).toBeVisible();
  // A burner lit by mistake was never lit.
  await page.getByRole('button', { name: 'Undo the last tap' }).click();
  await expect(page.getByRole('button', { name: 'Light it now' })).toBeVisible();
});

test('a year typed figure by figure neither blanks the page nor reaches the evening', async ({ tab: page }) => {
  await page.goto(`${server.url}/evening/muffled-peal/who`);
  const day = page.getByLabel('Day');
  const before = await day.inputValue();
  const type = (value: string) =>
    day.evaluate((input: HTMLInputElement, typed) => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(input, typed);
      input.dispatchEvent(new Event('input', { bubbles: true }));
    }, value);
  await type('0002-12-05');
  await expect(page.getByRole('alert').filter({ hasText: '2000 to 2099' })).toBeVisible();
  await expect(page.getByText('At the table')).toBeVisible();
  await page.reload();
  await expect(day).toHaveValue(before);
});

test('a browser whose store never answers: it works from the server, and says what is not kept', async ({ page }) => {
  await page.addInitScript(() => {
    indexedDB.open = () => new EventTarget() as IDBOpenDBRequest;
  });
  await page.goto(`${server.url}/evening/practice-night/who`);
  const title = page.getByRole('textbox', { name: 'Evening' });
  await title.fill('Practice with a silent store');
  await expect(async () => {
    const stored = await (await fetch(`${server.url}/api/evenings/practice-night`)).json();
    expect(stored.evening.title).toBe('Practice with a silent store');
  }).toPass();
  await page.getByRole('button', { name: 'All evenings' }).click();
  await expect(page.getByText('This browser keeps nothing')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Practice with a silent store').first()).toBeVisible();
});
