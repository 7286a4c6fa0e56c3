import type { Formula, FormulaPart } from '../catalogue/formula';

/** The school that is followed for each question of a formula: the cook's, or else the usual one. */
export function schoolsOf(formula: Formula, chosen: Readonly<Record<string, string>>): Record<string, string> {
  return Object.fromEntries(
    formula.schools.map(({ id, options, usual }) => [
      id,
      options.some((option) => option.id === chosen[id]) ? (chosen[id] as string) : usual,
    ]),
  );
}

/** Whether something that holds for some schools only holds for those that are followed. */
export const fits = (when: Readonly<Record<string, string>> | undefined, schools: Readonly<Record<string, string>>) =>
  Object.entries(when ?? {}).every(([question, option]) => schools[question] === option);

/** The parts of a formula by the schools that are followed. */
export function partsOf(formula: Formula, chosen: Readonly<Record<string, string>>): FormulaPart[] {
  const schools = schoolsOf(formula, chosen);
  return formula.parts.filter((part) => fits(part.when, schools));
}
