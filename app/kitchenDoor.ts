import { lazy, type ComponentType } from 'react';
import type * as everything from '@/kitchen';
import { inTurns } from '@/ui/inTurns';

type Kitchen = typeof everything;

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

async function open(): Promise<Kitchen> {
  await Promise.all(piecesOf().filter(Boolean).map(scriptAt));
  // What is there by now is not loaded again.
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

/** A page, or a part of one, that stands in the kitchen. */
export const inKitchen = <Props extends object>(pick: (kitchen: Kitchen) => ComponentType<Props>) =>
  lazy(async () => ({ default: pick(await kitchen()) }));
