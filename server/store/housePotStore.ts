import type { HousePot } from '@elixa/contract';
import { mergePots } from '@elixa/core';
import { sql } from 'drizzle-orm';
import type { Db } from './database';
import { housePots } from './schema';

/** Keeps the pots of the house, the later of each. */
export function housePotStore(db: Db) {
  return {
    async read(): Promise<HousePot[]> {
      const rows = await db.select({ body: housePots.body }).from(housePots);
      return mergePots(
        rows.map((row) => row.body),
        [],
      );
    },
    /** @returns all pots with these put in; older ones change nothing */
    async merge(pots: readonly HousePot[]): Promise<HousePot[]> {
      return db.transaction(async (within) => {
        const rows = await within.select({ body: housePots.body }).from(housePots);
        const merged = mergePots(
          rows.map((row) => row.body),
          pots,
        );
        if (merged.length > 0) {
          await within
            .insert(housePots)
            .values(merged.map((body) => ({ id: body.id, body })))
            .onConflictDoUpdate({ target: housePots.id, set: { body: sql`excluded.body` } });
        }
        return merged;
      });
    },
  };
}

export type HousePotStore = ReturnType<typeof housePotStore>;
