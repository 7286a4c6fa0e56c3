import type { Evening } from '@elixa/contract';
import { drawFromAbove, type PotDrawing } from '../arrange/drawing/fromAbove';
import { planPot } from './planPot';

/** An evening's pot at a glance, ready to be drawn by somebody who has no catalogue. */
export interface PotCard {
  drawing: PotDrawing;
  /** Colour of a sauce that it is cooked in. */
  sauce?: string;
  /** When the burner is lit, as an ISO date and time. */
  litAt: string;
}

/** Salt from which on a liquid is poured as a sauce and seen in its own colour, in %. */
const SAUCE_PCT = 2;

/** The colour of the sauce that a pot is cooked in; nothing where it is a broth. */
export const sauceOf = ({ liquids }: Pick<ReturnType<typeof planPot>, 'liquids'>): string | undefined =>
  liquids.find((liquid) => liquid.place === 'pot' && liquid.kind === 'broth' && liquid.salinityAsMadePct > SAUCE_PCT)
    ?.colour;

/**
 * What a list of evenings shows of one.
 * @throws EveningError when the evening cannot be planned
 */
export function potCard(evening: Evening): PotCard {
  const plan = planPot(evening);
  return {
    drawing: drawFromAbove(evening.vessel, plan.build.sectors),
    sauce: sauceOf(plan),
    litAt: plan.simmer.litAt,
  };
}
