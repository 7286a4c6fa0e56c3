import type { PotCard } from '@elixa/core';
import type { EveningStore } from '../store/eveningStore';
import type { Planner } from '../workers/planner';
import { notFound } from './failures';

/** Cards that are kept ready; the list asks for the same few again and again. */
const KEPT = 50;

/** The pot of an evening as the list of evenings shows it: planned once for each version. */
export function cardService(store: EveningStore, planner: Planner) {
  const kept = new Map<string, Promise<PotCard>>();
  return {
    async card(id: string): Promise<PotCard & { version: number }> {
      const row = await store.find(id);
      if (!row || row.deletedAt) throw notFound(`evening "${id}"`);
      const key = `${row.version} ${id}`;
      const card = kept.get(key) ?? planner.card(row.document);
      kept.delete(key);
      kept.set(key, card);
      for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - KEPT))) kept.delete(oldest);
      try {
        return { version: row.version, ...(await card) };
      } catch (error) {
        kept.delete(key);
        throw error;
      }
    },
  };
}

export type CardService = ReturnType<typeof cardService>;
