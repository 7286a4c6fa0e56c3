import type { Diner, Evening } from '@elixa/contract';
import type { Formula } from '../catalogue/formula';
import { ingredientById } from '../catalogue/ingredients';
import type { Style } from '../catalogue/style';
import { chosenSchool } from '../catalogue/styles';
import type { Helping } from '../diners/helpings';
import { portionsOf } from '../diners/portion';
import type { Pan, Table } from '../diners/table';
import { whyNot } from '../diners/whyNot';
import { activate } from '../formula/activeFormula';
import { asideSwapsOf } from '../formula/chosenLiquids';
import { solveFormula, type FormulaSolution } from '../formula/solveFormula';
import { PLAIN_WATER } from '../formula/thinner';
import { tasteFactors } from '../formula/taste';
import { makingPan, type SolvedLiquid } from './broths';

/** Grams of a millilitre of sauce: soy, sugar and pastes are heavier than water. Kitchen estimate, 1.02-1.10. */
const SAUCE_G_PER_ML = 1.04;

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

/** Guests who get this sauce in a bowl of their own, with what was swapped for them. */
function guestsApart(evening: Evening, formula: Formula, table: Table): Diner[] {
  if (formula.kind !== 'sauce') return [];
  const swaps = asideSwapsOf(formula, evening.style.schools, table);
  return evening.diners.filter((diner) => swaps.some((swap) => whyNot(diner, ingredientById(swap.ingredientId))));
}

/**
 * A sauce, marinade or base: for everyone, or once for most and once for those whose own was asked for.
 * @returns nothing when there is nothing to marinate
 */
export function solveBeside(
  evening: Evening,
  style: Style,
  formula: Formula,
  table: Table,
  food: readonly Helping[],
  broth: FormulaSolution,
): SolvedLiquid[] {
  const along = formula.scaledBy === 'mainMass' ? mainThing(food) : undefined;
  if (formula.scaledBy === 'mainMass' && !along) return [];
  const isSauce = formula.kind === 'sauce';
  const share = isSauce ? (style.dipShares[chosenSchool(style, evening.style.schools, 'seasoning')] ?? 1) : 1;
  const taste = tasteFactors(evening.choices.taste?.[formula.id]);
  const solve = (heads: number, pan: Pan) => {
    const size = along ? along.massG / 1000 : heads;
    const active = activate(formula, evening.style.schools, table, size, taste, pan);
    const finishedG = (formula.mlPerHead ?? 0) * heads * SAUCE_G_PER_ML;
    const solution = solveFormula({
      active,
      finishedG,
      along,
      taste,
      thinner: formula.thinnedWith === 'broth' ? broth.asThinner : PLAIN_WATER,
      pan: makingPan(evening, finishedG),
    });
    return { active, solution };
  };
  const apart = guestsApart(evening, formula, table);
  const together = evening.diners.filter((diner) => !apart.includes(diner));
  const batches = evening.choices.batches?.[formula.id] ?? 1;
  const most: SolvedLiquid[] =
    together.length > 0 ? [{ ...solve(portionsOf(together) * share * batches, 'main'), place: 'pot' }] : [];
  if (apart.length === 0) return most;
  const forGuests = apart.map((diner) => diner.name);
  return [...most, { ...solve(portionsOf(apart) * share, 'aside'), place: 'aside', forGuests }];
}
