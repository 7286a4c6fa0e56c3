import type { Evening, Liquid } from '@elixa/contract';
import { fitPot, type Fit } from '../../arrange/fit';
import type { Formula } from '../../catalogue/formula';
import { ASIDE_HEAT } from '../../catalogue/heatSources';
import { ASIDE_PAN, STOCK_PAN } from '../../catalogue/vessels';
import type { Helping } from '../../diners/helpings';
import { portionsOf } from '../../diners/portion';
import type { Side } from '../../diners/sides';
import type { Pan } from '../../diners/table';
import { eachPot, headsAt, potsOf } from '../../evening/eachPot';
import type { Menu } from '../../evening/menu';
import { heldBackOf } from '../../evening/tonight';
import { isSwished } from '../../evening/portions';
import { activate, madeAt, type ActiveFormula } from '../../formula/activeFormula';
import { asideDiffers, exchangedIn } from './aside';
import { withReturned } from './returned';
import { runOffInto, type RunsOff } from './runOff';
import { solveFormula } from '../../formula/solveFormula';
import type { FormulaSolution } from '../../formula/solution';
import { sum } from '../../measures/sum';
import { tasteFactors } from '../../formula/taste';
import type { SteamingPan } from '../../heat/evaporation';
import type { AdditionModel } from '../../simmer/additionModel';
import { heldShareOf, type BrothStrength, type HeldBroth } from '../../simmer/panRounds';
import { timeSimmer, type SimmerTimes } from '../../simmer/planSimmer';
import { tableSteamG } from '../../heat/tableSteam';

/** Where a liquid is eaten, or what it lets down. */
export type Place = Liquid['place'];

