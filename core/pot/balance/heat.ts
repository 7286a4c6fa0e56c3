import { usefulPowerW } from '../../heat/burner';
import { FIRST_STAGE, STAGE_SHARE } from '../../heat/conduction';
import { cautiousFilm } from '../../heat/foodBody';
import { filmOf } from '../film';
import type { Lying } from '../lying';
import { fatCover, type Losses } from '../losses';
import { heatCapacity, type PotState } from '../state';

/** Passes in which the temperature of the bath and what is drawn from it are made to agree. */
const PASSES = 4;
const AGREED_K = 1e-4;

/** Weights with which a step adds up what flows at its beginning, at its first stage's end and at its end. TR-BDF2, Bank et al. 1985. */
const AT_BEGIN = Math.SQRT2 / 4;
const AT_END = STAGE_SHARE;
const summed = (a: number, b: number, c: number) => AT_BEGIN * (a + b) + AT_END * c;

/** The second stage goes on from so much of the first one's end, less so much of the beginning. */
const SECOND_FROM = 1 / (FIRST_STAGE * (2 - FIRST_STAGE));

/** What a step did to the heat of a pot: the bath after it in °C, and in J what was lost, left below the boil as steam, went into food, was over. */
export interface HeatStep {
  tempC: number;
  powerW: number;
  lostJ: number;
  belowJ: number;
  foodJ: number;
  /** What is over when it boils, and what of it a tended fire would be turned down by. */
  overJ: number;
  savedJ: number;
}

/** One stage: bath, losses and what the food draws are brought to agree, since each follows from the others. */
interface Stage {
  tempC: number;
  dryW: number;
  steamW: number;
  /** What the burner gives beyond all that is drawn, where it boils. */
  surplusW: number;
}

interface Given {
  lying: readonly Lying[];
  losses: Losses;
  lid: PotState['lid'];
  fat: number;
  stepS: number;
  h: number;
  capacity: number;
  powerW: number;
  ceilingC: number;
  hasIce: boolean;
}

function stage(given: Given, fromC: number, startC: number): Stage {
  const { lying, losses, lid, fat, stepS, h, capacity, powerW, ceilingC, hasIce } = given;
  const s = STAGE_SHARE * stepS;
  let tempC = startC;
  let net = 0;
  let [perK, atZero] = [0, 0];
  losses.at(tempC, lid, fat);
  for (let pass = 0; pass < PASSES; pass += 1) {
    if (pass === 0 || hasIce) {
      [perK, atZero] = [0, 0];
      for (const { mean, kg } of lying) {
        if (pass > 0 && mean.hasIce) mean.askAgain(stepS, h, tempC);
        perK += kg * mean.drawsPerK(h);
        atZero += kg * mean.drawsAtZero(h);
      }
    }
    // C (T − from) = s (P − loss(T) − atZero − perK·T), the loss straightened about T.
    const lossAtZero = losses.dryW + losses.steamW - losses.slopeW * tempC;
    const free = (capacity * fromC + s * (powerW - lossAtZero - atZero)) / (capacity + s * (perK + losses.slopeW));
    const next = Math.min(ceilingC, free);
    const moved = Math.abs(next - tempC);
    tempC = next;
    losses.at(tempC, lid, fat);
    net = powerW - losses.dryW - losses.steamW - atZero - perK * tempC;
    if (moved < AGREED_K && !(hasIce && pass === 0)) break;
  }
  const heldBackW = s > 0 ? (capacity * (tempC - fromC)) / s : 0;
  const surplusW = tempC >= ceilingC - 1e-9 ? Math.max(0, net - heldBackW) : 0;
  return { tempC, dryW: losses.dryW, steamW: losses.steamW, surplusW };
}

/**
 * Heat through a step: liquid and vessel are one lump, (m cp)·dT/dt = ηP − losses − Σ hA(T − Tₛ), and at the boil, or where
 * the fire is tended to, T stands. The pieces go with it: each is a step further when this returns.
 * @param usefulShare what this kitchen's fire brings in, of what is usual
 */
export function stepHeat(
  pot: Omit<PotState, 'pieces'>,
  lying: readonly Lying[],
  losses: Losses,
  boilingC: number,
  stepS: number,
  usefulShare: number,
): HeatStep {
  const h = filmOf(pot, boilingC);
  const capacity = heatCapacity(pot);
  const startC = Math.min(pot.tempC, boilingC);
  // Nothing gets hotter than the boil, nor than the fire is tended to; what is hotter than that is left to cool.
  const tendedC = Math.min(boilingC, Math.max(pot.holdC ?? Infinity, pot.roomTempC));
  const isTooHot = startC > tendedC + 1e-6;
  const powerW = isTooHot ? 0 : usefulPowerW(pot.heatSource) * usefulShare * pot.power;
  const ceilingC = Math.max(tendedC, startC);
  const fat = fatCover(pot);

  losses.at(startC, pot.lid, fat);
  const [dryW, steamW] = [losses.dryW, losses.steamW];
  let drawnW = 0;
  let beforeJ = 0;
  let hasIce = false;
  for (const one of lying) {
    one.thaw();
    one.wasC = one.mean.centreC;
    one.wasLargestC = one.largestC;
    drawnW += one.kg * one.mean.drawnW(h, startC);
    beforeJ += one.kg * one.mean.heatJPerKg;
    hasIce = hasIce || one.mean.hasIce;
    one.mean.beginFirst(stepS, h, startC);
  }
  const netW = powerW - dryW - steamW - drawnW;
  const boilsNow = startC >= tendedC - 1e-9 && netW > 0;
  const fromC = startC + (boilsNow ? 0 : (STAGE_SHARE * stepS * netW) / capacity);
  const given = { lying, losses, lid: pot.lid, fat, stepS, h, capacity, powerW, ceilingC, hasIce };
  const first = stage(given, fromC, startC);
  for (const { mean } of lying) {
    mean.settleFirst(stepS, h, first.tempC);
    mean.beginSecond(stepS, h);
  }
  const end = stage(given, Math.min(ceilingC, SECOND_FROM * first.tempC - (SECOND_FROM - 1) * startC), first.tempC);
  const film = cautiousFilm(h);
  let afterJ = 0;
  for (const { mean, largest, kg } of lying) {
    mean.settleSecond(stepS, h, end.tempC);
    afterJ += kg * mean.heatJPerKg;
    largest?.step(stepS, film, startC, first.tempC, end.tempC);
  }
  const lostJ = stepS * summed(dryW, first.dryW, end.dryW);
  const belowJ = stepS * summed(steamW, first.steamW, end.steamW);
  const foodJ = afterJ - beforeJ;
  // What is over when it boils goes into steam; all that does not warm the pot or the food, or is lost, is over.
  const isOver = boilsNow || first.surplusW > 0 || end.surplusW > 0;
  const warmedJ = capacity * (end.tempC - pot.tempC);
  const overJ = isOver ? Math.max(0, powerW * stepS - lostJ - belowJ - foodJ - warmedJ) : 0;
  // What a tended fire would give too much it is turned down by.
  const savedJ = pot.holdC === undefined ? 0 : overJ;
  return { tempC: end.tempC, powerW, lostJ, belowJ, foodJ, overJ, savedJ };
}
