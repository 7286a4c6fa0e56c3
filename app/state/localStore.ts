import { del, entries, get, set } from 'idb-keyval';

/**
 * A page waits so long for a store that may never answer: it must not stay blank for it. It waits in turns, since a page
 * that was kept busy meanwhile has given the store no chance to answer.
 */
const PATIENCE = { turns: 30, turnMs: 100 };

let keeps = true;
let tell: (keeps: boolean) => void = () => undefined;

/** Called when it turns out that this device keeps nothing, and again when it does after all. */
export function onKeeping(told: (keeps: boolean) => void): void {
  tell = told;
  if (!keeps) tell(false);
}

function found(now: boolean, error?: unknown): void {
  if (keeps === now) return;
  keeps = now;
  if (!now) console.warn('This device keeps nothing', error);
  tell(now);
}

/** What the device answers, or `otherwise` when its store is blocked or full: the server is then all there is. */
async function kept<Value>(work: () => Promise<Value>, otherwise: Value): Promise<Value> {
  try {
    const value = await work();
    found(true);
    return value;
  } catch (error) {
    found(false, error);
    return otherwise;
  }
}

const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** What comes of a reading, or `otherwise` when it takes too long. What comes later is not lost: the reading goes on. */
export async function inTime<Value>(reading: Promise<Value>, otherwise: Value, patience = PATIENCE): Promise<Value> {
  let isOver = false;
  const over = reading.finally(() => (isOver = true));
  const waiting = async () => {
    for (let turn = 0; turn < patience.turns && !isOver; turn += 1) await pause(patience.turnMs);
    if (!isOver) found(false, new Error('The store of the browser does not answer'));
    return otherwise;
  };
  return Promise.race([over, waiting()]);
}

/**
 * What is kept on this device, so that nothing depends on the server being there. It never fails: it keeps, or it does not.
 * It may never answer, though: what a page waits for is read in time.
 */
export const localStore = {
  read: <Value>(key: string): Promise<Value | undefined> => kept(() => get<Value>(key), undefined),
  write: (key: string, value: unknown): Promise<void> => kept(() => set(key, value), undefined),
  remove: (key: string): Promise<void> => kept(() => del(key), undefined),
  /** Everything kept under a prefix, as [rest of the key, value]. */
  async all<Value>(prefix: string): Promise<Array<[string, Value]>> {
    const rows = await kept(() => entries<string, Value>(), []);
    return rows
      .filter(([key]) => typeof key === 'string' && key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value]);
  },
};
