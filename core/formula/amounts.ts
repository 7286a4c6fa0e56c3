import { sum } from '../measures/sum';
import { broughtBy, drawnOf, ethanolLossG, isCounted, type Balance, type Group } from './balance';
import { solveLinear } from './linear';
import type { SolvedPart } from './solution';

/** So much of a broth stands in the pot before the food has given its water. Kitchen estimate, 0.3-0.5. */
const LEAST_MADE_SHARE = 0.4;
/** Rounding of a sum of masses, in g. */
export const NOTHING_G = 1e-6;

/** One linear equation a group: what its members bring is what is wanted of it. @returns matrix and right-hand side */
function equations(balance: Balance, open: readonly Group[], liquidG: number, reach: number): [number[][], number[]] {
  const { isThinned, thins, holds, gives, alongG, alongOf, fixedLiquidG, lostG } = balance;
  const counted = balance.given.filter(isCounted);
  const massPerGram = open.map(({ recipe }) => sum(recipe.map(({ gramsEach }) => gramsEach)));
  const rows = open.map(({ property, wantedPct }) => {
    const share = (wantedPct * reach) / 100;
    const dilutes = isThinned ? thins[property] / 100 : share;
    return open.map(
      ({ recipe }, column) =>
        sum(recipe.map(({ what, gramsEach }) => (gramsEach * what[property]) / 100)) - dilutes * massPerGram[column]!,
    );
  });
  const right = open.map(({ property, wantedPct }) => {
    const share = (wantedPct * reach) / 100;
    const brought = broughtBy(counted, property) + drawnOf(balance, property) + alongOf[property] + gives[property];
    return isThinned
      ? share * (liquidG + holds[property]) - brought - (thins[property] / 100) * (liquidG - fixedLiquidG)
      : share * (fixedLiquidG + alongG - lostG) - brought;
  });
  return [rows, right];
}

/**
 * Parts that bring their targets to a liquid of so much. A group that would be negative is left out, and the rest solved
 * again.
 * @param reach share of the targets that is asked for
 */
export function partsFor(balance: Balance, liquidG: number, reach: number): SolvedPart[] {
  let open = balance.groups;
  for (;;) {
    const amounts = open.length === 0 ? [] : solveLinear(...equations(balance, open, liquidG, reach));
    const worst = amounts.findIndex((amount) => amount < 0);
    if (worst === -1) {
      return open.flatMap(({ recipe, role }, index) =>
        recipe.map(({ what, gramsEach, note }) => ({
          ingredientId: what.id,
          role,
          massG: gramsEach * amounts[index]!,
          note,
        })),
      );
    }
    open = open.filter((_, index) => index !== worst);
  }
}

export const liquidPartsG = ({ fixedLiquidG }: Balance, solved: readonly SolvedPart[]) =>
  fixedLiquidG + sum(solved.map((one) => one.massG));

/** Grams of thinner that make up a liquid of so much; negative where its parts and the food give more than that. */
export function thinnerFor(balance: Balance, liquidG: number, solved: readonly SolvedPart[]): number {
  const { question, stockEvaporationG, absorbedG, releasedG, drawnG } = balance;
  return (
    liquidG +
    stockEvaporationG +
    (question.potEvaporationG ?? 0) +
    ethanolLossG(question, solved) +
    absorbedG -
    releasedG -
    drawnG -
    liquidPartsG(balance, solved)
  );
}

/** What is missing of a liquid of so much: thinner that would have to be taken away, or broth to begin with. */
function missingG(balance: Balance, liquidG: number, reach: number): number {
  const { question, drawnG, absorbedG, stockEvaporationG } = balance;
  // A pot is not started dry, however much water its food will give.
  const leastMadeG = (question.pieces ?? []).length > 0 ? question.finishedG * LEAST_MADE_SHARE : 0;
  const solved = partsFor(balance, liquidG, reach);
  const thinnerG = thinnerFor(balance, liquidG, solved);
  const wouldMakeG = thinnerG + liquidPartsG(balance, solved) + drawnG - absorbedG - stockEvaporationG;
  return Math.max(-thinnerG, leastMadeG - wouldMakeG);
}

/** Where the parts and the food give more than is asked for, there is more of it, and nothing is poured away. */
function grown(balance: Balance, reach: number): number {
  let liquidG = balance.question.finishedG;
  for (let step = 0; step < 60; step += 1) {
    const missing = missingG(balance, liquidG, reach);
    if (missing <= 0) break;
    liquidG += missing * 1.05;
  }
  return liquidG;
}

/**
 * How much of a liquid there will be, and the share of its targets that can be reached: less than all where more sharpness
 * or salt is asked for than its own juice has; then it has as much of everything as fits.
 */
export function reachOf(balance: Balance): { liquidG: number; reach: number } {
  if (!balance.isThinned) return { liquidG: balance.question.finishedG, reach: 1 };
  const whole = grown(balance, 1);
  if (missingG(balance, whole, 1) <= NOTHING_G) return { liquidG: whole, reach: 1 };
  let [fits, tooMuch] = [0, 1];
  for (let step = 0; step < 40; step += 1) {
    const reach = (fits + tooMuch) / 2;
    if (missingG(balance, grown(balance, reach), reach) > NOTHING_G) tooMuch = reach;
    else fits = reach;
  }
  return { liquidG: grown(balance, fits), reach: fits };
}
