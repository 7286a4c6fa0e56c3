import type { Style } from '../style';
import { CLEAR_CHICKEN } from './clearChicken';

export const STYLES: readonly Style[] = [CLEAR_CHICKEN];

/** The style with this id, or undefined. */
export const styleById = (id: string): Style | undefined => STYLES.find((style) => style.id === id);

/** The school that an evening follows for one question: the cook's choice, or else the usual one. */
export function chosenSchool(style: Style, schools: Record<string, string>, choiceId: string): string {
  const choice = style.schools.find((one) => one.id === choiceId);
  if (!choice) throw new RangeError(`${style.id} has no schools of "${choiceId}"`);
  const wanted = schools[choiceId];
  return choice.options.some((one) => one.id === wanted) ? (wanted as string) : choice.usual;
}
