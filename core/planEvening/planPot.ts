import { PLAN_SCHEMA_VERSION, type Evening, type PotPlan } from '@elixa/contract';
import { NO_FINISH } from '../catalogue/finishes';
import type { Fit } from '../arrange/fit';
import { cautionsFor } from '../cautions/cautions';
import { asksOf } from '../evening/asks';
import { findConflicts } from '../evening/conflicts';
import { portionsOf } from '../diners/portion';
import type { KnownOrders } from '../arrange/around';
import { eachPot, potsOf } from '../evening/eachPot';
import type { Menu } from '../evening/menu';
import { menuOrThrow } from '../evening/resolveMenu';
import { describeLiquid } from '../formula/describe';
import { shoppingList } from '../shopping/shoppingList';
import type { AdditionModel } from '../simmer/additionModel';
import { asCut } from '../simmer/asCut';
import { leastAdditions, planSimmer, timesSoFar, timeSimmer } from '../simmer/planSimmer';
import type { SimmerSoFar } from '../simmer/soFar';
import { corrected, UNCORRECTED, type Corrections } from '../simmer/corrections';
import { timesTable } from '../simmer/timesTable';
import { finishSummary, fromFoodSummary, ownSummary, perHeadSummary, sidesSummary } from './summaries';
import { amountsOf } from './amountsOf';
import { buildOf } from './buildOf';
import { endingOf } from './endingOf';
import { strengthOf, type SolvedLiquid } from './liquids/broths';
import { jarFor } from './liquids/jarFor';
import { reachingOf } from './liquids/reach';
import { atTablePct, solveLiquids, takenG, takenShare, type SolvedLiquids } from './liquids/solveLiquids';
import { slotShown, stageShown } from './menuShown';

/** A plan without its preparation, with what the preparation is worked out from. */
export interface PlannedPot {
  plan: PotPlan;
  menu: Menu;
  fit: Fit;
  broths: readonly SolvedLiquid[];
  model: AdditionModel;
}

const tonightIn = (menu: Menu, model: AdditionModel, corrections: Corrections) =>
  corrected(asCut(model, menu), corrections);

/**
 * A plan as far as a rehearsal needs it: nothing is told of it.
 * @param near of the same menu, solved before, from which it begins
 */
export const solvedPot = (
  menu: Menu,
  model: AdditionModel,
  corrections: Corrections,
  near?: SolvedLiquids,
): SolvedLiquids => solveLiquids(menu, tonightIn(menu, model, corrections), near);

/**
 * The same liquids, with everything timed by other windows.
 * @param soFar of a pot that is on the fire: what is settled of it
 */
export function timedAgain(
  menu: Menu,
  model: AdditionModel,
  corrections: Corrections,
  solved: SolvedLiquids,
  soFar?: SimmerSoFar,
): SolvedLiquids {
  const question = {
    menu: eachPot(menu),
    fit: solved.fit,
    model: tonightIn(menu, model, corrections),
    strength: strengthOf(menu, solved.broths),
  };
  const times = timeSimmer(question);
  return { ...solved, ...planSimmer(question, soFar ? timesSoFar(times, soFar) : times, soFar) };
}

/** As many additions as a plan costs at least by these windows, with liquids that are solved. */
export function leastAdditionsOf(
  menu: Menu,
  model: AdditionModel,
  corrections: Corrections,
  { fit }: SolvedLiquids,
): number {
  return leastAdditions({ fit }, timeSimmer({ menu: eachPot(menu), fit, model: tonightIn(menu, model, corrections) }));
}

/** Every broth, sauce and base of a menu, solved and described. */
export function liquidsOf(
  menu: Menu,
  model: AdditionModel = timesTable,
  solved: SolvedLiquids = solvedPot(menu, model, UNCORRECTED),
) {
  const { evening } = menu;
  const { broths, beside, simmer } = solved;
  const liquids = [...broths, ...beside].map((one) => {
    const readyBy = one.active.formula.kind === 'sauce' ? evening.sitDownAt : simmer.litAt;
    const needG = one.active.formula.kind === 'base' ? takenG(one, broths) : one.solution.finishedG;
    const jar = one.place === 'pot' ? jarFor(evening, one.active, needG) : undefined;
    return describeLiquid({
      ...one,
      evening,
      readyBy,
      atTablePct: atTablePct(menu, one, broths),
      takenShare: takenShare(one, broths),
      jar,
      thinner: one.thinnedBy,
    });
  });
  return { ...solved, liquids };
}

/**
 * `planPot`, with the menu that the preparation starts from.
 * @param solved its liquids and times, where they are known
 * @param orders round the wall, where they were looked for before
 */
export function planMenu(
  menu: Menu,
  model: AdditionModel = timesTable,
  solved?: SolvedLiquids,
  orders?: KnownOrders,
): PlannedPot {
  const { evening, style, food } = menu;
  const { broths, fit, simmer, program, beside, runsOff, liquids } = liquidsOf(menu, model, solved);
  const amounts = amountsOf(menu, liquids);
  const conflicts = findConflicts(menu, reachingOf(menu, [...broths, ...beside]));
  const plan = {
    schemaVersion: PLAN_SCHEMA_VERSION,
    eveningId: evening.id,
    style: { id: style.id, name: style.name, stages: menu.stages.map((stage) => stageShown(menu, stage)) },
    menu: { slots: food.map(slotShown), finishId: menu.finish?.id ?? NO_FINISH },
    service: evening.service,
    ...(potsOf(evening) > 1 ? { pots: potsOf(evening) } : {}),
    portions: portionsOf(evening.diners),
    amounts,
    shopping: shoppingList(evening, amounts),
    conflicts,
    asks: asksOf(menu),
    liquids,
    build: buildOf(menu, fit, orders),
    simmer,
    program,
    ending: endingOf(menu, simmer, liquids),
    finish: finishSummary(menu),
    sides: sidesSummary(menu),
    perHead: perHeadSummary(menu),
    seasoningFromFood: fromFoodSummary(menu, broths, runsOff),
    ownIngredients: ownSummary(menu, new Set(amounts.map((one) => one.ingredientId))),
    cautions: cautionsFor({
      evening,
      catalogue: menu.catalogue,
      helpings: food,
      liquids,
      conflicts,
      simmer,
      isDryFirst: menu.stages.some(({ do: does }) => does === 'sear' || does === 'fry'),
      jars: liquids.filter((liquid) => liquid.jar).map((liquid) => liquid.name),
    }),
  } as const;
  return { plan, menu, fit, broths, model };
}

/**
 * Everything that follows from an evening but its preparation: amounts, liquids, the fit in the pot, what goes in when, and
 * the cautions. A pure function, and quick enough to follow every change.
 * @param evening a valid evening document
 * @param model what is known of the physics; the table of times unless another is given
 * @throws EveningError when the document asks for something that the catalogue does not hold, with the fields at fault
 * @example planPot(practiceNight).simmer.boilingPointC // 96.1
 */
export const planPot = (evening: Evening, model: AdditionModel = timesTable): PotPlan =>
  planMenu(menuOrThrow(evening), model).plan;
