import type { Advice, Edit, Evening, PotPlan, SimmerPiece, Unsatisfied } from '@elixa/contract';
import { cuttableMm, isCutByThickness } from '../catalogue/cutThickness';
import { canBeHotter } from '../evening/tonight';
import type { Menu } from '../evening/menu';
import { isOfCold, longestColdS } from '../simmer/coldSpells';
import { applyEdit } from '../evening/edits/applyEdit';
import { sum } from '../measures/sum';
import { resolveMenu } from '../evening/resolveMenu';
import type { AdditionModel } from '../simmer/additionModel';
import { spanText } from '../simmer/because';
import { wrongWith, type Wrong } from '../simmer/problems';
import { shortName } from '../catalogue/shortName';
import { isOfSlowBoil, strongerBurner } from '../simmer/unsatisfied';
import type { Steps } from '../steps/steps';
import type { PlannedPot } from './planPot';
import { LONG_EVENING, rehearsedInSteps } from './rehearsed';

/** So many changes are tried for each thing that is wrong: each is a pot planned anew. */
const TRIED = 4;
/** Of an evening that is long to go through, so many. */
const TRIED_OF_LONG = 1;
/** A cut is made so much thinner or thicker. */
const TIMES = { thinner: 0.7, thicker: 1.5 } as const;

interface Change {
  text: string;
  edit: Edit;
}

function cutChange({ evening, catalogue }: Menu, piece: SimmerPiece, way: keyof typeof TIMES): Change[] {
  const { ingredientId, cut } = piece;
  const found = catalogue.byId(ingredientId).cuts[cut];
  if (!found || !isCutByThickness(found) || piece.way === 'stacked') return [];
  const usualMm = found.thicknessMm;
  const mm = evening.overrides.thicknessMm?.[ingredientId]?.[cut] ?? usualMm;
  const thicknessMm = Math.min(80, Math.max(1, cuttableMm(mm * TIMES[way])));
  if (thicknessMm === mm) return [];
  const name = shortName(catalogue.byId(ingredientId), cut);
  return [
    {
      text: `Cut the ${name} ${thicknessMm} mm thick`,
      edit: { kind: 'thicknessSet', ingredientId, cut, thicknessMm },
    },
  ];
}

const burner = (evening: Evening): Change[] => {
  const { text, edit } = strongerBurner(evening);
  return edit ? [{ text, edit }] : [];
};

const lid = ({ vessel }: Evening): Change[] =>
  vessel.lid ? [] : [{ text: 'Use a pot with a lid', edit: { kind: 'lidSet', lid: true } }];

/** The broth brought to the boil first, where that makes a difference. */
const hotBroth = ({ evening, pour }: Menu): Change[] =>
  !pour.heated && canBeHotter(pour)
    ? [{ text: 'Pour the broth boiling hot', edit: { kind: 'brothHotSet', hot: !evening.choices.brothHot } }]
    : [];

const inRounds = ({ evening, style }: Menu): Change[] =>
  evening.service === 'allAtOnce' && style.services.includes('rounds')
    ? [{ text: 'Eat it in rounds', edit: { kind: 'serviceChosen', service: 'rounds' } }]
    : [];

const LESS: Change = { text: 'Take a third less of everything', edit: { kind: 'foodCutDown', share: 0.66 } };

/** Changes that may bring pieces into their time, the least of them first. */
function changesFor(menu: Menu, wrong: Wrong, [worst]: readonly SimmerPiece[]): Change[] {
  if (!worst) return [];
  const { evening, catalogue } = menu;
  const { ingredientId, cut } = worst;
  const name = shortName(catalogue.byId(ingredientId), cut);
  const isOwnTime = evening.overrides.minutesInPot?.[ingredientId]?.[cut] !== undefined;
  const asPlanned: Change[] = isOwnTime
    ? [{ text: `Put the ${name} in when the plan has it`, edit: { kind: 'timeInPotSet', ingredientId, cut } }]
    : [];
  const thawed: Change[] =
    worst.frozen && catalogue.byId(ingredientId).kept !== 'freezer'
      ? [{ text: `Thaw the ${name} first`, edit: { kind: 'frozenSet', ingredientId, frozen: false } }]
      : [];
  // What lies in the pot while it warms is in for less long where the broth is hot.
  const warmer = worst.countsFromS > worst.inAtS ? hotBroth(menu) : [];
  return wrong === 'past'
    ? [...asPlanned, ...warmer, ...cutChange(menu, worst, 'thicker')]
    : [...asPlanned, ...thawed, ...cutChange(menu, worst, 'thinner'), ...burner(evening), ...lid(evening), LESS];
}

