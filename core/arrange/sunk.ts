import type { Placement, PotPlan } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { piecesOf } from './pieces';

type Timed = Pick<PotPlan, 'build' | 'simmer'>;
type Lying = Placement & { region: NonNullable<Placement['region']> };

/** From when a cut is in the pot, and when it is soft, in s from lighting the burner. */
interface Soft {
  inAtS: number;
  softAtS: number;
}

/** Two moments nearer than this are one, in s. */
const SAME_S = 1;

function softOf({ simmer }: Timed, { ingredientId, cut }: Placement): Soft | undefined {
  const mine = simmer.pieces
    .filter((one) => one.pan === 'main' && one.ingredientId === ingredientId && one.cut === cut)
    .sort((a, b) => a.inAtS - b.inAtS)[0];
  return mine && { inAtS: mine.inAtS, softAtS: mine.readyAtS ?? mine.outAtS };
}

/** Leaves, sprigs and shreds, with so much air between them, go limp; what is firm lies as it lay, in liquid instead of air. */
const GOES_LIMP_FROM_GAPS = 0.55;
/** Between what has gone limp this share stays open, and nothing sinks to less than this of its height. Kitchen estimates. */
const LIMP_GAPS = 0.15;
const LEAST_LEFT = 0.3;

/** Of the height at which a cut was laid, what is left when it has gone limp. */
function limpShare(catalogue: Catalogue, { ingredientId, cut, massG }: Placement): number {
  const { bulkMl, settledMl, piece } = piecesOf(catalogue.byId(ingredientId), cut, massG);
  if (piece.form.gaps < GOES_LIMP_FROM_GAPS || bulkMl <= 0) return 1;
  return Math.min(1, Math.max(LEAST_LEFT, settledMl / (1 - LIMP_GAPS) / bulkMl));
}

/** What stands upright or lies in a row keeps its height. */
const STANDS: ReadonlyArray<Placement['place']> = ['stack', 'skewer'];

const overlap = (a: number, aLong: number, b: number, bLong: number) =>
  Math.max(0, Math.min(a + aLong, b + bLong) - Math.max(a, b));

/** Share of one stretch of the pot that lies over another, by area. */
function over(mine: Lying['region'], other: Lying['region']): number {
  const from = Math.max(mine.fromShare, other.fromShare);
  const to = Math.min(mine.toShare, other.toShare);
  const ownArea = mine.toShare ** 2 - mine.fromShare ** 2;
  if (to <= from || ownArea <= 0 || mine.sweepDeg <= 0) return 0;
  const start = (((other.startDeg - mine.startDeg) % 360) + 360) % 360;
  // The other may begin before mine and reach round into it.
  const shared =
    overlap(0, mine.sweepDeg, start, other.sweepDeg) + overlap(0, mine.sweepDeg, start - 360, other.sweepDeg);
  return ((to ** 2 - from ** 2) / ownArea) * Math.min(1, shared / mine.sweepDeg);
}

/**
 * Everything of the first filling as it lies at a moment: only what is in by then, airy things the flatter the softer they
 * are, and what lies on them lower by as much.
 * @param atS seconds from lighting the burner
 * @example sunkAt(CATALOGUE, plan, 900) // the leaves at half of the height at which they were laid
 */
export function sunkAt(catalogue: Catalogue, plan: Timed, atS: number): Placement[] {
  const lying = plan.build.placements
    .filter((one): one is Lying => one.region !== undefined && one.place !== 'beside')
    .map((one) => {
      const soft = softOf(plan, one);
      const isIn = !soft || soft.inAtS <= atS + SAME_S;
      const progress = soft
        ? Math.min(1, Math.max(0, (atS - soft.inAtS) / Math.max(SAME_S, soft.softAtS - soft.inAtS)))
        : 0;
      const left = STANDS.includes(one.place) ? 1 : 1 - progress * (1 - limpShare(catalogue, one));
      return { one, isIn, lostMm: (one.toMm - one.fromMm) * (isIn ? 1 - left : 1) };
    });
  return lying
    .filter(({ isIn }) => isIn)
    .map(({ one, lostMm }) => {
      const below = lying.filter(({ one: other }) => other.side === one.side && other.toMm <= one.fromMm + 0.5);
      const sinksMm = below.reduce(
        (sum, { one: other, lostMm: lost }) => sum + lost * over(one.region, other.region),
        0,
      );
      const fromMm = Math.max(0, one.fromMm - sinksMm);
      return { ...one, fromMm, toMm: fromMm + (one.toMm - one.fromMm) - lostMm };
    });
}

/**
 * Of the moments at which a pot's level is told, the first at which all of the first filling is in it.
 * @returns its place in `build.levelAfterMin`; the last where something goes in later than that
 */
export function firstFullAt(plan: Timed): number {
  const { build, simmer } = plan;
  const inAtS = build.placements.flatMap((one) =>
    one.region && one.place !== 'beside' ? [softOf(plan, one)?.inAtS ?? 0] : [],
  );
  const fullS = Math.max(0, ...inAtS) - (simmer.trace?.fromS ?? 0) - SAME_S;
  const first = build.levelAfterMin.findIndex(({ min }) => min * 60 >= fullS);
  return first === -1 ? Math.max(0, build.levelAfterMin.length - 1) : first;
}
