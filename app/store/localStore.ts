import { del, entries, get, set } from 'idb-keyval';

/** What is kept on this device, so that nothing depends on the server being there. */
export const localStore = {
  read: <Value>(key: string): Promise<Value | undefined> => get<Value>(key),
  write: (key: string, value: unknown): Promise<void> => set(key, value),
  remove: (key: string): Promise<void> => del(key),
  /** Everything kept under a prefix, as [rest of the key, value]. */
  async all<Value>(prefix: string): Promise<Array<[string, Value]>> {
    const found = await entries<string, Value>();
    return found
      .filter(([key]) => typeof key === 'string' && key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), value]);
  },
};
