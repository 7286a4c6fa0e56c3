import type { HousePot, HousePots } from '@elixa/contract';
import type { HousePotStore } from '../store/housePotStore';

/** What can be done with the pots of the house. */
export const housePotService = (store: HousePotStore) => ({
  read: async (): Promise<HousePots> => ({ pots: await store.read() }),
  /** They may come twice and in any order; of each the later one holds. */
  keep: async (pots: readonly HousePot[]): Promise<HousePots> => ({ pots: await store.merge(pots) }),
});

export type HousePotService = ReturnType<typeof housePotService>;
