import type { Action, SimmerPiece } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Pan } from '../diners/table';
import { sum } from '../measures/sum';
import { LADLED_ML_PER_G } from './levels';
import type { Sample } from '../pot/state';

/** What a piece leaves in the liquid when it has been cooked and eaten, as the levels of a plan have it. */
function leavesMl({ ingredientId, massG }: SimmerPiece): number {
  const { releasedShare, drinksMlPerG = 0 } = ingredientById(ingredientId);
  return massG * (releasedShare - drinksMlPerG - LADLED_ML_PER_G);
}

/**
 * What a pan loses from one course to the next, as going through it has shown: what was poured, and what the food left, less
 * what was there before the last course. Most of it is steam; what food that is lifted out early has kept back is in it.
 * @returns g for each course but the last; undefined where there is only one
 */
export function lostBetween(
  actions: readonly Action[],
  pieces: readonly SimmerPiece[],
  samples: readonly Sample[],
  pan: Pan,
): number | undefined {
  const rounds = [...new Set(pieces.map((one) => one.round))].sort((a, b) => a - b);
  const last = rounds.at(-1);
  if (last === undefined || rounds.length < 2) return undefined;
  const mine = actions.filter((one) => one.pan === pan);
  const lastFromS = Math.min(...mine.filter((one) => one.round === last).map((one) => one.atS));
  const before = samples.findLast((one) => one.atS < lastFromS - 1e-6);
  if (!before) return undefined;
  const pouredMl = sum(mine.filter((one) => one.atS < lastFromS).map((one) => one.volumeMl ?? 0));
  const leftMl = sum(pieces.filter((one) => one.round < last).map(leavesMl));
  return (pouredMl + leftMl - before.liquidMl) / (rounds.length - 1);
}
