import type { Evening, Vessel } from '@elixa/contract';
import type { Buildable } from '../arrange/drawing/fromAbove';
import { styleById } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { styleChosen } from '../evening/edits/styleChosen';
import { resolveMenu } from '../evening/resolveMenu';
import { vesselSuits, type Suitability } from '../evening/vesselFit';

import { Budget } from '../prep/budget';
import { planPrep } from '../prep/planPrep';
import { REMEDY_EFFORT } from '../prep/solve';
import { atOnce, type Steps } from '../steps/steps';
import { exchangesFromHouse } from '../shopping/exchangesFromHouse';
import { fromTheHouse, type FromTheHouse } from '../shopping/fromTheHouse';
import { saucesOf, type PotSauces } from './sauces';
import { planMenu } from './planPot';

/** What choosing a pot would come to tonight. */
export interface PotPreview extends PotSauces {
  styleId: string;
  suits: Suitability;
  /** The pot that it is drawn in: the evening's own, or where that cannot carry it, one that can. */
  vessel: Vessel;
  build?: Buildable;
  /** How far what the house has would carry it. */
  fromTheHouse?: FromTheHouse;
  /** Seconds from the first cut to sitting down; all hands' work in it, and what each pair of hands waits. */
  spanS?: number;
  attendedS?: number;
  waitsS?: number;
  /** Fillings that the pot is cooked in. */
  fillings?: number;
  /** Guests who could not eat everything in it as it stands. */
  notFor: string[];
  /** What keeps it from being planned, besides the pot in the house. */
  fault?: string;
}

/** Steps of searching that a preview may take; it only has to be about right. */
const PREVIEW_STEPS = 250;

/** The pot of the evening, or the first that carries the style. */
function bearer(evening: Evening, styleId: string): { vessel: Vessel; suits: Suitability } {
  const style = styleById(styleId);
  if (!style) throw new RangeError(`There is no style "${styleId}"`);
  const chosen = styleChosen(evening, styleId);
  const suits = vesselSuits(chosen, style);
  if (suits.verdict !== 'refused') return { vessel: evening.vessel, suits };
  const other = VESSELS.find(
    (vessel) => vesselSuits(styleChosen({ ...evening, vessel }, styleId), style).verdict !== 'refused',
  );
  return { vessel: other ?? evening.vessel, suits };
}

/**
 * What choosing a pot would come to tonight, for these guests, hands and pots: drawn, timed and judged.
 * @throws RangeError when there is no such style
 * @example previewStyle(practiceNight, 'sukiyakiEast').suits.verdict // 'suits'
 */
export function* previewInSteps(evening: Evening, styleId: string): Steps<PotPreview> {
  const { vessel, suits } = bearer(evening, styleId);
  const { menu, faults } = resolveMenu(styleChosen({ ...evening, vessel }, styleId));
  if (!menu) return { styleId, suits, vessel, notFor: [], fault: faults[0]?.message };
  const { plan } = planMenu(menu);
  const question = { menu, liquids: plan.liquids, simmer: plan.simmer, build: plan.build };
  const prep = yield* planPrep(question, undefined, { ...REMEDY_EFFORT, budget: new Budget(PREVIEW_STEPS) });
  const { pantry = [] } = evening;
  const day = evening.sitDownAt.slice(0, 10);
  const instead = exchangesFromHouse(menu, plan.shopping, pantry, day);
  return {
    styleId,
    suits,
    vessel,
    build: plan.build,
    ...saucesOf(plan),
    fromTheHouse: fromTheHouse(menu.catalogue, plan.shopping, pantry, day, menu.slots.pot, instead),
    spanS: prep.spanS,
    attendedS: prep.attendedS,
    waitsS: Math.max(0, prep.spanS - prep.attendedS / evening.cooks),
    fillings: plan.build.rounds.length,
    notFor: [...new Set(plan.conflicts.filter((one) => !one.resolvedBy).map((one) => one.diner))],
  };
}

/** `previewInSteps` without a pause. */
export const previewStyle = (evening: Evening, styleId: string): PotPreview => atOnce(previewInSteps(evening, styleId));
