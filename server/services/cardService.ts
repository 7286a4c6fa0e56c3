import type { Evening } from '@elixa/contract';
import type { PotCard } from '@elixa/core';
import type { EveningStore } from '../store/eveningStore';
import type { Planner } from '../workers/planner';
import { mustFind } from './mustFind';

/** Answers that are kept ready; the list asks for the same few again and again. */
const KEPT = 50;

/** What the list of evenings shows of one: worked out once for each version. */
export function cardService(store: EveningStore, planner: Planner) {
  /** The same for each version of an evening, worked out when it is first asked for. */
  function keptOf<Answer>(workOut: (evening: Evening) => Promise<Answer>) {
    const kept = new Map<string, Promise<Answer>>();
    return async (id: string): Promise<{ version: number; answer: Answer }> => {
      const row = await mustFind(store, id);
      const key = `${row.version} ${id}`;
      const asked = kept.get(key) ?? workOut(row.document);
      kept.delete(key);
      kept.set(key, asked);
      for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - KEPT))) kept.delete(oldest);
      try {
        return { version: row.version, answer: await asked };
      } catch (error) {
        kept.delete(key);
        throw error;
      }
    };
  }
  const cards = keptOf(planner.card);
  const times = keptOf(planner.litAt);
  return {
    /** Its pot, to be drawn. */
    async card(id: string): Promise<PotCard & { version: number }> {
      const { version, answer } = await cards(id);
      return { version, ...answer };
    },
    /** When its burner is lit; the pot has to be gone through for that. */
    async litAt(id: string): Promise<{ version: number; litAt: string }> {
      const { version, answer } = await times(id);
      return { version, litAt: answer };
    },
  };
}

export type CardService = ReturnType<typeof cardService>;
