import type { ActOf, HeatSource, Sighting } from '@elixa/contract';
import { doubtPctOf } from '../heat/waterTest';
import { inOrder, simulate } from '../pot/simulate';
import { plus, NOTHING, USUAL_KITCHEN, type Kitchen, type PotCourse, type PotState, type TimedAct } from '../pot/state';

/** A figure of the kitchen that is not known exactly, as a factor of what is told or usual. */
export const FIGURES = ['useful', 'loss', 'steam', 'poured'] as const;
export type Figure = (typeof FIGURES)[number];
type ByFigure = Readonly<Record<Figure, number>>;

/** Covariance of the logarithms of the figures, in their order. */
type Covariance = ReadonlyArray<readonly number[]>;

/** A kitchen as it is believed to be: its figures, and how well they are known. */
export interface Belief {
  figures: ByFigure;
  covariance: Covariance;
}

/** Something seen at a pot, on its clock. */
export interface Seen {
  atS: number;
  saw: Sighting;
}

/** A pot with the kitchen in which it stands. */
export interface PotInKitchen {
  state: PotState;
  kitchen: Kitchen;
}

export interface Estimate extends PotInKitchen {
  /** What the kitchen is believed to be now. */
  belief: Belief;
  /**
   * The pot as cool as it is in one of ten such kitchens, with every sighting that tells of a weak fire believed in full: by
   * this it is judged what is cooked through.
   */
  cool: PotInKitchen;
  spread: {
    /** Standard deviation of the temperature of the liquid now, in K. */
    tempC: number;
    /** The pot beside which the others are, and each figure a little larger: what a forecast hangs on is read from these. */
    centre: PotInKitchen;
    larger: ReadonlyArray<PotInKitchen & { by: number }>;
  };
}

/** Standard deviations of logarithms. Kitchen estimates, 0.1-0.2; 0.2-0.4; 0.03 by the jug to 0.15 by eye. */
const DOUBT: Omit<ByFigure, 'useful'> = { loss: 0.15, steam: 0.3, poured: 0.07 };

