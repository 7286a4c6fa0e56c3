import type { Evening, PotPlan } from '@elixa/contract';
import { fitPot, type Fit } from '../build/fit';
import type { Formula } from '../catalogue/formula';
import type { Style } from '../catalogue/style';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import { ASIDE_PAN, STOCK_PAN } from '../catalogue/vessels';
import type { Helping } from '../diners/helpings';
import { portionsOf } from '../diners/portion';
import type { Table } from '../diners/table';
import { activate, madeAt, type ActiveFormula } from '../formula/activeFormula';
import { asideDiffers, type ChosenLiquids } from '../formula/chosenLiquids';
import { solveFormula } from '../formula/solveFormula';
import type { FormulaSolution } from '../formula/solution';
import { sum } from '../formula/sum';
import { tasteFactors } from '../formula/taste';
import type { SteamingPan } from '../heat/evaporation';
import type { AdditionModel } from '../simmer/additionModel';
import { planSimmer } from '../simmer/planSimmer';
import { tableSteamG } from '../simmer/tableSteam';

/** Where a liquid is eaten: from the pot, from the other half of a divided pot, or beside it by those it is made for. */
export type Place = 'pot' | 'otherHalf' | 'aside';

export interface SolvedLiquid {
  active: ActiveFormula;
  solution: FormulaSolution;
  place: Place;
  /** Guests that it is made for, when it is not for all. */
  forGuests?: string[];
  /** The broth that it is let down with; water where there is none. */
  thinnedBy?: SolvedLiquid;
}

/** A broth that is asked for: of what, how much, and what simmers in it. */
interface Asked {
  formula: Formula;
  place: Place;
  active: ActiveFormula;
  finishedG: number;
  pieces: Helping[];
  /** Share of the pot's steam that leaves from it, and whether the small pan's steam is its own. */
  potShare: number;
  isInSmallPan: boolean;
}

/** What is made for few, and every sauce, is made in a small pan; there it loses less as steam. */
const SMALL_ML = 900;

/** The pan on the stove that so much is made in. */
export function makingPan({ place }: Evening, finishedMl: number): SteamingPan {
  const { innerDiameterMm, innerDepthMm } = finishedMl <= SMALL_ML ? ASIDE_PAN : STOCK_PAN;
  return { diameterMm: innerDiameterMm, depthMm: innerDepthMm, heat: ASIDE_HEAT, ...place };
}

const part = (pieces: readonly Helping[], share: number): Helping[] =>
  pieces.map((one) => ({
    ...one,
    massG: one.massG * share,
    cuts: one.cuts.map(({ cut, massG }) => ({ cut, massG: massG * share })),
  }));

/** What the dips take of each broth, in g. */
export type BrothForDips = Partial<Record<Place, number>>;

/** Which broths there are tonight, of what size, and what is cooked in each. */
function askedBroths(
  evening: Evening,
  style: Style,
  chosen: ChosenLiquids,
  table: Table,
  pieces: readonly Helping[],
  dipsG: BrothForDips,
): Asked[] {
  const { schools } = evening.style;
  const asideHasOwn = table.aside.length > 0 && asideDiffers(chosen.broth, schools, table);
  const potHeads = portionsOf(asideHasOwn ? table.main : evening.diners);
  const ask = (formula: Formula, place: Place, heads: number, own: Helping[], potShare: number): Asked => {
    const mlPerHead = evening.overrides.brothMlPerHead ?? formula.mlPerHead ?? style.brothMlPerHead;
    const finishedG = mlPerHead * heads + (dipsG[place] ?? 0);
    const pan = place === 'aside' ? 'aside' : 'main';
    const factors = tasteFactors(evening.choices.taste?.[formula.id]);
    const asWritten = activate(formula, schools, table, finishedG / 1000, factors, pan);
    const active = madeAt(asWritten, evening.place.altitudeM);
    const isInSmallPan = place === 'aside' || (place === 'pot' && table.aside.length > 0 && !asideHasOwn);
    return { formula, place, active, finishedG, pieces: own, potShare, isInSmallPan };
  };
  const ofPot = pieces.filter((one) => one.pan === 'main' || !asideHasOwn);
  const { broth, otherHalf } = chosen;
  const inPot = otherHalf
    ? [
        ask(broth, 'pot', potHeads / 2, part(ofPot, 0.5), 0.5),
        ask(otherHalf, 'otherHalf', potHeads / 2, part(ofPot, 0.5), 0.5),
      ]
    : [ask(broth, 'pot', potHeads, ofPot, 1)];
  if (!asideHasOwn) return inPot;
  const aside = pieces.filter((one) => one.pan === 'aside');
  return [...inPot, ask(broth, 'aside', portionsOf(table.aside), aside, 0)];
}

