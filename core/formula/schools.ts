import type { Formula, FormulaPart } from '../catalogue/formula';
import { fits, schoolOf } from '../catalogue/school';

/** The school that is followed for each question of a formula: the cook's, or else the usual one. */
export const schoolsOf = (formula: Formula, chosen: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(formula.schools.map((choice) => [choice.id, schoolOf(choice, chosen)]));

/** The parts of a formula by the schools that are followed. */
export function partsOf(formula: Formula, chosen: Readonly<Record<string, string>>): FormulaPart[] {
  const schools = schoolsOf(formula, chosen);
  return formula.parts.filter((part) => fits(part.when, schools));
}
