import type { Diner } from '@elixa/contract';
import type { Formula } from '../../catalogue/formula';
import { portionsOf } from '../../diners/portion';
import type { Pan } from '../../diners/table';
import { whyNot } from '../../diners/whyNot';
import type { Menu } from '../../evening/menu';
import { sum } from '../../measures/sum';
import { activate, madeAt, SAUCE_G_PER_ML, type ActiveFormula } from '../../formula/activeFormula';
import { asideSwapsOf, exchangedIn } from './aside';
import { solveFormula } from '../../formula/solveFormula';
import { PLAIN_WATER } from '../../formula/thinner';
import { tasteFactors } from '../../formula/taste';
import { makingPan, type SolvedLiquid } from './broths';

/** A second dip on the table makes a guest dip a little more in all, and so less into each. Kitchen estimate, 0.25-0.5. */
const EACH_MORE_DIP = 0.35;

/** What a marinade lies on, in all pans. */
function lyingIn({ marinades }: Menu, formula: Formula): { massG: number; saltPct: number } | undefined {
  const on = marinades.get(formula);
  const massG = sum((on ?? []).map((one) => one.massG));
  const [first] = on ?? [];
  return first && massG > 0 ? { massG, saltPct: first.what.saltPct } : undefined;
}

/** Share of its usual amount that each dip is mixed in: by where the salt is, and by how many dips there are. */
function dipShare({ evening, style, chosen }: Menu): number {
  const dips = Math.max(1, chosen.sauces.length);
  const { question, shares } = style.dipShares ?? { question: '', shares: {} };
  const bySeasoning = shares[evening.style.schools[question] ?? ''] ?? 1;
  return (bySeasoning * (1 + EACH_MORE_DIP * (dips - 1))) / dips;
}

/** Whether a guest could eat everything in these liquids. */
const suits = (diner: Diner, liquids: readonly ActiveFormula[]) =>
  liquids.every(({ parts }) => parts.every(({ what }) => !whyNot(diner, what)));

/**
 * Guests who get this sauce in a bowl of their own: those for whom something was settled, at the pot or in this sauce,
 * and who could not eat what the others dip into, the broth that thins it included.
 */
function guestsApart({ evening, catalogue, table }: Menu, formula: Formula, shared: readonly ActiveFormula[]): Diner[] {
  if (formula.kind !== 'sauce') return [];
  const swaps = asideSwapsOf(formula, evening.style.schools, table);
  const isSettled = (diner: Diner) =>
    table.aside.includes(diner) || swaps.some((swap) => whyNot(diner, catalogue.byId(swap.ingredientId)));
  return evening.diners.filter((diner) => isSettled(diner) && !suits(diner, shared));
}

/** The broth that a sauce is thinned with: that of the small pan or the pot, if everybody who dips into it can eat it. */
function thinnerFor(dippers: readonly Diner[], broths: readonly SolvedLiquid[], pan: Pan): SolvedLiquid | undefined {
  const places = pan === 'main' ? ['pot'] : ['aside', 'pot'];
  return places
    .flatMap((place) => broths.filter((one) => one.place === place))
    .find((one) => pan === 'main' || dippers.every((diner) => suits(diner, [one.active])));
}

/**
 * A sauce, marinade or base: for everyone, or once for most and once for those whose own was asked for.
 * @returns nothing when there is nothing to marinate
 */
export function solveBeside(menu: Menu, formula: Formula, broths: readonly SolvedLiquid[]): SolvedLiquid[] {
  const { evening, table } = menu;
  const along = formula.scaledBy === 'mainMass' ? lyingIn(menu, formula) : undefined;
  if (formula.scaledBy === 'mainMass' && !along) return [];
  const isSauce = formula.kind === 'sauce';
  const share = isSauce ? dipShare(menu) : 1;
  const taste = tasteFactors(evening.choices.taste?.[formula.id]);
  const activeFor = (size: number, pan: Pan) =>
    madeAt(
      activate(menu.catalogue, formula, evening.style.schools, exchangedIn(table, pan), size, taste),
      evening.place.altitudeM,
    );
  const solve = (heads: number, pan: Pan, dippers: readonly Diner[]): Omit<SolvedLiquid, 'place'> => {
    const active = activeFor(along ? along.massG / 1000 : heads, pan);
    const finishedG = (formula.mlPerHead ?? 0) * heads * SAUCE_G_PER_ML;
    const thinnedBy = formula.thinnedWith === 'broth' ? thinnerFor(dippers, broths, pan) : undefined;
    const thinner = thinnedBy?.solution.asThinner ?? PLAIN_WATER;
    const solution = solveFormula({ active, finishedG, along, taste, thinner, pan: makingPan(evening, finishedG) });
    return { active, solution, thinnedBy, salinityAsMadePct: solution.salinityPct };
  };
  const potBroths = formula.thinnedWith === 'broth' ? broths.filter((one) => one.place === 'pot') : [];
  const apart = guestsApart(menu, formula, [activeFor(1, 'main'), ...potBroths.map((one) => one.active)]);
  const together = evening.diners.filter((diner) => !apart.includes(diner));
  const batches = evening.choices.batches?.[formula.id] ?? 1;
  const most: SolvedLiquid[] =
    together.length > 0 ? [{ ...solve(portionsOf(together) * share * batches, 'main', together), place: 'pot' }] : [];
  if (apart.length === 0) return most;
  const forGuests = apart.map((diner) => diner.name);
  return [...most, { ...solve(portionsOf(apart) * share, 'aside', apart), place: 'aside', forGuests }];
}
