import type { Vessel } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Helping } from '../diners/helpings';
import { usableVolumeMl } from './vesselShape';

/** Least share of a filled pot that is liquid: the gaps between pieces. Kitchen estimate, 0.3-0.4. */
export const LEAST_LIQUID_SHARE = 0.35;

/** Volume of food as it settles under the broth, in ml. */
function settledVolumeMl(helpings: readonly Helping[]): number {
  return helpings.reduce((sum, one) => sum + one.massG / ingredientById(one.ingredientId).settledDensityGPerMl, 0);
}

export interface Fit {
  usableMl: number;
  solidsMl: number;
  rounds: number;
  potBrothMl: number;
  reserveMl: number;
}

/**
 * How many rounds the food is cooked in, and how much of the broth goes into the pot first, so that food and broth
 * together never pass the usable volume.
 * @param brothMl broth that there is for this pot
 * @example fitPot(clayPot, pieces, 1200).rounds // 2
 */
export function fitPot(vessel: Vessel, pieces: readonly Helping[], brothMl: number): Fit {
  const usableMl = usableVolumeMl(vessel);
  const solidsMl = settledVolumeMl(pieces);
  const rounds = Math.max(1, Math.ceil(solidsMl / (usableMl * (1 - LEAST_LIQUID_SHARE)) - 1e-9));
  const potBrothMl = Math.min(brothMl, usableMl - solidsMl / rounds);
  return { usableMl, solidsMl, rounds, potBrothMl, reserveMl: brothMl - potBrothMl };
}
