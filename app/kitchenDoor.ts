import { createElement, lazy, type ComponentType } from 'react';
import type * as everything from '@/kitchen';
import { inTurns } from '@/ui/inTurns';

export type Kitchen = typeof everything;

/** Where its pieces lie; the page says it where the application was built in pieces. */
const piecesOf = () =>
  (document.querySelector('meta[name="kitchen"]')?.getAttribute('content') ?? '').split(' ').filter(Boolean);

/** Each piece says so when it has been run. */
const hasRun = (src: string) =>
  (globalThis as { kitchenPieces?: readonly string[] }).kitchenPieces?.includes(src) ?? false;

/** Loads a script. Several may be on their way; they are run in the order in which they were asked for. */
const scriptAt = (src: string) =>
  new Promise<void>((resolve, reject) => {
    const script = document.createElement('script');
    script.src = src;
    script.async = false;
    script.onload = () => resolve();
    script.onerror = () => reject(new Error(`${src} could not be loaded`));
    document.head.append(script);
  });

const settled = (script: Element) =>
  new Promise<void>((resolve) => {
    for (const event of ['load', 'error']) script.addEventListener(event, () => resolve(), { once: true });
  });

const pageIsLoaded = () =>
  new Promise<void>((resolve) => {
    if (document.readyState === 'complete') resolve();
    else window.addEventListener('load', () => resolve(), { once: true });
  });

/** The page of an evening brings the pieces itself. Waits for those that are on their way, whatever becomes of them. */
async function whatThePageBrings(): Promise<void> {
  const coming = [...document.querySelectorAll('script[data-kitchen]')].filter(
    (script) => !hasRun(script.getAttribute('src') ?? ''),
  );
  if (coming.length > 0) await Promise.race([pageIsLoaded(), Promise.all(coming.map(settled))]);
}

async function open(): Promise<Kitchen> {
  await whatThePageBrings();
  await Promise.all(
    piecesOf()
      .filter((src) => !hasRun(src))
      .map(scriptAt),
  );
  // Not before every piece has been run: a module that misses another is never tried again.
  const all = await import('@/kitchen');
  await inTurns([...all.beginnings, () => undefined]);
  return all;
}

let opened: Promise<Kitchen> | undefined;

/** The part of the application that computes, loaded when it is first asked for; where that failed, again at the next. */
export function kitchen(): Promise<Kitchen> {
  opened ??= open().catch((error: unknown) => {
    opened = undefined;
    throw error;
  });
  return opened;
}

let tries = 0;

/** What stands in the kitchen and could not be shown is asked for again when it is next drawn. */
export const knockAgain = () => {
  tries += 1;
};

/** A page, or a part of one, that stands in the kitchen. */
export function inKitchen<Props extends object>(pick: (kitchen: Kitchen) => ComponentType<Props>) {
  const asked = () => lazy(async () => ({ default: pick(await kitchen()) }));
  let [part, atTry] = [asked(), tries];
  return (props: Props) => {
    if (atTry !== tries) [part, atTry] = [asked(), tries];
    return createElement(part as ComponentType<Props>, props);
  };
}
