import { del, entries, get, set } from 'idb-keyval';

/** Reading waits so long for a store that may never answer; a page must not stay blank for it. */
const PATIENCE_MS = 3000;

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

/** The same for a reading, which is given up after a while; a late answer still counts as one. */
function readInTime<Value>(work: () => Promise<Value>, otherwise: Value): Promise<Value> {
  return new Promise((resolve) => {
    const timer = setTimeout(() => {
      found(false, new Error('The store of the browser does not answer'));
      resolve(otherwise);
    }, PATIENCE_MS);
    void kept(work, otherwise).then((value) => {
      clearTimeout(timer);
      resolve(value);
    });
  });
}

/** What is kept on this device, so that nothing depends on the server being there. It never fails: it keeps, or it does not. */
export const localStore = {
  read: <Value>(key: string): Promise<Value | undefined> => readInTime(() => get<Value>(key), undefined),
  write: (key: string, value: unknown): Promise<void> => kept(() => set(key, value), undefined),
  remove: (key: string): Promise<void> => kept(() => del(key), undefined),
  /** Everything kept under a prefix, as [rest of the key, value]. */
  async all<Value>(prefix: string): Promise<Array<[string, Value]>> {
    const rows = await readInTime(() => entries<string, Value>(), []);
    return rows
      .filter(([key]) => typeof key === 'string' && key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value]);
  },
};
