import type { PantryItem, ShoppingItem } from '@elixa/contract';

/** What the pantry holds after an evening's shopping and cooking, of what was ticked as bought. */
export function leftovers(
  missing: readonly ShoppingItem[],
  bought: Readonly<Record<string, number>>,
  pantry: readonly PantryItem[],
): Array<Omit<PantryItem, 'changedAt'>> {
  return missing
    .filter((item) => bought[item.ingredientId] !== undefined)
    .map((item) => {
      const before = pantry.find((one) => one.itemId === item.ingredientId && one.bestBefore === undefined)?.massG ?? 0;
      return { itemId: item.ingredientId, massG: Math.round(Math.max(0, before - item.haveG) + item.leftG) };
    });
}

/** Hands a text to the phone's own way of sending, or to the clipboard. @returns what was done with it */
export async function share(title: string, text: string): Promise<string> {
  if (typeof navigator.share === 'function') {
    try {
      await navigator.share({ title, text });
      return 'Sent.';
    } catch (error) {
      // The cook closed the sheet again: nothing was sent, and nothing is wrong.
      if ((error as Error).name === 'AbortError') return '';
    }
  }
  await navigator.clipboard.writeText(text);
  return 'Copied: paste it into a message.';
}