/** What a change comes to where it mends: what is ready when the rest is. */
function comesTo(before: PotPlan, now: PotPlan): string {
  const litS = (Date.parse(now.simmer.litAt) - Date.parse(before.simmer.litAt)) / 1000;
  if (Math.abs(litS) < 60) return 'all in its time then';
  return `all in its time then, the burner lit ${spanText(Math.abs(litS))} ${litS < 0 ? 'earlier' : 'later'}`;
}

const brokenBy = (plan: PotPlan, wrong: Wrong) => plan.simmer.pieces.filter((piece) => wrongWith(piece) === wrong);

/** Something that is wrong with a pot: what may mend it, how bad it is, and what a change comes to. */
interface Mending {
  changes: readonly Change[];
  badness(plan: PotPlan): number;
  /** A change that helps leaves no more than this. */
  mostLeft: number;
  says(now: PotPlan): string;
}

function mendingOfPieces(menu: Menu, plan: PotPlan, wrong: Wrong): Mending {
  const broken = brokenBy(plan, wrong);
  const pastS = ({ outAtS, overAtS = outAtS }: SimmerPiece) => outAtS - overAtS;
  const worst = [...broken].sort((a, b) => pastS(b) - pastS(a));
  return {
    changes: changesFor(menu, wrong, worst),
    badness: (now) => brokenBy(now, wrong).length,
    mostLeft: broken.length - 1,
    says(now) {
      const left = brokenBy(now, wrong).length;
      return left === 0 ? comesTo(plan, now) : `${broken.length - left} of ${broken.length} in their time then`;
    },
  };
}

/** A change that shortens something is worth it from a quarter less on. */
const CLEARLY_LESS = 0.75;

const coldOf = ({ simmer }: PotPlan) => longestColdS(simmer);

const mendingOfCold = (menu: Menu, plan: PotPlan): Mending => ({
  changes: [...burner(menu.evening), ...lid(menu.evening), ...inRounds(menu), LESS],
  badness: coldOf,
  mostLeft: coldOf(plan) * CLEARLY_LESS,
  says: (now) => `${spanText(coldOf(now))} then`,
});

const boilOf = ({ simmer }: PotPlan) => simmer.timeToBoilS ?? 0;

const mendingOfBoil = (menu: Menu, plan: PotPlan): Mending => ({
  changes: [...hotBroth(menu), ...burner(menu.evening), ...lid(menu.evening), LESS],
  badness: boilOf,
  mostLeft: boilOf(plan) * CLEARLY_LESS,
  says: (now) => `it boils after ${spanText(boilOf(now))} then`,
});

function mendingOf(menu: Menu, plan: PotPlan, { id }: Unsatisfied): Mending | undefined {
  if (id === 'raw' || id === 'late' || id === 'past') return mendingOfPieces(menu, plan, id);
  if (isOfCold({ id })) return mendingOfCold(menu, plan);
  return isOfSlowBoil({ id }) ? mendingOfBoil(menu, plan) : undefined;
}

/** How many of the changes that may help have been tried. */
export interface Mended {
  tried: number;
  of: number;
}

/**
 * The plan with what mends each thing that does not come out as it should: every change is planned and gone through, and
 * only what really helps is offered, best first.
 * @returns the same plan where nothing is wrong; between the steps, how many changes of how many were tried
 */
export function* withPotRemedies(planned: PlannedPot, model: AdditionModel): Steps<PotPlan, Mended> {
  const { plan, menu } = planned;
  const { evening } = menu;
  const all = plan.simmer.unsatisfied.map((one) => ({ one, mending: mendingOf(menu, plan, one) }));
  const most = plan.simmer.pieces.length > LONG_EVENING ? TRIED_OF_LONG : TRIED;
  if (all.every(({ mending }) => !mending)) return plan;
  const unsatisfied: Unsatisfied[] = [];
  const of = sum(all.map(({ mending }) => Math.min(most, mending?.changes.length ?? 0)));
  let tried = 0;
  for (const { one, mending } of all) {
    if (!mending) {
      unsatisfied.push(one);
      continue;
    }
    const found: Array<Advice & { left: number }> = [];
    for (const { text, edit } of mending.changes.slice(0, most)) {
      yield { tried, of };
      tried += 1;
      const changed = resolveMenu(applyEdit(evening, edit));
      if (!changed.menu) continue;
      const now = yield* rehearsedInSteps(changed.menu, model);
      const left = mending.badness(now.plan);
      const isRaw = brokenBy(now.plan, 'raw').length > brokenBy(plan, 'raw').length;
      if (left > mending.mostLeft || isRaw) continue;
      found.push({ text: `${text}: ${mending.says(now.plan)}`, edit, left });
    }
    found.sort((a, b) => a.left - b.left);
    unsatisfied.push({ ...one, remedies: found.map(({ text, edit }): Advice => ({ text, edit })) });
  }
  return { ...plan, simmer: { ...plan.simmer, unsatisfied } };
}
