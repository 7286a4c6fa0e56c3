import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './support/test';
import { mustReadEvening, eventsAnswerSchema, pantrySchema } from '@elixa/contract';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true, tellsHour: false });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const MINUTE = 60_000;
const stored = async (id = 'practice-night') => {
  const answer = (await (await fetch(`${server.url}/api/evenings/${id}`)).json()) as { evening: unknown };
  return mustReadEvening(answer.evening);
};
const ticks = async () => {
  const answer = await fetch(`${server.url}/api/evenings/practice-night/events`);
  return eventsAnswerSchema.parse(await answer.json()).events.filter((event) => event.type === 'ticked');
};
/** So many minutes before people sit down. */
async function before(page: Page, minutes: number, path = 'prep', id = 'practice-night') {
  const { sitDownAt } = await stored(id);
  await page.clock.install({ time: new Date(Date.parse(sitDownAt) - minutes * MINUTE) });
  await page.goto(`${server.url}/evening/${id}/${path}`);
}
const done = (page: Page) => page.getByRole('button', { name: /^Done: / });
const order = (page: Page) => page.getByText('After that, in order');

test.describe('with a dead server', () => {
  test.use({ serviceWorkers: 'allow' });
  test('the preparation is worked through: neither it nor a reload loses a tick', async ({ page }) => {
    await before(page, 150);
    await expect(order(page)).toBeVisible();
    await expect(page.getByText(/in hand before the next thing/)).toBeVisible();
    const first = (await done(page).first().getAttribute('aria-label')) ?? '';
    // In one breath: the device's store has not answered yet, and nothing was sent.
    await page.evaluate((label) => {
      const all = [...document.querySelectorAll<HTMLElement>('[aria-label]')];
      all.find((one) => one.getAttribute('aria-label') === label)!.click();
      window.location.reload();
    }, first);
    await expect(order(page)).toBeVisible();
    await expect(page.getByRole('button', { name: first })).toBeHidden();
    await expect(async () => expect(await ticks()).toHaveLength(1)).toPass();

    await cookOn(page).waitUntilPagesAreKept();
    await server.kill();
    const second = (await done(page).first().getAttribute('aria-label')) ?? '';
    await done(page).first().click();
    await expect(page.getByRole('button', { name: second })).toBeHidden();
    await page.reload();
    await expect(order(page)).toBeVisible();
    await expect(page.getByRole('button', { name: second })).toBeHidden();
    await server.start();
    await cookOn(page).waitUntilSaved();
    expect(await ticks()).toHaveLength(2);
  });
});

