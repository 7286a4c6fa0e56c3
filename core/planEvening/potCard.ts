import type { Evening } from '@elixa/contract';
import { drawFromAbove, type PotDrawing } from '../arrange/drawing/fromAbove';
import { rehearsedPlan } from './rehearsed';
import { saucesOf, type PotSauces } from './sauces';

/** An evening's pot at a glance, ready to be drawn by somebody who has no catalogue. */
export interface PotCard extends PotSauces {
  drawing: PotDrawing;
  /** When the burner is lit, as an ISO date and time. */
  litAt: string;
}

/**
 * What a list of evenings shows of one, by the plan that its own pages show.
 * @throws EveningError when the evening cannot be planned
 */
export function potCard(evening: Evening): PotCard {
  const plan = rehearsedPlan(evening);
  return {
    drawing: drawFromAbove(evening.vessel, plan.build.sectors),
    ...saucesOf(plan),
    litAt: plan.simmer.litAt,
  };
}
