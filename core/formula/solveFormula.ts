import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/ingredients';
import { retainedAlcohol } from '../taste/alcohol';
import { bowlColour } from '../taste/colour';
import { heatScale } from '../taste/heatScale';
import { umamiGPer100g } from '../taste/umami';
import type { ActiveFormula } from './activeFormula';
import { spoonedSaltG } from '../measures/measurable';
import { solveLinear } from './linear';
import { sum } from '../measures/sum';
import { PLAIN_WATER, type Thinner } from './thinner';
import type { FormulaQuestion, FormulaSolution, SolvedPart } from './solution';
import { drawings, simmeredMinutes, steamOfSteps } from './making';

/** How far pieces come toward the salt of the broth while they cook. Kitchen estimate, 0.1-0.25. */
export const PIECES_TAKE_SALT = 0.15;
/** What is saltier than this is poured or dipped into, and seen in a thin layer. */
const POURED_PCT = 2;
/** A saucer of dip is about an eighth as deep as a bowl of broth. Kitchen estimate. */
const SAUCER_DEPTH = 0.12;

/** Food tables give glutamic acid; its sodium salt with its water, by which umami is measured, weighs so much more. */
const MSG_FOR_GLUTAMIC_ACID = 1.27;

const SALT_ID = 'salt';
/** So much of a broth stands in the pot before the food has given its water. Kitchen estimate, 0.3-0.5. */
const LEAST_MADE_SHARE = 0.4;
/** Nobody boils a sauce down further than this without seeing it. Kitchen estimate. */
const MOST_STEAMED = 0.6;
/** Rounding of a sum of masses, in g. */
const NOTHING_G = 1e-6;

const isInfusion = (one: { role: SolvedPart['role'] }) => one.role === 'infusion';
/** Whether a part belongs to the liquid by mass; solids, aromatics and what is lifted out do not. */
const isLiquid = ({ role }: { role: SolvedPart['role'] }) => !['infusion', 'solid', 'aroma'].includes(role);

const GROUPS = [
  { role: 'salting', property: 'saltPct', target: 'salinityPct', taste: 'salt' },
  { role: 'sweetening', property: 'sweetnessPct', target: 'sweetnessPct', taste: 'sweet' },
  { role: 'souring', property: 'acidPct', target: 'acidPct', taste: 'sour' },
] as const;
type Property = (typeof GROUPS)[number]['property'];

/** Grams of each ingredient of a group that together bring one gram of what the group is for. */
function groupRecipe(active: ActiveFormula, role: string, property: Property, fixedId: string | undefined) {
  const members = active.parts.filter(
    ({ part, what }) => part.role === role && what[property] > 0 && what.id !== fixedId,
  );
  const shares = sum(members.map(({ part }) => part.share ?? 0));
  return members.map((one) => ({ ...one, gramsEach: (one.part.share ?? 0) / shares / (one.what[property] / 100) }));
}

/**
 * Solves a formula: how much of each part and of water, so that the liquid has its mass, its salinity, sweetness and
 * acidity, with everything counted that brings them.
 *
 * Mass: water + parts + drawn + given by the food = finished + steam + held by what is lifted out. Salt, sweetness and
 * acid: what the parts, the drawing and the thinner bring = the target's share of the finished mass (and, for salt, of
 * what the pieces take up). The amounts of the three solved groups follow from at most three linear equations; a group
 * that would be negative is left out and the rest is solved again.
 * @returns masses in g, tastes for 100 g of liquid
 */
export function solveFormula(question: FormulaQuestion): FormulaSolution {
  const exact = solveAround(question);
  const spooned = spoonedSalt(exact);
  if (!spooned) return exact;
  const around = solveAround(question, spooned);
  // Soy brings what the spoon leaves over; where it would have to take salt away, the exact amount stands.
  return Math.abs(around.salinityPct - exact.salinityPct) < 1e-9 ? around : exact;
}

/** Salt as a spoon holds it, where something else salts too and can bring the rest. */
function spoonedSalt({ parts }: FormulaSolution): SolvedPart | undefined {
  const salting = parts.filter((part) => part.role === 'salting');
  const salt = salting.find((part) => part.ingredientId === SALT_ID);
  if (!salt || salting.length < 2) return undefined;
  return { ...salt, massG: spoonedSaltG(salt.massG, ingredientById(SALT_ID)) };
}

