import type { SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { cookRate } from '../doneness/cookValue';
import type { Wanted } from '../doneness/wanted';
import { centreOf } from '../heat/conduction';
import { reckonedOf } from '../pot/food';
import type { PieceState, Sample } from '../pot/state';

/** Nobody waits longer than this for a piece to be past its best. */
export const STANDS_S = 60 * 60;

/** What a second in the middle of a piece so hot adds to what it has had, in min. */
export const hadPerS = ({ measure }: Wanted, centreC: number): number =>
  measure.is === 'cookValue' ? cookRate(centreC, measure.zC) : centreC >= measure.centreC ? 1 / 60 : 0;

/** When a piece is past its best: as it was, or as it would be if it stayed on as hot as it is lifted out. */
export function pastAtS({ overAtS, cooked, mean }: PieceState, wanted: Wanted, outAtS: number): number | undefined {
  if (overAtS !== undefined) return overAtS;
  const leftS = (wanted.mostMin - cooked.hadMin) / Math.max(hadPerS(wanted, centreOf(mean)), 1e-9);
  return leftS > STANDS_S ? undefined : outAtS + Math.max(0, leftS);
}

export interface Lead {
  leastS: number;
  bestS: number;
  mostS: number;
}

/** A piece as a sample of its pot has it. */
interface Followed {
  atS: number;
  hadMin: number;
  centreC: number;
}

/** What is never ready is taken to be hot so much below the boil, in K. */
const HOT_BELOW_K = 1;

/**
 * When it had had so much; as it would have been if the fire had gone on as at the end. What was not ready by then comes to
 * its least in the time that it lacks, and goes on from there as hot as its broth.
 */
function hadAtS(followed: readonly Followed[], wanted: Wanted, min: number, lacksS: number, boilingC: number): number {
  const past = followed.findIndex((one) => one.hadMin >= min);
  if (past === 0) return followed[0]!.atS;
  if (past > 0) {
    const [a, b] = [followed[past - 1]!, followed[past]!];
    return a.atS + ((min - a.hadMin) / (b.hadMin - a.hadMin)) * (b.atS - a.atS);
  }
  const last = followed.at(-1)!;
  const from = lacksS > 0 ? Math.max(wanted.leastMin, last.hadMin) : last.hadMin;
  const perS = hadPerS(wanted, lacksS > 0 ? boilingC - HOT_BELOW_K : last.centreC);
  return last.atS + lacksS + Math.min(Math.max(0, min - from) / Math.max(perS, 1e-9), STANDS_S);
}

/** Every piece over the samples that it lies in the pot at, by its id. */
export function followedIn(samples: readonly Sample[]): Map<string, Followed[]> {
  const byId = new Map<string, Followed[]>();
  for (const { atS, pieces } of samples) {
    for (const { id, hadMin, centreC } of pieces) {
      const mine = byId.get(id);
      if (mine) mine.push({ atS, hadMin, centreC });
      else byId.set(id, [{ atS, hadMin, centreC }]);
    }
  }
  return byId;
}

/**
 * The lead that a piece wants. Where the fire is turned down before it is lifted out, that time stays as it is and has its
 * share: a piece that goes in earlier simmers for longer before it.
 * @param all the piece over the samples of its pot
 * @param boilingC what its broth boils at in the end
 * @param fireUntilS when the fire is turned down for its round, or it is lifted out
 * @param lacksS for how much longer it would have to stay to be ready; zero where it is
 */
export function leadOf(
  catalogue: Catalogue,
  all: readonly Followed[],
  boilingC: number,
  piece: SimmerPiece,
  cooked: PieceState,
  fireUntilS: number,
  lacksS: number,
): Lead | undefined {
  const { wanted } = reckonedOf(catalogue, cooked);
  const onFire = all.filter((one) => one.atS <= Math.max(fireUntilS, all[0]?.atS ?? 0));
  if (onFire.length === 0) return undefined;
  const stillS = piece.outAtS - fireUntilS;
  const stillMin = cooked.cooked.hadMin - onFire.at(-1)!.hadMin;
  const lead = (min: number) =>
    min <= stillMin
      ? stillS
      : stillS + Math.max(0, hadAtS(onFire, wanted, min - stillMin, lacksS, boilingC) - piece.countsFromS);
  const safeAtS = cooked.safeAtS ?? piece.outAtS;
  // What is cooked through only after the fire was turned down cannot go in later than it does.
  const safeS =
    safeAtS <= fireUntilS ? stillS + Math.max(0, safeAtS - piece.countsFromS) : piece.outAtS - piece.countsFromS;
  const leastS = Math.max(wanted.safe ? safeS : 0, wanted.leastMin > 0 ? lead(wanted.leastMin) : 0);
  return { leastS, bestS: Math.max(leastS, lead(wanted.bestMin)), mostS: lead(wanted.mostMin) };
}
