import type { SimmerPiece } from '@elixa/contract';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import { sum } from '../formula/sum';
import type { AdditionModel, CookWindow, PanContext } from './additionModel';
import { groupAdditions, type Timed } from './groupAdditions';

/** While the pot comes back to the boil it cooks about half as fast. Kitchen estimate, 0.3-0.7. */
const COLD_SPELL_COUNTS = 0.5;

export interface RoundGroup {
  /** Seconds before everything is lifted out. */
  beforeReadyS: number;
  /** Seconds that the pot does not boil after it went in. */
  recoveryS: number;
  pieces: Array<{ ingredientId: string; cut: string; massG: number; cookS: number; window: CookWindow }>;
}

interface Thing extends Timed {
  ingredientId: string;
  cut: string;
  massG: number;
  window: CookWindow;
}

/**
 * The window of a thing in a pot that its own cold and that of what follows keeps from boiling for so long. For what has
 * to be cooked through a cold spell counts nothing, and it gets its best time at least.
 */
function windowWith(thing: Thing, coldS: number): Thing {
  const { leastS, bestS, mostS, safeS, sign } = thing.window;
  if (safeS <= 0) return thing;
  const lost = coldS * COLD_SPELL_COUNTS;
  const window = { leastS: leastS + lost, bestS: bestS + lost, mostS: mostS + lost, safeS: safeS + lost, sign };
  return { ...thing, ...window, leastS: window.bestS, window };
}

/**
 * The additions of one round in one pan, timed backwards from the moment it is lifted out. Each cold addition stops the
 * boil, so what is in the pot at the time goes in earlier by the cooking that it loses.
 *
 * How long the pot is cold depends on what goes in together, and what may go in together on how long it is cold; both
 * are settled in turn, and a time that was lengthened is not shortened again.
 * @returns groups from first in to last in
 * @throws RangeError when the model knows no time for a cut
 */
export function planRound(
  pieces: readonly Helping[],
  share: number,
  model: AdditionModel,
  pan: PanContext,
): RoundGroup[] {
  const things: Thing[] = pieces.flatMap((one) =>
    one.cuts.map(({ cut, massG }) => {
      const window = model.cookWindow(one.ingredientId, cut, pan);
      return { ingredientId: one.ingredientId, cut, massG: massG * share, window, ...window };
    }),
  );
  const coldS = new Map<string, number>();
  const key = ({ ingredientId, cut }: Pick<Thing, 'ingredientId' | 'cut'>) => `${ingredientId}/${cut}`;
  for (;;) {
    const groups = groupAdditions(things.map((thing) => windowWith(thing, coldS.get(key(thing)) ?? 0)));
    const recoveries = groups.map((group) => model.recoveryS(group.members, pan));
    const coldFrom = (index: number) => sum(recoveries.slice(index));
    const colder = groups.flatMap((group, index) =>
      group.members.filter((one) => one.window.safeS > 0 && coldFrom(index) > (coldS.get(key(one)) ?? 0) + 1e-6),
    );
    if (colder.length === 0) {
      return groups.map(({ cookS, members }, index) => ({
        recoveryS: recoveries[index]!,
        beforeReadyS: cookS + coldFrom(index) * COLD_SPELL_COUNTS,
        pieces: members.map(({ ingredientId, cut, massG, window }) => ({ ingredientId, cut, massG, cookS, window })),
      }));
    }
    groups.forEach((group, index) =>
      group.members.forEach((one) => coldS.set(key(one), Math.max(coldS.get(key(one)) ?? 0, coldFrom(index)))),
    );
  }
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
