import { performance } from 'node:perf_hooks';
import { Worker } from 'node:worker_threads';
import type { Evening } from '@elixa/contract';
import { listAlone, prepProblemOf, solvePrep } from '@elixa/core';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../e2e/support/chromium';
import { ElixaServer } from '../e2e/support/server';
import { practice } from './household';
import { medianOf, type Row } from './row';

/** Twelve at table, two cooks, four dips and a marinade: more than forty pieces of work. */
function largeEvening(): Evening {
  const evening = practice();
  const guests = Array.from({ length: 12 }, (_, index) => ({
    name: `Ringer ${index + 1}`,
    appetite: 'regular' as const,
    diets: [],
    avoids: [],
    child: false,
  }));
  const liquids = { sauces: ['soyScallion', 'sesameDip', 'citrusSoy', 'gingerLimeChilli'], ahead: ['chilliSauce'] };
  return {
    ...evening,
    id: 'bench-large',
    cooks: 2,
    diners: guests,
    style: { ...evening.style, schools: { ...evening.style.schools, tofu: 'grilled' } },
    choices: { swaps: [], leaveOut: [], liquids },
  };
}

function timed(work: () => void, times: number): number {
  return medianOf(
    Array.from({ length: times }, () => {
      const from = performance.now();
      work();
      return performance.now() - from;
    }),
  );
}

/** The same search in a worker, and how long the thread that waits for it was ever kept from its own work. */
async function inWorker(evening: Evening): Promise<{ ms: number; blockedMs: number }> {
  const worker = new Worker(`${import.meta.dirname}/prepWorker.mjs`, { workerData: evening });
  await new Promise((resolve) => worker.once('message', resolve));
  let last = performance.now();
  let blockedMs = 0;
  const beat = setInterval(() => {
    const now = performance.now();
    blockedMs = Math.max(blockedMs, now - last - 1);
    last = now;
  }, 1);
  const from = performance.now();
  worker.postMessage('go');
  await new Promise((resolve) => worker.once('message', resolve));
  const ms = performance.now() - from;
  clearInterval(beat);
  await worker.terminate();
  return { ms, blockedMs };
}

/** The longest that the page itself was kept busy by a tap alone, and by one that has everything planned again. */
async function longestTasksOnPage(evening: Evening): Promise<{ tickMs: number; planMs: number }> {
  const server = new ElixaServer();
  await server.start();
  const browser = await chromium.launch(chromiumOptions());
  try {
    const posted = await fetch(`${server.url}/api/evenings`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ evening }),
    });
    if (!posted.ok) throw new Error(await posted.text());
    const page = await browser.newPage();
    await page.goto(`${server.url}/evening/${evening.id}/prep`);
    await page.getByText('After that, in order').waitFor({ timeout: 60_000 });
    const before = await page.getByText(/from the first cut to sitting down/).textContent();
    await page.evaluate(() => {
      const seen: number[] = [];
      Object.assign(window, { seen });
      new PerformanceObserver((list) => list.getEntries().forEach((entry) => seen.push(entry.duration))).observe({
        entryTypes: ['longtask'],
      });
    });
    const longest = () => page.evaluate(() => Math.max(0, ...(window as unknown as { seen: number[] }).seen.splice(0)));
    await page.waitForTimeout(2000);
    await longest();
    await page.getByRole('checkbox', { name: /^carrot,/ }).click();
    await page.waitForTimeout(2000);
    const tickMs = await longest();
    await page.getByRole('radio', { name: 'Unhurried' }).click();
    await page.waitForFunction((words) => !document.body.textContent?.includes(words ?? ''), before, {
      timeout: 60_000,
    });
    return { tickMs, planMs: await longest() };
  } finally {
    await browser.close();
    await server.remove();
  }
}

/** How long the preparation takes to plan, against plain list scheduling in the same run. */
export async function timeToPrepare(): Promise<Row[]> {
  const evening = largeEvening();
  const problem = prepProblemOf(evening);
  const tasks = problem.blocks.reduce((total, block) => total + block.segments.length, 0);
  const listMs = timed(() => listAlone(problem), 25);
  const solveMs = timed(() => solvePrep(problem), 3);
  const list = listAlone(problem);
  const solution = solvePrep(problem);
  if (!list || !solution) throw new Error('The large evening has no schedule');
  const { ms, blockedMs } = await inWorker(evening);
  const { tickMs, planMs } = await longestTasksOnPage(evening);
  return [
    {
      measure: `preparation, ${tasks} tasks, two cooks`,
      value: `${solveMs.toFixed(0)} ms`,
      reference: `plain list scheduling: ${listMs.toFixed(2)} ms`,
      ratio: (solveMs / listMs).toFixed(0),
    },
    {
      measure: 'its freshness lost',
      value: `${solution.judged.stale} points, ${solution.judged.spanMin} min`,
      reference: `plain list scheduling: ${list.stale} points, ${list.spanMin} min`,
      ratio: (solution.judged.stale / Math.max(1, list.stale)).toFixed(2),
    },
    {
      measure: 'its stand against the bound',
      value: `${solution.judged.spanMin} min`,
      reference: `least that any plan needs: ${solution.least.spanMin} min`,
      ratio: (solution.judged.spanMin / solution.least.spanMin).toFixed(2),
    },
    {
      measure: 'longest that the waiting thread was held up',
      value: `${blockedMs.toFixed(0)} ms`,
      reference: `the same search in a worker: ${ms.toFixed(0)} ms`,
      ratio: (blockedMs / ms).toFixed(2),
    },
    {
      measure: 'longest task on the page while all is planned',
      value: `${planMs.toFixed(0)} ms`,
      reference: `one tick, nothing to plan: ${tickMs.toFixed(0)} ms`,
      ratio: (planMs / Math.max(50, tickMs)).toFixed(2),
    },
  ];
}
