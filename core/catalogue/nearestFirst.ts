import type { Formula } from './formula';
import { formulaById } from './formulas';
import type { Style } from './style';

/** What a pot is made with where nobody chooses otherwise: its broths, by school too, and its dips. */
const ownOf = (style: Style): string[] => [
  ...(style.brothFormulaId ? [style.brothFormulaId] : []),
  ...(style.otherHalfFormulaId ? [style.otherHalfFormulaId] : []),
  ...Object.values(style.brothBySchool?.formulaIds ?? {}),
  ...style.dipFormulaIds,
];

/**
 * Broths or sauces as somebody looks for them at a pot: what it is made with, what is made for its family, and the rest; each
 * in the order that they came in.
 * @example nearestFirst(clearChicken, SAUCES)[0].id // 'soyScallion'
 */
export function nearestFirst(style: Style, formulas: readonly Formula[]): Formula[] {
  const own = ownOf(style);
  const families = new Set(own.slice(0, 1).flatMap((id) => formulaById(id)?.families ?? []));
  const rank = ({ id, families: of }: Formula) =>
    own.includes(id) ? 0 : of.some((family) => families.has(family)) ? 1 : 2;
  return [...formulas].sort((a, b) => rank(a) - rank(b));
}
