import type { Allergen, Evening, Liquid, LiquidStep, Swap } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import type { Band } from '../catalogue/formula';
import { ingredientById } from '../catalogue/ingredients';
import type { FoodKind, Ingredient } from '../catalogue/ingredient';
import { showMeasure } from '../measures/showMeasure';
import { shiftIso } from '../time/shiftIso';
import { missesOf } from './misses';
import { isAsNamed, nameTonight, timedSteps } from './stepWords';
import type { ActiveFormula } from './activeFormula';
import type { FormulaSolution, SolvedPart } from './solution';

/** Words for a salinity that is drunk or eaten as broth, in % by mass. */
function brothStrength(salinityPct: number): string {
  if (salinityPct < 0.15) return 'unsalted';
  if (salinityPct < 0.6) return 'mild';
  if (salinityPct < 1) return 'seasoned';
  return salinityPct < 2 ? 'strong' : 'very strong: a sauce to pour';
}

/** Words for the salt that a marinade brings to what lies in it, in % of its mass. */
function marinadeStrength(salinityPct: number): string {
  if (salinityPct < 0.6) return 'lightly salted';
  return salinityPct < 1.3 ? 'seasoned' : 'well seasoned';
}

/** Words for the salinity of a dip or a base. */
function sauceStrength(salinityPct: number): string {
  if (salinityPct < 2) return 'mild';
  if (salinityPct < 4) return 'light';
  return salinityPct <= 6.5 ? 'salty, as a dip is' : 'very salty: a little is enough';
}

const strengthWords = (kind: Liquid['kind'], salinityPct: number): string =>
  kind === 'broth'
    ? brothStrength(salinityPct)
    : kind === 'marinade'
      ? marinadeStrength(salinityPct)
      : sauceStrength(salinityPct);

/** Less than this of water nobody measures, in g. */
const NO_WATER_G = 1.5;
/** A broth that is to have no more salt than this has none of its own, in %. */
const UNSALTED_PCT = 0.15;

function show(parts: readonly SolvedPart[], evening: Evening) {
  const catalogue = catalogueOf(evening);
  const measured = new Map<string, number>();
  const ingredients = parts.map((part) => {
    const what = catalogue.byId(part.ingredientId);
    const shown = showMeasure(part.massG, what, evening.units, part.cut);
    measured.set(part.ingredientId, part.massG * (1 + shown.errorPct / 100));
    return {
      ingredientId: part.ingredientId,
      massG: part.massG,
      shownText: shown.text,
      roundingErrorPct: shown.errorPct,
      carriesSalt: what.saltPct > 0.5,
      role: part.role,
      cut: part.cut !== undefined && part.cut in what.cuts ? part.cut : undefined,
      note: part.note,
    };
  });
  return { ingredients, measured };
}

/** What is left to do where it comes out of a jar. */
const fromTheJar = (steps: readonly LiquidStep[]): LiquidStep[] => [
  {
    id: 'fromJar',
    uses: [],
    says: 'Take the jar out, stir it, and taste it',
    atS: 0,
    durationS: 60,
    attended: true,
    lookFor: 'It smells as it did when it was made; if it does not, it is made again',
  },
  ...steps.filter((step) => step.whenServed).map((step) => ({ ...step, atS: 60 })),
];

const totalS = (steps: readonly LiquidStep[]) => Math.max(0, ...steps.map((step) => step.atS + step.durationS));
const ends = (band: Band | undefined): [number, number] | undefined => band && [band[0], band[2]];
const pair = (range: readonly [number, number] | undefined): [number, number] | undefined =>
  range && [range[0], range[1]];

/** Kinds of food that somebody may not eat, as a label says them. */
const LABEL_WORDS: Partial<Record<FoodKind, string>> = {
  poultry: 'poultry',
  pork: 'pork',
  beef: 'beef',
  lamb: 'lamb',
  fish: 'fish',
  crustacean: 'crustaceans',
  mollusc: 'molluscs',
  egg: 'egg',
  milk: 'milk',
  honey: 'honey',
  alcohol: 'alcohol',
};

function labelOf(contents: readonly Ingredient[]): Pick<Liquid, 'allergens' | 'contains'> {
  const allergens: Allergen[] = [...new Set(contents.flatMap((what) => what.allergens))].sort();
  const kinds = contents.flatMap((what) => what.kinds.flatMap((kind) => LABEL_WORDS[kind] ?? []));
  return { allergens, contains: [...new Set([...allergens, ...kinds])].sort() };
}

function thinnedWith(
  { formula }: ActiveFormula,
  { thinnerG }: FormulaSolution,
  place: Liquid['place'] | undefined,
): Liquid['thinnedWith'] {
  if (formula.kind === 'broth' || thinnerG <= 0) return undefined;
  if (place === undefined) return 'water';
  return place === 'aside' ? 'asideBroth' : 'potBroth';
}

