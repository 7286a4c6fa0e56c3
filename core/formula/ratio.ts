import type { Evening, Liquid, Units } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Formula, FormulaPart } from '../catalogue/formula';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { densityOf } from '../measures/densityOf';
import { parseAmount } from '../measures/parseAmount';
import { sum } from '../measures/sum';
import { SPOONS } from '../measures/units';
import { activate, type Exchanged, SAUCE_G_PER_ML, WRITTEN_FOR } from './activeFormula';
import { partsOf } from './schools';
import { solveFormula } from './solveFormula';
import { PLAIN_WATER } from './thinner';

/** Parts by volume, by the ingredient that the formula names; what lets it down is one of them. */
export type Ratio = Readonly<Record<string, number>>;

/** How what a sauce is let down with is called in a ratio. */
export const THINNER = 'thinner';

/** No sauce takes more parts of one thing. */
export const MOST_PARTS = 100;

const MIXED: readonly FormulaPart['role'][] = ['salting', 'sweetening', 'souring', 'body'];
const NOTHING_EXCHANGED: Exchanged = { leftOut: new Set(), swaps: [] };
/** A pan of the kitchen, for what boils off a sauce. */
const PAN = { diameterMm: 200, depthMm: 90, heat: ASIDE_HEAT, roomTempC: 20, altitudeM: 0 };

/** Whether somebody may mix it by a ratio: dips, and sauces that are poured as they are. */
export const takesRatio = ({ kind, thinnedWith, parts }: Formula): boolean =>
  (kind === 'sauce' || (kind === 'broth' && thinnedWith === 'nothing')) &&
  parts.filter(({ role }) => MIXED.includes(role)).length > 1;

/** The parts that a ratio is about, by the schools that are followed: what is liquid, or melts into it. */
export const mixedParts = (formula: Formula, schools: Readonly<Record<string, string>>): FormulaPart[] =>
  partsOf(formula, schools).filter(({ role }) => MIXED.includes(role));

/** Volumes, in ml, in which a formula as it is written takes each of these parts and what lets it down, for its own size. */
function asWritten(formula: Formula, schools: Readonly<Record<string, string>>, catalogue: Catalogue, units: Units) {
  const size = WRITTEN_FOR[formula.scaledBy];
  const active = activate(catalogue, formula, schools, NOTHING_EXCHANGED, size);
  const finishedG =
    formula.scaledBy === 'finishedVolume' ? size * 1000 : (formula.mlPerHead ?? 0) * size * SAUCE_G_PER_ML;
  const { parts, thinnerG } = solveFormula({ active, finishedG, thinner: PLAIN_WATER, pan: PAN });
  const ml = new Map(
    mixedParts(formula, schools).map(({ ingredientId, cut }) => {
      const massG = parts.find((part) => part.ingredientId === ingredientId)?.massG ?? 0;
      return [ingredientId, massG / densityOf(catalogue.byId(ingredientId), units, cut)] as const;
    }),
  );
  return { size, ml, thinnerMl: thinnerG };
}

/**
 * A sauce mixed by a ratio of volumes instead of being solved for its targets, as much of it as before. What is cut into
 * it stays; what the ratio does not name is left out of it.
 * @param ratio parts by volume, zero or more, not all zero
 */
export function byRatio(
  formula: Formula,
  ratio: Ratio,
  { catalogue, schools, units }: { catalogue: Catalogue; schools: Evening['style']['schools']; units: Units },
): Formula {
  const mixed = mixedParts(formula, schools);
  const partsIn = (id: string) => ratio[id] ?? 0;
  const all = sum(mixed.map(({ ingredientId }) => partsIn(ingredientId))) + partsIn(THINNER);
  if (!takesRatio(formula) || all <= 0) return formula;
  const { size, ml, thinnerMl } = asWritten(formula, schools, catalogue, units);
  const totalMl = sum([...ml.values()]) + thinnerMl;
  const isThinned = formula.thinnedWith !== 'nothing' && partsIn(THINNER) > 0;
  const parts = formula.parts.flatMap((part): FormulaPart[] => {
    if (!mixed.includes(part)) return mixed.some((one) => one.ingredientId === part.ingredientId) ? [] : [part];
    const { share: _share, exponent: _exponent, ...rest } = part;
    const eachMl = (totalMl * partsIn(part.ingredientId)) / all / size;
    const grams = eachMl * densityOf(catalogue.byId(part.ingredientId), units, part.cut);
    return grams > 0 ? [{ ...rest, role: 'body', grams }] : [];
  });
  return {
    ...formula,
    parts,
    ...(isThinned
      ? {}
      : { thinnedWith: 'nothing' as const, steps: formula.steps.filter(({ says }) => !says.includes('{thinner}')) }),
  };
}

/** The ratio in which a liquid is mixed tonight, in tablespoons of what it makes, by what the formula names. */
export function ratioOf(
  { ingredients, swaps, water, thinnedWith }: Pick<Liquid, 'ingredients' | 'swaps' | 'water' | 'thinnedWith'>,
  mixed: readonly FormulaPart[],
  catalogue: Catalogue,
  units: Units,
): Record<string, number> {
  const { tbspMl } = SPOONS[units];
  const spoonsOf = ({ ingredientId, cut }: FormulaPart) => {
    const servedId = swaps.find((one) => one.ingredientId === ingredientId)?.withIngredientId ?? ingredientId;
    const massG = ingredients.find((one) => one.ingredientId === servedId)?.massG ?? 0;
    return massG / densityOf(catalogue.byId(servedId), units, cut) / tbspMl;
  };
  return {
    ...Object.fromEntries(mixed.map((part) => [part.ingredientId, spoonsOf(part)])),
    ...(thinnedWith ? { [THINNER]: water.startG / tbspMl } : {}),
  };
}

/**
 * Parts of a ratio as somebody typed them: a bare number, or spoons and cups, of which a tablespoon is one part.
 * @returns undefined when it cannot be read as a volume, or is more than a sauce takes
 * @example partsTyped('1 tsp', 'metric') // a third
 */
export function partsTyped(text: string, units: Units): number | undefined {
  if (text.trim() === '0') return 0;
  const amount = parseAmount(text, units);
  const isBare = amount?.kind === 'count' && (amount.of === undefined || /^parts?$/.test(amount.of));
  const parts = isBare ? amount.count : amount?.kind === 'volume' ? amount.volumeMl / SPOONS[units].tbspMl : undefined;
  return parts !== undefined && parts <= MOST_PARTS ? parts : undefined;
}
