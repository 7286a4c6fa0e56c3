import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A list that every device of the house keeps: what is there, and what of it the server does not have yet. */
export interface KeptList<Item> {
  items: Item[];
  unsent: string[];
  /** The server would not take them; they are not sent again before something else is changed. */
  refused?: boolean;
}

/**
 * The state of such a list. Of each item the later one holds, so that devices agree in whatever order they meet.
 * @param keyOf what tells one item from another
 * @param merge two lists put together, in any order
 */
export function keptListSlice<Item extends { changedAt: string }>(
  name: string,
  keyOf: (item: Item) => string,
  merge: (a: readonly Item[], b: readonly Item[]) => Item[],
) {
  const unique = (keys: readonly string[]) => [...new Set(keys)];
  const initialState: KeptList<Item> = { items: [], unsent: [] };
  return createSlice({
    name,
    initialState: initialState as KeptList<Item>,
    reducers: {
      changed: (state, { payload }: PayloadAction<Item[]>) => ({
        items: merge(state.items as Item[], payload),
        unsent: unique([...state.unsent, ...payload.map(keyOf)]),
      }),
      refused: (state) => ({ ...(state as KeptList<Item>), refused: true }),
      /** What an earlier visit left on this device. */
      found: (state, { payload }: PayloadAction<KeptList<Item>>) => ({
        ...(state as KeptList<Item>),
        items: merge(payload.items, state.items as Item[]),
        unsent: unique([...payload.unsent, ...state.unsent]),
      }),
      /** The server's list; `sent` is what it took, as it was sent. */
      arrived: (state, { payload }: PayloadAction<{ items: Item[]; sent?: Item[] }>) => {
        const items = merge(state.items as Item[], payload.items);
        const taken = new Map((payload.sent ?? []).map((item) => [keyOf(item), item.changedAt]));
        // What was changed again in the meantime still has to go.
        const unsent = state.unsent.filter((key) => {
          const now = items.find((item) => keyOf(item) === key);
          return now !== undefined && taken.get(key) !== now.changedAt;
        });
        return { ...(state as KeptList<Item>), items, unsent };
      },
    },
  });
}