test('what works by itself runs on a clock of its own', async ({ clocked: page }) => {
  await before(page, 150, 'prep', 'muffled-peal');
  await page
    .getByRole('checkbox', { name: /\d\d:\d\d, cooked rice, cold and rinsed/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Working by itself' })).toBeVisible();
  await expect(page.getByText(/It soaks, until \d\d:\d\d/)).toBeVisible();
  await page.clock.fastForward(5 * MINUTE);
  await expect(page.getByText(/^2[45]:\d\d$/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last tick' }).click();
  await expect(page.getByRole('heading', { name: 'Working by itself' })).toBeHidden();
  await page.getByLabel('Nobody can start before').fill('18:00');
  await expect(page.getByRole('region', { name: 'Short of time' })).toBeVisible();
});

test('short of time: by how much, what helps, and one tap takes it', async ({ clocked: page }) => {
  await before(page, 60);
  const short = page.getByRole('region', { name: 'Short of time' });
  await expect(short.getByRole('heading', { name: /^\d+ min short$/ })).toBeVisible();
  const minutes = async () => Number(/(\d+) min short/.exec((await short.textContent()) ?? '')?.[1]);
  const was = await minutes();
  await expect(short.getByRole('button', { name: /^Sit down at \d\d:\d\d: on time$/ })).toBeVisible();
  await short.getByRole('button', { name: /^\d more that helps?$/ }).click();
  await short.getByRole('button', { name: /^Ask somebody to help: / }).click();
  await expect(async () => {
    await page.clock.fastForward(500);
    expect(await minutes()).toBeLessThan(was);
  }).toPass();
  await expect(async () => expect((await stored()).cooks).toBe(2)).toPass();
  await page.getByRole('radio', { name: '1 cook' }).click();
  await cookOn(page).waitUntilSaved();
});

test('the counter: what is not ticked is named again at the stove', async ({ clocked: page }) => {
  await before(page, 40, 'stove');
  const missing = page.getByRole('region', { name: 'Not on the counter yet' });
  await expect(missing).toContainText('tofu');
  await cookOn(page).goTo('Prep');
  await page.getByRole('checkbox', { name: /^tofu,/ }).click();
  await cookOn(page).goTo('Stove');
  await expect(missing).not.toContainText('tofu');
  await expect(missing).toContainText('shiitake');
  await page.getByRole('checkbox', { name: /^shiitake,/ }).click();
  await expect(missing).not.toContainText('shiitake');
});

test('the calendar goes out with alarms and comes back with what was done', async ({ clocked: page }) => {
  await before(page, 150);
  await expect(order(page)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a calendar' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  expect(text).toContain('BEGIN:VALARM');
  const firm = /BEGIN:VEVENT(?:(?!END:VEVENT)[\s\S])*firmTofu[\s\S]*?END:VEVENT/
    .exec(text)![0]
    .split('BEGIN:VEVENT')
    .at(-1)!;
  const back = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    `BEGIN:VEVENT${firm.replace('END:VEVENT', 'CATEGORIES:Done\r\nEND:VEVENT')}`,
    'END:VCALENDAR',
  ];
  await page
    .getByLabel('Calendar file')
    .setInputFiles({ name: 'back.ics', mimeType: 'text/calendar', buffer: Buffer.from(back.join('\r\n')) });
  await expect(page.getByText('1 ticked off from the calendar.')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /firm tofu, 1½ blocks/ })).toBeHidden();
  await page
    .getByLabel('Calendar file')
    .setInputFiles({ name: 'no.ics', mimeType: 'text/calendar', buffer: Buffer.from('salt, 3 g') });
  await expect(page.getByText(/^This is no calendar file/)).toBeVisible();
});

test('shopping: ticked, put away, counted from a file with a bad line, and shorter for it', async ({ tab: page }) => {
  await page.goto(`${server.url}/evening/muffled-peal/shopping`);
  await expect(page.getByText('things still to buy')).toBeVisible();
  const kelp = page.getByRole('checkbox', { name: /^dried kelp,/ });
  await kelp.click();
  await expect(kelp).toBeChecked();
  await page.reload();
  await expect(kelp).toBeChecked();
  await page.getByRole('button', { name: 'Put the shopping away' }).click();
  await expect(page.getByText('1 thing put away.')).toBeVisible();
  await expect(kelp).toBeHidden();
  const file = 'item,amount,best_before\nfirm tofu,2 kg,\nmoon dust,3 g,\ntoasted sesame oil,200 ml,2030-01-01\n';
  await page
    .getByLabel('Pantry file')
    .setInputFiles({ name: 'pantry.csv', mimeType: 'text/csv', buffer: Buffer.from(file) });
  const faults = page.getByRole('dialog', { name: 'Some lines could not be read' });
  await expect(faults.getByText('line 3, item')).toBeVisible();
  await expect(faults.getByText(/"moon dust" is not in the catalogue/)).toBeVisible();
  await faults.getByRole('button', { name: 'Close' }).click();
  await expect(faults).toBeHidden();
  await expect(page.getByRole('checkbox', { name: /^firm tofu,/ })).toBeHidden();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const adding = page.getByRole('dialog', { name: 'In the house' });
  await adding.getByRole('button', { name: 'Add it' }).click();
  await expect(adding.getByText('What: choose a name from the list.')).toBeVisible();
  await adding.getByLabel('What').fill('Enoki mushrooms');
  await adding.getByLabel('How much').fill('3 bunches');
  await adding.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('checkbox', { name: /^enoki mushrooms,/ })).toBeHidden();
  await expect(async () => {
    const { items } = pantrySchema.parse(await (await fetch(`${server.url}/api/pantry`)).json());
    expect(items).toContainEqual(expect.objectContaining({ itemId: 'enoki', massG: 300 }));
  }).toPass();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV', exact: true }).click();
  expect(readFileSync(await (await download).path(), 'utf8').split('\r\n')[0]).toBe(
    'section,ingredient,id,need_g,have_g,buy_count,buy_unit,buy,left_g',
  );
});

test('the sheet to print is one page', async ({ tab: page }) => {
  for (const [id, format] of [
    ['muffled-peal', 'Letter'],
    ['practice-night', 'A4'],
  ] as const) {
    await page.goto(`${server.url}/sheet/${id}`);
    await expect(page.getByText('Then, in order')).toBeVisible();
    const pdf = (await page.pdf({ format })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  }
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page).toHaveURL(/\/prep$/);
});

test('after the evening, what was eaten is taken out of the pantry once', async ({ tab: page }) => {
  const soy = async () => {
    const { items } = pantrySchema.parse(await (await fetch(`${server.url}/api/pantry`)).json());
    return items.find((item) => item.itemId === 'darkSoy')!.massG;
  };
  const before = await soy();
  await page.goto(`${server.url}/evening/first-frost/after`);
  await page.getByRole('button', { name: 'Take them out of the pantry' }).click();
  await expect(page.getByText('What was eaten has been taken out of the pantry.')).toBeVisible();
  await expect(async () => expect(await soy()).toBeLessThan(before)).toPass();
  const after = await soy();
  await page.reload();
  await expect(page.getByText('What was eaten has been taken out of the pantry.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take them out of the pantry' })).toBeHidden();
  expect(await soy()).toBe(after);
});

test('by keys, the focus goes on from task to task, past what would mend a plan that is short of time', async ({
  clocked: page,
}) => {
  await before(page, 45, 'prep', 'muffled-peal');
  await expect(page.getByRole('region', { name: 'Short of time' }).getByRole('button').first()).toBeVisible();
  const focused = () => page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
  const begin = page.getByRole('button', { name: /^Begin: / }).first();
  const first = (await begin.getAttribute('aria-label')) ?? '';
  await begin.press('Enter');
  const done = first.replace('Begin', 'Done');
  await expect.poll(focused).toBe(done);
  await page.keyboard.press('Enter');
  const isNext = (words: string | null | undefined) => words !== done && /^(Begin|Done): /.test(words ?? '');
  await expect.poll(async () => isNext(await focused())).toBe(true);
});
