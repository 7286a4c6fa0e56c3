import { PLAN_SCHEMA_VERSION, type Amount, type Build, type Evening, type Liquid, type Plan } from '@elixa/contract';
import { arrange } from './build/arrange';
import { fitPot, type Fit } from './build/fit';
import { headroomMm, heightAtMm } from './build/vesselShape';
import { ingredientById } from './catalogue/ingredients';
import type { Formula } from './catalogue/formula';
import type { Style } from './catalogue/style';
import { chosenSchool, styleById } from './catalogue/styles';
import { ASIDE_PAN, STOCK_PAN_DIAMETER_MM } from './catalogue/vessels';
import { cautionsFor } from './cautions/cautions';
import { checkEvening, EveningError } from './checkEvening';
import { findConflicts } from './diners/conflicts';
import { helpings, type Helping } from './diners/helpings';
import { portionsOf } from './diners/portion';
import { seatTable, type Table } from './diners/table';
import { activate, type ActiveFormula } from './formula/activeFormula';
import { chosenLiquids } from './formula/chosenLiquids';
import { describeLiquid } from './formula/describe';
import { PLAIN_WATER, solveFormula, type FormulaSolution } from './formula/solveFormula';
import { tasteFactors } from './formula/taste';
import { evaporationG } from './heat/burner';
import type { SteamingPan } from './heat/evaporation';
import { buyWhole } from './measures/buyWhole';
import { showMeasure } from './measures/showMeasure';
import type { AdditionModel } from './simmer/additionModel';
import { planSimmer } from './simmer/planSimmer';
import { timesTable } from './simmer/timesTable';

/** Share of the time at the table that the lid is on. Kitchen estimate. */
const LID_ON_SHARE = 0.5;

interface Solved {
  active: ActiveFormula;
  broth: FormulaSolution;
  fit: Fit;
  asideBrothMl: number;
  simmer: Plan['simmer'];
}

const panOf = ({ place }: Evening, diameterMm: number): SteamingPan => ({ diameterMm, ...place });

function activeFor(evening: Evening, formula: Formula, table: Table, size: number): ActiveFormula {
  return activate(formula, evening.style.schools, table, size, tasteFactors(evening.choices.taste?.[formula.id]));
}

/**
 * Broth, fit and simmering depend on one another: a longer simmer loses more water, more broth takes longer to boil.
 * They are solved in turn until the start water moves by less than a gram.
 */
function solveTogether(
  evening: Evening,
  style: Style,
  formula: Formula,
  table: Table,
  food: readonly Helping[],
  model: AdditionModel,
): Solved {
  const pieces = food.filter((one) => one.purpose === 'pot');
  const mainPieces = pieces.filter((one) => one.pan === 'main');
  const portions = portionsOf(evening.diners);
  const asideShare = portionsOf(table.aside) / portions;
  const mlPerHead = evening.overrides.brothMlPerHead ?? formula.mlPerHead ?? style.brothMlPerHead;
  const finishedG = mlPerHead * portions;
  const active = activeFor(evening, formula, table, finishedG / 1000);
  let madeG = finishedG;
  for (let pass = 0; ; pass += 1) {
    const asideBrothMl = madeG * asideShare;
    const fit = fitPot(evening.vessel, mainPieces, madeG - asideBrothMl);
    const simmer = planSimmer({ evening, helpings: food, fit, asideBrothMl, model });
    const simmerS = (simmer.readyAtS.at(-1) ?? 0) - simmer.boilAtS;
    const firstRoundS = (simmer.readyAtS[0] ?? 0) - simmer.boilAtS;
    const steam = (diameterMm: number, durationS: number) =>
      evaporationG({ pan: panOf(evening, diameterMm), durationS, state: 'simmer', liddedShare: LID_ON_SHARE });
    const broth = solveFormula({
      active,
      finishedG,
      taste: tasteFactors(evening.choices.taste?.[formula.id]),
      salinityPct: evening.overrides.salinityPct,
      pieces,
      pan: panOf(evening, STOCK_PAN_DIAMETER_MM),
      potEvaporationG:
        steam(evening.vessel.innerDiameterMm, simmerS) +
        (table.aside.length > 0 ? steam(ASIDE_PAN.innerDiameterMm, firstRoundS) : 0),
      potMinutes: firstRoundS / 60,
    });
    if (Math.abs(broth.madeG - madeG) < 1 || pass >= 30) return { active, broth, fit, asideBrothMl, simmer };
    madeG = broth.madeG;
  }
}

/** What a marinade lies on: the most of the meat, poultry or fish. */
function mainThing(food: readonly Helping[]): { massG: number; saltPct: number } | undefined {
  const mains = food.filter((one) =>
    ['poultry', 'meat', 'fish', 'shellfish'].includes(ingredientById(one.ingredientId).family),
  );
  const most = mains.reduce<Helping | undefined>(
    (best, one) => (!best || one.massG > best.massG ? one : best),
    undefined,
  );
  return most && { massG: most.massG, saltPct: ingredientById(most.ingredientId).saltPct };
}

