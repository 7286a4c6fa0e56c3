import type { PantryItem } from '@elixa/contract';
import { mergePantry, pantryKey } from '@elixa/core';
import { asc, sql } from 'drizzle-orm';
import type { Db } from './database';
import { pantryItems } from './schema';

/** Keeps the pantry, the later count of each thing. */
export function pantryStore(db: Db) {
  const read = async () => {
    const rows = await db.select({ body: pantryItems.body }).from(pantryItems).orderBy(asc(pantryItems.key));
    return rows.map((row) => row.body);
  };
  return {
    read,
    /** @returns the pantry with the counted items put in; older counts change nothing */
    async merge(items: readonly PantryItem[]): Promise<PantryItem[]> {
      return db.transaction(async (within) => {
        const rows = await within.select({ body: pantryItems.body }).from(pantryItems);
        const merged = mergePantry(
          rows.map((row) => row.body),
          items,
        );
        if (merged.length > 0) {
          await within
            .insert(pantryItems)
            .values(merged.map((body) => ({ key: pantryKey(body), body })))
            .onConflictDoUpdate({ target: pantryItems.key, set: { body: sql`excluded.body` } });
        }
        return merged;
      });
    },
  };
}

export type PantryStore = ReturnType<typeof pantryStore>;
