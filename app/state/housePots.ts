import type { HousePot } from '@elixa/contract';
import { mergePots } from '@elixa/core/evening/keptPots';
import { keptListSlice, type KeptList } from './keptList';

/** The pots of the house on this device, and which of them the server does not have yet. */
export type HousePotsState = KeptList<HousePot>;

const housePots = keptListSlice<HousePot>('housePots', ({ id }) => id, mergePots);

export const { changed: potsKept, found: potsFound, arrived: potsArrived, refused: potsRefused } = housePots.actions;
export const housePotsReducer = housePots.reducer;
