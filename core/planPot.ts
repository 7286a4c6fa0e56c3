import { PLAN_SCHEMA_VERSION, type Amount, type Build, type Evening, type Liquid, type PotPlan } from '@elixa/contract';
import { arrange } from './build/arrange';
import type { Fit } from './build/fit';
import { headroomMm, heightAtMm } from './build/vesselShape';
import { ingredientById } from './catalogue/ingredients';
import type { Style } from './catalogue/style';
import { styleById } from './catalogue/styles';
import { cautionsFor } from './cautions/cautions';
import { checkEvening, EveningError } from './checkEvening';
import { asksOf } from './diners/asks';
import { findConflicts } from './diners/conflicts';
import { reachOf } from './plan/reach';
import { helpings, type Helping } from './diners/helpings';
import { portionsOf } from './diners/portion';
import { seatTable } from './diners/table';
import { chosenLiquids } from './formula/chosenLiquids';
import { describeLiquid } from './formula/describe';
import { sum } from './formula/sum';
import { showMeasure } from './measures/showMeasure';
import { withLengths } from './measures/showSize';
import { solveBeside } from './plan/beside';
import { jarFor } from './plan/jarFor';
import { solveBroths, type BrothForDips, type SolvedLiquid } from './plan/broths';
import { shoppingList } from './shopping/shoppingList';
import type { AdditionModel } from './simmer/additionModel';
import { timesTable } from './simmer/timesTable';

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

function buildOf(evening: Evening, food: readonly Helping[], fit: Fit): Build {
  const { vessel } = evening;
  const inPot = food.filter((one) => one.pan === 'main' && one.purpose === 'pot');
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
    fits: fit.rounds === 1,
    sectors: arrange(vessel, inPot, fillHeightMm),
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
function solveLiquids(question: Parameters<typeof solveBroths>[0]) {
  const { evening, style, chosen, table, food } = question;
  const besideOf = (broths: readonly SolvedLiquid[]) =>
    [...chosen.sauces, ...chosen.ahead].flatMap((formula) => solveBeside(evening, style, formula, table, food, broths));
  const dipsG = dipsFrom(besideOf(solveBroths(question).broths));
  const solved = solveBroths({ ...question, dipsG });
  return { ...solved, beside: besideOf(solved.broths) };
}

/** A plan without its preparation, with what the preparation is worked out from. */
export interface PlannedPot {
  plan: PotPlan;
  food: Helping[];
  style: Style;
}

/** `planPot`, with the food by pan that the preparation starts from. */
export function planPotAndFood(evening: Evening, model: AdditionModel = timesTable): PlannedPot {
  const faults = checkEvening(evening);
  if (faults.length > 0) throw new EveningError(faults);
  const style = styleById(evening.style.id) as Style;
  const table = seatTable(evening, style);
  const food = helpings(evening, style, table);
  const chosen = chosenLiquids(evening, style);
  const { broths, fit, simmer, beside } = solveLiquids({ evening, style, chosen, table, food, model });
  const liquids = [...broths, ...beside].map((one) => {
    const readyBy = one.active.formula.kind === 'sauce' ? evening.sitDownAt : simmer.litAt;
    const needG = one.active.formula.kind === 'base' ? takenG(one, broths) : one.solution.finishedG;
    const jar = one.place === 'pot' ? jarFor(evening, one.active, needG) : undefined;
    return describeLiquid({
      ...one,
      evening,
      readyBy,
      takenShare: takenShare(one, broths),
      jar,
      thinner: one.thinnedBy,
    });
  });
  const amounts = amountsOf(evening, food, liquids);
  const conflicts = findConflicts(evening, style, table, reachOf(table, food, [...broths, ...beside]));
  const plan = {
    schemaVersion: PLAN_SCHEMA_VERSION,
    eveningId: evening.id,
    style: { id: style.id, name: style.name },
    portions: portionsOf(evening.diners),
    amounts,
    shopping: shoppingList(evening, amounts),
    conflicts,
    asks: asksOf(style, table),
    liquids,
    build: buildOf(evening, food, fit),
    simmer,
    cautions: cautionsFor({
      evening,
      helpings: food,
      liquids,
      conflicts,
      jars: liquids.filter((liquid) => liquid.jar).map((liquid) => liquid.name),
    }),
  } as const;
  return { plan, food, style };
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
  planPotAndFood(evening, model).plan;
