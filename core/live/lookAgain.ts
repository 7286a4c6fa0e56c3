import type { Action, KitchenFound, PotPlan } from '@elixa/contract';
import type { Pan } from '../diners/table';
import type { RehearsedPot } from '../planEvening/rehearsed';
import type { Catalogue } from '../catalogue/catalogue';
import { reckonedOf } from '../pot/food';
import { inOrder, simulate } from '../pot/simulate';
import type { PieceState, TimedAct } from '../pot/state';
import type { Steps } from '../steps/steps';
import { asPiece, extrasIn, outOfPots } from './beside';
import { doneAtS, doneLines } from './doneLines';
import { boilsNext, FIGURES, type Belief, type Estimate, type Forecast, type PotInKitchen } from './estimate';
import { MODEL_OFF } from './offBy';
import type { LiveState } from './foldLive';
import { planFromInSteps, type PlannedAgain } from './planFrom';
import type { PotNow } from './planSoFar';
import { potsNow, type Beliefs } from './potsNow';
import { restOf } from './restOf';

/** How something in the pot goes on, if it stays in. Seconds are on the pot's clock. */
export interface PieceForecast {
  id: string;
  /** From when on it is as it should be, and cooked through for certain; none where that is not soon. */
  readyAtS?: number;
  /** From when on it is cooked through for certain, where that is asked of it. */
  safeAtS?: number;
  overAtS?: number;
  /** Between these it comes to be as it should: as the pot most probably is, and as cool as one in ten. */
  between?: { fromS: number; toS: number };
}

/** The pots as they are at a moment, and what follows from that. */
export interface Look {
  atS: number;
  /** So far ahead it was looked: what is not ready by then is not. */
  untilS: number;
  pieces: PieceForecast[];
  /** The next boil of each pot, by its line in the plan, where one is waited for. */
  boils: Array<{ lineId: string } & Forecast>;
  /** When the pot simmers again that was disturbed, where no line of the plan waits for that. */
  simmersAgain?: Forecast;
  /** The liquid of the pot now, in °C, and its standard deviation. */
  liquid?: { tempC: number; sdC: number };
  /** The kitchen as it is found to be, at each pot of which something was seen. */
  kitchens: KitchenFound[];
  /** What is left, planned again, where the plan as it is told does not hold. */
  again?: PlannedAgain;
  /** Where the pot boils and nothing is to be done for a while: the same as soon as can be, and by how much sooner, in s. */
  sooner?: { plan: PlannedAgain; byS: number };
}

/** So far ahead it is looked how what lies in the pot goes on, in s. */
const AHEAD_S = 30 * 60;
/** A pot that boils and waits for so long is worth asking whether people would rather eat, and by so much sooner, in s. */
const WAITS_S = 90;
const SOONER_S = 60;
/** Two changes are never told within this, in s. */
export const QUIET_S = 60;

/** With these the pot is no longer cooked for its round. */
const ENDS: ReadonlyArray<Action['kind']> = ['serve', 'rest', 'off'];

/** What is done at a pot from now on until a round of it is ready. */
function untilReady(state: LiveState, plan: PotPlan, pan: Pan, nowS: number): TimedAct[] {
  const rest = restOf(state, nowS).filter((one) => one.potId === pan);
  const ending = new Set(plan.simmer.actions.filter(({ kind }) => ENDS.includes(kind)).map(({ id }) => id));
  const end = rest.findIndex(({ actionId }) => ending.has(actionId));
  return inOrder(end === -1 ? rest : rest.slice(0, end));
}

/** How what lies in a pot comes out, by the id of each. */
function goesOn({ state, kitchen }: PotInKitchen, acts: readonly TimedAct[]): Map<string, PieceState> {
  const mine = state.pieces.filter((one) => one.outAtS === undefined).map((one) => one.pieceId);
  const course = simulate(state, acts, state.atS + AHEAD_S, {
    kitchen,
    isOver: ({ lying }) => lying.every(({ piece, overAtS }) => overAtS !== undefined || !mine.includes(piece.pieceId)),
  });
  return new Map(course.state.pieces.filter((one) => mine.includes(one.pieceId)).map((one) => [one.pieceId, one]));
}

/**
 * When a piece is cooked through for certain: in a pot as cool as one in ten, and later by what the model itself is off by.
 * @param sinceS when its cooking, or the pot, was last disturbed
 */
function throughAtS({ safeAtS }: PieceState, sinceS: number): number | undefined {
  if (safeAtS === undefined || safeAtS <= sinceS) return safeAtS;
  return safeAtS + MODEL_OFF * (safeAtS - sinceS);
}

/** @param isWaited its boil is waited for: until it is seen, nothing that lies in it is taken to be cooked through */
function forecasts(
  catalogue: Catalogue,
  found: Estimate,
  acts: readonly TimedAct[],
  isWaited: boolean,
): PieceForecast[] {
  const cool = goesOn(found.cool, acts);
  return [...goesOn(found, acts)].map(([id, piece]): PieceForecast => {
    const { readyAtS, overAtS, inAtS } = piece;
    const own = cool.get(id);
    // What may be eaten as it is has nothing to be cooked through for.
    const isAsked = reckonedOf(catalogue, piece).wanted.safe !== undefined;
    const throughS = isAsked && own && !isWaited ? throughAtS(own, inAtS) : undefined;
    return {
      id,
      ...(readyAtS === undefined || (isAsked && throughS === undefined)
        ? {}
        : { readyAtS: Math.max(readyAtS, throughS ?? 0) }),
      ...(throughS === undefined ? {} : { safeAtS: throughS }),
      ...(overAtS === undefined ? {} : { overAtS }),
      ...(readyAtS === undefined || own?.readyAtS === undefined || (isAsked && throughS === undefined)
        ? {}
        : { between: { fromS: readyAtS, toS: Math.max(readyAtS, own.readyAtS, throughS ?? 0) } }),
    };
  });
}

