import type { Evening, Laid } from '@elixa/contract';
import type { LaidByHand } from '../arrange/arrange';

/** Where a cook has put things, by bunch; nothing where all of it is left to the solver. */
export const byHandOf = (laid: readonly Laid[] | undefined): ReadonlyMap<string, LaidByHand> | undefined =>
  laid && laid.length > 0 ? new Map(laid.map(({ id, ...where }) => [id, where])) : undefined;

/** Where the cook has put things in tonight's pot. */
export const laidTonight = ({ choices }: Evening) => byHandOf(choices.laid);