function solveAround(question: FormulaQuestion, fixed?: SolvedPart): FormulaSolution {
  const { active, thinner = PLAIN_WATER, pieces = [], along, potEvaporationG = 0 } = question;
  const isThinned = active.formula.thinnedWith !== 'nothing';
  const infused = drawings(active);
  const given = active.parts.flatMap(({ part, what, massG, note }) => {
    const isFixed = fixed && part.role === 'salting' && what.id === fixed.ingredientId;
    const amountG = isFixed ? fixed.massG : massG;
    return amountG === undefined
      ? []
      : [{ ingredientId: what.id, cut: part.cut, what, role: part.role, massG: amountG, note }];
  });
  const fixedLiquidG = sum(given.filter(isLiquid).map((one) => one.massG));
  const broughtBy = (list: ReadonlyArray<{ what: Ingredient; massG: number }>, property: Property) =>
    sum(list.map(({ what, massG }) => (massG * what[property]) / 100));
  // Fragrant things bring no salt, sugar or acid worth counting; what is lifted out brings what was drawn from it.
  const counted = given.filter((one) => !isInfusion(one) && one.role !== 'aroma');
  const drawnOf = (property: keyof Ingredient) =>
    sum(infused.map(({ what, massG, share }) => (massG * share * (what[property] as number)) / 100));

  const stockEvaporationG = steamOfSteps(active, question.pan);
  const absorbedG = sum(infused.map(({ massG, holdsWater }) => massG * holdsWater));
  const drawnG =
    drawnOf('saltPct') +
    drawnOf('sweetnessPct') +
    drawnOf('glutamatePct') +
    drawnOf('inosinatePct') +
    drawnOf('guanylatePct');
  const pieceWaterG = sum(pieces.map((one) => one.massG * ingredientById(one.ingredientId).composition.water));
  const releasedG = sum(pieces.map((one) => one.massG * ingredientById(one.ingredientId).releasedShare));
  const holds = { saltPct: PIECES_TAKE_SALT * pieceWaterG, sweetnessPct: 0, acidPct: 0 };
  const thins = { saltPct: thinner.salinityPct, sweetnessPct: thinner.sweetnessPct, acidPct: thinner.acidPct };
  const alongG = along?.massG ?? 0;
  const alongOf = { saltPct: (alongG * (along?.saltPct ?? 0)) / 100, sweetnessPct: 0, acidPct: 0 };

  const groups = GROUPS.map((group) => {
    const recipe = groupRecipe(active, group.role, group.property, fixed?.ingredientId);
    const best = active.target[group.target]?.[1];
    const asked = group.target === 'salinityPct' ? (question.salinityPct ?? best) : best;
    return {
      ...group,
      recipe,
      wantedPct: asked === undefined ? undefined : asked * (question.taste?.[group.taste] ?? 1),
    };
  }).filter(({ recipe, wantedPct }) => recipe.length > 0 && wantedPct !== undefined);

  // Where nothing lets it down, what boils off makes it stronger; no more than most of what there is.
  const steamedG = isThinned ? stockEvaporationG : Math.min(stockEvaporationG, MOST_STEAMED * fixedLiquidG);
  const lostG = isThinned ? 0 : steamedG + givenEthanolLossG();

  // Share of the targets that can be reached: less than all where the parts that bring them would not fit into the liquid.
  let reach = 1;

  function solvedParts(liquidG: number): SolvedPart[] {
    let open = groups;
    for (;;) {
      const amounts = open.length === 0 ? [] : solveLinear(...equations(open, liquidG));
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

  function equations(open: typeof groups, liquidG: number): [number[][], number[]] {
    const massPerGram = open.map(({ recipe }) => sum(recipe.map(({ gramsEach }) => gramsEach)));
    const rows = open.map(({ property, wantedPct = 0 }) => {
      const share = (wantedPct * reach) / 100;
      const dilutes = isThinned ? thins[property] / 100 : share;
      return open.map(
        ({ recipe }, column) =>
          sum(recipe.map(({ what, gramsEach }) => (gramsEach * what[property]) / 100)) - dilutes * massPerGram[column]!,
      );
    });
    const right = open.map(({ property, wantedPct = 0 }) => {
      const share = (wantedPct * reach) / 100;
      const brought = broughtBy(counted, property) + drawnOf(property) + alongOf[property];
      return isThinned
        ? share * (liquidG + holds[property]) - brought - (thins[property] / 100) * (liquidG - fixedLiquidG)
        : share * (fixedLiquidG + alongG - lostG) - brought;
    });
    return [rows, right];
  }

  const liquidPartsG = (solved: readonly SolvedPart[]) => fixedLiquidG + sum(solved.map((one) => one.massG));
  const ethanolLossG = (solved: readonly SolvedPart[]) => {
    const { addedG, keptG } = ethanolOf(solved);
    return addedG - keptG;
  };
  const thinnerFor = (liquidG: number) => {
    const solved = solvedParts(liquidG);
    return (
      liquidG +
      stockEvaporationG +
      potEvaporationG +
      ethanolLossG(solved) +
      absorbedG -
      releasedG -
      drawnG -
      liquidPartsG(solved)
    );
  };

  function givenEthanolLossG(): number {
    const { addedG, keptG } = ethanolOf([]);
    return addedG - keptG;
  }

  function ethanolOf(solved: readonly SolvedPart[]) {
    const rows = active.parts.map((one) => {
      const massG =
        one.massG ??
        solved.find((part) => part.ingredientId === one.what.id && part.role === one.part.role)?.massG ??
        0;
      const addedG = (massG * one.what.ethanolPct) / 100;
      return { addedG, keptG: addedG * retainedAlcohol(simmeredMinutes(active, one, question.potMinutes)) };
    });
    return { addedG: sum(rows.map((row) => row.addedG)), keptG: sum(rows.map((row) => row.keptG)) };
  }

  // Where the parts and the food give more than is asked for, there is more of it, and nothing is poured away.
  // A pot is not started dry, however much water its food will give.
  const leastMadeG = pieces.length > 0 ? question.finishedG * LEAST_MADE_SHARE : 0;
  const missingG = (massG: number) => {
    const thinned = thinnerFor(massG);
    const wouldMakeG = thinned + liquidPartsG(solvedParts(massG)) + drawnG - absorbedG - stockEvaporationG;
    return Math.max(-thinned, leastMadeG - wouldMakeG);
  };
  const grown = () => {
    let massG = question.finishedG;
    for (let step = 0; step < 60 && missingG(massG) > 0; step += 1) massG += missingG(massG) * 1.05;
    return massG;
  };
  let liquidG = question.finishedG;
  if (isThinned) {
    liquidG = grown();
    if (missingG(liquidG) > NOTHING_G) {
      // More sharpness or salt than its own juice has cannot be had: as much of everything as fits.
      let [fits, tooMuch] = [0, 1];
      for (let step = 0; step < 40; step += 1) {
        reach = (fits + tooMuch) / 2;
        if (missingG(grown()) > NOTHING_G) tooMuch = reach;
        else fits = reach;
      }
      reach = fits;
      liquidG = grown();
    }
  }
  const solved = solvedParts(liquidG);
  const thinnerG = isThinned ? Math.max(0, thinnerFor(liquidG)) : 0;
  const ethanol = ethanolOf(solved);
  if (!isThinned) liquidG = liquidPartsG(solved) - (ethanol.addedG - ethanol.keptG) - steamedG;
  const parts = merged([...given.map(({ what: _what, ...part }) => part), ...solved]);
  const whatOf = (list: readonly SolvedPart[]) =>
    list.map((part) => ({ ...part, what: ingredientById(part.ingredientId) }));
  const all = whatOf([...given, ...solved].map(({ ingredientId, role, massG }) => ({ ingredientId, role, massG })));
  const allCounted = all.filter((one) => !isInfusion(one) && one.role !== 'aroma');
  // Where everything was left out there is nothing to taste.
  const tasteMassG = Math.max(liquidG + alongG, NOTHING_G);
  const total = (property: Property, thinnerPct: number) =>
    broughtBy(allCounted, property) + drawnOf(property) + alongOf[property] + (thinnerG * thinnerPct) / 100;
  const saltG = total('saltPct', thinner.salinityPct);
  const sweetG = total('sweetnessPct', thinner.sweetnessPct);
  const acidG = total('acidPct', thinner.acidPct);
  const savourPct = (property: 'glutamatePct' | 'inosinatePct' | 'guanylatePct') =>
    ((sum(allCounted.map(({ what, massG }) => (massG * what[property]) / 100)) +
      drawnOf(property) +
      (thinnerG * thinner[property]) / 100) /
      tasteMassG) *
    100;
  const saltHolderG = tasteMassG + holds.saltPct;
  const asThinner: Thinner = {
    salinityPct: (saltG / saltHolderG) * 100,
    sweetnessPct: (sweetG / tasteMassG) * 100,
    acidPct: (acidG / tasteMassG) * 100,
    glutamatePct: savourPct('glutamatePct'),
    inosinatePct: savourPct('inosinatePct'),
    guanylatePct: savourPct('guanylatePct'),
  };
  const seasoningsG = liquidPartsG(solved) + drawnG;
  const startSaltG = (thinnerG * thinner.salinityPct) / 100;
  return {
    parts,
    thinnerG,
    madeG: thinnerG + seasoningsG - absorbedG - steamedG,
    finishedG: liquidG,
    ...asThinner,
    umamiGPer100g: umamiGPer100g({ ...asThinner, glutamatePct: asThinner.glutamatePct * MSG_FOR_GLUTAMIC_ACID }),
    heat: heatScale(sum(all.map(({ what, massG }) => massG * what.heatShu)) / tasteMassG),
    ethanolG: ethanol.keptG,
    colour: bowlColour(
      all.flatMap(({ what, massG }) => (what.tint ? [{ ...what.tint, pct: (massG / tasteMassG) * 100 }] : [])),
      active.formula.kind === 'broth' && asThinner.salinityPct < POURED_PCT ? 1 : SAUCER_DEPTH,
    ),
    asThinner,
    water: {
      startG: thinnerG,
      seasoningsG,
      releasedG,
      evaporatedG: steamedG + potEvaporationG + (ethanol.addedG - ethanol.keptG),
      absorbedG,
      finishedG: liquidG,
    },
    salt: {
      addedG: broughtBy(allCounted, 'saltPct') + alongOf.saltPct,
      extractedG: drawnOf('saltPct') + startSaltG,
      inPiecesG: (saltG / saltHolderG) * holds.saltPct,
      inLiquidG: (saltG / saltHolderG) * tasteMassG,
    },
    sweetness: { addedG: sweetG, lostG: 0, leftG: sweetG },
    ethanol: { addedG: ethanol.addedG, lostG: ethanol.addedG - ethanol.keptG, leftG: ethanol.keptG },
    drawn: infused.map(({ what, share, spoiled, inAtS, outAtS, latestOutAtS, course }) => ({
      ingredientId: what.id,
      drawnShare: share,
      spoiledShare: spoiled,
      inAtS,
      outAtS,
      latestOutAtS,
      course,
    })),
    ownSteps: infused.flatMap(({ what, ownStep, inAtS, outAtS }) => {
      if (!ownStep) return [];
      const span = ownStep.at === 'in' ? { atS: inAtS, durationS: outAtS - inAtS } : { atS: outAtS, durationS: 60 };
      return [{ id: `standIn-${what.id}`, ingredientId: what.id, at: ownStep.at, says: ownStep.says, ...span }];
    }),
    salinityWith(masses, otherThinnerG) {
      const shown = parts.map((part) => ({ ...part, massG: masses.get(part.ingredientId) ?? part.massG }));
      const liquid = (list: readonly SolvedPart[]) => sum(list.filter(isLiquid).map((part) => part.massG));
      const changeG = otherThinnerG - thinnerG + liquid(shown) - liquid(parts);
      const shownSaltG =
        broughtBy(
          whatOf(shown).filter((one) => !isInfusion(one) && one.role !== 'aroma'),
          'saltPct',
        ) +
        drawnOf('saltPct') +
        alongOf.saltPct +
        (otherThinnerG * thinner.salinityPct) / 100;
      return (shownSaltG / (saltHolderG + changeG)) * 100;
    },
  };
}

/** One row for an ingredient that does two things, as for soy that salts twice; nothing of nothing, and no plain water. */
function merged(parts: readonly SolvedPart[]): SolvedPart[] {
  const byId = new Map<string, SolvedPart>();
  for (const part of parts) {
    const known = byId.get(part.ingredientId);
    byId.set(part.ingredientId, known ? { ...known, massG: known.massG + part.massG } : part);
  }
  return [...byId.values()].filter((part) => part.massG > 1e-9 && part.ingredientId !== 'water');
}