/** What an evening found of a kitchen; nothing where its figures are as usual, since nothing was seen. */
function kitchenFound(potId: Pan, { figures, covariance }: Belief): KitchenFound[] {
  const isUsual = FIGURES.every((name) => figures[name] === 1);
  return isUsual ? [] : [{ potId, figures: { ...figures }, covariance: covariance.map((row) => [...row]) }];
}

/** Whether the filling whose boil a line waits for is on the fire. */
function hasBegun({ simmer }: PotPlan, boil: Action, done: ReadonlyMap<string, number>): boolean {
  const { actions, platedRounds } = simmer;
  return actions.some(({ id, pan, kind, empties, round }) => {
    const begins = kind === 'light' ? platedRounds : empties ? round : undefined;
    return pan === boil.pan && begins === boil.round && done.has(id);
  });
}

/** Whether the pot boils, and what is to go in next waits all the same. */
function idlesAt({ simmer }: PotPlan, done: ReadonlyMap<string, number>, nowS: number): boolean {
  const open = simmer.actions.filter(({ id, pan }) => pan === 'main' && !done.has(id));
  const next = open[0];
  if (next?.kind !== 'add' || next.atS < nowS + WAITS_S) return false;
  const before = simmer.actions.findLast(({ id, pan }) => pan === 'main' && done.has(id));
  return before?.kind === 'boil';
}

/** What is left, as soon as can be, where that is worth asking. */
function* soonerThan(now: PotNow): Steps<Look['sooner']> {
  const plan = yield* planFromInSteps({ ...now, soonest: true });
  if (!plan || plan.raw.length > 0) return undefined;
  const readyS = (simmer: PlannedAgain['simmer']) => {
    const next = simmer.actions.find(({ kind, id }) => (kind === 'serve' || kind === 'off') && !now.done.has(id));
    return next?.atS ?? Infinity;
  };
  const byS = readyS(now.told.simmer) - readyS(plan.simmer);
  return byS >= SOONER_S ? { plan, byS } : undefined;
}

/**
 * Looks at the pots of an evening as they are by what was done and seen, and plans what is left again.
 * @param pot the evening that is cooked, planned and gone through before
 * @param atS the pot's clock in s; what was tapped is never in the future
 * @returns nothing while nothing is cooked
 */
export function* lookAgain(
  state: LiveState,
  pot: RehearsedPot,
  atS: number,
  beliefs?: Beliefs,
): Steps<Look | undefined> {
  const { started, taps, notYet } = state;
  if (!started) return undefined;
  const nowS = Math.max(atS, ...[...taps, ...notYet].map((one) => one.atS));
  const { plan, sinceS } = started;
  const found = potsNow(state, pot, nowS, beliefs);
  yield;
  const done = doneAtS(doneLines(state));
  const pieces: PieceForecast[] = [];
  const boils: Look['boils'] = [];
  let simmersAgain: Forecast | undefined;
  for (const [pan, one] of found) {
    const acts = untilReady(state, plan, pan, nowS);
    const line = plan.simmer.actions.find(({ kind, pan: at, id }) => kind === 'boil' && at === pan && !done.has(id));
    const isPoured = one.state.liquid.waterG > 0;
    pieces.push(...forecasts(pot.menu.catalogue, one, acts, line !== undefined && hasBegun(plan, line, done)));
    // What is done after the boil waits for it.
    const isStill = pan === 'main' && !line && one.state.boilingS === 0 && one.state.power > 0;
    const next =
      (line || isStill) && isPoured
        ? boilsNext(
            one,
            acts.filter(({ atS }) => atS <= nowS),
            nowS + AHEAD_S,
          )
        : undefined;
    if (line && next) boils.push({ lineId: line.id, ...next });
    else if (next) simmersAgain = next;
    yield;
  }
  const throughAtS = new Map(
    pieces.flatMap(({ id, safeAtS }) => (safeAtS === undefined ? [] : [[id, safeAtS] as const])),
  );
  const out = outOfPots(state);
  const extras = extrasIn(state)
    .filter(({ food }) => !out.has(food.pieceId))
    .map((one) => asPiece(pot.menu.catalogue, one));
  const now: PotNow = { pot, pots: found, told: plan, done, nowS, throughAtS, extras };
  const again = yield* planFromInSteps(now);
  const isQuiet = started.earlier.length > 0 && nowS < sinceS + QUIET_S;
  const main = found.get('main');
  const sooner = again || !idlesAt(plan, done, nowS) ? undefined : yield* soonerThan(now);
  return {
    atS: nowS,
    untilS: nowS + AHEAD_S,
    pieces,
    boils,
    kitchens: [...found].flatMap(([potId, { belief }]) => kitchenFound(potId, belief)),
    ...(simmersAgain ? { simmersAgain } : {}),
    ...(main ? { liquid: { tempC: main.state.tempC, sdC: main.spread.tempC } } : {}),
    ...(again && !isQuiet ? { again } : {}),
    ...(sooner && !isQuiet ? { sooner } : {}),
  };
}
