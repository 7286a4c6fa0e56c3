import type { PantryItem, ShoppingItem } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { shiftIso } from '../time/shiftIso';
import { goodOn } from './pantry';

/** What a pot would take out of the house, and what it would send somebody to the shop for. */
export interface FromTheHouse {
  /** Things that the house has enough of, and how many are needed. */
  have: number;
  of: number;
  /** Names of what would have to be bought, the heaviest first. */
  missing: string[];
  /** Names of what would be wasted soon and is used, the heaviest first. */
  usesUp: string[];
  /**
   * From 0 to 1, for ranking: the share of what is needed that is there, in which what must be used up counts three times.
   */
  score: number;
}

/** What is good for no longer than this after the evening wants to be used up, in days. Kitchen estimate, 2-4. */
const SOON_DAYS = 3;
const COUNTS = 3;
/** Comes from the tap. */
const FREE: readonly string[] = ['water'];

/** Last day of what wants to be used up on this one. */
const soonUntil = (day: string) => shiftIso(`${day}T12:00:00Z`, SOON_DAYS * 24 * 3600).slice(0, 10);

const namesOf = (catalogue: Catalogue, items: readonly ShoppingItem[]) =>
  [...items].sort((a, b) => b.needG - a.needG).map(({ ingredientId }) => catalogue.byId(ingredientId).name);

/**
 * How far the house carries a pot.
 * @param shopping the list of the pot, with what the house has of each thing
 * @param day of the evening, as `2026-11-28`
 */
export function fromTheHouse(
  catalogue: Catalogue,
  shopping: readonly ShoppingItem[],
  pantry: readonly PantryItem[],
  day: string,
): FromTheHouse {
  const needed = shopping.filter(({ ingredientId }) => !FREE.includes(ingredientId));
  const missing = needed.filter(({ buy }) => buy.count > 0);
  const last = soonUntil(day);
  const soon = new Set(
    goodOn(pantry, day)
      .filter(({ bestBefore, massG }) => massG > 0 && bestBefore !== undefined && bestBefore <= last)
      .map(({ itemId }) => itemId),
  );
  const usesUp = needed.filter(({ ingredientId, haveG }) => haveG > 0 && soon.has(ingredientId));
  const have = needed.length - missing.length;
  const extra = COUNTS - 1;
  const score = (have + extra * usesUp.length) / Math.max(1, needed.length + extra * soon.size);
  return { have, of: needed.length, missing: namesOf(catalogue, missing), usesUp: namesOf(catalogue, usesUp), score };
}
