import { heightAtMm } from '../../arrange/vesselShape';
import { centreOf } from '../../heat/conduction';
import { FREEZES_C } from '../../heat/composition';
import { knownOf, pieceIn, type Known } from './food';
import { massOf, NOTHING, plus, salinityPctOf, type Course, type PotAction, type PotState, type Sample } from './state';
import { FAT_G_PER_ML, Losses } from './losses';
import { boilingOf, heatCapacity, stepPot, type KnownFood } from './step';

/** Steps in s; an action always falls on the end of one. */
const STEP_S = 4;
/** While ice melts in a piece its front goes from node to node, and a step is taken in so many parts; in one just in, in more. */
const THAWING_PARTS = { fresh: 4, later: 2 };
/** What has just gone in changes fast: for so long, in s, a step is taken in so many parts. */
const FRESH_S = 48;
const FRESH_PARTS = 2;
/** When nothing was done for so long, in s, all changes slowly, and a step is so many times as long. */
const CALM_AFTER_S = 150;
const CALM_TIMES = 2;
/** A sample for each of these, in s. */
const SAMPLE_S = 10;
const thaws = ({ pieces }: PotState) =>
  pieces.some(
    (one) => one.frozen && one.outAtS === undefined && Math.min(centreOf(one.mean), centreOf(one.largest)) < FREEZES_C,
  );

/** Looks every food of a course up once. */
function knowing(): KnownFood {
  const byId = new Map<string, Known>();
  return (piece) => {
    const there = byId.get(piece.id) ?? knownOf(piece);
    byId.set(piece.id, there);
    return there;
  };
}

/** A pot when something has been done to it. */
function done(pot: PotState, action: PotAction): PotState {
  switch (action.kind) {
    case 'heat':
      return { ...pot, power: Math.min(1, Math.max(0, action.power)), holdC: action.holdC };
    case 'lid':
      return { ...pot, lid: action.lid, lidThen: action.untilBoil };
    case 'add':
      return { ...pot, pieces: [...pot.pieces, ...action.food.map((food) => pieceIn(food, pot.atS))] };
    case 'remove':
      return {
        ...pot,
        pieces: pot.pieces.map((one) =>
          action.ids.includes(one.id) && one.outAtS === undefined ? { ...one, outAtS: pot.atS } : one,
        ),
      };
    case 'pour': {
      const before = heatCapacity(pot);
      const liquid = plus(pot.liquid, action.liquid);
      const poured = { ...pot, liquid, fatG: pot.fatG + (action.fatG ?? 0) };
      const after = heatCapacity(poured);
      const tempC = (before * pot.tempC + (after - before) * action.tempC) / after;
      const movedJ = pot.heat.movedJ + (after - before) * action.tempC;
      return { ...poured, tempC, heat: { ...pot.heat, movedJ }, boilingS: 0 };
    }
    case 'ladle': {
      const share = Math.min(1, action.volumeMl / Math.max(massOf(pot.liquid), 1e-9));
      const out = plus(NOTHING, pot.liquid, share);
      const next = {
        ...pot,
        liquid: plus(pot.liquid, out, -1),
        ladled: plus(pot.ladled, out),
        fatG: pot.fatG * (1 - share),
        ladledFatG: pot.ladledFatG + pot.fatG * share,
      };
      const movedJ = pot.heat.movedJ - (heatCapacity(pot) - heatCapacity(next)) * pot.tempC;
      return { ...next, heat: { ...pot.heat, movedJ } };
    }
  }
}

/** Liquid and food together, in ml. */
export function levelMlOf(pot: PotState): number {
  const foodMl = pot.pieces
    .filter((one) => one.outAtS === undefined)
    .reduce((sum, one) => {
      const { what } = knownOf(one);
      // As it lies, with what is between its pieces; what it gives it loses in size, and what it drinks it gains.
      return sum + one.massG / what.settledDensityGPerMl - one.gaveWaterG - one.gaveFatG / FAT_G_PER_ML + one.drankG;
    }, 0);
  return massOf(pot.liquid) + pot.fatG / FAT_G_PER_ML + foodMl;
}

