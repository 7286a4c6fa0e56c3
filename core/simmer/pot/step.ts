import { mouthAreaMm2 } from '@elixa/contract';
import { cookedFor, isSafe } from '../../doneness/wanted';
import { boilingPointC, boilingRaisedK } from '../../heat/boilingPoint';
import { POT_CP, STEAM_J_PER_KG, steamLeaves, usefulPowerW, WATER_CP } from '../../heat/burner';
import { fatCover, type Losses } from './losses';
import {
  answerOf,
  centreOf,
  FIRST_STAGE,
  firstStart,
  heatJPerKg,
  inBath,
  meanOf,
  secondStart,
  STAGE_SHARE,
  stageIn,
  surfaceM2PerKg,
  surfaceOf,
  type Answer,
  type Body,
  type Profile,
  type StageStart,
} from '../../heat/conduction';
import { cautiousFilm, FILM } from '../../heat/foodBody';
import { fatGivenG, knownNow, isOver, isReady, shareAt, type Known } from './food';
import { massOf, NOTHING, plus, type Contents, type PieceState, type PotState } from './state';

/** It boils from so near to the boiling point on, in K. */
const BOILS_WITHIN_K = 0.05;
/** A boil rolls from this surplus on, in W for a square metre of surface. Kitchen estimate. */
const ROLLS_W_PER_M2 = 10_000;

export const boilingOf = ({ altitudeM, liquid }: PotState) => boilingPointC(altitudeM) + boilingRaisedK(liquid);

/** J/K of liquid and vessel together. */
export const heatCapacity = ({ vessel, liquid, fatG }: PotState) =>
  ((massOf(liquid) + fatG / 2) / 1000) * WATER_CP + (vessel.emptyMassG / 1000) * POT_CP[vessel.material];

/** Steam that rises between pieces, on what stands out of the liquid, W/(m²·K), from so many K below the boil. Kitchen estimates, 100-400. */
const STEAM_FILM = 200;
const STEAMS_WITHIN_K = 10;
/** Films are told apart by so much, so that few matrices are worked out. */
const FILM_STEP = 50;

/** Surface coefficient of the broth: it stands, simmers or rolls. */
function filmOf(pot: PotState, boilingC: number): number {
  const { wetShare = 1, tempC } = pot;
  if (wetShare === 1) return bathFilm(pot, boilingC);
  // Steam rises from what boils, and little from what does not.
  const steams = Math.min(1, Math.max(0, (tempC - boilingC + STEAMS_WITHIN_K) / STEAMS_WITHIN_K));
  const film = wetShare * bathFilm(pot, boilingC) + (1 - wetShare) * steams * STEAM_FILM;
  return Math.round(film / FILM_STEP) * FILM_STEP;
}

function bathFilm({ tempC, vessel, heatSource, power }: PotState, boilingC: number): number {
  if (tempC < boilingC - 6) return FILM.hot;
  const near = Math.min(1, (tempC - boilingC + 6) / 6);
  const areaM2 = mouthAreaMm2(vessel) / 1e6;
  const rolls = Math.min(1, (usefulPowerW(heatSource) * power) / areaM2 / (3 * ROLLS_W_PER_M2));
  const film = FILM.hot + near * (FILM.simmer + rolls * (FILM.rolling - FILM.simmer) - FILM.hot);
  return Math.round(film / FILM_STEP) * FILM_STEP;
}

/** Passes in which the temperature of the bath and what is drawn from it are made to agree. */
const PASSES = 4;
const AGREED_K = 1e-4;

export type KnownFood = (piece: PieceState) => Known;

interface InPot {
  piece: PieceState;
  known: Known;
  kg: number;
}

/** Watts that a degree more in the bath draws, and that are drawn in a bath of 0 °C. */
function drawn(inPot: InPot, { p, q }: Answer, h: number): { perK: number; atZero: number } {
  const { mean } = inPot.known;
  const w = inPot.kg * surfaceM2PerKg(mean) * (mean.faster ?? 1) * h;
  const last = p.length - 1;
  return { perK: w * (1 - q[last]!), atZero: -w * p[last]! };
}

