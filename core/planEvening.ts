import { PLAN_SCHEMA_VERSION, type Amount, type Build, type Evening, type Liquid, type Plan } from '@elixa/contract';
import { arrange } from './build/arrange';
import { fitPot, type Fit } from './build/fit';
import { headroomMm, heightAtMm } from './build/vesselShape';
import { brothFormulaById, dipFormulaById } from './catalogue/formulas';
import { ingredientById } from './catalogue/ingredients';
import type { Style } from './catalogue/style';
import { chosenSchool, styleById } from './catalogue/styles';
import { ASIDE_PAN, STOCK_PAN_DIAMETER_MM } from './catalogue/vessels';
import { cautionsFor } from './cautions/cautions';
import { checkEvening, EveningError } from './checkEvening';
import { findConflicts } from './diners/conflicts';
import { helpings, type Helping } from './diners/helpings';
import { portionsOf } from './diners/portion';
import { seatTable, type Table } from './diners/table';
import { solveBroth, type BrothSolution } from './formula/broth';
import { solveDip } from './formula/dip';
import { describeBroth, describeDip, stepsOf } from './formula/describe';
import { evaporationG } from './heat/burner';
import { buyWhole } from './measures/buyWhole';
import { showMeasure } from './measures/showMeasure';
import type { AdditionModel } from './simmer/additionModel';
import { planSimmer } from './simmer/planSimmer';
import { timesTable } from './simmer/timesTable';

/** Share of the time at the table that the lid is on. Kitchen estimate. */
const LID_ON_SHARE = 0.5;

interface Solved {
  broth: BrothSolution;
  fit: Fit;
  asideBrothMl: number;
  simmer: Plan['simmer'];
}

function salinityTarget(evening: Evening, style: Style): { band: readonly [number, number]; targetPct: number } {
  const band = style.salinityBands[chosenSchool(style, evening.style.schools, 'seasoning')] ?? [0.3, 1.2];
  return { band, targetPct: evening.overrides.salinityPct ?? (band[0] + band[1]) / 2 };
}

/**
 * Broth, fit and simmering depend on one another: a longer simmer loses more water, more broth takes longer to boil.
 * They are solved in turn until the start water moves by less than a gram.
 */
function solveTogether(
  evening: Evening,
  style: Style,
  table: Table,
  food: readonly Helping[],
  model: AdditionModel,
): Solved {
  const formula = brothFormulaById(style.brothFormulaId);
  if (!formula)
    throw new RangeError(`Style ${style.id} names the broth "${style.brothFormulaId}", which does not exist`);
  const pieces = food.filter((one) => one.purpose === 'pot');
  const mainPieces = pieces.filter((one) => one.pan === 'main');
  const portions = portionsOf(evening.diners);
  const asideShare = portionsOf(table.aside) / portions;
  const finishedG = (evening.overrides.brothMlPerHead ?? style.brothMlPerHead) * portions;
  const steps = stepsOf(
    formula.steps,
    evening,
    style,
    formula.parts.map((part) => part.ingredientId),
  );
  const stockEvaporationG = evaporationG({
    diameterMm: STOCK_PAN_DIAMETER_MM,
    durationS: steps.filter((step) => (step.tempC ?? 0) >= 60).reduce((sum, step) => sum + step.durationS, 0),
    state: 'hot',
    liddedShare: 0,
  });
  let potEvaporationG = 0;
  let madeG = finishedG;
  for (let pass = 0; ; pass += 1) {
    const asideBrothMl = madeG * asideShare;
    const fit = fitPot(evening.vessel, mainPieces, madeG - asideBrothMl);
    const simmer = planSimmer({ evening, helpings: food, fit, asideBrothMl, model });
    const simmerS = (simmer.readyAtS.at(-1) ?? 0) - simmer.boilAtS;
    const firstRoundS = (simmer.readyAtS[0] ?? 0) - simmer.boilAtS;
    const steam = (diameterMm: number, durationS: number) =>
      evaporationG({ diameterMm, durationS, state: 'simmer', liddedShare: LID_ON_SHARE });
    potEvaporationG =
      steam(evening.vessel.innerDiameterMm, simmerS) +
      (table.aside.length > 0 ? steam(ASIDE_PAN.innerDiameterMm, firstRoundS) : 0);
    const broth = solveBroth({
      formula,
      table,
      finishedG,
      salinityPct: salinityTarget(evening, style).targetPct,
      pieces,
      stockEvaporationG,
      potEvaporationG,
    });
    if (Math.abs(broth.madeG - madeG) < 1 || pass >= 30) return { broth, fit, asideBrothMl, simmer };
    madeG = broth.madeG;
  }
}

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
      purpose: liquid.kind === 'broth' ? ('broth' as const) : ('dip' as const),
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
  const { broth, fit, simmer } = solveTogether(evening, style, table, food, model);
  const formula = brothFormulaById(style.brothFormulaId)!;
  const dipShare = style.dipShares[chosenSchool(style, evening.style.schools, 'seasoning')] ?? 1;
  const { band } = salinityTarget(evening, style);
  const potLitAt = simmer.litAt;
  const liquids = [
    describeBroth({ formula, solution: broth, evening, style, band, readyBy: potLitAt }),
    ...style.dipFormulaIds.map((id) => {
      const dip = dipFormulaById(id);
      if (!dip) throw new RangeError(`Style ${style.id} names the dip "${id}", which does not exist`);
      const solution = solveDip(dip, table, portionsOf(evening.diners) * dipShare, broth.salinityPct);
      return describeDip({ formula: dip, solution, evening, style, readyBy: evening.sitDownAt });
    }),
  ];
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
      brothIngredientIds: broth.parts.map((part) => part.ingredientId),
      rounds: fit.rounds,
    }),
  };
}
