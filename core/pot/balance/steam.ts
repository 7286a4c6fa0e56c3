import { STEAM_J_PER_KG, steamLeaves } from '../../heat/burner';
import { massOf, type PotState } from '../state';
import type { HeatStep } from './heat';

/** Alcohol leaves with the steam, so much richer than the liquid as it lies below. Kitchen estimate for weak broths, 6-10. */
const ALCOHOL_IN_STEAM = 8;

/** What leaves a pot as steam in a step, in g, the alcohol in it; and the share that a lid lets out of what boils off. */
export interface SteamStep {
  steamG: number;
  alcoholG: number;
  leaves: number;
}

/** Steam of a step: below the boil the lid's share is in the curve already; of what is over at the boil it gives most back. */
export function stepSteam(
  { liquid, lid, vessel }: Pick<PotState, 'liquid' | 'lid' | 'vessel'>,
  { belowJ, overJ, savedJ }: HeatStep,
): SteamStep {
  const leaves = steamLeaves(lid, vessel);
  const steamG = Math.min(liquid.waterG, (1000 * (belowJ + (overJ - savedJ) * leaves)) / STEAM_J_PER_KG);
  const massG = massOf(liquid);
  const alcoholShare = massG > 0 ? liquid.alcoholG / massG : 0;
  return { steamG, alcoholG: Math.min(liquid.alcoholG, steamG * alcoholShare * ALCOHOL_IN_STEAM), leaves };
}