interface Stage {
  tempC: number;
  profiles: Profile[];
  lossW: number;
  steamW: number;
  /** What the burner gives beyond all that is drawn, where it boils. */
  surplusW: number;
}

/** The end of a stage: the bath, the food in it and what is lost, all at once. */
function stageEnd(given: {
  pots: InPot[];
  starts: StageStart[];
  guesses: Profile[];
  fromC: number;
  startC: number;
  stepS: number;
  h: number;
  capacity: number;
  powerW: number;
  ceilingC: number;
  losses: Losses;
  fat: number;
}): Stage {
  const { pots, starts, guesses, fromC, startC, stepS, h, capacity, powerW, ceilingC, losses, fat } = given;
  const s = STAGE_SHARE * stepS;
  let tempC = startC;
  let profiles = guesses;
  let net = 0;
  let loss = losses.at(tempC, fat);
  const isFrozen = pots.some(({ known }) => known.mean.freezing);
  let answers = pots.map(({ known }, i) => answerOf(known.mean, starts[i]!, stepS, h, guesses[i]!));
  for (let pass = 0; pass < PASSES; pass += 1) {
    if (isFrozen && pass > 0) {
      answers = pots.map(({ known }, i) =>
        known.mean.freezing ? answerOf(known.mean, starts[i]!, stepS, h, profiles[i]!) : answers[i]!,
      );
    }
    let perK = 0;
    let atZero = 0;
    pots.forEach((one, i) => {
      const draws = drawn(one, answers[i]!, h);
      perK += draws.perK;
      atZero += draws.atZero;
    });
    // C (T − from) = s (P − loss(T) − atZero − perK·T), the loss straightened about T.
    const lossAtZero = loss.dryW + loss.steamW - loss.slopeW * tempC;
    const free = (capacity * fromC + s * (powerW - lossAtZero - atZero)) / (capacity + s * (perK + loss.slopeW));
    const next = Math.min(ceilingC, free);
    const moved = Math.abs(next - tempC);
    tempC = next;
    if (isFrozen) profiles = answers.map((answer) => inBath(answer, next));
    loss = losses.at(tempC, fat);
    net = powerW - loss.dryW - loss.steamW - atZero - perK * tempC;
    if (moved < AGREED_K && !(isFrozen && pass === 0)) break;
  }
  profiles = pots.map(({ known }, i) =>
    known.mean.freezing ? stageIn(known.mean, starts[i]!, stepS, h, tempC, profiles[i]!) : inBath(answers[i]!, tempC),
  );
  const heldBack = s > 0 ? (capacity * (tempC - fromC)) / s : 0;
  const surplusW = tempC >= ceilingC - 1e-9 ? Math.max(0, net - heldBack) : 0;
  return { tempC, profiles, lossW: loss.dryW, steamW: loss.steamW, surplusW };
}

/** Weights with which a step adds up what flows at its beginning, at its first stage's end and at its end. */
const AT_BEGIN = Math.SQRT2 / 4;
const AT_END = STAGE_SHARE;
const summed = (a: number, b: number, c: number) => AT_BEGIN * (a + b) + AT_END * c;

function largestAfter(
  body: Body,
  profile: Profile,
  stepS: number,
  h: number,
  bath: readonly [number, number, number],
): Profile {
  const film = cautiousFilm(h);
  const first = stageIn(body, firstStart(body, profile, stepS, film, bath[0]), stepS, film, bath[1], profile);
  return stageIn(body, secondStart(body, profile, first), stepS, film, bath[2], first);
}