export interface SolvedLiquid {
  active: ActiveFormula;
  solution: FormulaSolution;
  place: Place;
  /** Guests that it is made for, when it is not for all. */
  forGuests?: string[];
  /** Strength as it was made, before anything went into it. */
  salinityAsMadePct: number;
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

/** What is cooked in one of two broths: its own, and half of what goes into both. */
const onSide = (pieces: readonly Helping[], side: Side): Helping[] => [
  ...pieces.filter((one) => one.where === side),
  ...part(
    pieces.filter((one) => one.where === undefined || one.where === 'both'),
    0.5,
  ),
];

/** What the dips take of each broth, in g. */
export type BrothForDips = Partial<Record<Place, number>>;

/** Strength of what is made, in %: what it brought of salt over what there then is. */
const asMadePct = ({ salt, madeG }: FormulaSolution) =>
  madeG > 0 ? ((salt.addedG + salt.extractedG) / madeG) * 100 : 0;

/** A poured sauce is judged as it is poured: the food that lets it down afterwards is not counted against it. */
export const isJudgedAsPoured = ({ style }: Menu, { thinnedWith }: Formula) =>
  style.seasonAt === 'asPoured' || thinnedWith === 'nothing';

/**
 * Size at which a sauce that nothing lets down comes to what is asked for, after what boils off: more of it loses a
 * smaller share.
 */
function boiledDownSizeG(evening: Evening, ofSize: (sizeG: number) => ActiveFormula, wantedG: number): number {
  let sizeG = wantedG;
  for (let pass = 0; pass < 6; pass += 1) {
    const { finishedG } = solveFormula({ active: ofSize(sizeG), finishedG: wantedG, pan: makingPan(evening, wantedG) });
    if (finishedG <= 0 || Math.abs(finishedG - wantedG) < 0.5) break;
    sizeG *= wantedG / finishedG;
  }
  return sizeG;
}

/**
 * What of a broth is held back, in g in a ml of what is poured into its pan.
 * @param of the parts as they are, and how much broth they are in
 * @param share of what is poured into the pan that is this broth
 */
function heldIn(
  { evening }: Pick<Menu, 'evening'>,
  { formula, parts }: ActiveFormula,
  of: { parts: FormulaSolution['parts']; madeG: number },
  share: number,
): HeldBroth[] {
  const held = heldBackOf(evening, formula);
  if (!held || of.madeG <= 0) return [];
  const ids = new Set(parts.filter(({ part }) => held.of.includes(part.ingredientId)).map(({ what }) => what.id));
  const amounts = [...ids].map((id) => {
    const massG = sum(of.parts.filter((one) => one.ingredientId === id).map((one) => one.massG));
    return { ingredientId: id, gPerMl: ((massG * held.share) / of.madeG) * share };
  });
  return [{ held, parts: amounts.filter(({ gPerMl }) => gPerMl > 0) }];
}

/** Which broths there are tonight, of what size, and what is cooked in each. */
function askedBroths(menu: Menu, pieces: readonly Helping[], dipsG: BrothForDips): Asked[] {
  const { evening, style, chosen, table } = menu;
  const { schools } = evening.style;
  const differs = (formula: Formula | undefined) =>
    formula !== undefined && table.aside.length > 0 && asideDiffers(formula, schools, table);
  const asideHasOwn = differs(chosen.broth);
  const headsOf = (formula: Formula) => portionsOf(differs(formula) ? table.main : evening.diners);
  const ask = (formula: Formula, place: Place, heads: number, own: Helping[], potShare: number, pan: Pan): Asked => {
    const isMain = formula === chosen.broth || formula === chosen.otherHalf;
    const asked = isMain ? evening.overrides.brothMlPerHead : undefined;
    const mlPerHead = asked ?? formula.mlPerHead ?? style.brothMlPerHead;
    const finishedG = mlPerHead * heads + (dipsG[place] ?? 0);
    const factors = tasteFactors(evening.choices.taste?.[formula.id]);
    const ofSize = (sizeG: number) =>
      withReturned(
        madeAt(
          activate(menu.catalogue, formula, schools, exchangedIn(table, pan), sizeG / 1000, factors),
          evening.place.altitudeM,
        ),
        style,
        place === 'pot' || place === 'otherHalf' ? own : [],
      );
    const active = ofSize(formula.thinnedWith === 'nothing' ? boiledDownSizeG(evening, ofSize, finishedG) : finishedG);
    const isInSmallPan = isMain && (place === 'aside' || (place === 'pot' && table.aside.length > 0 && !asideHasOwn));
    return { formula, place, active, finishedG, pieces: own, potShare, isInSmallPan };
  };
  const ofPot = pieces.filter((one) => one.pan === 'main' || !asideHasOwn);
  const { broth, otherHalf, letDown } = chosen;
  const asideHeads = portionsOf(table.aside);
  const inPot = !broth
    ? []
    : otherHalf
      ? [
          ask(broth, 'pot', headsOf(broth) / 2, onSide(ofPot, 'first'), 0.5, 'main'),
          ask(otherHalf, 'otherHalf', headsOf(broth) / 2, onSide(ofPot, 'second'), 0.5, 'main'),
        ]
      : [ask(broth, 'pot', headsOf(broth), ofPot, 1, 'main')];
  const aside = pieces.filter((one) => one.pan === 'aside');
  return [
    ...inPot,
    ...(broth && asideHasOwn ? [ask(broth, 'aside', asideHeads, aside, 0, 'aside')] : []),
    ...(letDown ? [ask(letDown, 'letDown', headsOf(letDown), [], 0, 'main')] : []),
    ...(letDown && differs(letDown) ? [ask(letDown, 'aside', asideHeads, [], 0, 'aside')] : []),
  ];
}

/** Broths, how the food fits in with them, and when it simmers. */
export interface SolvedBroths {
  broths: SolvedLiquid[];
  fit: Fit;
  times: SimmerTimes;
}

/** Whether a broth has something in it from the start that splits at a hard boil. */
const splits = ({ formula, parts }: ActiveFormula): boolean =>
  parts.some(
    ({ part, what }) =>
      what.perils.includes('cloudsAndSplits') && formula.heldBack?.of.includes(part.ingredientId) !== true,
  );

/** What of the broth of each pan goes in later. */
function heldByPan(menu: Menu, broths: ReadonlyArray<Pick<SolvedLiquid, 'active' | 'solution' | 'place'>>) {
  const of = (place: Place, share: number): HeldBroth[] =>
    broths
      .filter((one) => one.place === place && one.active.formula !== menu.chosen.letDown)
      .flatMap(({ active, solution }) => heldIn(menu, active, solution, share));
  const pot = of('pot', 1);
  const [first, second] = [of('pot', 0.5), of('otherHalf', 0.5)];
  const main = menu.chosen.otherHalf
    ? [
        ...first.map((one) => ({ ...one, side: 'first' as const })),
        ...second.map((one) => ({ ...one, side: 'second' as const })),
      ]
    : pot;
  const hasOwn = broths.some((one) => one.place === 'aside' && one.active.formula !== menu.chosen.letDown);
  return { main, aside: hasOwn ? of('aside', 1) : pot };
}

/** How strong the broth of each pan is with all that belongs to it, in % by mass, and what of it goes in later. */
export function strengthOf(menu: Menu, broths: readonly SolvedLiquid[]): Record<Pan, BrothStrength> {
  const held = heldByPan(menu, broths);
  const ofPan = (pan: Pan) => {
    const own = broths.filter((one) => one.place === 'aside');
    return pan === 'aside' && own.length > 0
      ? own
      : broths.filter(({ place }) => place === 'pot' || place === 'otherHalf');
  };
  const of = (place: 'pot' | 'aside', pan: Pan): BrothStrength => {
    const broth = broths.find((one) => one.place === place) ?? broths.find((one) => one.place === 'pot');
    return {
      saltPct: broth?.salinityAsMadePct ?? 0,
      sugarPct: broth?.solution.sweetnessPct ?? 0,
      held: held[pan],
      splits: ofPan(pan).some(({ active }) => splits(active)),
    };
  };
  return { main: of('pot', 'main'), aside: of('aside', 'aside') };
}

/**
 * Broths, fit and simmering depend on one another: a longer simmer loses more water, more broth takes longer to boil.
 * They are solved in turn until the start water moves by less than a gram.
 * @param near solved before for the same liquids, from which it begins
 */
export function solveBroths(
  menu: Menu,
  model: AdditionModel,
  dipsG: BrothForDips = {},
  runsOff: RunsOff = new Map(),
  near?: Pick<SolvedBroths, 'broths'>,
): SolvedBroths {
  const { evening, chosen, table, food, pour } = menu;
  const pots = potsOf(evening);
  const each = eachPot(menu);
  const pieces = food.filter((one) => one.purpose === 'pot' && one.cuts.length > 0);
  // Slices that the guests hold in the broth never fill it.
  const filling = each.food.filter(
    (one) => one.purpose === 'pot' && one.cuts.length > 0 && !isSwished(one, evening.service),
  );
  const mainPieces = filling.filter((one) => one.pan === 'main');
  const asidePieces = filling.filter((one) => one.pan === 'aside');
  const asked = askedBroths(menu, pieces, dipsG);
  const isForPot = (one: Asked) => one.formula === chosen.broth || one.formula === chosen.otherHalf;
  const sharedAside = asked.some((one) => one.place === 'aside' && isForPot(one))
    ? 0
    : portionsOf(table.aside) / portionsOf(evening.diners);
  const mainHeads = headsAt(menu, 'main');
  const asideHeads = headsAt(menu, 'aside');
  let madeG = asked.map((one, index) => near?.broths[index]?.solution.madeG ?? one.finishedG);
  let held = near ? heldByPan(menu, near.broths) : { main: [], aside: [] };
  for (let pass = 0; ; pass += 1) {
    const amountG = (test: (one: Asked) => boolean) =>
      sum(madeG.filter((_, index) => isForPot(asked[index]!) && test(asked[index]!)));
    const inPotG = amountG((one) => one.place !== 'aside');
    const asideBrothMl = inPotG * sharedAside + amountG((one) => one.place === 'aside');
    const aside =
      table.aside.length > 0
        ? { pieces: asidePieces, brothMl: asideBrothMl, heads: asideHeads, heldShare: heldShareOf(held.aside) }
        : undefined;
    const poured = { pour, heads: mainHeads, heldShare: heldShareOf(held.main) };
    const fit = fitPot(evening.vessel, mainPieces, (inPotG * (1 - sharedAside)) / pots, poured, aside);
    const times = timeSimmer({ menu: each, fit, model });
    const lastS = times.readyAtS.at(-1) ?? 0;
    const simmerS = lastS - times.boilAtS;
    const firstRoundS = (times.readyAtS[times.firstRound - 1] ?? 0) - times.boilAtS;
    const potSteamG = tableSteamG(evening, evening.vessel, evening.heatSource, simmerS) * pots;
    const asideSteamG = fit.aside ? tableSteamG(evening, fit.aside.vessel, ASIDE_HEAT, simmerS) : 0;
    const solutions = asked.map((one) => {
      const question = {
        active: one.active,
        finishedG: one.finishedG,
        taste: tasteFactors(evening.choices.taste?.[one.formula.id]),
        pan: makingPan(evening, one.finishedG),
      };
      if (!isForPot(one) || isJudgedAsPoured(menu, one.formula)) return solveFormula(question);
      return solveFormula({
        ...question,
        salinityPct: evening.overrides.salinityPct,
        pieces: one.pieces.map((piece) => ({ ...piece, marinated: runsOff.has(piece.slotId) })),
        runOff: runOffInto(one.pieces, runsOff),
        potEvaporationG: potSteamG * one.potShare + (one.isInSmallPan ? asideSteamG : 0),
        potMinutes: firstRoundS / 60,
      });
    });
    const heldNow = heldByPan(
      menu,
      asked.map(({ active, place }, index) => ({ active, place, solution: solutions[index]! })),
    );
    const moved =
      solutions.some((solution, index) => Math.abs(solution.madeG - madeG[index]!) >= 1) ||
      (['main', 'aside'] as const).some((pan) => Math.abs(heldShareOf(heldNow[pan]) - heldShareOf(held[pan])) > 1e-3);
    if (!moved || pass >= 30) {
      const forGuests = table.aside.map((diner) => diner.name);
      const broths = asked.map(({ active, place }, index) => ({
        active,
        solution: solutions[index]!,
        salinityAsMadePct: isJudgedAsPoured(menu, active.formula)
          ? solutions[index]!.salinityPct
          : asMadePct(solutions[index]!),
        place,
        forGuests: place === 'aside' ? forGuests : undefined,
      }));
      return { broths, fit, times };
    }
    madeG = solutions.map((solution) => solution.madeG);
    held = heldNow;
  }
}