/** Swaps of the evening that this formula took up. */
function appliedSwaps(evening: Evening, active: ActiveFormula): Swap[] {
  return evening.choices.swaps.filter((swap) =>
    active.parts.some(({ part, what }) => part.ingredientId === swap.ingredientId && what.id === swap.withIngredientId),
  );
}

/** What is kept of a liquid that is made more than once over, or taken from for a broth, and until when. */
function batchOf(
  { formula }: ActiveFormula,
  solution: FormulaSolution,
  evening: Evening,
  takenShare: number,
): Liquid['batch'] {
  const times = evening.choices.batches?.[formula.id] ?? 1;
  if ((times === 1 && takenShare === 0) || formula.kind === 'broth' || formula.kind === 'marinade') return undefined;
  const tonight = takenShare > 0 ? Math.min(1, takenShare) : 1 / times;
  return {
    times,
    keptMl: solution.finishedG * (1 - tonight),
    keepUntil: shiftIso(evening.sitDownAt, formula.keeps.fridgeDays * 86_400).slice(0, 10),
  };
}

/** A solved formula as the plan lists it. */
export function describeLiquid(given: {
  active: ActiveFormula;
  solution: FormulaSolution;
  salinityAsMadePct: number;
  /** What it comes to at the table, where it is judged before that. */
  atTablePct?: number;
  evening: Evening;
  readyBy: string;
  place: Liquid['place'];
  forGuests?: string[];
  /** Share of a base that a broth of this evening takes. */
  takenShare?: number;
  /** The jar that it comes from, where it need not be made. */
  jar?: Liquid['jar'];
  /** What it is let down with, where that is no water. */
  thinner?: { place: Liquid['place']; active: ActiveFormula };
}): Liquid {
  const {
    active,
    solution,
    salinityAsMadePct,
    atTablePct,
    evening,
    readyBy,
    place,
    forGuests,
    takenShare = 0,
    jar,
    thinner,
  } = given;
  const { formula, target } = active;
  const { ingredients, measured } = show(solution.parts, evening);
  const thinned = thinnedWith(active, solution, thinner?.place);
  const made = timedSteps(active, solution, thinned);
  const steps = jar ? fromTheJar(made) : made;
  const isBroth = formula.kind === 'broth';
  const isThinned = solution.thinnerG >= NO_WATER_G;
  const water = showMeasure(isThinned ? solution.thinnerG : 0, ingredientById('water'), evening.units);
  // What is to have no salt of its own is judged as it is made: at the table it has that of what it is poured over.
  const isUnsalted = isBroth && (target.salinityPct?.[2] ?? 1) <= UNSALTED_PCT;
  const isJudgedAtTable = atTablePct === undefined && isBroth && !isUnsalted;
  return {
    id: place === 'aside' ? `${formula.id}-aside` : formula.id,
    formulaId: formula.id,
    place,
    forGuests,
    name: nameTonight(active),
    kind: formula.kind,
    purpose: isAsNamed(active) ? formula.purpose : '',
    startWaterMl: solution.thinnerG,
    startWaterText: isThinned ? water.text : '',
    madeMl: solution.madeG,
    finishedMl: solution.finishedG,
    salinityAsMadePct,
    salinityPct: atTablePct ?? solution.salinityPct,
    judged: isJudgedAtTable ? 'atTheTable' : 'asMade',
    measuredSalinityPct: isUnsalted
      ? salinityAsMadePct
      : solution.salinityWith(measured, solution.thinnerG * (1 + (isThinned ? water.errorPct : 0) / 100)),
    strength: strengthWords(formula.kind, isUnsalted ? salinityAsMadePct : solution.salinityPct),
    targetSalinityPct: ends(target.salinityPct) as [number, number],
    aimSalinityPct: target.salinityPct?.[1],
    sweetnessPct: solution.sweetnessPct,
    targetSweetnessPct: ends(target.sweetnessPct),
    acidityPct: solution.acidPct,
    targetAcidityPct: ends(target.acidPct),
    umamiGPer100g: solution.umamiGPer100g,
    targetUmamiGPer100g: pair(target.umamiGPer100g),
    heat: solution.heat,
    targetHeat: pair(target.heat),
    ethanolG: solution.ethanolG,
    colour: solution.colour,
    ...labelOf([...active.parts, ...(thinner?.active.parts ?? [])].map(({ what }) => what)),
    thinnedWith: thinned,
    misses: missesOf(active, isUnsalted ? { ...solution, salinityPct: salinityAsMadePct } : solution, evening),
    keeps: formula.keeps,
    jar,
    batch: place === 'aside' || jar ? undefined : batchOf(active, solution, evening, takenShare),
    swaps: appliedSwaps(evening, active),
    drawn: solution.drawn,
    latestStartAt: shiftIso(readyBy, -totalS(steps)),
    ingredients,
    steps,
    water: solution.water,
    salt: solution.salt,
    sweetness: solution.sweetness,
    ethanol: solution.ethanol,
  };
}
