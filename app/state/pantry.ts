import type { PantryItem } from '@elixa/contract';
import { mergePantry, pantryKey } from '@elixa/core/shopping/pantry';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The pantry on this device, and which counts the server does not have yet. */
export interface PantryState {
  items: PantryItem[];
  unsent: string[];
  /** The server would not take them; they are not sent again before something else is counted. */
  refused?: boolean;
}

const pantry = createSlice({
  name: 'pantry',
  initialState: { items: [], unsent: [] } as PantryState,
  reducers: {
    itemsCounted(state, { payload }: PayloadAction<PantryItem[]>) {
      state.items = mergePantry(state.items, payload);
      state.unsent = [...new Set([...state.unsent, ...payload.map(pantryKey)])];
      state.refused = undefined;
    },
    pantryRefused(state) {
      state.refused = true;
    },
    pantryFound(state, { payload }: PayloadAction<PantryState>) {
      state.items = mergePantry(payload.items, state.items);
      state.unsent = [...new Set([...payload.unsent, ...state.unsent])];
    },
    /** The server's pantry; `sent` are the counts that it took, as they were sent. */
    pantryArrived(state, { payload }: PayloadAction<{ items: PantryItem[]; sent?: PantryItem[] }>) {
      state.items = mergePantry(state.items, payload.items);
      const taken = new Map((payload.sent ?? []).map((item) => [pantryKey(item), item.changedAt]));
      // What was counted again in the meantime still has to go.
      state.unsent = state.unsent.filter((key) => {
        const now = state.items.find((item) => pantryKey(item) === key);
        return now !== undefined && taken.get(key) !== now.changedAt;
      });
    },
  },
});

export const { itemsCounted, pantryFound, pantryArrived, pantryRefused } = pantry.actions;
export const pantryReducer = pantry.reducer;
