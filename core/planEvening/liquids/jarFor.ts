import type { Evening, Liquid } from '@elixa/contract';
import type { ActiveFormula } from '../../formula/activeFormula';
import { sum } from '../../measures/sum';
import { goodOn } from '../../shopping/pantry';

/** Nobody misses less than this share of a jar. */
const NEAR_ENOUGH = 0.97;

/**
 * The jar that a sauce or base is taken from. A jar holds what was made for another table: it is taken only where
 * tonight asks for nothing else than the formula itself, and where it is enough.
 * @param needG what tonight takes of it, in g
 * @returns undefined where it has to be made
 */
export function jarFor(evening: Evening, { formula, parts }: ActiveFormula, needG: number): Liquid['jar'] {
  if ((formula.kind !== 'sauce' && formula.kind !== 'base') || needG <= 0) return undefined;
  const { fresh, batches, taste, leaveOut } = evening.choices;
  const isOther =
    parts.some(({ part, what }) => part.ingredientId !== what.id) ||
    formula.parts.some((part) => leaveOut.includes(part.ingredientId)) ||
    Object.values(taste?.[formula.id] ?? {}).some((step) => step !== 0);
  if (fresh?.includes(formula.id) || isOther || (batches?.[formula.id] ?? 1) > 1) return undefined;
  const good = goodOn(evening.pantry ?? [], evening.sitDownAt.slice(0, 10)).filter(
    (item) => item.itemId === formula.id,
  );
  const haveG = sum(good.map((item) => item.massG));
  return haveG >= needG * NEAR_ENOUGH ? { needG, haveG, bestBefore: good[0]?.bestBefore } : undefined;
}
