import { expect, test } from './support/test';
import { awake, lightNow } from './support/screens';
import { eveningListSchema, eventsAnswerSchema } from '@elixa/contract';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

test.use({ serviceWorkers: 'allow' });

const server = new ElixaServer({ tellsHour: false });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());

const MINUTE = 60_000;
const NOON = new Date('2026-11-24T12:00:00Z');

test('an evening from nothing to the note for next time, through a reload and a dead server', async ({ page }) => {
  const cook = cookOn(page);
  await page.clock.install({ time: NOON });
  await page.goto(server.url);

  await test.step('who eats and with what', async () => {
    await expect(page.getByText('No evening yet')).toBeVisible();
    await page.getByRole('button', { name: 'New evening' }).click();
    await expect(page.getByRole('radio', { name: /^Clear chicken pot/ })).toBeChecked();
    await page.getByRole('button', { name: 'Go on: who eats' }).click();
    await page.getByRole('textbox', { name: 'Evening' }).fill('Practice night');
    await cook.addGuest('Bram');
    await cook.addGuest('Tove', ['fish, no meat']);
    await page.getByRole('radio', { name: '28 cm clay pot' }).click();
    await page.getByLabel(/^Height/).fill('1180');
    await cook.waitUntilSaved();
  });

  await test.step('what a guest cannot eat is named, and a swap is taken', async () => {
    await expect(page.getByText('Tove: chicken thigh, boned')).toBeVisible();
    await page.getByRole('button', { name: /For Tove, in a small pan: cod/ }).click();
    await expect(page.getByText('Settled: cod fillet, skin on in a small pan')).toBeVisible();
  });

  await test.step('broth, dip and pot', async () => {
    await cook.goTo('Broth');
    await expect(page.getByText('cold water to start with')).toBeVisible();
    await expect(page.getByRole('button', { name: /^dried kelp,/ })).toBeVisible();
    await page.getByRole('radio', { name: 'Soy and scallion dip' }).click();
    await expect(page.getByRole('button', { name: /^dark soy sauce,/ })).toBeVisible();
    await cook.goTo('Pot');
    await expect(page.getByText('chicken thigh, boned').first()).toBeVisible();
    await cook.goTo('Simmer');
    await expect(page.getByText(/daikon.* in$/i).first()).toBeVisible();
    await expect(page.getByText(/^96\.1/).first()).toBeVisible();
  });

  const heading = page.getByRole('heading', { level: 2 }).first();
  const main = page.getByRole('button', {
    name: /^(It is lit|It boils|They are in|It is in|Skimmed|Done|It is poured|Lifted out)$/,
  });
  const tapWhenDue = async () => {
    const before = await heading.textContent();
    for (let minute = 0; minute < 60 && !(await page.getByText('Now', { exact: true }).isVisible()); minute += 1) {
      await page.clock.fastForward(MINUTE / 2);
    }
    await awake(page);
    await main.click();
    await expect(heading).not.toHaveText(before ?? '');
  };

  await test.step('light it and put the first things in', async () => {
    await cook.goTo('Stove');
    await lightNow(page);
    for (let step = 0; step < 8 && !(await page.getByText('In the pot').isVisible()); step += 1) await tapWhenDue();
    await expect(page.getByText('In the pot')).toBeVisible();
  });

  await test.step('a late tap is told, and can be taken back', async () => {
    const before = (await heading.textContent()) ?? '';
    await tapWhenDue();
    await page.getByRole('button', { name: 'Undo the last tap' }).click();
    await expect(heading).toHaveText(before);
    await page.clock.fastForward(3 * MINUTE);
    await awake(page);
    await main.click();
    // Where the pot was looked at meanwhile it was asked for anew, and is not late; it is read back either way.
    await expect(page.getByRole('button', { name: `Take back: ${before}` })).toBeVisible();
  });

  await test.step('a reload loses nothing', async () => {
    await cook.waitUntilSaved();
    const before = (await heading.textContent()) ?? '';
    await page.reload();
    await expect(heading).toHaveText(before);
    await expect(page.getByText('In the pot')).toBeVisible();
  });

  await test.step('the server dies: the cook goes on, even through a reload', async () => {
    await server.kill();
    await tapWhenDue();
    await page.clock.fastForward(MINUTE);
    await expect(page.getByText(/taps? (is|are) kept on this device/)).toBeVisible();
    const before = (await heading.textContent()) ?? '';
    await page.reload();
    await expect(heading).toHaveText(before);
    await expect(page.getByText(/kept on this device/)).toBeVisible();
  });

  await test.step('it is back: everything arrives', async () => {
    await server.start();
    await cook.waitUntilSaved();
    await expect(page.getByText(/kept on this device/)).toBeHidden();
    const [evening] = eveningListSchema.parse(await (await fetch(`${server.url}/api/evenings`)).json()).evenings;
    expect(evening).toMatchObject({ title: 'Practice night', status: 'live' });
    const { events } = eventsAnswerSchema.parse(
      await (await fetch(`${server.url}/api/evenings/${evening!.id}/events`)).json(),
    );
    expect(new Set(events.map((one) => one.id)).size).toBe(events.length);
    expect(events.filter((one) => one.type === 'happened').length).toBeGreaterThan(4);
  });

  await test.step('to the last step, with the safety gate respected', async () => {
    const any = page.getByRole('button', {
      name: /^(It is lit|It boils|They are in|It is in|Skimmed|Done|It is poured|Lifted out|It is on the table|It is off)$/,
    });
    const end = page.getByRole('button', { name: 'Finish the evening' });
    for (let step = 0; step < 40 && !(await end.isVisible()); step += 1) {
      for (let minute = 0; minute < 60 && !(await page.getByText('Now', { exact: true }).isVisible()); minute += 1) {
        await page.clock.fastForward(MINUTE / 2);
      }
      const before = await heading.textContent();
      await awake(page);
      await any.click();
      await expect(heading).not.toHaveText(before ?? '');
    }
    await awake(page);
    await end.click();
    await expect(page).toHaveURL(/\/after$/);
  });

  await test.step('a note, and the evening stands in the list after a restart and a reload', async () => {
    await page.getByLabel(/What was too salty/).fill('Bram wanted more tofu.');
    await page.getByRole('button', { name: 'Keep this note' }).click();
    // The device is emptied below: the server must have the note before.
    await cook.waitUntilSaved();
    await page.getByRole('button', { name: 'All evenings' }).click();
    await expect(page.getByText('Bram wanted more tofu.')).toBeVisible();
    expect(await (await fetch(`${server.url}/api/evenings`)).text()).toContain('Bram wanted more tofu.');
    expect(await server.stop()).toBe(0);
    await server.start();
    await page.evaluate(() =>
      indexedDB.databases().then((all) => all.forEach((one) => indexedDB.deleteDatabase(one.name!))),
    );
    await page.reload();
    await expect(page.getByText('Practice night')).toBeVisible();
    await expect(page.getByText('Bram wanted more tofu.')).toBeVisible();
  });

  await test.step('cooked again it is another evening, with the note, and the finished one stays as it was', async () => {
    const stored = async () =>
      eveningListSchema.parse(await (await fetch(`${server.url}/api/evenings`)).json()).evenings;
    const [finished] = await stored();
    const before = await (await fetch(`${server.url}/api/evenings/${finished!.id}`)).text();
    await page.goto(`${server.url}/evening/${finished!.id}/after`);
    await page.getByRole('button', { name: 'Cook it again' }).click();
    await expect(page.getByRole('textbox', { name: 'Evening' })).toHaveValue('Practice night, again');
    await expect(page.getByText('Bram wanted more tofu.')).toBeVisible();
    await page.getByRole('button', { name: 'Add a guest' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Done' }).click();
    await cook.waitUntilSaved();
    const again = (await stored()).find((one) => one.id !== finished!.id)!;
    expect(again).toMatchObject({ title: 'Practice night, again', status: 'planned' });
    expect(await (await fetch(`${server.url}/api/evenings/${finished!.id}`)).text()).toBe(before);
  });
});
