import type { Ingredient } from '../catalogue/ingredient';

import { sum } from '../measures/sum';
import { retainedAlcohol } from '../taste/alcohol';
import type { ActiveFormula } from './activeFormula';
import { drawings, simmeredMinutes, steamOfSteps } from './making';
import type { FormulaQuestion, SolvedPart } from './solution';
import { PLAIN_WATER, type Thinner } from './thinner';

/** How far pieces come toward the salt of the broth while they cook. Kitchen estimate, 0.1-0.25. */
export const PIECES_TAKE_SALT = 0.15;
/** From so much salt on a piece seasons the broth instead of being seasoned by it: kimchi, fish cake, sausages, clams; in %. */
const SALTY_FROM_PCT = 1;
/** Share of its salt that such a piece gives to the broth while it cooks. Kitchen estimate, 0.3-0.6. */
export const PIECES_GIVE_SALT = 0.4;
/** From so much acid on a piece sours the broth: kimchi, soured cabbage; in %. */
const SOUR_FROM_PCT = 0.3;
/** Nobody boils a sauce down further than this without seeing it. Kitchen estimate. */
const MOST_STEAMED = 0.6;

const isSalty = ({ saltPct }: Ingredient) => saltPct >= SALTY_FROM_PCT;

export const isInfusion = (one: { role: SolvedPart['role'] }) => one.role === 'infusion';
/** Whether a part belongs to the liquid by mass; solids, aromatics and what is lifted out do not. */
export const isLiquid = ({ role }: { role: SolvedPart['role'] }) => !['infusion', 'solid', 'aroma'].includes(role);
/** Fragrant things bring no salt, sugar or acid worth counting; what is lifted out brings what was drawn from it. */
export const isCounted = (one: { role: SolvedPart['role'] }) => !isInfusion(one) && one.role !== 'aroma';

const GROUPS = [
  { role: 'salting', property: 'saltPct', target: 'salinityPct', taste: 'salt' },
  { role: 'sweetening', property: 'sweetnessPct', target: 'sweetnessPct', taste: 'sweet' },
  { role: 'souring', property: 'acidPct', target: 'acidPct', taste: 'sour' },
] as const;
export type Property = (typeof GROUPS)[number]['property'];

/** What is salt, sweet or sour together, and how much of that is wanted. */
export interface Group {
  role: (typeof GROUPS)[number]['role'];
  property: Property;
  wantedPct: number;
  /** Grams of each member that together bring one gram of what the group is for. */
  recipe: ReadonlyArray<{ what: Ingredient; gramsEach: number; note?: string }>;
}

type Given = SolvedPart & { what: Ingredient };

/** All that is known before anything is solved: masses in g, properties in percent. */
export interface Balance {
  question: FormulaQuestion;
  /** Whether it is let down with something; otherwise its parts are all there is. */
  isThinned: boolean;
  /** Parts whose amount stands. */
  given: readonly Given[];
  infused: ReturnType<typeof drawings>;
  groups: readonly Group[];
  thinner: Thinner;
  /** What the thinner brings, by property. */
  thins: Readonly<Record<Property, number>>;
  /** What the pieces take up of it, by property, as the mass of liquid that it would salt. */
  holds: Readonly<Record<Property, number>>;
  /** What the pieces bring into it, by property. */
  gives: Readonly<Record<Property, number>>;
  alongG: number;
  alongOf: Readonly<Record<Property, number>>;
  fixedLiquidG: number;
  stockEvaporationG: number;
  /** Steam that makes a liquid stronger that nothing lets down, and all that it loses. */
  steamedG: number;
  lostG: number;
  absorbedG: number;
  releasedG: number;
  drawnG: number;
}

export const broughtBy = (list: ReadonlyArray<{ what: Ingredient; massG: number }>, property: Property) =>
  sum(list.map(({ what, massG }) => (massG * what[property]) / 100));

/** What was drawn from all that is lifted out, in g. */
export const drawnOf = ({ infused }: Pick<Balance, 'infused'>, property: keyof Ingredient) =>
  sum(infused.map(({ what, massG, share }) => (massG * share * (what[property] as number)) / 100));