/** A piece after a step, and what it gave to the liquid meanwhile. */
function pieceAfter(
  inPot: InPot,
  after: Profile,
  largest: Profile,
  atS: number,
  stepS: number,
): { piece: PieceState; waterG: number; gives?: Contents } {
  const { piece, known } = inPot;
  const { what, wanted } = known;
  const between = (a: Profile, b: Profile) => (centreOf(a) + centreOf(b)) / 2;
  const cooked = cookedFor(wanted, piece.cooked, between(piece.mean, after), between(piece.largest, largest), stepS);
  const hottestC = Math.max(cooked.hottestC, centreOf(largest));
  const isPlant = wanted.measure.is === 'cookValue';
  // An animal food gives its juice as its flesh sets, from 45 to 75 °C all through.
  const warm = Math.min(1, Math.max(0, (meanOf(known.mean, after) - 45) / 30));
  const progress = Math.max(piece.progress, isPlant ? cooked.hadMin / Math.max(wanted.bestMin, 1e-3) : warm);
  const share = isPlant ? shareAt(progress) : progress;
  const gaveWaterG = what.releasedShare * piece.massG * share;
  const drankG = (what.drinksMlPerG ?? 0) * piece.massG * share;
  const gaveFatG = isPlant ? 0 : fatGivenG(what, piece.massG, Math.min(1, progress));
  const before = isPlant ? shareAt(piece.progress) : piece.progress;
  const next: PieceState = {
    ...piece,
    mean: after,
    largest,
    cooked: { ...cooked, hottestC },
    progress,
    gaveWaterG,
    drankG,
    gaveFatG,
  };
  if (next.safeAtS === undefined && isSafe(wanted, next.cooked)) next.safeAtS = atS;
  if (next.readyAtS === undefined && isReady(next, wanted)) next.readyAtS = atS;
  if (next.overAtS === undefined && isOver(next, wanted)) next.overAtS = atS;
  const waterG = gaveWaterG - piece.gaveWaterG;
  if (!piece.gives) return { piece: next, waterG };
  return { piece: next, waterG, gives: plus(NOTHING, piece.gives, Math.min(1, share) - Math.min(1, before)) };
}

/** What pieces drink of the liquid as it is, water and all. */
function drunk(liquid: Contents, wantedG: number): Contents {
  const massG = massOf(liquid);
  const share = massG > 0 ? Math.min(1, wantedG / massG) : 0;
  return plus(NOTHING, liquid, share);
}

/** Alcohol leaves with the steam, so much richer than the liquid as it lies below. Kitchen estimate for weak broths, 6-10. */
const ALCOHOL_IN_STEAM = 8;

