import type { PantryItem, PotPlan, ShoppingItem } from '@elixa/contract';
import type { Section } from '../catalogue/pack';
import { LEFT_KEEPS_DAYS } from '../catalogue/packs';
import { shiftIso } from '../time/shiftIso';

/** The same thing with the same day is one item. */
export const pantryKey = ({ itemId, bestBefore }: Pick<PantryItem, 'itemId' | 'bestBefore'>) =>
  bestBefore === undefined ? itemId : `${itemId}@${bestBefore}`;

/**
 * Two counts of a pantry put together: of each item the later one holds. The order does not matter, nor how often.
 * @returns by item and day; also what is used up, so that an older count elsewhere does not bring it back
 */
export function mergePantry(a: readonly PantryItem[], b: readonly PantryItem[]): PantryItem[] {
  const merged = new Map<string, PantryItem>();
  for (const item of [...a, ...b]) {
    const known = merged.get(pantryKey(item));
    const isLater = !known || Date.parse(item.changedAt) > Date.parse(known.changedAt);
    const isMore = known && Date.parse(item.changedAt) === Date.parse(known.changedAt) && item.massG > known.massG;
    if (isLater || isMore) merged.set(pantryKey(item), item);
  }
  return [...merged.entries()].sort(([one], [other]) => one.localeCompare(other)).map(([, item]) => item);
}

/** What is there, without what is used up. */
export const inStock = (items: readonly PantryItem[]) => items.filter((item) => item.massG > 0);

/** What is there and still good on that day (`2026-11-28`), what is to be eaten first before the rest. */
export const goodOn = (items: readonly PantryItem[], day: string) =>
  inStock(items)
    .filter(({ bestBefore }) => bestBefore === undefined || bestBefore >= day)
    .sort((a, b) => (a.bestBefore ?? '9999').localeCompare(b.bestBefore ?? '9999'));

/** Nobody runs out for less than this share of what is needed. */
export const NEAR_ENOUGH = 0.97;

/** What is still good on the day, in g of each thing. */
export function inTheHouse(pantry: readonly PantryItem[], day: string): Map<string, number> {
  const have = new Map<string, number>();
  for (const { itemId, massG } of goodOn(pantry, day)) {
    have.set(itemId, (have.get(itemId) ?? 0) + massG);
  }
  return have;
}

/** A count of something, before it is known when it was made. */
export type Count = Omit<PantryItem, 'changedAt'>;

/** Less than this is no food but what sticks to the pack. */
const WORTH_COUNTING_G = 1;

/**
 * What the pantry holds once an evening is eaten: less what it took, the earliest day first.
 * @param pantry as it was before, with the shopping put away
 * @param day of the evening, `2026-11-28`
 * @returns new counts of what was taken from, and nothing else
 */
export function takenOut(
  { shopping, liquids }: Pick<PotPlan, 'shopping' | 'liquids'>,
  pantry: readonly PantryItem[],
  day: string,
): Count[] {
  const needs: Array<[string, number]> = [
    ...shopping.map((item): [string, number] => [item.ingredientId, item.needG]),
    ...liquids.flatMap((liquid): Array<[string, number]> => (liquid.jar ? [[liquid.formulaId, liquid.jar.needG]] : [])),
  ];
  return needs.flatMap(([id, needG]) => {
    let toTakeG = needG;
    return goodOn(pantry, day)
      .filter((item) => item.itemId === id)
      .flatMap(({ itemId, bestBefore, massG }) => {
        const takenG = Math.min(massG, toTakeG);
        toTakeG -= takenG;
        const leftG = massG - takenG;
        return takenG > 0 ? [{ itemId, bestBefore, massG: leftG < WORTH_COUNTING_G ? 0 : Math.round(leftG) }] : [];
      });
  });
}

/** What keeps longer than this is put away without a day. */
const DATED_DAYS = 14;

/** Until when something fresh is good that is bought today for an evening; for that evening in any case. */
function goodUntil({ section }: ShoppingItem, today: string, evening: string): string | undefined {
  const days = LEFT_KEEPS_DAYS[section as Section];
  if (days > DATED_DAYS) return undefined;
  const day = shiftIso(`${today}T12:00:00Z`, days * 86_400).slice(0, 10);
  return day < evening ? evening : day;
}

/**
 * The pantry with the shopping put away: what was ticked as bought, on top of what was there.
 * @param today and the day of the evening that it is for, as `2026-11-28`
 */
export function putAway(
  shopping: readonly ShoppingItem[],
  isBought: (ingredientId: string) => boolean,
  pantry: readonly PantryItem[],
  { today, evening }: { today: string; evening: string },
): Count[] {
  return shopping
    .filter((item) => item.buy.count > 0 && isBought(item.ingredientId))
    .map((item) => {
      const put = { itemId: item.ingredientId, bestBefore: goodUntil(item, today, evening) };
      const before = pantry.find((one) => pantryKey(one) === pantryKey(put))?.massG ?? 0;
      // What is bought is what was missing and what is left of it.
      return { ...put, massG: Math.round(before + item.needG - item.haveG + item.leftG) };
    });
}
