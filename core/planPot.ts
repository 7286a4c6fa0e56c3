import {
  PLAN_SCHEMA_VERSION,
  type Amount,
  type Build,
  type Evening,
  type Liquid,
  type MenuSlotShown,
  type PlanStage,
  type PotPlan,
} from '@elixa/contract';
import { arrange } from './arrange/arrange';
import type { Fit } from './arrange/fit';
import { headroomMm, heightAtMm } from './arrange/vesselShape';
import { NO_FINISH } from './catalogue/finishes';
import { ingredientById } from './catalogue/ingredients';
import type { Stage } from './catalogue/style';
import { cautionsFor } from './cautions/cautions';
import { asksOf } from './diners/asks';
import { findConflicts } from './diners/conflicts';
import type { Helping } from './diners/helpings';
import { portionsOf } from './diners/portion';
import type { Menu } from './evening/menu';
import { isSwished } from './evening/portions';
import { menuOrThrow } from './evening/resolveMenu';
import { describeLiquid } from './formula/describe';
import { strengthLetDown } from './formula/strengthLetDown';
import { showMeasure } from './measures/showMeasure';
import { withLengths } from './measures/showSize';
import { sum } from './measures/sum';
import { solveBeside } from './plan/beside';
import { isJudgedAsPoured, solveBroths, type BrothForDips, type SolvedLiquid } from './plan/broths';
import { jarFor } from './plan/jarFor';
import { reachOf } from './plan/reach';
import { shoppingList } from './shopping/shoppingList';
import { stageSays } from './simmer/drafts';
import type { AdditionModel } from './simmer/additionModel';
import { shortName } from './simmer/shortName';
import { timesTable } from './simmer/timesTable';

/** Share of the space between loose food that liquid fills. Kitchen estimate, 0.3-0.45. */
const GAPS_SHARE = 0.35;

const PURPOSE = { broth: 'broth', sauce: 'dip', marinade: 'marinade', base: 'base' } as const;

function amountsOf(evening: Evening, food: readonly Helping[], liquids: readonly Liquid[]): Amount[] {
  const fromPot: Amount[] = food.map((one) => {
    const what = ingredientById(one.ingredientId);
    return {
      ingredientId: one.ingredientId,
      purpose: one.pan === 'aside' ? 'aside' : one.purpose,
      cut: one.cuts.map(({ cut }) => withLengths(what.cuts[cut]?.label ?? cut, evening.units)).join('; '),
      massG: one.massG,
      shown: showMeasure(one.massG, what, evening.units),
    };
  });
  const fromLiquids: Amount[] = liquids.flatMap((liquid) =>
    (liquid.jar ? [] : liquid.ingredients).map((part) => ({
      ingredientId: part.ingredientId,
      purpose: PURPOSE[liquid.kind],
      massG: part.massG,
      shown: { text: part.shownText, errorPct: part.roundingErrorPct },
    })),
  );
  return [...fromPot, ...fromLiquids];
}

function buildOf({ evening, food, style }: Menu, fit: Fit): Build {
  const { vessel, service } = evening;
  const inPot = food.filter(
    (one) => one.pan === 'main' && one.purpose === 'pot' && one.cuts.length > 0 && !isSwished(one, service),
  );
  const finish = food.filter((one) => one.pan === 'main' && one.purpose === 'finish');
  const fillMl = fit.potBrothMl + fit.solidsMl / fit.rounds;
  const fillHeightMm = heightAtMm(vessel, fillMl);
  return {
    rimMl: vessel.rimVolumeMl,
    usableMl: fit.usableMl,
    headroomMm: headroomMm(vessel),
    solidsMl: fit.solidsMl,
    rounds: fit.rounds,
    potBrothMl: fit.potBrothMl,
    reserveMl: fit.reserveMl,
    fillHeightMm,
    liquidHeightMm: heightAtMm(vessel, fit.potBrothMl),
    liquidStandsMm:
      fit.coveringMl > 0 ? fillHeightMm : Math.min(fillHeightMm, heightAtMm(vessel, fit.potBrothMl / GAPS_SHARE)),
    fits: fit.rounds === 1,
    sectors: arrange(vessel, inPot, fillHeightMm, style.keepsApart),
    finishSectors: arrange(vessel, finish, fillHeightMm),
    aside: fit.aside && {
      name: fit.aside.vessel.name,
      usableMl: fit.aside.usableMl,
      solidsMl: fit.aside.solidsMl,
      potBrothMl: fit.aside.potBrothMl,
      reserveMl: fit.aside.reserveMl,
    },
  };
}

const gramsIn = (parts: SolvedLiquid['solution']['parts']) => sum(parts.map((part) => part.massG));

