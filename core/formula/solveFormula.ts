import { ingredientById } from '../catalogue/ingredients';
import type { ActiveFormula } from './activeFormula';
import { spoonedSaltG } from '../measures/measurable';
import { sum } from '../measures/sum';
import { bowlColour } from '../taste/colour';
import { heatScale } from '../taste/heatScale';
import { umamiGPer100g } from '../taste/umami';
import { liquidPartsG, NOTHING_G, partsFor, reachOf, thinnerFor } from './amounts';
import { balanceOf, broughtBy, drawnOf, ethanolOf, isCounted, isLiquid, type Balance, type Property } from './balance';
import type { FormulaQuestion, FormulaSolution, SolvedPart } from './solution';
import type { Thinner } from './thinner';

/** What is saltier than this is poured or dipped into, and seen in a thin layer. */
const POURED_PCT = 2;
/** A saucer of dip is about an eighth as deep as a bowl of broth. Kitchen estimate. */
const SAUCER_DEPTH = 0.12;

/** Food tables give glutamic acid; its sodium salt with its water, by which umami is measured, weighs so much more. */
const MSG_FOR_GLUTAMIC_ACID = 1.27;

const SALT_ID = 'salt';

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
  const exact = solveWithFixed(question);
  const spooned = spoonedSalt(exact);
  if (!spooned) return exact;
  const around = solveWithFixed(question, spooned);
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

function solveWithFixed(question: FormulaQuestion, fixed?: SolvedPart): FormulaSolution {
  const balance = balanceOf(question, fixed);
  const { liquidG, reach } = reachOf(balance);
  const solved = partsFor(balance, liquidG, reach);
  const thinnerG = balance.isThinned ? Math.max(0, thinnerFor(balance, liquidG, solved)) : 0;
  return tasted(balance, solved, thinnerG, liquidG);
}

/** The parts with what they are. */
function looked({ parts }: ActiveFormula, list: readonly SolvedPart[]) {
  const what = new Map(parts.map((one) => [one.what.id, one.what]));
  return list.map((part) => ({ ...part, what: what.get(part.ingredientId)! }));
}

/** The liquid that these amounts make: its tastes, its colour, and where all of it went. */
function tasted(balance: Balance, solved: readonly SolvedPart[], thinnerG: number, liquidG: number): FormulaSolution {
  const { question, given, infused, thinner, holds, gives, alongG, alongOf, steamedG, absorbedG, releasedG } = balance;
  const ethanol = ethanolOf(question, solved);
  const ethanolLostG = ethanol.addedG - ethanol.keptG;
  const seasoningsG = liquidPartsG(balance, solved) + balance.drawnG;
  const finishedG = balance.isThinned ? liquidG : liquidPartsG(balance, solved) - ethanolLostG - steamedG;
  const parts = merged([...given.map(({ what: _what, ...part }) => part), ...solved]);
  const all = looked(
    question.active,
    [...given, ...solved].map(({ ingredientId, role, massG }) => ({ ingredientId, role, massG })),
  );
  const counted = all.filter(isCounted);
  // Where everything was left out there is nothing to taste.
  const tasteMassG = Math.max(finishedG + alongG, NOTHING_G);
  const total = (property: Property) =>
    broughtBy(counted, property) +
    drawnOf(balance, property) +
    alongOf[property] +
    gives[property] +
    (thinnerG * balance.thins[property]) / 100;
  const [saltG, sweetG, acidG] = [total('saltPct'), total('sweetnessPct'), total('acidPct')];
  const savourPct = (property: 'glutamatePct' | 'inosinatePct' | 'guanylatePct') =>
    ((sum(counted.map(({ what, massG }) => (massG * what[property]) / 100)) +
      drawnOf(balance, property) +
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
  const drawnSaltG = drawnOf(balance, 'saltPct');
  return {
    parts,
    thinnerG,
    madeG: thinnerG + seasoningsG - absorbedG - steamedG,
    finishedG,
    ...asThinner,
    umamiGPer100g: umamiGPer100g({ ...asThinner, glutamatePct: asThinner.glutamatePct * MSG_FOR_GLUTAMIC_ACID }),
    heat: heatScale(sum(all.map(({ what, massG }) => massG * what.heatShu)) / tasteMassG),
    ethanolG: ethanol.keptG,
    alcoholOf: ethanol.parts.filter((one) => one.keptG > 0),
    colour: bowlColour(
      all.flatMap(({ what, massG }) => (what.tint ? [{ ...what.tint, pct: (massG / tasteMassG) * 100 }] : [])),
      question.active.formula.kind === 'broth' && asThinner.salinityPct < POURED_PCT ? 1 : SAUCER_DEPTH,
    ),
    asThinner,
    water: {
      startG: thinnerG,
      seasoningsG,
      releasedG,
      evaporatedG: steamedG + (question.potEvaporationG ?? 0) + ethanolLostG,
      absorbedG,
      finishedG,
    },
    salt: {
      addedG: broughtBy(counted, 'saltPct') + alongOf.saltPct,
      extractedG: drawnSaltG + (thinnerG * thinner.salinityPct) / 100,
      fromPiecesG: gives.saltPct,
      inPiecesG: (saltG / saltHolderG) * holds.saltPct,
      inLiquidG: (saltG / saltHolderG) * tasteMassG,
    },
    sweetness: { addedG: sweetG, lostG: 0, leftG: sweetG },
    ethanol: { addedG: ethanol.addedG, lostG: ethanolLostG, leftG: ethanol.keptG },
    drawn: infused.map(({ what, share, spoiled, inAtS, outAtS, latestOutAtS, course }) => ({
      ingredientId: what.id,
      drawnShare: share,
      spoiledShare: spoiled,
      inAtS,
      outAtS,
      latestOutAtS,
      course,
    })),
    ownSteps: ownStepsOf(balance),
    salinityWith(masses, otherThinnerG) {
      const shown = parts.map((part) => ({ ...part, massG: masses.get(part.ingredientId) ?? part.massG }));
      const liquid = (list: readonly SolvedPart[]) => sum(list.filter(isLiquid).map((part) => part.massG));
      const changeG = otherThinnerG - thinnerG + liquid(shown) - liquid(parts);
      const shownSaltG =
        broughtBy(looked(question.active, shown).filter(isCounted), 'saltPct') +
        drawnSaltG +
        alongOf.saltPct +
        gives.saltPct +
        (otherThinnerG * thinner.salinityPct) / 100;
      return (shownSaltG / (saltHolderG + changeG)) * 100;
    },
  };
}

const ownStepsOf = ({ infused }: Balance): FormulaSolution['ownSteps'] =>
  infused.flatMap(({ what, ownStep, inAtS, outAtS }) => {
    if (!ownStep) return [];
    const span = ownStep.at === 'in' ? { atS: inAtS, durationS: outAtS - inAtS } : { atS: outAtS, durationS: 60 };
    return [{ id: `standIn-${what.id}`, ingredientId: what.id, at: ownStep.at, says: ownStep.says, ...span }];
  });

/** One row for an ingredient that does two things, as for soy that salts twice; nothing of nothing, and no plain water. */
function merged(parts: readonly SolvedPart[]): SolvedPart[] {
  const byId = new Map<string, SolvedPart>();
  for (const part of parts) {
    const known = byId.get(part.ingredientId);
    byId.set(part.ingredientId, known ? { ...known, massG: known.massG + part.massG } : part);
  }
  return [...byId.values()].filter((part) => part.massG > 1e-9 && part.ingredientId !== 'water');
}
