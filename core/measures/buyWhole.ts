import type { Ingredient } from '../catalogue/ingredient';

interface Buy {
  count: number;
  unit: string;
  text: string;
  leftG: number;
}

/**
 * What must be bought of a thing that is sold whole, and what stays over.
 * @param needG mass needed in g
 * @returns undefined for things sold loose
 * @example buyWhole(480, napaCabbage) // { count: 1, unit: 'head', text: '1 small head', leftG: 520 }
 */
export function buyWhole(needG: number, ingredient: Ingredient): Buy | undefined {
  const sold = ingredient.sold;
  if (!sold || needG <= 0) return undefined;
  // A hair over a whole one is rounding, not a reason to buy another.
  const count = Math.max(1, Math.ceil(needG / sold.massG - 0.02));
  const unit = count === 1 ? sold.unit : sold.unitPlural;
  return {
    count,
    unit: sold.unit,
    text: unit === '' ? String(count) : `${count} ${unit}`,
    leftG: Math.max(0, count * sold.massG - needG),
  };
}
