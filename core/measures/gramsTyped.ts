import type { Units } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import { densityOf } from './densityOf';
import { parseAmount } from './parseAmount';

/**
 * Grams of what somebody typed for an ingredient: by weight, by spoon and cup through its bulk density, or counted where it
 * is sold whole.
 * @param cut how it is cut, where that changes its bulk density
 * @returns undefined when it cannot be understood, or cannot be weighed
 * @example gramsTyped('1 tbsp', salt, 'metric') // 18
 */
export function gramsTyped(text: string, what: Ingredient, units: Units, cut?: string): number | undefined {
  const amount = parseAmount(text, units);
  if (amount?.kind === 'mass') return amount.massG;
  if (amount?.kind === 'volume') return amount.volumeMl * densityOf(what, units, cut);
  const { sold, inInches } = what;
  if (amount?.kind === 'length' && inInches?.unit === 'inch') return (amount.lengthMm / 25.4) * inInches.massG;
  if (amount?.kind !== 'count') return undefined;
  if (inInches && amount.of?.startsWith(inInches.unit.split(/\W/)[0]!)) return amount.count * inInches.massG;
  return sold && amount.count * sold.massG;
}