/** A kitchen of which nothing was seen yet: its burner as it is measured, or as is usual for its kind. */
export function priorOf(heat: HeatSource): Belief {
  const sd = { ...DOUBT, useful: doubtPctOf(heat) / 100 };
  return {
    figures: { useful: 1, loss: 1, steam: 1, poured: 1 },
    covariance: FIGURES.map((row) => FIGURES.map((column) => (row === column ? sd[row] ** 2 : 0))),
  };
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
/** What is further off than so many standard deviations of what was expected is believed no more than that. */
const GATE = 2;
/** A step of a logarithm that is small beside its doubt, and large beside what a simulation rounds. */
const STEP = 0.04;
/** One in ten, and one in forty, is further from the mean to one side than so many standard deviations. */
const ONE_IN_TEN = 1.2816;
const ONE_IN_FORTY = 1.96;
/** The slowest heating that is still heating, in K/s: a pot that hangs below the boil. */
const SLOWEST_K_PER_S = 0.004;
/** Heating is read over so many seconds. */
const SLOPE_OVER_S = 40;

const DISTURBS: ReadonlyArray<TimedAct['act']['is']> = ['light', 'poured', 'added', 'putBack', 'seasoned'];

const shares = ({ figures }: Belief, x: readonly number[]): ByFigure =>
  Object.fromEntries(FIGURES.map((name, index) => [name, figures[name] * Math.exp(x[index]!)])) as unknown as ByFigure;

const kitchenAt = (usual: Kitchen, { useful, loss, steam }: ByFigure): Kitchen => ({
  ...usual,
  usefulShare: usual.usefulShare * useful,
  lossShare: usual.lossShare * loss,
  steamShare: usual.steamShare * steam,
});

const pouredBy = (act: ActOf<'poured'>, share: number): ActOf<'poured'> => ({
  ...act,
  ml: act.ml * share,
  contents: plus(NOTHING, act.contents, share),
  ...(act.fatG === undefined ? {} : { fatG: act.fatG * share }),
});

/** The acts as they were really done, where every pour was so many times what was told. */
const actsAt = (acts: readonly TimedAct[], { poured }: ByFigure): TimedAct[] =>
  acts.map((one) => (one.act.is === 'poured' ? { ...one, act: pouredBy(one.act, poured) } : one));

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
const disturbedS = (acts: readonly TimedAct[], atS: number, fromS: number): number =>
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
const isSaidByBoil = ({ atS, saw }: Seen, all: readonly Seen[], acts: readonly TimedAct[]): boolean =>
  saw.is === 'notYet' &&
  saw.pieceId === undefined &&
  all.some((one) => one.saw.is === 'boils' && one.atS > atS && disturbedS(acts, one.atS - 1, -Infinity) <= atS);

/** How far the model is from one sighting, in its standard deviations; nothing where it tells nothing. */
function offBy({ atS, saw }: Seen, course: PotCourse, sinceS: number): number {
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

interface Linearised {
  x: readonly number[];
  off: readonly number[];
  slopes: ReadonlyArray<readonly number[]>;
}

/**
 * Takes the sightings in one after another, each by what was expected of it after those before: a false tap among true
 * ones moves little, whatever it says.
 */
function takenIn(
  prior: Covariance,
  { x, off, slopes }: Linearised,
  gate = GATE,
): { mean: number[]; covariance: number[][] } {
  let mean = x.map(() => 0);
  let covariance = prior.map((row) => [...row]);
  off.forEach((offHere, index) => {
    const slope = slopes[index]!;
    const innovation = offHere + slope.reduce((sum, each, at) => sum + each * (mean[at]! - x[at]!), 0);
    const moved = covariance.map((row) => row.reduce((sum, each, at) => sum + each * slope[at]!, 0));
    const expected = slope.reduce((sum, each, at) => sum + each * moved[at]!, 0);
    if (expected <= 0) return;
    const noise = Math.max(1, (innovation / gate) ** 2 - expected);
    const gain = moved.map((each) => each / (expected + noise));
    mean = mean.map((each, at) => each - gain[at]! * innovation);
    covariance = covariance.map((row, at) => row.map((each, other) => each - gain[at]! * moved[other]!));
  });
  return { mean, covariance };
}

const USED: ReadonlyArray<Sighting['is']> = ['boils', 'notYet', 'probe', 'ruler'];
/** Simulated from the start so many times, beside the first and those that tell what hangs on what. */
const PASSES = 2;

/** Any fire may be weaker than it was measured: a cartridge that runs cold, a draught. Kitchen estimate, 0.2-0.5. */
const WEAK_FIRE_SD = 0.35;
const withWeakFire = (covariance: Covariance): Covariance => {
  const useful = FIGURES.indexOf('useful');
  return covariance.map((row, at) =>
    row.map((each, other) => (at === useful && other === useful ? each + WEAK_FIRE_SD ** 2 : each)),
  );
};

/** A straight line tells nothing of what lies further out than this, as a logarithm. */
const FURTHEST = 0.7;

/** A belief and how far each sighting is from it, in its standard deviations. */
interface Held {
  x: readonly number[];
  off: readonly number[];
}

/**
 * Of two beliefs the one with the weaker fire, where that is what was seen: between them, as far towards it as the sighting
 * that is furthest from the other says.
 */
function cooler(now: Held, believed: readonly number[], offAt: (x: readonly number[]) => readonly number[]) {
  const useful = FIGURES.indexOf('useful');
  const weakerBy = now.x[useful]! - believed[useful]!;
  if (weakerBy <= 0) return now.x;
  const towards = (share: number) => now.x.map((each, at) => each + share * (believed[at]! - each));
  const most = Math.min(1, FURTHEST / weakerBy);
  const off = offAt(towards(most));
  const furthest = now.off.reduce((best, each, at) => (Math.abs(each) > Math.abs(now.off[best]!) ? at : best), 0);
  const [here, there] = [now.off[furthest]!, off[furthest]!];
  return towards(here * there < 0 ? (most * here) / (here - there) : most);
}

/**
 * The figures of a kitchen whose fire is as weak as one in ten, the others as they then most probably are; and that loses as
 * much, by its wall and as steam, as one in forty: no boil under a lid tells whether the pot holds it without.
 */
const coolEnd = (x: readonly number[], covariance: Covariance): number[] => {
  const useful = FIGURES.indexOf('useful');
  const sd = FIGURES.map((_, at) => Math.sqrt(covariance[at]![at]!));
  return x.map((each, at) => {
    const loses = FIGURES[at] === 'loss' || FIGURES[at] === 'steam' ? ONE_IN_FORTY * sd[at]! : 0;
    return each + loses - (sd[useful]! > 0 ? (ONE_IN_TEN * covariance[at]![useful]!) / sd[useful]! : 0);
  });
};

/**
 * The pot as it most probably is now, after what was done and what was seen of it, with what that says of the kitchen:
 * the figures are found by Gauss and Newton over the simulation, the sightings taken in one after another (Kalman), each
 * with its noise. Nothing seen, nothing claimed: the spread is then that of what is usual. Used are boils, their absence, a
 * probe and a ruler; a sign at a piece and a taste tell nothing of the fire. It costs twelve simulations, or one more where a fire seems weaker than it was.
 * @param start the pot before all of it
 * @param acts what was done, on the pot's clock in s
 * @param seen what was seen of it, in any order
 * @param kitchen as is usual, with what the cook names besides the catalogue
 * @param belief what is known of it before
 * @param nowS the pot's clock
 * @throws RangeError as `simulate` does
 */
export function estimate(
  start: PotState,
  acts: readonly TimedAct[],
  seen: readonly Seen[],
  nowS: number,
  belief: Belief = priorOf(start.heatSource),
  kitchen: Kitchen = USUAL_KITCHEN,
): Estimate {
  const ordered = inOrder(acts);
  const used = seen.filter((one) => USED.includes(one.saw.is) && one.atS <= nowS).sort((a, b) => a.atS - b.atS);
  const told = used.filter((one) => !isSaidByBoil(one, used, ordered));
  const since = told.map(({ atS }) => disturbedS(ordered, atS - 1, start.atS));
  const run = (x: readonly number[]) => {
    const now = shares(belief, x);
    const own = kitchenAt(kitchen, now);
    const course = simulate(start, actsAt(ordered, now), nowS, { kitchen: own });
    const off = told.map((one, index) => offBy(one, course, since[index]!));
    return { state: course.state, kitchen: own, off };
  };
  let x = FIGURES.map(() => 0);
  let { covariance } = belief;
  let centre = run(x);
  let larger: Array<PotInKitchen & { by: number; off: readonly number[] }> = [];
  let believed = x;
  for (let pass = 0; pass < (told.length > 0 ? PASSES : 1); pass += 1) {
    if (pass > 0) centre = run(x);
    const from = x;
    larger = FIGURES.map((_, at) => ({
      ...run(from.map((each, other) => (other === at ? each + STEP : each))),
      by: STEP,
    }));
    const slopes = told.map((_, index) => larger.map((one) => (one.off[index]! - centre.off[index]!) / STEP));
    const found = takenIn(belief.covariance, { x, off: centre.off, slopes });
    // Where it may be that the pot is cooler than it is thought to be, an odd tap is not doubted.
    believed = takenIn(withWeakFire(belief.covariance), { x, off: centre.off, slopes }, Infinity).mean;
    x = found.mean;
    ({ covariance } = found);
  }
  const now = told.length > 0 ? run(x) : centre;
  const bare = ({ state, kitchen: own }: PotInKitchen): PotInKitchen => ({ state, kitchen: own });
  const spread = { centre: bare(centre), larger: larger.map((one) => ({ ...bare(one), by: one.by })) };
  return {
    ...bare(now),
    cool: bare(
      run(
        coolEnd(
          cooler({ x, off: now.off }, believed, (at) => run(at).off),
          covariance,
        ),
      ),
    ),
    belief: { figures: shares(belief, x), covariance },
    spread: { ...spread, tempC: sdOf(spread, covariance, ({ state }) => state.tempC) },
  };
}

/** Standard deviation of whatever hangs on the pot and its kitchen, by how it changes with each figure. */
function sdOf(
  { centre, larger }: Pick<Estimate['spread'], 'centre' | 'larger'>,
  covariance: Covariance,
  of: (pot: PotInKitchen) => number,
): number {
  const here = of(centre);
  const slopes = larger.map((one) => (of(one) - here) / one.by);
  const variance = slopes.reduce(
    (sum, a, row) => sum + slopes.reduce((inner, b, column) => inner + a * b * covariance[row]![column]!, 0),
    0,
  );
  return Math.sqrt(Math.max(0, variance));
}

export interface Forecast {
  atS: number;
  /** Standard deviation, in s, with what the model itself is off by. */
  sdS: number;
}

/**
 * When the pot boils next, with what is done from now on.
 * @param acts from now on
 * @param untilS no further ahead than this
 * @returns none where it does not boil by then; now where it boils already
 */
export function boilsNext(found: Estimate, acts: readonly TimedAct[], untilS: number): Forecast | undefined {
  const nowS = found.state.atS;
  const boilS = ({ state, kitchen }: PotInKitchen): number => {
    const { boils } = simulate(state, acts, untilS, { kitchen, isOver: (pot) => pot.boils });
    return Math.max(nowS, boils.find(({ toS }) => toS === undefined)?.fromS ?? untilS);
  };
  const atS = boilS(found);
  if (atS >= untilS) return undefined;
  const sdS = sdOf(found.spread, found.belief.covariance, boilS);
  return { atS, sdS: Math.hypot(sdS, MODEL_OFF * Math.max(0, atS - nowS)) };
}
