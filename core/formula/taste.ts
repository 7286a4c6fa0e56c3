import type { Taste } from '@elixa/contract';

/** How much one step of "a little more" changes. Kitchen estimate: the least that most people notice. */
const STEP = { salt: 1.1, sweet: 1.15, sour: 1.15, heat: 1.5, savour: 1.2 } as const;

/** What the table likes, as factors on the targets and on what brings heat and savour. */
export type TasteFactors = Record<keyof typeof STEP, number>;

/**
 * @example tasteFactors({ salt: -1 }).salt // 0.909
 */
export function tasteFactors(taste: Taste | undefined): TasteFactors {
  const factor = (key: keyof typeof STEP) => STEP[key] ** (taste?.[key] ?? 0);
  return {
    salt: factor('salt'),
    sweet: factor('sweet'),
    sour: factor('sour'),
    heat: factor('heat'),
    savour: factor('savour'),
  };
}
