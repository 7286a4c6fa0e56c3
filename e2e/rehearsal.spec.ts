import { expectNothingSerious } from './support/access';
import { expectInPlace, TIGHTEST } from './support/geometry';
import { ElixaServer } from './support/server';
import { expect, test } from './support/test';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

test('an evening is rehearsed with a mishap, by itself and on by hand, and leaves nothing in its log', async ({
  tab: page,
}) => {
  const button = (name: string | RegExp) => page.getByRole('button', { name });
  await page.goto(`${server.url}/evening/practice-night/stove`);
  await page.getByText('Rehearse it first, on a simulated stove').click();
  await page.getByRole('checkbox', { name: /Something left on the counter/ }).click();
  await expectNothingSerious(page, 'everything');
  await expectInPlace(page, TIGHTEST);
  await button('Rehearse it').click();
  await expect(page.getByText('Rehearsal, by itself')).toBeVisible({ timeout: 40_000 });
  for (const next of ['30', '60']) await button(new RegExp(`${next} times is next`)).click();
  // By itself it comes to the first food in the pot.
  await expect(page.getByText('In the pot')).toBeVisible({ timeout: 40_000 });
  await button('Stop the clock').click();
  await expectNothingSerious(page, 'everything');
  await button('Something else happened').click();
  await button('Lid, fire, spoon').click();
  await button('Lid on').click();
  await expect(page.getByText('Rehearsal, by hand')).toBeVisible();
  await expect(page.getByText('It bubbles all over.').or(page.getByText(/^Small bubbles/))).toBeVisible();
  await button('To the end').click();
  await expect(page.getByText('To watch tonight')).toBeVisible();
  await expectNothingSerious(page, 'everything');
  const events = await (await fetch(`${server.url}/api/evenings/practice-night/events`)).json();
  expect(events.events).toEqual([]);
});
