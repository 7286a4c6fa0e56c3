import { mustReadEvening } from '@elixa/contract';
import { applyEdit, laidOf, moved, planPot, relaid, resolveMenu } from '@elixa/core';
import { chromium, type Page } from '@playwright/test';
import { Bench } from 'tinybench';
import { chromiumOptions } from '../e2e/support/chromium';
import { ElixaServer } from '../e2e/support/server';
import { practice, PRACTICE } from './household';
import { ms, row, type Row } from './row';

const READ = 'read and check the document';
const SIXTEEN = 'arrange 16 ingredients';
const CARRY = 'the same while one is carried';
const MORE = [
  'kingOyster',
  'shimeji',
  'burdock',
  'lotusRoot',
  'friedTofu',
  'bambooShoot',
  'woodEar',
  'scallion',
] as const;

/** Practice night with sixteen things in its pot. */
function sixteen() {
  const full = MORE.reduce((evening, ingredientId) => applyEdit(evening, { kind: 'putIn', ingredientId }), practice());
  const { menu } = resolveMenu(full);
  if (!menu) throw new Error('The pot of sixteen cannot be planned');
  const { build } = planPot(full);
  const things = new Set(build.placements.map((one) => one.id)).size;
  if (things < 16) throw new Error(`The pot holds ${things} things instead of 16`);
  return { menu, build };
}

/** How long a pot takes to arrange from nothing, and while a finger carries something in it. */
async function timeToArrange(): Promise<Row[]> {
  const { menu, build } = sixteen();
  const laid = laidOf(build.placements);
  let turn = 0;
  const bench = new Bench({ time: 1500, warmupTime: 300 });
  bench.add(READ, () => void mustReadEvening(JSON.parse(PRACTICE)));
  bench.add(SIXTEEN, () => void relaid(menu, build, undefined));
  bench.add(CARRY, () => {
    turn = (turn + 3) % 360;
    relaid(menu, build, moved(laid, laid[0]!.id, { place: 'ring', atDeg: turn }));
  });
  await bench.run();
  const medianMs = (name: string) => {
    const result = bench.getTask(name)?.result;
    if (!result || !('latency' in result)) throw new Error(`No result for ${name}`);
    return result.latency.p50;
  };
  return [SIXTEEN, CARRY].map((name) => row(name, medianMs(name), READ, medianMs(READ), ms));
}

const MOVES = 120;

type Frames = Record<'usual' | 'slow' | 'slowest', number>;
const FRAMES: Record<keyof Frames, string> = {
  usual: 'median frame while a bunch is carried',
  slow: '95th percentile of the frames',
  slowest: 'longest frame',
};

/** The times from frame to frame while a mouse is carried over a drawing: the usual, one of the slow ones, the slowest. */
async function framesWhile(page: Page, x: number, y: number): Promise<Frames> {
  // As a text: what compiles this file would name the function by one that the page does not have.
  await page.evaluate(`
    window.seen = [];
    let last = performance.now();
    requestAnimationFrame(function look(now) {
      window.seen.push(now - last);
      last = now;
      requestAnimationFrame(look);
    });
  `);
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let move = 0; move < MOVES; move += 1) {
    const angle = (move / MOVES) * 2 * Math.PI;
    await page.mouse.move(x + 20 + Math.cos(angle) * 40, y + Math.sin(angle) * 60);
  }
  const frames = await page.evaluate(() => (window as unknown as { seen: number[] }).seen);
  await page.mouse.up();
  const sorted = frames.slice(5).sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { usual: at(0.5), slow: at(0.95), slowest: at(1) };
}

/** A drawing of as many elements, of which one follows the mouse. */
const emptyDrawing = (
  elements: number,
) => `<!doctype html><svg viewBox="0 0 366 308" width="366" height="308">${Array.from(
  { length: elements },
  (_, index) => `<path d="M${index % 360} ${index % 300}l9 4l-4 9z" fill="#ca8" stroke="#321" stroke-width=".5"/>`,
).join('')}</svg><script>
  const last = document.querySelector('svg').lastElementChild;
  addEventListener('pointermove', (e) => last.setAttribute('transform', 'translate(' + e.clientX / 9 + ' ' + e.clientY / 9 + ')'));
</script>`;

/** Frames while a bunch is carried, against a drawing of as many elements in which one thing follows the mouse. */
async function framesWhileCarrying(): Promise<Row[]> {
  const elixa = new ElixaServer({ demo: true });
  const url = await elixa.start();
  const browser = await chromium.launch(chromiumOptions());
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
    const page = await context.newPage();
    await page.goto(`${url}/evening/practice-night/build`);
    await page.getByText(/stand in it, \d+ mm deep/).waitFor();
    await page.getByRole('checkbox', { name: 'Move things' }).click();
    await page.locator('.cursor-grab').waitFor();
    const bunch = page.getByRole('button', { name: /^Chicken/ }).and(page.locator('[aria-pressed]'));
    const box = (await bunch.boundingBox())!;
    const elements = await page.locator('.cursor-grab svg *').count();
    const carried = await framesWhile(page, box.x + box.width / 2, box.y + box.height / 2);
    const plain = await context.newPage();
    await plain.setContent(emptyDrawing(elements));
    const empty = await framesWhile(plain, 180, 150);
    return (Object.keys(FRAMES) as Array<keyof Frames>).map((which) =>
      row(FRAMES[which], carried[which], `a drawing of ${elements} elements`, empty[which], ms),
    );
  } finally {
    await browser.close();
    await elixa.remove();
  }
}

/** How a pot is arranged, and how it follows a finger. */
export const timeToLay = async (): Promise<Row[]> => [...(await timeToArrange()), ...(await framesWhileCarrying())];
