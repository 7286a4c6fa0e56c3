import type { Evening } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { drawFromAbove, type PotDrawing } from '../arrange/drawing/fromAbove';
import { planPot } from './planPot';
import { rehearsedPlan } from './rehearsed';
import { saucesOf, type PotSauces } from './sauces';

/** An evening's pot at a glance, ready to be drawn by somebody who has no catalogue. */
export interface PotCard extends PotSauces {
  drawing: PotDrawing;
}

/**
 * What a list of evenings draws of one; what lies where is the same before the pot is gone through and after.
 * @throws EveningError when the evening cannot be planned
 */
export function potCard(evening: Evening): PotCard {
  const plan = planPot(evening);
  return { drawing: drawFromAbove(catalogueOf(evening), evening.vessel, plan.build), ...saucesOf(plan) };
}

/**
 * When the burner is lit, as an ISO date and time, by the plan that the evening's own pages show: that is gone through first.
 * @throws EveningError when the evening cannot be planned
 */
export const litAtOf = (evening: Evening): string => rehearsedPlan(evening).simmer.litAt;
