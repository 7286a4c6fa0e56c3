import type { Pantry, PantryItem } from '@elixa/contract';
import { formulaById, hasIngredient } from '@elixa/core';
import type { PantryStore } from '../store/pantryStore';
import { invalid } from '../failures';

/** What can be done with the pantry. */
export function pantryService(store: PantryStore) {
  return {
    async read(): Promise<Pantry> {
      return { items: await store.read() };
    },
    /** Counts may come twice and in any order; of each thing the later one holds. */
    async count(items: readonly PantryItem[]): Promise<Pantry> {
      const unknown = items.flatMap(({ itemId }, index) =>
        hasIngredient(itemId) || formulaById(itemId)
          ? []
          : [
              {
                field: `items[${index}].itemId`,
                message: `"${itemId}" is not in the catalogue`,
                fix: 'Use the id of an ingredient or of a formula.',
              },
            ],
      );
      if (unknown.length > 0) throw invalid(unknown);
      return { items: await store.merge(items) };
    },
  };
}

export type PantryService = ReturnType<typeof pantryService>;
