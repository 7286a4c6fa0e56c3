import type { SimmerPiece } from '@elixa/contract';
import type { AdditionModel } from './additionModel';

/** Seconds by which a cut has had more than was planned, by what it is and how it is cooked. */
export type Shifts = ReadonlyMap<string, number>;

export const shiftKey = ({ ingredientId, cut, way }: Pick<SimmerPiece, 'ingredientId' | 'cut' | 'way'>): string =>
  `${ingredientId}/${cut}/${way}`;

/** Nothing goes in for less than this. */
const LEAST_S = 5;

/** The same model with windows that are moved by what a rehearsal has shown: what had more goes in later. */
export function shifted(model: AdditionModel, shifts: Shifts): AdditionModel {
  if (shifts.size === 0) return model;
  return {
    ...model,
    cookWindow(ingredientId, cut, pan, way = 'simmered') {
      const window = model.cookWindow(ingredientId, cut, pan, way);
      const byS = shifts.get(shiftKey({ ingredientId, cut, way })) ?? 0;
      const later = (seconds: number) => Math.max(LEAST_S, seconds - byS);
      return {
        leastS: later(window.leastS),
        bestS: later(window.bestS),
        mostS: later(window.mostS),
        safeS: window.safeS > 0 ? later(window.safeS) : 0,
        sign: window.sign,
      };
    },
  };
}