/** Grams of a base that the broths of this evening take out of its jar. */
const takenG = ({ active }: SolvedLiquid, broths: readonly SolvedLiquid[]) =>
  gramsIn(broths.flatMap((one) => one.solution.parts.filter((part) => part.ingredientId === active.formula.id)));

/** The same as a share of what is made of it; what is lifted out is no part of it. */
const takenShare = (one: SolvedLiquid, broths: readonly SolvedLiquid[]) =>
  takenG(one, broths) / gramsIn(one.solution.parts.filter((part) => part.role !== 'aroma' && part.role !== 'infusion'));

/** What each broth gives to the dips, in g. */
const dipsFrom = (beside: readonly SolvedLiquid[]): BrothForDips =>
  beside.reduce<BrothForDips>(
    (taken, { thinnedBy, solution }) =>
      thinnedBy ? { ...taken, [thinnedBy.place]: (taken[thinnedBy.place] ?? 0) + solution.thinnerG } : taken,
    {},
  );

/**
 * Broths, and the sauces that they thin. What thins a dip comes out of what is made: the broths are solved once more with
 * that much added, which hardly changes their strength and so what a dip takes.
 */
function solveLiquids(menu: Menu, model: AdditionModel) {
  const { chosen } = menu;
  const besideOf = (broths: readonly SolvedLiquid[]) =>
    [...chosen.sauces, ...chosen.ahead].flatMap((formula) => solveBeside(menu, formula, broths));
  const dipsG = dipsFrom(besideOf(solveBroths(menu, model).broths));
  const solved = solveBroths(menu, model, dipsG);
  return { ...solved, beside: besideOf(solved.broths) };
}

/** What a sauce that was judged as poured comes to once the food and what lets it down are in it. */
function atTablePct(menu: Menu, one: SolvedLiquid, broths: readonly SolvedLiquid[]): number | undefined {
  const isMain = one.active.formula === menu.chosen.broth || one.active.formula === menu.chosen.otherHalf;
  if (!isMain || !isJudgedAsPoured(menu, one.active.formula)) return undefined;
  const pan = one.place === 'aside' ? 'aside' : 'main';
  const pieces = menu.food.filter((each) => each.purpose === 'pot' && each.pan === pan);
  const letDownG = sum(broths.filter((each) => each.place === 'letDown').map((each) => each.solution.finishedG));
  return strengthLetDown(one.solution, pieces, letDownG);
}

const stageShown = (menu: Menu, stage: Stage): PlanStage => {
  const inIt = menu.food.filter(
    (one) =>
      one.pan === 'main' &&
      (stage.items?.some(({ ingredientId }) => ingredientId === one.slotId) || stage.roles?.includes(one.role)),
  );
  const names = inIt.map((one) => shortName(one.ingredientId, one.cuts[0]?.cut ?? ''));
  return {
    id: stage.id,
    do: stage.do,
    says: stageSays(stage, names),
    untilCue: stage.untilCue,
    heat: stage.heat,
    lid: stage.lid,
    ingredientIds: inIt.map((one) => one.ingredientId),
  };
};

const slotShown = (one: Helping): MenuSlotShown => ({
  role: one.role,
  ingredientId: one.ingredientId,
  cut: one.cuts.map(({ cut }) => cut).join('+'),
  massG: one.massG,
  place: one.place,
  layer: one.layer,
  pan: one.pan,
  marinadeId: one.marinadeFormulaId,
});

/** A plan without its preparation, with what the preparation is worked out from. */
export interface PlannedPot {
  plan: PotPlan;
  menu: Menu;
}

/** `planPot`, with the menu that the preparation starts from. */
export function planMenu(menu: Menu, model: AdditionModel = timesTable): PlannedPot {
  const { evening, style, table, food } = menu;
  const { broths, fit, simmer, beside } = solveLiquids(menu, model);
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
  const amounts = amountsOf(evening, food, liquids);
  const conflicts = findConflicts(menu, reachOf(table, food, [...broths, ...beside]));
  const plan = {
    schemaVersion: PLAN_SCHEMA_VERSION,
    eveningId: evening.id,
    style: { id: style.id, name: style.name, stages: menu.stages.map((stage) => stageShown(menu, stage)) },
    menu: { slots: food.map(slotShown), finishId: menu.finish?.id ?? NO_FINISH },
    service: evening.service,
    portions: portionsOf(evening.diners),
    amounts,
    shopping: shoppingList(evening, amounts),
    conflicts,
    asks: asksOf(menu),
    liquids,
    build: buildOf(menu, fit),
    simmer,
    cautions: cautionsFor({
      evening,
      helpings: food,
      liquids,
      conflicts,
      jars: liquids.filter((liquid) => liquid.jar).map((liquid) => liquid.name),
    }),
  } as const;
  return { plan, menu };
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
