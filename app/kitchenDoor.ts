import { createElement, lazy, type ComponentType } from 'react';
import type * as everything from '@/kitchen';
import { inTurns } from '@/ui/inTurns';

export type Kitchen = typeof everything;

/** Where its pieces lie; the page says it where the application was built in pieces. */
const piecesOf = () => (document.querySelector('meta[name="kitchen"]')?.getAttribute('content') ?? '').split(' ');

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

/** Until everything that came with the page has been run. */
const pageIsRun = () =>
  new Promise<void>((resolve) => {
    const opening = performance.getEntriesByType('navigation')[0] as PerformanceNavigationTiming | undefined;
    if (!opening || opening.domContentLoadedEventStart > 0) resolve();
    else document.addEventListener('DOMContentLoaded', () => resolve(), { once: true });
  });

async function begun(): Promise<Kitchen> {
  const all = await import('@/kitchen');
  await inTurns([...all.beginnings, () => undefined]);
  return all;
}

async function open(): Promise<Kitchen> {
  if (document.querySelector('script[data-kitchen]')) {
    await pageIsRun();
    try {
      return await begun();
    } catch (error) {
      console.warn('A part that the page brings did not arrive and is asked for again', error);
    }
  }
  // What is there by now is not loaded again.
  await Promise.all(piecesOf().filter(Boolean).map(scriptAt));
  return begun();
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
