import type { Ending, Liquid, Simmer, Units } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Menu } from '../evening/menu';
import { showMeasure, showVolume } from '../measures/showMeasure';

const SEASONS = 'lightSoy';
/** Less than this is no difference that anybody tastes, in %. */
const TASTED_PCT = 0.04;

/** What is done to the strength of so much liquid, in words. */
function seasoningOf(
  brothMl: number,
  saltPct: number,
  band: readonly [number, number, number] | undefined,
  units: Units,
) {
  if (!band || brothMl <= 0) return { seasoning: '' };
  const [least, best, most] = band;
  if (saltPct < least - TASTED_PCT) {
    const soy = ingredientById(SEASONS);
    // The soy is liquid, too.
    const soyG = ((best - saltPct) * brothMl) / (soy.saltPct - best);
    return { soyG, seasoning: `${showMeasure(soyG, soy, units).text} of ${soy.name} brings it to ${best} %` };
  }
  if (saltPct > most + TASTED_PCT) {
    const moreMl = brothMl * (saltPct / best - 1);
    return { letDownMl: moreMl, seasoning: `${showVolume(moreMl, units)} of hot water brings it down to ${best} %` };
  }
  return { seasoning: 'it needs nothing more' };
}

/**
 * What there is in the pot when the finish begins, how strong it is, what the finish drinks of it, and what brings it to
 * the strength that the finish wants.
 * @returns undefined where the evening ends without a finish
 */
export function endingOf(
  { finish, evening, sides }: Menu,
  { ending }: Simmer,
  liquids: readonly Liquid[],
): Ending | undefined {
  const broth = liquids.find((one) => one.kind === 'broth' && one.place === 'pot');
  // Of two broths each guest has chosen one; only one of them ends in noodles.
  if (!finish || !ending || !broth || sides) return undefined;
  const share = ending.brothMl > 0 ? (ending.brothMl - ending.waterMl) / ending.brothMl : 1;
  const salinityPct = broth.salinityPct * share;
  return { ...ending, salinityPct, ...seasoningOf(ending.brothMl, salinityPct, finish.saltPct, evening.units) };
}
