import { mouthAreaMm2 } from '@elixa/contract';
import { usefulPowerW } from '../heat/burner';
import { FILM } from '../heat/foodBody';
import type { PotState } from './state';

/** A boil rolls from this surplus on, in W for a square metre of surface. Kitchen estimate. */
const ROLLS_W_PER_M2 = 10_000;
/** Steam that rises between pieces, on what stands out of the liquid, W/(m²·K), from so many K below the boil. Kitchen estimates, 100-400. */
const STEAM_FILM = 200;
const STEAMS_WITHIN_K = 10;
/** The liquid begins to move from so many K below the boil on. Kitchen estimate, 4-8. */
const MOVES_WITHIN_K = 6;
/** Films are told apart by so much, so that few matrices are worked out. */
const FILM_STEP = 50;

type Filmed = Pick<PotState, 'tempC' | 'vessel' | 'heatSource' | 'power' | 'wetShare'>;

const stepped = (film: number) => Math.round(film / FILM_STEP) * FILM_STEP;

function bathFilm({ tempC, vessel, heatSource, power }: Filmed, boilingC: number): number {
  if (tempC < boilingC - MOVES_WITHIN_K) return FILM.hot;
  const near = Math.min(1, (tempC - boilingC + MOVES_WITHIN_K) / MOVES_WITHIN_K);
  const areaM2 = mouthAreaMm2(vessel) / 1e6;
  const rolls = Math.min(1, (usefulPowerW(heatSource) * power) / areaM2 / (3 * ROLLS_W_PER_M2));
  return stepped(FILM.hot + near * (FILM.simmer + rolls * (FILM.rolling - FILM.simmer) - FILM.hot));
}

/** Surface coefficient of the liquid on food, W/(m²·K): it stands, simmers or rolls; what stands out of it lies in its steam. */
export function filmOf(pot: Filmed, boilingC: number): number {
  const { wetShare = 1, tempC } = pot;
  const film = bathFilm(pot, boilingC);
  if (wetShare === 1) return film;
  // Steam rises from what boils, and little from what does not.
  const steams = Math.min(1, Math.max(0, (tempC - boilingC + STEAMS_WITHIN_K) / STEAMS_WITHIN_K));
  return stepped(wetShare * film + (1 - wetShare) * steams * STEAM_FILM);
}
