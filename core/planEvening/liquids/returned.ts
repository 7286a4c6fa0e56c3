import type { Style } from '../../catalogue/style';
import type { Helping } from '../../diners/helpings';
import type { ActiveFormula } from '../../formula/activeFormula';
import { sum } from '../../measures/sum';

/** Grams of a thing that was cooked in this liquid and is eaten from the pot; nothing where it is not. */
export function returnedG(
  { returns }: Style,
  food: readonly Helping[],
  formulaId: string,
  ingredientId: string,
): number {
  const back = returns.find((one) => one.fromFormulaId === formulaId && one.ingredientId === ingredientId);
  if (!back) return 0;
  const pieces = food.filter((one) => one.ingredientId === ingredientId && one.purpose === 'pot' && one.pan === 'main');
  return sum(pieces.flatMap(({ cuts }) => cuts.filter(({ cut }) => cut === back.cut).map(({ massG }) => massG)));
}

/** A liquid in which as much of a thing is cooked as the pot then holds of it. */
export function withReturned(active: ActiveFormula, style: Style, food: readonly Helping[]): ActiveFormula {
  const parts = active.parts.map((one) => {
    const massG = one.massG === undefined ? 0 : returnedG(style, food, active.formula.id, one.what.id);
    return massG > 0 ? { ...one, massG } : one;
  });
  return { ...active, parts };
}