/**
 * Broths, fit and simmering depend on one another: a longer simmer loses more water, more broth takes longer to boil.
 * They are solved in turn until the start water moves by less than a gram.
 */
export function solveBroths(given: {
  evening: Evening;
  style: Style;
  chosen: ChosenLiquids;
  table: Table;
  food: readonly Helping[];
  model: AdditionModel;
  dipsG?: BrothForDips;
}): { broths: SolvedLiquid[]; fit: Fit; simmer: PotPlan['simmer'] } {
  const { evening, style, chosen, table, food, model, dipsG = {} } = given;
  const pieces = food.filter((one) => one.purpose === 'pot');
  const mainPieces = pieces.filter((one) => one.pan === 'main');
  const asidePieces = pieces.filter((one) => one.pan === 'aside');
  const asked = askedBroths(evening, style, chosen, table, pieces, dipsG);
  const sharedAside = asked.some((one) => one.place === 'aside')
    ? 0
    : portionsOf(table.aside) / portionsOf(evening.diners);
  let madeG = asked.map((one) => one.finishedG);
  for (let pass = 0; ; pass += 1) {
    const inPotG = sum(madeG.filter((_, index) => asked[index]!.place !== 'aside'));
    const asideBrothMl = inPotG * sharedAside + (sum(madeG) - inPotG);
    const aside = table.aside.length > 0 ? { pieces: asidePieces, brothMl: asideBrothMl } : undefined;
    const fit = fitPot(evening.vessel, mainPieces, inPotG * (1 - sharedAside), aside);
    const simmer = planSimmer({ evening, helpings: food, fit, model });
    const simmerS = (simmer.readyAtS.at(-1) ?? 0) - simmer.boilAtS;
    const firstRoundS = (simmer.readyAtS[0] ?? 0) - simmer.boilAtS;
    const potSteamG = tableSteamG(evening, evening.vessel, evening.heatSource, simmerS);
    const asideSteamG = fit.aside ? tableSteamG(evening, fit.aside.vessel, ASIDE_HEAT, simmerS) : 0;
    const solutions = asked.map((one) =>
      solveFormula({
        active: one.active,
        finishedG: one.finishedG,
        taste: tasteFactors(evening.choices.taste?.[one.formula.id]),
        salinityPct: evening.overrides.salinityPct,
        pieces: one.pieces,
        pan: makingPan(evening, one.finishedG),
        potEvaporationG: potSteamG * one.potShare + (one.isInSmallPan ? asideSteamG : 0),
        potMinutes: firstRoundS / 60,
      }),
    );
    const moved = solutions.some((solution, index) => Math.abs(solution.madeG - madeG[index]!) >= 1);
    if (!moved || pass >= 30) {
      const forGuests = table.aside.map((diner) => diner.name);
      const broths = asked.map(({ active, place }, index) => ({
        active,
        solution: solutions[index]!,
        place,
        forGuests: place === 'aside' ? forGuests : undefined,
      }));
      return { broths, fit, simmer };
    }
    madeG = solutions.map((solution) => solution.madeG);
  }
}
