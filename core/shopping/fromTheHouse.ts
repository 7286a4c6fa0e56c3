import type { PantryItem, ShoppingItem } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { StyleSlot } from '../catalogue/style';
import { sum } from '../measures/sum';
import { shiftIso } from '../time/shiftIso';
import type { Exchange } from './exchangesFromHouse';
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
  /** What it would have instead of what it lacks, like for like; it is counted as there. */
  instead: Exchange[];
  /**
   * From 0 to 1, for ranking: the share of what is needed that is there, in which a main thing counts four times, another
   * thing of the pot twice, and what must be used up six times more.
   */
  score: number;
}

/** What is good for no longer than this after the evening wants to be used up, in days. Kitchen estimate, 2-4. */
const SOON_DAYS = 3;
/** How often a thing counts: what the pot is named after, what else lies in it, what seasons it; and more if it would be wasted. */
const COUNTS = { main: 4, inPot: 2, other: 1, soon: 6 } as const;
/** What stands in for a thing is nearly as good as that. */
const AS_GOOD = 0.7;
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
 * @param slots what lies in the pot, by its role
 * @param instead what is exchanged for what the house has
 */
export function fromTheHouse(
  catalogue: Catalogue,
  shopping: readonly ShoppingItem[],
  pantry: readonly PantryItem[],
  day: string,
  slots: ReadonlyArray<Pick<StyleSlot, 'ingredientId' | 'role'>> = [],
  instead: readonly Exchange[] = [],
): FromTheHouse {
  const needed = shopping.filter(({ ingredientId }) => !FREE.includes(ingredientId));
  const exchanged = new Map(instead.map((one) => [one.ingredientId, one.withIngredientId]));
  const exchangedTo = new Set(exchanged.values());
  const isMissing = ({ ingredientId, buy }: ShoppingItem) => buy.count > 0 && !exchanged.has(ingredientId);
  const missing = needed.filter(isMissing);
  const last = soonUntil(day);
  const soon = new Set(
    goodOn(pantry, day)
      .filter(({ bestBefore, massG }) => massG > 0 && bestBefore !== undefined && bestBefore <= last)
      .map(({ itemId }) => itemId),
  );
  const usesUp = needed.flatMap((item): ShoppingItem[] => {
    const servedId = exchanged.get(item.ingredientId) ?? item.ingredientId;
    const isThere = item.haveG > 0 || exchanged.has(item.ingredientId);
    return isThere && soon.has(servedId) ? [{ ...item, ingredientId: servedId }] : [];
  });
  const countOf = ({ ingredientId }: ShoppingItem): number => {
    const slot = slots.find((one) => one.ingredientId === ingredientId);
    return slot === undefined ? COUNTS.other : slot.role === 'main' ? COUNTS.main : COUNTS.inPot;
  };
  const all = sum(needed.map(countOf));
  const there = sum(
    needed
      .filter((one) => !isMissing(one))
      .map((one) => countOf(one) * (exchanged.has(one.ingredientId) ? AS_GOOD : 1)),
  );
  const used = sum(usesUp.map(({ ingredientId }) => (exchangedTo.has(ingredientId) ? AS_GOOD : 1)));
  const score = (there + COUNTS.soon * used) / Math.max(1, all + COUNTS.soon * soon.size);
  return {
    have: needed.length - missing.length,
    of: needed.length,
    missing: namesOf(catalogue, missing),
    usesUp: namesOf(catalogue, usesUp),
    instead: [...instead],
    score,
  };
}
