import type { Contents } from '@elixa/contract';
import { fatGivenG, shareAt } from '../food';
import type { Lying } from '../lying';
import { addTo } from '../state';

/** An animal food gives its juice as its flesh sets, between these temperatures all through, in °C. Kitchen estimates. */
const SETS_C = { from: 45, to: 75 } as const;

/** What passes between a piece and the liquid in a step: it gives water, seasoning and fat, and drinks. */
export interface Exchanged {
  given: Contents;
  drankG: number;
  fatG: number;
}

/** Adds what one piece gives and drinks in a step to what all do; it follows how far the piece has come. */
export function stepExchange(one: Lying, all: Exchanged): void {
  const { piece, known } = one;
  const { what, wanted } = known;
  const isPlant = wanted.measure.is === 'cookValue';
  const set = Math.min(1, Math.max(0, (one.mean.meanC - SETS_C.from) / (SETS_C.to - SETS_C.from)));
  const before = isPlant ? shareAt(one.progress) : one.progress;
  one.progress = Math.max(one.progress, isPlant ? one.cooked.hadMin / Math.max(wanted.bestMin, 1e-3) : set);
  const share = isPlant ? shareAt(one.progress) : one.progress;
  const gaveWaterG = what.releasedShare * piece.massG * share;
  const drankG = (what.drinksMlPerG ?? 0) * piece.massG * share;
  const gaveFatG = isPlant ? 0 : fatGivenG(what, piece.massG, Math.min(1, one.progress));
  all.given.waterG += gaveWaterG - one.gaveWaterG;
  all.drankG += drankG - one.drankG;
  all.fatG += gaveFatG - one.gaveFatG;
  if (piece.gives) addTo(all.given, piece.gives, Math.min(1, share) - Math.min(1, before));
  one.gaveWaterG = gaveWaterG;
  one.drankG = drankG;
  one.gaveFatG = gaveFatG;
}
