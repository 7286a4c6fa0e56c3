import type { FormulaPart, FormulaStep } from '../formula';

/** Short ways to write the rows of a formula, so that a formula reads as a list. */
type More = Partial<Omit<FormulaPart, 'ingredientId' | 'role'>>;

/** How aromatics, spices, heat and fat grow with the amount. Kitchen estimate, 0.7-0.9. */
const SLOWER = 0.8;

const solved =
  (role: FormulaPart['role']) =>
  (ingredientId: string, share: number, more: More = {}): FormulaPart => ({
    ingredientId,
    role,
    share,
    ...more,
  });
const given =
  (role: FormulaPart['role'], usual: More = {}) =>
  (ingredientId: string, grams: number, more: More = {}): FormulaPart => ({
    ingredientId,
    role,
    grams,
    ...usual,
    ...more,
  });

export const salting = solved('salting');
export const sweetening = solved('sweetening');
export const souring = solved('souring');
export const infusion = given('infusion');
export const body = given('body');
export const solid = given('solid');
export const aroma = given('aroma', { exponent: SLOWER });

/** A step that needs the cook. */
export const does = (id: string, says: string, minutes: number, more: Partial<FormulaStep> = {}): FormulaStep => ({
  id,
  says,
  minutes,
  attended: true,
  ...more,
});

/** A step that works by itself. */
export const waits = (id: string, says: string, minutes: number, more: Partial<FormulaStep> = {}): FormulaStep => ({
  id,
  says,
  minutes,
  attended: false,
  ...more,
});
