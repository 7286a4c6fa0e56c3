import { expect, test, type Page } from './support/test';
import { cookOn } from './support/cook';
import { ElixaServer } from './support/server';

const server = new ElixaServer({ demo: true });
test.beforeAll(() => server.start());
test.afterAll(() => server.remove());
test.use({ viewport: { width: 390, height: 844 } });

const at = `/evening/muffled-peal/simmer`;

/** The middle of the beginning of a thing's bar, and the bar that its time is read from. */
async function handleOf(page: Page, name: string) {
  const handle = page.getByRole('slider', { name: `${name} in` });
  await handle.evaluate((one) => one.scrollIntoView({ block: 'center' }));
  const { x, y, width, height } = (await handle.boundingBox())!;
  return { handle, x: x + width / 2 - 2, y: y + height / 2 };
}

test('an addition is drawn to another time, and the rest of the pot follows; it is put back, or kept and undone', async ({
  tab: page,
}) => {
  const cook = cookOn(page);
  await page.goto(server.url + at);
  await expect(page.getByRole('heading', { name: /^The pot at/ })).toBeVisible();
  const first = page.getByRole('slider', { name: / in$/ }).first();
  const name = (await first.getAttribute('aria-label'))!.replace(/ in$/, '');
  const { handle, x, y } = await handleOf(page, name);
  const before = await handle.getAttribute('aria-valuetext');

  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 10, y, { steps: 4 });
  await page.mouse.move(x - 24, y, { steps: 4 });
  const panel = page.getByRole('region', { name: 'What if' });
  await expect(panel).toBeVisible();
  await page.mouse.up();
  await expect(panel.getByRole('button', { name: 'Keep it' })).toBeEnabled();
  await expect(panel.getByText(/before it comes out, was/).first()).toBeVisible();
  await expect(handle).not.toHaveAttribute('aria-valuetext', before!);
  await panel.getByRole('button', { name: 'Put it back' }).click();
  await expect(panel).toBeHidden();
  await expect(handle).toHaveAttribute('aria-valuetext', before!);

  // The same by keys, and it stays this time.
  await handle.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(panel.getByRole('button', { name: 'Keep it' })).toBeEnabled();
  await panel.getByRole('button', { name: 'Keep it' }).click();
  await cook.waitUntilSaved();
  await expect(page.getByText(/In when you said\./).first()).toBeVisible();
  await page.reload();
  await expect(handle).not.toHaveAttribute('aria-valuetext', before!);
  await page.getByRole('slider', { name: `${name} in` }).focus();
  await page.getByRole('button', { name: 'As the plan has it' }).click();
  await expect(handle).toHaveAttribute('aria-valuetext', before!);
});

test('what if: the pot without its lid is tried out, any moment of it is looked at, and nothing is changed', async ({
  tab: page,
}) => {
  await page.goto(server.url + at);
  const lit = page.getByText(/^light the burner/);
  await expect(lit).toBeVisible();
  const heading = page.getByRole('heading', { name: /^The pot at/ });
  await expect(heading).toBeVisible();
  await page.getByRole('button', { name: 'No lid' }).click();
  const panel = page.getByRole('region', { name: 'What if' });
  await expect(panel.getByText(/^It boils after .+, was /)).toBeVisible();
  const end = await heading.textContent();
  const time = page.getByRole('slider', { name: 'The pot over time' });
  await time.focus();
  for (let press = 0; press < 6; press += 1) await page.keyboard.press('ArrowLeft');
  await expect(heading).not.toHaveText(end!);
  await page.getByRole('checkbox', { name: 'Level and salt' }).click();
  await panel.getByRole('button', { name: 'Put it back' }).click();
  await expect(panel).toBeHidden();
  await expect(page.getByRole('button', { name: 'No lid' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeHidden();
});

test.describe('by touch', () => {
  test.use({ hasTouch: true });

  test('an addition is drawn with a finger, and a finger that goes up and down scrolls the page', async ({ page }) => {
    await page.goto(server.url + at);
    await expect(page.getByRole('heading', { name: /^The pot at/ })).toBeVisible();
    const name = (await page.getByRole('slider', { name: / in$/ }).first().getAttribute('aria-label'))!;
    const { handle, x, y } = await handleOf(page, name.replace(/ in$/, ''));
    const before = await handle.getAttribute('aria-valuetext');
    const finger = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', toX = 0, toY = 0) =>
      finger.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x: toX, y: toY }] });

    await touch('touchStart', x, y);
    for (const by of [4, 9, 14, 19, 24]) await touch('touchMove', x - by, y + 1);
    const panel = page.getByRole('region', { name: 'What if' });
    await expect(panel).toBeVisible();
    await touch('touchEnd');
    await expect(panel.getByRole('button', { name: 'Keep it' })).toBeEnabled();
    await expect(handle).not.toHaveAttribute('aria-valuetext', before!);
    await panel.getByRole('button', { name: 'Put it back' }).click();
    await expect(handle).toHaveAttribute('aria-valuetext', before!);

    const place = await handleOf(page, name.replace(/ in$/, ''));
    const seenAtY = async () => (await handle.boundingBox())!.y;
    const fromY = await seenAtY();
    await touch('touchStart', place.x, place.y);
    for (const by of [10, 30, 60, 90, 120]) await touch('touchMove', place.x, place.y - by);
    await touch('touchEnd');
    await expect.poll(seenAtY).toBeLessThan(fromY - 40);
    await expect(panel).toBeHidden();
  });
});
