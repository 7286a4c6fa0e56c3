import type { Ingredient } from '../catalogue/ingredient';
import { showMeasure } from './showMeasure';

interface Buy {
  count: number;
  unit: string;
  text: string;
  leftG: number;
}

/** What is shown is that count, and no weight that happens to be near it. */
const A_HAIR_G = 1e-3;

/**
 * What must be bought of a thing that is sold whole, and what stays over.
 * @param needG mass needed in g
 * @returns undefined for things sold loose
 * @example buyWhole(480, napaCabbage) // { count: 1, unit: 'head', text: '1 small head', leftG: 520 }
 */
export function buyWhole(needG: number, ingredient: Ingredient): Buy | undefined {
  const sold = ingredient.sold;
  if (!sold || needG <= 0) return undefined;
  // As many as the list says are needed: what is told as one block is one block.
  const exact = needG / sold.massG;
  const told = Math.round(exact / sold.smallestPart) * sold.smallestPart;
  const shownG = needG * (1 + showMeasure(needG, ingredient, 'metric').errorPct / 100);
  const isTold = told > 0 && Math.abs(told * sold.massG - shownG) < A_HAIR_G;
  const count = Math.max(1, Math.ceil((isTold ? told : exact) - 1e-9));
  const unit = count === 1 ? sold.unit : sold.unitPlural;
  return {
    count,
    unit: sold.unit,
    text: unit === '' ? String(count) : `${count} ${unit}`,
    leftG: Math.max(0, count * sold.massG - needG),
  };
}
