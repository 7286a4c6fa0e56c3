import { expect, test, type Page } from './support/test';
import { eveningListSchema } from '@elixa/contract';
import { cookOn } from './support/cook';
import { awake, lightNow } from './support/screens';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ tellsHour: false });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const HALF_A_MINUTE = 30_000;
const NOON = new Date('2026-11-24T12:00:00Z');

interface Pot {
  name: string;
  vessel: string;
  /** Words of the stages that only this pot has, in the order in which they come. */
  stages: readonly RegExp[];
  /** On the page of the pot. */
  shows: RegExp;
}

const POTS: readonly Pot[] = [
  {
    name: 'Sukiyaki with a poured sauce',
    vessel: '30 cm cast-iron pan',
    stages: [
      /^Warm the empty pan, medium heat/,
      /^Beef tallow over the whole pan/,
      /^Beef in one layer/,
      /^The first slices are ready/,
      /^Long onion laid flat/,
      /^Sauce round the edge/,
      /^Beef (in|and)/,
      /^Burner off, covered/,
    ],
    shows: /Sear, then simmer/,
  },
  {
    name: 'Thin duck, swished',
    vessel: '28 cm clay pot',
    stages: [/^Broth into the pot/, /^It boils/, /the slices to the table/, /^Hold each slice of duck/],
    shows: /Swish and eat/,
  },
];

const TAP =
  /^(It is lit|The pan shines|It is brown|They are out|They are in|It is in|It is poured|It boils|Skimmed|Lid on|It is off|Done|It is on the table|We have eaten|Lifted out)$/;

const stepOf = (page: Page) => page.getByRole('heading', { level: 2 }).first();

/** Waits until the next step is due, and taps it. @returns its words */
async function tapWhenDue(page: Page): Promise<string> {
  await awake(page);
  for (let wait = 0; wait < 120 && !(await page.getByText('Now', { exact: true }).isVisible()); wait += 1) {
    await page.clock.fastForward(HALF_A_MINUTE);
  }
  const before = (await stepOf(page).textContent()) ?? '';
  await page.getByRole('button', { name: TAP }).click();
  await expect(stepOf(page)).not.toHaveText(before);
  return before;
}

/** Taps every step when it is due, from lighting to the end. @returns the words of each step */
async function cookThrough(page: Page): Promise<string[]> {
  const end = page.getByRole('button', { name: 'Finish the evening' });
  const said: string[] = [];
  for (let step = 0; step < 60 && !(await end.isVisible()); step += 1) {
    said.push(await tapWhenDue(page));
  }
  await awake(page);
  await end.click();
  return said;
}

for (const pot of POTS) {
  test(`from choosing to the notes: ${pot.name}`, async ({ clocked: page }) => {
    const cook = cookOn(page);
    await page.clock.install({ time: NOON });
    await page.goto(server.url);

    await test.step('the pot is chosen first, drawn and timed, and the choice can be taken back', async () => {
      await page.getByRole('button', { name: 'New evening' }).click();
      const radio = page.getByRole('radio', { name: new RegExp(`^${pot.name}`) });
      await expect(radio).toHaveAccessibleName(/min.*(Suits|In) the/);
      await radio.click();
      await page.getByRole('button', { name: 'Undo the last change' }).click();
      await expect(page.getByRole('radio', { name: /^Clear chicken pot/ })).toBeChecked();
      await page.keyboard.press('Control+Shift+Z');
      await expect(radio).toBeChecked();
      await page.getByRole('button', { name: 'Go on: who eats' }).click();
      await page.getByRole('textbox', { name: 'Evening' }).fill(pot.name);
      await page.getByRole('radio', { name: pot.vessel }).click();
      await cook.waitUntilSaved();
      await expect(page.getByRole('alert')).toBeHidden();
    });

    await test.step('every stage speaks of this pot', async () => {
      await cook.goTo('Broth');
      await expect(page.getByRole('heading', { name: /./ }).first()).toBeVisible();
      await cook.goTo('Prep');
      await expect(page.getByText('After that, in order')).toBeVisible();
      await cook.goTo('Pot');
      await expect(page.getByText(pot.shows).first()).toBeVisible();
      await cook.goTo('Simmer');
      await expect(page.getByText(/step by step/i)).toBeVisible();
    });

    await test.step('at the stove its own stages come in their order, to the end', async () => {
      await cook.goTo('Stove');
      await lightNow(page);
      const before = pot.name === 'Thin duck, swished' ? await swishOnTheWay(page) : [];
      const said = [...before, ...(await cookThrough(page))];
      let at = -1;
      const lit = [...pot.stages];
      // The first step is done by lighting it.
      for (const words of lit.slice(1)) {
        const next = said.findIndex((one, index) => index > at && words.test(one));
        expect(`${words} ${next > at}`).toBe(`${words} true`);
        at = next;
      }
    });

    await test.step('and then the notes', async () => {
      await expect(page).toHaveURL(/\/after$/);
      await page.getByLabel(/What was too salty/).fill(`More of the ${pot.name.toLowerCase()}.`);
      await page.getByRole('button', { name: 'Keep this note' }).click();
      await cook.waitUntilSaved();
      const { evenings } = eveningListSchema.parse(await (await fetch(`${server.url}/api/evenings`)).json());
      const own = evenings.find((one) => one.title === pot.name);
      expect(own).toMatchObject({ status: 'finished', lastNote: expect.stringContaining('More of the') });
    });
  });
}

/** At the table two guests hold a slice at once; each has a clock of their own. */
async function swishOnTheWay(page: Page): Promise<string[]> {
  const said: string[] = [];
  for (let step = 0; step < 30 && !/^Hold each slice/.test((await stepOf(page).textContent()) ?? ''); step += 1) {
    said.push(await tapWhenDue(page));
  }
  await page.getByRole('button', { name: /^Cook holds a slice of duck/ }).click();
  await page.clock.fastForward(10_000);
  await page.getByRole('button', { name: /^Guest holds a slice of duck/ }).click();
  const clocks = page.getByRole('button', { name: /^(Cook|Guest): \d+ seconds/ });
  await expect(clocks).toHaveCount(2);
  // A slice of duck takes half a minute.
  await page.clock.fastForward(21_000);
  await expect(page.getByRole('button', { name: 'Cook: out' })).toBeVisible();
  await expect(clocks).toHaveCount(1);
  return said;
}