/** Grams of a millilitre of sauce: soy, sugar and pastes are heavier than water. Kitchen estimate, 1.02-1.10. */
const SAUCE_G_PER_ML = 1.04;

/** A sauce, marinade or base; undefined when there is nothing to marinate. */
function solveBeside(
  evening: Evening,
  style: Style,
  formula: Formula,
  table: Table,
  food: readonly Helping[],
  broth: FormulaSolution,
): { active: ActiveFormula; solution: FormulaSolution } | undefined {
  const along = formula.scaledBy === 'mainMass' ? mainThing(food) : undefined;
  if (formula.scaledBy === 'mainMass' && !along) return undefined;
  const share =
    formula.kind === 'sauce' ? (style.dipShares[chosenSchool(style, evening.style.schools, 'seasoning')] ?? 1) : 1;
  const heads = portionsOf(evening.diners) * share * (evening.choices.batches?.[formula.id] ?? 1);
  const active = activeFor(evening, formula, table, along ? along.massG / 1000 : heads);
  const solution = solveFormula({
    active,
    finishedG: (formula.mlPerHead ?? 0) * heads * SAUCE_G_PER_ML,
    along,
    taste: tasteFactors(evening.choices.taste?.[formula.id]),
    thinner: formula.thinnedWith === 'broth' ? broth.asThinner : PLAIN_WATER,
    pan: panOf(evening, STOCK_PAN_DIAMETER_MM),
  });
  return { active, solution };
}

const PURPOSE = { broth: 'broth', sauce: 'dip', marinade: 'marinade', base: 'base' } as const;

function amountsOf(evening: Evening, food: readonly Helping[], liquids: readonly Liquid[]): Amount[] {
  const fromPot: Amount[] = food.map((one) => {
    const what = ingredientById(one.ingredientId);
    return {
      ingredientId: one.ingredientId,
      purpose: one.pan === 'aside' ? 'aside' : one.purpose,
      cut: one.cuts.map(({ cut }) => what.cuts[cut]?.label ?? cut).join('; '),
      massG: one.massG,
      shown: showMeasure(one.massG, what, evening.units),
      buy: buyWhole(one.massG, what),
    };
  });
  const fromLiquids: Amount[] = liquids.flatMap((liquid) =>
    liquid.ingredients.map((part) => ({
      ingredientId: part.ingredientId,
      purpose: PURPOSE[liquid.kind],
      massG: part.massG,
      shown: { text: part.shownText, errorPct: part.roundingErrorPct },
      buy: buyWhole(part.massG, ingredientById(part.ingredientId)),
    })),
  );
  return [...fromPot, ...fromLiquids];
}

function buildOf(evening: Evening, food: readonly Helping[], fit: Fit): Build {
  const { vessel } = evening;
  const inPot = food.filter((one) => one.pan === 'main' && one.purpose === 'pot');
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
  };
}

/**
 * Everything that follows from an evening: amounts, liquids, the fit in the pot, what goes in when, and the cautions.
 * A pure function: the same evening gives the same plan, in a worker, on the server and on the command line.
 * @param evening a valid evening document
 * @param model what is known of the physics; the table of times unless another is given
 * @throws EveningError when the document asks for something that the catalogue does not hold, with the fields at fault
 * @example planEvening(practiceNight).simmer.boilingPointC // 96.1
 */
export function planEvening(evening: Evening, model: AdditionModel = timesTable): Plan {
  const faults = checkEvening(evening);
  if (faults.length > 0) throw new EveningError(faults);
  const style = styleById(evening.style.id) as Style;
  const table = seatTable(evening, style);
  const food = helpings(evening, style, table);
  const chosen = chosenLiquids(evening, style);
  const { active, broth, fit, simmer } = solveTogether(evening, style, chosen.broth, table, food, model);
  const beside = [...chosen.sauces, ...chosen.ahead].flatMap((formula) => {
    const solved = solveBeside(evening, style, formula, table, food, broth);
    return solved ? [{ ...solved, readyBy: formula.kind === 'sauce' ? evening.sitDownAt : simmer.litAt }] : [];
  });
  const liquids = [{ active, solution: broth, readyBy: simmer.litAt }, ...beside].map((one) =>
    describeLiquid({ ...one, evening }),
  );
  return {
    schemaVersion: PLAN_SCHEMA_VERSION,
    eveningId: evening.id,
    style: { id: style.id, name: style.name },
    portions: portionsOf(evening.diners),
    amounts: amountsOf(evening, food, liquids),
    conflicts: findConflicts(evening, style, table),
    liquids,
    build: buildOf(evening, food, fit),
    simmer,
    cautions: cautionsFor({
      evening,
      helpings: food,
      liquidIngredientIds: liquids.flatMap((liquid) => liquid.ingredients.map((part) => part.ingredientId)),
      rounds: fit.rounds,
    }),
  };
}
