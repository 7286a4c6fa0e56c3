import type { Service, SimmerPiece } from '@elixa/contract';
import { DRY_WORDS } from './vesselFit';

import type { CookingWay } from '../catalogue/cooking';
import type { Ingredient } from '../catalogue/ingredient';
import type { Stage } from '../catalogue/style';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';

export type Way = SimmerPiece['way'];

/** So much of one cut of a thing, with the stage at which it goes in and the way it is cooked. */
export interface Portion {
  ingredientId: string;
  what: Ingredient;
  /** None for a fat. */
  cut?: string;
  massG: number;
  stageId: string;
  way: Way;
}

const isDry = (stage: Stage) => DRY_WORDS.includes(stage.do);
const takesThings = (stage: Stage) => stage.roles !== undefined || stage.items !== undefined;

const cooks = ({ what, cuts }: Pick<Helping, 'what' | 'cuts'>, way: CookingWay) =>
  cuts.length > 0 && cuts.every(({ cut }) => what.cuts[cut]?.cooks?.[way]);

/** Whether a thing waits on its plate for the guests to hold it in the broth. */
export const isSwished = (one: Helping, service: Service): boolean =>
  service === 'swish' && one.pan === 'main' && one.place === 'beside' && cooks(one, 'swished');

/** Whether a stage before the liquid takes some of this thing. */
export const isSeared = (one: Helping, stage: Stage): boolean =>
  stage.do === 'sear' &&
  one.pan === 'main' &&
  (stage.items ?? []).some((item) => item.ingredientId === one.slotId) &&
  cooks(one, 'seared');

/** The stages that a pan goes through in its first round, or in a later one. Nothing is fried in the small pan. */
export const stagesIn = (stages: readonly Stage[], pan: Pan, round: 'first' | 'later'): Stage[] =>
  stages.filter((stage) => (!stage.rounds || stage.rounds === round) && (pan === 'main' || !isDry(stage)));

const wayOf = (one: Helping, stage: Stage): Way => {
  if (stage.do === 'sear') return 'seared';
  if (stage.do === 'fry') return 'fried';
  return one.place === 'stack' ? 'stacked' : 'simmered';
};

/**
 * What goes in at each stage: first what a stage names, so much of it as it says, then the rest by its role. What no
 * stage asks for goes in with the first.
 * @param share of everything that is cooked in this round
 * @returns nothing of what is swished
 */
export function portionsOf(
  food: readonly Helping[],
  stages: readonly Stage[],
  service: Service,
  share: number,
): Portion[] {
  const taking = stages.filter(takesThings);
  const first = taking.find((stage) => !isDry(stage));
  return food
    .filter((one) => !isSwished(one, service))
    .flatMap((one) => {
      let rest = 1;
      const parts: Array<{ stage: Stage; part: number }> = [];
      for (const stage of taking) {
        const item = stage.items?.find(({ ingredientId }) => ingredientId === one.slotId);
        if (!item || (isDry(stage) && !cooks(one, 'seared'))) continue;
        parts.push({ stage, part: Math.min(rest, item.share) });
        rest -= Math.min(rest, item.share);
      }
      const own = taking.find((stage) => stage.roles?.includes(one.role)) ?? (one.cuts.length > 0 ? first : undefined);
      if (own && rest > 1e-9) parts.push({ stage: own, part: rest });
      return parts.flatMap(({ stage, part }): Portion[] => {
        const base = { ingredientId: one.ingredientId, what: one.what, stageId: stage.id, way: wayOf(one, stage) };
        if (one.cuts.length === 0) return [{ ...base, massG: one.massG * share * part }];
        return one.cuts.map(({ cut, massG }) => ({ ...base, cut, massG: massG * share * part }));
      });
    });
}
