import { eachPot } from '../../evening/eachPot';
import type { Menu } from '../../evening/menu';
import { strengthLetDown } from '../../formula/strengthLetDown';
import { sum } from '../../measures/sum';
import type { AdditionModel } from '../../simmer/additionModel';
import { planSimmer, type PlannedSimmer } from '../../simmer/planSimmer';
import { solveBeside } from './beside';
import { runOffOf, type RunsOff } from './runOff';
import {
  isJudgedAsPoured,
  solveBroths,
  strengthOf,
  type BrothForDips,
  type SolvedBroths,
  type SolvedLiquid,
} from './broths';

const gramsIn = (parts: SolvedLiquid['solution']['parts']) => sum(parts.map((part) => part.massG));

/** Grams of a base that the broths of this evening take out of its jar. */
export const takenG = ({ active }: SolvedLiquid, broths: readonly SolvedLiquid[]) =>
  gramsIn(broths.flatMap((one) => one.solution.parts.filter((part) => part.ingredientId === active.formula.id)));

/** The same as a share of what is made of it; what is lifted out is no part of it. */
export const takenShare = (one: SolvedLiquid, broths: readonly SolvedLiquid[]) =>
  takenG(one, broths) / gramsIn(one.solution.parts.filter((part) => part.role !== 'aroma' && part.role !== 'infusion'));

/** What each broth gives to the dips, in g. */
const dipsFrom = (beside: readonly SolvedLiquid[]): BrothForDips =>
  beside.reduce<BrothForDips>(
    (taken, { thinnedBy, solution }) =>
      thinnedBy ? { ...taken, [thinnedBy.place]: (taken[thinnedBy.place] ?? 0) + solution.thinnerG } : taken,
    {},
  );

/** Broths and what stands beside them, with when everything goes into the pot. */
export interface SolvedLiquids extends PlannedSimmer, Pick<SolvedBroths, 'broths' | 'fit'> {
  beside: SolvedLiquid[];
  runsOff: RunsOff;
}

/**
 * Broths, and the sauces that they thin. What thins a dip comes out of what is made: the broths are solved once more with
 * that much added, which hardly changes their strength and so what a dip takes.
 * @param near solved before for the same menu, from which it begins
 */
export function solveLiquids(menu: Menu, model: AdditionModel, near?: SolvedLiquids): SolvedLiquids {
  const { chosen } = menu;
  const besideOf = (broths: readonly SolvedLiquid[]) =>
    [...chosen.sauces, ...chosen.ahead].flatMap((formula) => solveBeside(menu, formula, broths));
  // A marinade knows no broth: what runs off it is known before.
  const runsOff =
    near?.runsOff ??
    new Map(
      [...menu.marinades].flatMap(([formula, on]) =>
        solveBeside(menu, formula, [])
          .slice(0, 1)
          .flatMap(({ solution }) => runOffOf(menu.catalogue, solution, on, formula.runsOff)),
      ),
    );
  const first = near ?? solveBroths(menu, model, {}, runsOff);
  const dipsG = dipsFrom(near?.beside ?? besideOf(first.broths));
  const { broths, fit, times } = solveBroths(menu, model, dipsG, runsOff, first);
  const strength = strengthOf(menu, broths);
  return {
    broths,
    fit,
    ...planSimmer({ menu: eachPot(menu), fit, model, strength }, times),
    beside: besideOf(broths),
    runsOff,
  };
}

/** What a sauce that was judged as poured comes to once the food and what lets it down are in it. */
export function atTablePct(menu: Menu, one: SolvedLiquid, broths: readonly SolvedLiquid[]): number | undefined {
  const isMain = one.active.formula === menu.chosen.broth || one.active.formula === menu.chosen.otherHalf;
  if (!isMain || !isJudgedAsPoured(menu, one.active.formula)) return undefined;
  const pan = one.place === 'aside' ? 'aside' : 'main';
  const pieces = menu.food.filter((each) => each.purpose === 'pot' && each.pan === pan);
  const letDownG = sum(broths.filter((each) => each.place === 'letDown').map((each) => each.solution.finishedG));
  return strengthLetDown(one.solution, pieces, letDownG);
}
