import type { SimmerPiece } from '@elixa/contract';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import type { AdditionModel, CookWindow, PanContext } from './additionModel';
import { groupAdditions } from './groupAdditions';

/** While the pot comes back to the boil it cooks about half as fast. Kitchen estimate, 0.3-0.7. */
const COLD_SPELL_COUNTS = 0.5;

export interface RoundGroup {
  /** Seconds before everything is lifted out. */
  beforeReadyS: number;
  recoveryS: number;
  pieces: Array<{ ingredientId: string; cut: string; massG: number; cookS: number; window: CookWindow }>;
}

/**
 * The additions of one round in one pan, timed backwards from the moment it is lifted out. Each cold addition stops the
 * boil, so what is in the pot at the time goes in earlier by the cooking that it loses.
 * @returns groups from first in to last in
 * @throws RangeError when the model knows no time for a cut
 */
export function planRound(
  pieces: readonly Helping[],
  share: number,
  model: AdditionModel,
  pan: PanContext,
): RoundGroup[] {
  const timed = pieces.flatMap((one) =>
    one.cuts.map(({ cut, massG }) => {
      const window = model.cookWindow(one.ingredientId, cut, pan);
      const leastS = Math.max(window.leastS, window.safeS);
      return { ingredientId: one.ingredientId, cut, massG: massG * share, window, ...window, leastS };
    }),
  );
  const groups = groupAdditions(timed).map((group) => ({
    cookS: group.cookS,
    recoveryS: model.recoveryS(group.members, pan),
    pieces: group.members.map(({ ingredientId, cut, massG, window }) => ({ ingredientId, cut, massG, window })),
  }));
  return groups.map((group, index) => ({
    recoveryS: group.recoveryS,
    beforeReadyS:
      group.cookS + groups.slice(index).reduce((sum, later) => sum + later.recoveryS * COLD_SPELL_COUNTS, 0),
    pieces: group.pieces.map((piece) => ({ ...piece, cookS: group.cookS })),
  }));
}

/** The pieces of a timed round as the plan lists them. */
export function roundPieces(groups: readonly RoundGroup[], readyAtS: number, round: number, pan: Pan): SimmerPiece[] {
  return groups.flatMap((group) =>
    group.pieces.map(({ ingredientId, cut, massG, cookS, window }) => ({
      id: `r${round}-${pan}-${ingredientId}-${cut}`,
      ingredientId,
      cut,
      round,
      pan,
      massG,
      inAtS: readyAtS - Math.round(group.beforeReadyS),
      outAtS: readyAtS,
      cookS,
      leastS: window.leastS,
      bestS: window.bestS,
      mostS: window.mostS,
      safeS: window.safeS,
      inWindow: cookS >= window.leastS - 1e-6 && cookS <= window.mostS + 1e-6,
      safe: cookS >= window.safeS - 1e-6,
      sign: window.sign,
    })),
  );
}
