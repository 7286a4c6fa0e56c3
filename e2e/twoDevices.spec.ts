import { readFileSync } from 'node:fs';
import { awake, lightNow } from './support/screens';
import path from 'node:path';
import type { Browser } from '@playwright/test';
import { expect, test, type Page } from './support/test';
import { eventsAnswerSchema, mustReadEvening } from '@elixa/contract';
import { cookOn } from './support/cook';
import { Network } from './support/network';
import { ElixaServer } from './support/server';

test.use({ serviceWorkers: 'allow' });

const server = new ElixaServer();
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const NOON = Date.parse('2026-11-24T12:00:00Z');
const DAY = 86_400_000;

const example = mustReadEvening(
  JSON.parse(readFileSync(path.join(import.meta.dirname, '..', 'examples', 'practice-night.json'), 'utf8')),
);

interface Phone {
  page: Page;
  network: Network;
}

/** A phone of its own, with its own clock and its own way to the server, at a page of the evening. */
async function phone(browser: Browser, clock: number, at: string): Promise<Phone> {
  const page = await (await browser.newContext()).newPage();
  const network = new Network(server.url);
  await page.clock.install({ time: clock });
  await page.goto(`${await network.open()}/evening/${example.id}/${at}`);
  return { page, network };
}

async function leave({ page, network }: Phone): Promise<void> {
  await page.context().close();
  network.remove();
}

const heading = (page: Page) => page.getByRole('heading', { level: 2 }).first();
const main = (page: Page) =>
  page.getByRole('button', {
    name: /^(It is lit|It boils|They are in|It is in|Skimmed|Done|It is poured|It is on the table)$/,
  });
const headingOf = async (page: Page) => (await heading(page).textContent()) ?? '';

/** Taps what is next. @returns the words of what comes then */
async function tap(page: Page): Promise<string> {
  const before = await headingOf(page);
  await awake(page);
  await main(page).click();
  await expect(heading(page)).not.toHaveText(before);
  return headingOf(page);
}

const logOf = async () =>
  eventsAnswerSchema.parse(await (await fetch(`${server.url}/api/evenings/${example.id}/events`)).json()).events;

test('two phones, one a day ahead, offline by turns: one evening', async ({ browser }) => {
  await fetch(`${server.url}/api/evenings`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ evening: example }),
  });
  const phones = [await phone(browser, NOON, 'who'), await phone(browser, NOON + DAY, 'who')] as const;
  const [{ page: hers }, { page: his, network: hisNetwork }] = phones;

  await test.step('a change of the evening is on the other phone at once, and none of it asks who is right', async () => {
    await expect(his.getByRole('textbox', { name: 'Evening' })).toHaveValue(example.title);
    await hers.getByRole('textbox', { name: 'Evening' }).fill('The two of us');
    await cookOn(hers).waitUntilSaved();
    await expect(his.getByRole('heading', { level: 1 })).toHaveText('The two of us');
    await his.getByRole('textbox', { name: 'Evening' }).fill('Two at the stove');
    await cookOn(his).waitUntilSaved();
    await expect(hers.getByRole('heading', { level: 1 })).toHaveText('Two at the stove');
  });

  await test.step('lit on both without a network: one start counts, the same on both', async () => {
    for (const { page, network } of phones) {
      await cookOn(page).goTo('Stove');
      await expect(page.getByRole('button', { name: 'Light it now' })).toBeVisible();
      network.cut();
      await lightNow(page);
      await expect(main(page)).toBeVisible();
    }
    await tap(hers);
    for (const { network } of phones) network.mend();
    await expect(async () => {
      expect((await logOf()).filter((event) => event.type === 'planAdopted')).toHaveLength(2);
      expect(await headingOf(his)).toBe(await headingOf(hers));
      for (const page of [hers, his]) await expect(page.getByText(/kept on this device/)).toBeHidden({ timeout: 100 });
    }).toPass({ timeout: 40_000 });
  });

  await test.step('a tap on either is on the other within two seconds', async () => {
    for (const [at, other] of [
      [hers, his],
      [his, hers],
    ] as const) {
      const next = await tap(at);
      await expect(heading(other)).toHaveText(next);
    }
  });

  await test.step('one pauses, the other goes on; one taps, the other takes it back', async () => {
    await his.getByRole('button', { name: 'Pause' }).click();
    await expect(hers.getByRole('button', { name: 'Go on' })).toBeVisible();
    await hers.getByRole('button', { name: 'Go on' }).click();
    await expect(his.getByRole('button', { name: 'Pause' })).toBeVisible();
    const before = await headingOf(hers);
    const next = await tap(his);
    await expect(heading(hers)).toHaveText(next);
    await hers.getByRole('button', { name: 'Undo the last tap' }).click();
    await expect(heading(his)).toHaveText(before);
  });

  await test.step('the same tap on both without a network is one tap, and nothing is lost', async () => {
    hisNetwork.cut();
    const next = await tap(hers);
    await tap(his);
    const further = await tap(his);
    expect(further).not.toBe(next);
    hisNetwork.mend();
    await expect(heading(hers)).toHaveText(further, { timeout: 40_000 });
    await expect(heading(his)).toHaveText(further);
    for (const page of [hers, his]) await expect(page.getByText(/^Changed since it was lit/)).toBeHidden();
    const said = await logOf();
    expect(new Set(said.map((event) => event.id)).size).toBe(said.length);
    expect(new Set(said.map((event) => event.device)).size).toBe(2);
  });

  await test.step('a phone that comes later stands where the others do', async () => {
    const third = await phone(browser, NOON - DAY, 'stove');
    await expect(heading(third.page)).toHaveText(await headingOf(hers));
    await leave(third);
  });
  await Promise.all(phones.map(leave));
});
