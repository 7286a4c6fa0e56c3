import type { PantryItem } from '@elixa/contract';
import { mergePantry, pantryKey } from '@elixa/core/shopping/pantry';
import { keptListSlice, type KeptList } from './keptList';

/** The pantry on this device, and which counts the server does not have yet. */
export type PantryState = KeptList<PantryItem>;

const pantry = keptListSlice<PantryItem>('pantry', pantryKey, mergePantry);

export const {
  changed: itemsCounted,
  found: pantryFound,
  arrived: pantryArrived,
  refused: pantryRefused,
} = pantry.actions;
export const pantryReducer = pantry.reducer;