/** Alcohol that each part brings, and what is left of it. */
export function ethanolOf({ active, potMinutes }: FormulaQuestion, solved: readonly SolvedPart[]) {
  const parts = active.parts.map((one) => {
    const massG =
      one.massG ?? solved.find((part) => part.ingredientId === one.what.id && part.role === one.part.role)?.massG ?? 0;
    const addedG = (massG * one.what.ethanolPct) / 100;
    const keptG = addedG * retainedAlcohol(simmeredMinutes(active, one, potMinutes));
    return { ingredientId: one.what.id, addedG, keptG };
  });
  return { addedG: sum(parts.map((one) => one.addedG)), keptG: sum(parts.map((one) => one.keptG)), parts };
}

export function ethanolLossG(question: FormulaQuestion, solved: readonly SolvedPart[]): number {
  const { addedG, keptG } = ethanolOf(question, solved);
  return addedG - keptG;
}

function recipeOf(active: ActiveFormula, role: string, property: Property, fixedId: string | undefined) {
  const members = active.parts.filter(
    ({ part, what }) => part.role === role && what[property] > 0 && what.id !== fixedId,
  );
  const shares = sum(members.map(({ part }) => part.share ?? 0));
  return members.map((one) => ({ ...one, gramsEach: (one.part.share ?? 0) / shares / (one.what[property] / 100) }));
}

/** Groups that the formula asks for and has something for. */
function groupsOf({ active, salinityPct, taste }: FormulaQuestion, fixedId: string | undefined): Group[] {
  return GROUPS.flatMap(({ role, property, target, taste: tasted }) => {
    const recipe = recipeOf(active, role, property, fixedId);
    const best = active.target[target]?.[1];
    const asked = target === 'salinityPct' ? (salinityPct ?? best) : best;
    if (recipe.length === 0 || asked === undefined) return [];
    return [{ role, property, recipe, wantedPct: asked * (taste?.[tasted] ?? 1) }];
  });
}

/** @param fixed a part of a group whose amount stands */
export function balanceOf(question: FormulaQuestion, fixed?: SolvedPart): Balance {
  const { active, thinner = PLAIN_WATER, pieces = [], along, runOff } = question;
  const plain = pieces.filter((one) => !one.marinated);
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
  const drawn = (property: keyof Ingredient) => drawnOf({ infused }, property);
  const stockEvaporationG = steamOfSteps(active, question.pan);
  const ofPieces = (massOf: (what: Ingredient) => number, of = pieces) =>
    sum(of.map((one) => one.massG * massOf(one.what)));
  const alongG = along?.massG ?? 0;
  // Where nothing lets it down, what boils off makes it stronger; no more than most of what there is.
  const steamedG = isThinned ? stockEvaporationG : Math.min(stockEvaporationG, MOST_STEAMED * fixedLiquidG);
  return {
    question,
    isThinned,
    given,
    infused,
    groups: groupsOf(question, fixed?.ingredientId),
    thinner,
    thins: { saltPct: thinner.salinityPct, sweetnessPct: thinner.sweetnessPct, acidPct: thinner.acidPct },
    holds: {
      saltPct: PIECES_TAKE_SALT * ofPieces((what) => (isSalty(what) ? 0 : what.composition.water), plain),
      sweetnessPct: 0,
      acidPct: 0,
    },
    gives: {
      saltPct:
        PIECES_GIVE_SALT * ofPieces((what) => (isSalty(what) ? what.saltPct / 100 : 0), plain) + (runOff?.saltG ?? 0),
      sweetnessPct: runOff?.sweetG ?? 0,
      acidPct: PIECES_GIVE_SALT * ofPieces((what) => (what.acidPct >= SOUR_FROM_PCT ? what.acidPct / 100 : 0), plain),
    },
    alongG,
    alongOf: { saltPct: (alongG * (along?.saltPct ?? 0)) / 100, sweetnessPct: 0, acidPct: 0 },
    fixedLiquidG,
    stockEvaporationG,
    steamedG,
    lostG: isThinned ? 0 : steamedG + ethanolLossG(question, []),
    absorbedG: sum(infused.map(({ massG, holdsWater }) => massG * holdsWater)),
    releasedG: ofPieces((what) => what.releasedShare),
    drawnG:
      drawn('saltPct') + drawn('sweetnessPct') + drawn('glutamatePct') + drawn('inosinatePct') + drawn('guanylatePct'),
  };
}
