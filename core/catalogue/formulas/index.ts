import type { Formula } from '../formula';
import { BOTTLED_BROTHS, BOTTLED_DIPS } from './bottled';
import { DASHI_BROTHS } from './dashiBroths';
import { DIPS } from './dips';
import { BASES, MARINADES } from './marinadesAndBases';
import { STOCK_BROTHS } from './stockBroths';

export const BROTHS: readonly Formula[] = [...DASHI_BROTHS, ...STOCK_BROTHS, ...BOTTLED_BROTHS];
export const SAUCES: readonly Formula[] = [...DIPS, ...BOTTLED_DIPS];
export { BASES, MARINADES };

/** Every formula that ships. All are the team's own, built to targets. */
export const FORMULAS: readonly Formula[] = [...BROTHS, ...SAUCES, ...MARINADES, ...BASES];

const BY_ID = new Map(FORMULAS.map((one) => [one.id, one]));

/** The formula with this id, or undefined. */
export const formulaById = (id: string): Formula | undefined => BY_ID.get(id);

/**
 * The formula with this id.
 * @throws RangeError when there is none
 */
export function mustFormula(id: string): Formula {
  const found = formulaById(id);
  if (!found) throw new RangeError(`There is no formula "${id}"`);
  return found;
}