function sampleOf(pot: PotState): Sample {
  const levelMl = levelMlOf(pot);
  const boilingC = boilingOf(pot);
  return {
    atS: pot.atS,
    tempC: pot.tempC,
    boilingC,
    boils: pot.boilingS > 0,
    levelMl,
    liquidMl: massOf(pot.liquid),
    depthMm: heightAtMm(pot.vessel, levelMl),
    salinityPct: salinityPctOf(pot.liquid),
    fatG: pot.fatG,
    pieces: pot.pieces
      .filter((one) => one.outAtS === undefined)
      .map((one) => ({
        id: one.id,
        centreC: centreOf(one.mean),
        largestC: centreOf(one.largest),
        hadMin: one.cooked.hadMin,
        isSafe: one.safeAtS !== undefined,
      })),
  };
}

/**
 * The course of a pot under a program of actions: temperature of the liquid, the middle of every piece, how done and how
 * safe each is, level and strength. Liquid and vessel are one lump: (m cp)·dT/dt = ηP − losses − Σ hA(T − Tₛ); at the boil T
 * stands and what is over goes into steam. Pieces are conducted into by TR-BDF2 with the bath of the same step; steps of
 * 4 s, shorter before an action and twice as long when nothing was done for a while.
 * @param pot where it begins; a state that another course ended with goes on from there
 * @param program what is done, at seconds of the same clock, in any order
 * @param untilS when it ends
 * @returns the state then, a sample for each ten seconds, and when it boiled
 * @throws RangeError when nobody knows what goes in, or the end lies before the beginning
 * @example simulate(pot, [{ atS: 0, kind: 'heat', power: 1 }], 600).state.tempC
 */
export function simulate(pot: PotState, program: readonly PotAction[], untilS: number, stepS = STEP_S): Course {
  if (!(untilS >= pot.atS)) throw new RangeError(`untilS must not lie before the beginning at ${pot.atS} s`);
  const due = [...program].sort((a, b) => a.atS - b.atS).filter((one) => one.atS >= pot.atS && one.atS <= untilS);
  const samples: Sample[] = [];
  const boils: Array<{ fromS: number; toS?: number }> = pot.boilingS > 0 ? [{ fromS: pot.atS - pot.boilingS }] : [];
  let now = pot;
  let losses = new Losses(now);
  const known = knowing();
  let next = 0;
  let actedAtS = now.atS;
  const act = () => {
    let acted = false;
    while (next < due.length && due[next]!.atS <= now.atS + 1e-9) {
      now = done(now, due[next]!);
      next += 1;
      acted = true;
    }
    if (acted) {
      losses = new Losses(now);
      actedAtS = now.atS;
    }
  };
  const noted = () => {
    const last = boils.at(-1);
    const isOn = last !== undefined && last.toS === undefined;
    // It began within the step: in the middle of it as likely as not.
    if (now.boilingS > 0 && !isOn) boils.push({ fromS: now.atS - now.boilingS / 2 });
    if (now.boilingS === 0 && isOn) last.toS = now.atS;
  };
  act();
  noted();
  samples.push(sampleOf(now));
  let sampleAtS = now.atS + SAMPLE_S;
  while (now.atS < untilS - 1e-9) {
    const toS = Math.min(untilS, next < due.length ? due[next]!.atS : untilS);
    const isCalm = now.atS - actedAtS >= CALM_AFTER_S;
    const isFresh = now.atS - actedAtS < FRESH_S && now.pieces.length > 0;
    const parts = thaws(now)
      ? isFresh
        ? THAWING_PARTS.fresh
        : THAWING_PARTS.later
      : isFresh
        ? FRESH_PARTS
        : isCalm
          ? 1 / CALM_TIMES
          : 1;
    const wishS = stepS / parts;
    now = stepPot(now, Math.min(wishS, toS - now.atS), losses, known);
    if (now.lidThen !== undefined && now.boilingS > 0) {
      now = { ...now, lid: now.lidThen, lidThen: undefined };
      losses = new Losses(now);
    }
    act();
    noted();
    if (now.atS >= sampleAtS - 1e-9 || now.atS >= untilS - 1e-9) {
      samples.push(sampleOf(now));
      sampleAtS += SAMPLE_S;
    }
  }
  return { state: now, samples, boils };
}