/** A pot one step later, nothing being done to it. */
export function stepPot(pot: PotState, stepS: number, losses: Losses, known: KnownFood): PotState {
  const boilingC = boilingOf(pot);
  const h = filmOf(pot, boilingC);
  const capacity = heatCapacity(pot);
  const lying = pot.pieces.filter((one) => one.outAtS === undefined);
  const pots = lying.map((piece): InPot => ({ piece, known: knownNow(known(piece), piece), kg: piece.massG / 1000 }));
  const startC = Math.min(pot.tempC, boilingC);
  const isHeld = pot.holdC !== undefined;
  // Nothing gets hotter than the boil, nor than the fire is tended to; what is hotter than that is left to cool.
  const ceilingC = Math.min(boilingC, Math.max(pot.holdC ?? Infinity, pot.roomTempC));
  const isTooHot = startC > ceilingC + 1e-6;
  const powerW = isTooHot ? 0 : usefulPowerW(pot.heatSource) * pot.power;

  const fat = fatCover(pot);
  const loss = losses.at(startC, fat);
  const drawnNowW = pots.reduce(
    (sum, { piece, known, kg }) =>
      sum + kg * surfaceM2PerKg(known.mean) * (known.mean.faster ?? 1) * h * (startC - surfaceOf(piece.mean)),
    0,
  );
  const netW = powerW - loss.dryW - loss.steamW - drawnNowW;
  const boilsNow = startC >= ceilingC - 1e-9 && netW > 0;
  const fromC = startC + (boilsNow ? 0 : (STAGE_SHARE * stepS * netW) / capacity);

  const base = { pots, stepS, h, capacity, powerW, ceilingC: Math.max(ceilingC, startC), losses, fat };
  const firstStarts = pots.map(({ piece, known }) => firstStart(known.mean, piece.mean, stepS, h, startC));
  const first = stageEnd({ ...base, starts: firstStarts, guesses: lying.map((one) => one.mean), fromC, startC });
  const secondStarts = pots.map(({ piece, known }, i) => secondStart(known.mean, piece.mean, first.profiles[i]!));
  const a = 1 / (FIRST_STAGE * (2 - FIRST_STAGE));
  const secondFromC = Math.min(base.ceilingC, a * first.tempC - (a - 1) * startC);
  const end = stageEnd({
    ...base,
    starts: secondStarts,
    guesses: first.profiles,
    fromC: secondFromC,
    startC: first.tempC,
  });

  const atS = pot.atS + stepS;
  const bath = [startC, first.tempC, end.tempC] as const;
  const afters = pots.map((one, i) =>
    pieceAfter(
      one,
      end.profiles[i]!,
      // Where nobody has to fear the largest piece, it is not followed.
      one.known.wanted.safe ? largestAfter(one.known.largest, one.piece.largest, stepS, h, bath) : end.profiles[i]!,
      atS,
      stepS,
    ),
  );
  const foodJ = pots.reduce(
    (sum, { piece, known, kg }, i) =>
      sum + kg * (heatJPerKg(known.mean, end.profiles[i]!) - heatJPerKg(known.mean, piece.mean)),
    0,
  );
  const lostJ = stepS * summed(loss.dryW, first.lossW, end.lossW);
  const belowJ = stepS * summed(loss.steamW, first.steamW, end.steamW);
  // What is over when it boils goes into steam; all that does not warm the pot or the food, or is lost, is over.
  const warmedJ = capacity * (end.tempC - pot.tempC);
  const overJ =
    boilsNow || first.surplusW > 0 || end.surplusW > 0
      ? Math.max(0, powerW * stepS - lostJ - belowJ - foodJ - warmedJ)
      : 0;
  // What a tended fire would give too much it is turned down by.
  const savedJ = isHeld ? overJ : 0;
  const awayJ = overJ - savedJ;
  const leaves = steamLeaves(pot.lid, pot.vessel);
  // Below the boil the lid's share is in the curve already.
  const steamG = Math.min(pot.liquid.waterG, (1000 * (belowJ + awayJ * leaves)) / STEAM_J_PER_KG);
  const alcoholShare = massOf(pot.liquid) > 0 ? pot.liquid.alcoholG / massOf(pot.liquid) : 0;
  const alcoholG = Math.min(pot.liquid.alcoholG, steamG * alcoholShare * ALCOHOL_IN_STEAM);
  const waterG = afters.reduce((sum, one) => sum + one.waterG, 0);
  const given = afters.reduce((sum, { gives }) => (gives ? plus(sum, gives) : sum), { ...NOTHING, waterG });
  const drankG = afters.reduce((sum, { piece }, i) => sum + piece.drankG - lying[i]!.drankG, 0);
  const gone = drunk(pot.liquid, drankG);
  const liquid = plus(plus(plus(pot.liquid, given), gone, -1), { waterG: steamG - alcoholG, alcoholG }, -1);
  const fatG = pot.fatG + afters.reduce((sum, { piece }, i) => sum + piece.gaveFatG - lying[i]!.gaveFatG, 0);
  const byId = new Map(afters.map(({ piece }) => [piece.id, piece]));
  const next: PotState = {
    ...pot,
    atS,
    tempC: end.tempC,
    liquid,
    fatG,
    pieces: pot.pieces.map((one) => (one.outAtS === undefined ? byId.get(one.id)! : one)),
    steamG: pot.steamG + steamG,
    drunk: plus(pot.drunk, gone),
    steamAlcoholG: pot.steamAlcoholG + alcoholG,
    heat: {
      burnerJ: pot.heat.burnerJ + powerW * stepS - savedJ,
      lostJ: pot.heat.lostJ + lostJ + awayJ * (1 - leaves),
      steamJ: pot.heat.steamJ + belowJ + awayJ * leaves,
      foodJ: pot.heat.foodJ + foodJ,
      movedJ:
        pot.heat.movedJ +
        ((massOf(given) - massOf(gone) - steamG + (fatG - pot.fatG) / 2) / 1000) * WATER_CP * end.tempC,
    },
    boilingS: 0,
  };
  const boils = end.tempC >= boilingOf(next) - BOILS_WITHIN_K;
  return { ...next, boilingS: boils ? pot.boilingS + stepS : 0 };
}
