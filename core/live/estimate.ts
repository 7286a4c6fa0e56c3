import type { ActOf, HeatSource } from '@elixa/contract';
import { doubtPctOf } from '../heat/waterTest';
import { inOrder, simulate } from '../pot/simulate';
import { plus, NOTHING, USUAL_KITCHEN, type Kitchen, type PotState, type TimedAct } from '../pot/state';
import { disturbedS, isSaidByBoil, MODEL_OFF, offBy, USED, type Seen } from './offBy';

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

/** What is further off than so many standard deviations of what was expected is believed no more than that. */
const GATE = 2;
/** A step of a logarithm that is small beside its doubt, and large beside what a simulation rounds. */
const STEP = 0.04;
/** One in ten, and one in forty, is further from the mean to one side than so many standard deviations. */
const ONE_IN_TEN = 1.2816;
const ONE_IN_FORTY = 1.96;
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
