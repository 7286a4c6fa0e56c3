import { del, entries, get, set } from 'idb-keyval';

/** A store of the browser that does not answer within so long never will. */
const PATIENCE_MS = 3000;

let isBroken = false;
let tellBroken: () => void = () => undefined;

/** Called once, when it turns out that this device keeps nothing. */
export function onNothingKept(tell: () => void): void {
  tellBroken = tell;
  if (isBroken) tell();
}

function broken(error: unknown): void {
  if (isBroken) return;
  isBroken = true;
  console.warn('This device keeps nothing', error);
  tellBroken();
}

/** What the device answers, or `otherwise` when its store is blocked, full or silent: the server is then all there is. */
async function kept<Value>(work: () => Promise<Value>, otherwise: Value): Promise<Value> {
  if (isBroken) return otherwise;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const silence = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('The store of the browser does not answer')), PATIENCE_MS);
  });
  try {
    return await Promise.race([work(), silence]);
  } catch (error) {
    broken(error);
    return otherwise;
  } finally {
    clearTimeout(timer);
  }
}

/** What is kept on this device, so that nothing depends on the server being there. It never fails: it keeps, or it does not. */
export const localStore = {
  read: <Value>(key: string): Promise<Value | undefined> => kept(() => get<Value>(key), undefined),
  write: (key: string, value: unknown): Promise<void> => kept(() => set(key, value), undefined),
  remove: (key: string): Promise<void> => kept(() => del(key), undefined),
  /** Everything kept under a prefix, as [rest of the key, value]. */
  async all<Value>(prefix: string): Promise<Array<[string, Value]>> {
    const found = await kept(() => entries<string, Value>(), []);
    return found
      .filter(([key]) => typeof key === 'string' && key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value]);
  },
};
