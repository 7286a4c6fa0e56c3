import type { Action, SimmerPiece } from '@elixa/contract';
import type { Menu } from '../evening/menu';
import type { Pan } from '../diners/table';
import { sum } from '../measures/sum';
import type { Sample } from '../pot/state';
import { ladledMlPerG } from './levels';

/** What a piece leaves in the liquid when it has been cooked and eaten, as the levels of a plan have it. */
function leavesMl({ catalogue, pour }: Menu, { ingredientId, massG }: SimmerPiece): number {
  const { releasedShare, drinksMlPerG = 0 } = catalogue.byId(ingredientId);
  return massG * (releasedShare - drinksMlPerG - ladledMlPerG(pour));
}

/** All that is poured at an action: hot water besides broth is told apart. */
const pouredAtMl = ({ volumeMl = 0, waterMl = 0 }: Action): number =>
  waterMl === volumeMl ? volumeMl : volumeMl + waterMl;

/**
 * What a pan loses in each course until the next begins, as going through it has shown: what was there, what was poured and
 * what the food left, less what there is then. Most of it is steam; what food that is lifted out early has kept back is in it.
 * @returns g of each course but the last; undefined where there is only one
 */
export function lostBetween(
  menu: Menu,
  actions: readonly Action[],
  pieces: readonly SimmerPiece[],
  samples: readonly Sample[],
  pan: Pan,
): number[] | undefined {
  const rounds = [...new Set(pieces.map((one) => one.round))].sort((a, b) => a - b);
  if (rounds.length < 2) return undefined;
  const courses = rounds.map((round, index) => {
    const mine = actions.filter((one) => one.pan === pan && one.round === round && one.kind !== 'serve');
    const fromS = Math.min(...mine.map((one) => one.atS));
    // The sample of that moment was taken before anything was done.
    const before = index === 0 ? undefined : samples.find((one) => one.atS >= fromS - 1e-6);
    const readyS = Math.max(...pieces.filter((one) => one.round === round).map((one) => one.outAtS));
    // Water that makes up for steam while people eat is as if that steam had not been lost.
    const isMadeUp = ({ atS, waterMl, volumeMl }: Action) =>
      atS >= readyS && waterMl !== undefined && waterMl === volumeMl;
    return {
      beforeMl: before?.liquidMl ?? 0,
      pouredMl: sum(mine.filter((one) => !isMadeUp(one)).map(pouredAtMl)),
      leftMl: sum(pieces.filter((one) => one.round === round).map((one) => leavesMl(menu, one))),
    };
  });
  return courses
    .slice(0, -1)
    .map(({ beforeMl, pouredMl, leftMl }, index) => beforeMl + pouredMl + leftMl - courses[index + 1]!.beforeMl);
}
