import type { PantryItem } from '@elixa/contract';

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
