import type { Sighting } from '@elixa/contract';
import type { PotCourse, TimedAct } from '../pot/state';

/** Something seen at a pot, on its clock. */
export interface Seen {
  atS: number;
  saw: Sighting;
}

/** Seconds by which a boil is told late, as a cook looks up; and how far that varies. Kitchen estimates, 2-25 s. */
const TOLD_LATE = { meanS: 10, sdS: 7 };
/** Nobody tells of a boil that is not there yet: by so much the eye errs all the same, in s. */
const TOLD_EARLY_SD_S = 3;
/** "Not yet" is said within so many seconds of looking. */
const NOT_YET_SD_S = 15;
/** Of the time since the pot was last disturbed, what the model itself is off by. Seen against kitchens of another structure. */
export const MODEL_OFF = 0.04;
/** A probe lags by so many seconds and is off by so much, in the liquid and in the middle of a thing; a ruler by so many mm. */
const PROBE = { lagS: 8, liquidSdC: 1.2, pieceSdC: 2 };
const RULER_SD_MM = 2;
/** The slowest heating that is still heating, in K/s: a pot that hangs below the boil. */
const SLOWEST_K_PER_S = 0.004;
/** Heating is read over so many seconds. */
const SLOPE_OVER_S = 40;

const DISTURBS: ReadonlyArray<TimedAct['act']['is']> = ['light', 'poured', 'added', 'putBack', 'seasoned'];

export const USED: ReadonlyArray<Sighting['is']> = ['boils', 'notYet', 'probe', 'ruler'];

/** A sample of the course at a moment, between those that it holds. */
function tempAt({ samples }: PotCourse, atS: number): number {
  const after = samples.findIndex((one) => one.atS >= atS);
  if (after === 0) return samples[0]!.tempC;
  if (after === -1) return samples[samples.length - 1]!.tempC;
  const [a, b] = [samples[after - 1]!, samples[after]!];
  return a.tempC + ((b.tempC - a.tempC) * (atS - a.atS)) / Math.max(1e-9, b.atS - a.atS);
}

const nearest = ({ samples }: PotCourse, atS: number) =>
  samples.reduce((best, one) => (Math.abs(one.atS - atS) < Math.abs(best.atS - atS) ? one : best));

/** When the pot was last disturbed before a moment. */
export const disturbedS = (acts: readonly TimedAct[], atS: number, fromS: number): number =>
  acts.reduce((last, one) => (one.atS <= atS && DISTURBS.includes(one.act.is) ? Math.max(last, one.atS) : last), fromS);

/**
 * When it began to boil by the model: after it was last disturbed, or before that where it has been boiling all along; where
 * it had not by the moment of the sighting, when it would at the rate at which it warms then.
 */
function boilsFromS(course: PotCourse, sinceS: number, atS: number): number {
  const allAlong = course.boils.find(({ fromS, toS = Infinity }) => fromS < sinceS - 1 && toS > atS);
  if (allAlong) return allAlong.fromS;
  const begun = course.boils.find(({ fromS }) => fromS >= sinceS - 1 && fromS <= atS);
  if (begun) return begun.fromS;
  const { boilingC } = nearest(course, atS);
  const tempC = tempAt(course, atS);
  const overS = Math.min(SLOPE_OVER_S, Math.max(1, atS - sinceS));
  const slope = Math.max(SLOWEST_K_PER_S, (tempC - tempAt(course, atS - overS)) / overS);
  return atS + Math.max(0, boilingC - tempC) / slope;
}

/** Whoever says when it boiled has said that it did not before: what was "not yet" until then tells nothing more. */
export const isSaidByBoil = ({ atS, saw }: Seen, all: readonly Seen[], acts: readonly TimedAct[]): boolean =>
  saw.is === 'notYet' &&
  saw.pieceId === undefined &&
  all.some((one) => one.saw.is === 'boils' && one.atS > atS && disturbedS(acts, one.atS - 1, -Infinity) <= atS);

/** How far the model is from one sighting, in its standard deviations; nothing where it tells nothing. */
export function offBy({ atS, saw }: Seen, course: PotCourse, sinceS: number): number {
  const modelSdS = MODEL_OFF * (atS - sinceS);
  switch (saw.is) {
    case 'boils': {
      const toldS = atS - TOLD_LATE.meanS;
      const fromS = boilsFromS(course, sinceS, toldS);
      const sdS = fromS > toldS ? TOLD_EARLY_SD_S + TOLD_LATE.sdS / 2 : TOLD_LATE.sdS;
      return (fromS - toldS) / Math.hypot(sdS, Math.max(modelSdS, MODEL_OFF * (toldS - fromS)));
    }
    case 'notYet': {
      if (saw.pieceId !== undefined) return 0;
      const fromS = boilsFromS(course, sinceS, atS);
      return fromS >= atS ? 0 : (fromS - atS) / Math.hypot(NOT_YET_SD_S, Math.max(modelSdS, MODEL_OFF * (atS - fromS)));
    }
    case 'probe': {
      const seenS = atS - PROBE.lagS;
      if (saw.pieceId === undefined) return (tempAt(course, seenS) - saw.tempC) / PROBE.liquidSdC;
      const piece = nearest(course, seenS).pieces.find((one) => one.id === saw.pieceId);
      // In the thickest piece: that is the largest one.
      return piece ? (piece.largestC - saw.tempC) / PROBE.pieceSdC : 0;
    }
    case 'ruler':
      return (nearest(course, atS).depthMm - saw.depthMm) / RULER_SD_MM;
    default:
      return 0;
  }
}
