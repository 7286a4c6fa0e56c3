import { performance } from 'node:perf_hooks';
import { chromium, type Browser } from '@playwright/test';
import type { Evening } from '@elixa/contract';
import { chromiumOptions } from '../e2e/support/chromium';
import { ElixaServer } from '../e2e/support/server';
import { practice } from './household';
import { medianOf, ms, row, type Row } from './row';

const [FEW, MANY] = [20, 2000];
const DAY_MS = 86_400_000;
const ASKED = 40;

/** Evenings of years past, the last of them yesterday. */
const pastEvenings = (count: number): Evening[] => {
  const evening = practice();
  return Array.from({ length: count }, (_, index) => ({
    ...evening,
    id: `bench-${index}`,
    title: `Evening ${index}`,
    sitDownAt: new Date(Date.now() - (index + 1) * DAY_MS).toISOString(),
  }));
};

interface Listed {
  answerMs: number;
  firstRowMs: number;
  nodes: number;
}

async function listed(browser: Browser, count: number): Promise<Listed> {
  const server = new ElixaServer();
  const url = await server.start();
  try {
    for (const evening of pastEvenings(count)) {
      let answer: Response;
      do {
        answer = await fetch(`${url}/api/evenings`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ evening }),
        });
        // The server lets one device ask only so often.
        if (answer.status === 429) await new Promise((resolve) => setTimeout(resolve, 1000));
      } while (answer.status === 429);
      if (!answer.ok) throw new Error(await answer.text());
    }
    await fetch(`${url}/api/evenings?part=past`);
    const times: number[] = [];
    for (let n = 0; n < ASKED; n += 1) {
      const from = performance.now();
      await (await fetch(`${url}/api/evenings?part=past`)).text();
      times.push(performance.now() - from);
    }
    const page = await browser.newPage();
    await page.goto(url);
    await page.getByText('Evening 0', { exact: true }).first().waitFor({ timeout: 60_000 });
    await page.reload({ waitUntil: 'commit' });
    const from = performance.now();
    await page.getByText('Evening 0', { exact: true }).first().waitFor({ timeout: 60_000 });
    const firstRowMs = performance.now() - from;
    const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
    await page.close();
    return { answerMs: medianOf(times), firstRowMs, nodes };
  } finally {
    await server.remove();
  }
}

/** The list of a house that has cooked for years, against the one of a house that has just begun. */
export async function listOfMany(): Promise<Row[]> {
  const browser = await chromium.launch(chromiumOptions());
  try {
    const few = await listed(browser, FEW);
    const many = await listed(browser, MANY);
    const words = `with ${FEW}`;
    return [
      row(`a page of the list, with ${MANY} evenings`, many.answerMs, words, few.answerMs, ms),
      row(`its first row on the screen, with ${MANY}`, many.firstRowMs, words, few.firstRowMs, ms),
      row(`elements on the screen, with ${MANY}`, many.nodes, words, few.nodes, String),
    ];
  } finally {
    await browser.close();
  }
}
