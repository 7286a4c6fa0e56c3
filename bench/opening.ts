import { once } from 'node:events';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { chromium, type Browser } from '@playwright/test';
import express from 'express';
import { chromiumOptions } from '../e2e/support/chromium';
import { ElixaServer } from '../e2e/support/server';
import { webApp } from '../server/http/webApp';
import { practice } from './household';
import { medianOf, ms, row, type Row } from './row';
import { EMPTY_DIST } from './web';

/** A phone is so many times slower than this machine. */
const SLOWER = 4;
const RUNS = 5;
const LINES = {
  'at home': undefined,
  'slow line': { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 90_000 },
} as const;
type Line = keyof typeof LINES;

interface Opening {
  /** Until something is seen. */
  seenMs: number;
  /** Until the button that the page is opened for can be pressed. */
  usableMs: number;
  /** The longest that a tap had to wait. */
  longestMs: number;
}

interface Page {
  url: string;
  button: string;
}

async function openOnce(browser: Browser, { url, button }: Page, line: Line): Promise<Opening> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  try {
    const page = await context.newPage();
    const devtools = await context.newCDPSession(page);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
    await devtools.send('Network.enable');
    const slow = LINES[line];
    if (slow) await devtools.send('Network.emulateNetworkConditions', slow);
    await page.addInitScript((words) => {
      const seen = { longestMs: 0, usableMs: 0 };
      Object.assign(window, { seen });
      new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) seen.longestMs = Math.max(seen.longestMs, duration);
      }).observe({ type: 'longtask', buffered: true });
      setInterval(() => {
        if (seen.usableMs > 0) return;
        const buttons = [...document.querySelectorAll('[role=button],button')];
        const isThere = buttons.some((one) => (one.getAttribute('aria-label') ?? one.textContent) === words);
        if (isThere) seen.usableMs = performance.now();
      }, 10);
    }, button);
    await page.goto(url, { waitUntil: 'commit' });
    await page.getByRole('button', { name: button }).first().waitFor({ timeout: 60_000 });
    // What was put off until the button was there counts as well.
    await page.waitForTimeout(800);
    const opened = await page.evaluate(() => {
      const { seen } = window as unknown as { seen: { longestMs: number; usableMs: number } };
      return { ...seen, seenMs: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN };
    });
    if (!(opened.usableMs > 0)) throw new Error(`"${button}" was never seen on ${url}`);
    return opened;
  } finally {
    await context.close();
  }
}

/** Pages by turns, so that what else the machine does meanwhile is shared by all of them. */
async function open(browser: Browser, pages: readonly Page[], line: Line): Promise<Opening[]> {
  const runs: Opening[][] = pages.map(() => []);
  for (let run = 0; run < RUNS; run += 1) {
    for (const [index, page] of pages.entries()) runs[index]!.push(await openOnce(browser, page, line));
  }
  const median = (all: readonly Opening[], key: keyof Opening) => medianOf(all.map((one) => one[key]));
  return runs.map((all) => ({
    seenMs: median(all, 'seenMs'),
    usableMs: median(all, 'usableMs'),
    longestMs: median(all, 'longestMs'),
  }));
}

async function serveEmpty(): Promise<Server> {
  const server = express()
    .use(webApp(EMPTY_DIST, async () => undefined))
    .listen(0);
  await once(server, 'listening');
  return server;
}

/** How quickly a page is there on a slow phone, against an empty application in the same run. */
export async function timeToOpen(): Promise<Row[]> {
  const elixa = new ElixaServer();
  const url = await elixa.start();
  const evening = practice();
  await fetch(`${url}/api/evenings`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ evening }),
  });
  const empty = await serveEmpty();
  const browser = await chromium.launch(chromiumOptions());
  const pages = [
    { url: `http://127.0.0.1:${(empty.address() as AddressInfo).port}/`, button: 'Begin' },
    { url, button: 'New evening' },
    { url: `${url}/evening/${evening.id}/who`, button: 'Add a guest' },
  ];
  const rows: Row[] = [];
  try {
    for (const line of Object.keys(LINES) as Line[]) {
      const [reference, list, who] = (await open(browser, pages, line)) as [Opening, Opening, Opening];
      for (const [name, page] of [
        ['list of evenings', list],
        ['an evening', who],
      ] as const) {
        rows.push(
          row(`${name}, ${line}: seen`, page.seenMs, 'empty application', reference.seenMs, ms),
          row(`${name}, ${line}: usable`, page.usableMs, 'empty application', reference.usableMs, ms),
          row(`${name}, ${line}: longest task`, page.longestMs, 'empty application', reference.longestMs, ms),
        );
      }
    }
  } finally {
    await browser.close();
    empty.close();
    await elixa.remove();
  }
  return rows;
}
