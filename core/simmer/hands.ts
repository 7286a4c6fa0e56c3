import { sum } from '../measures/sum';
import type { GroupPiece, RoundGroup } from './round';

/** To push one thing from its plate into the pot: so long, and so much longer for each 100 g. Kitchen estimates, 4-12 s and 1-4 s. */
const LAYING_IN_S = { each: 5, per100G: 2 };
/** What goes in together is in within so long, in s; what takes longer is put in by turns. */
export const MOST_AT_ONCE_S = 60;

/** Seconds that a pair of hands takes to put these in together. What stands in one stack is one thing in the hand. */
export function handsS(pieces: ReadonlyArray<Pick<GroupPiece, 'massG' | 'way'>>): number {
  const stacked = pieces.filter((one) => one.way === 'stacked');
  const things = pieces.length - stacked.length + Math.min(1, stacked.length);
  return things * LAYING_IN_S.each + (sum(pieces.map((one) => one.massG)) / 100) * LAYING_IN_S.per100G;
}

const earlierBy = (group: RoundGroup, seconds: number): RoundGroup => ({
  ...group,
  beforeReadyS: group.beforeReadyS + seconds,
  pieces: group.pieces.map((one) => ({ ...one, cookS: one.cookS + seconds })),
});

const bears = ({ cookS, window }: GroupPiece, seconds: number): boolean => cookS + seconds <= window.mostS + 1e-6;

/** Of two that may go in first: the one of an earlier stage, and of one stage the one that stands longest. */
const firstIn = (a: GroupPiece, b: GroupPiece): number =>
  a.order - b.order || b.window.mostS - b.cookS - (a.window.mostS - a.cookS);

/**
 * What is in a group within a minute, and what goes in a minute before it, as far as that bears it.
 * Whole stacks stay together.
 */
function partedByHands(group: RoundGroup): RoundGroup[] {
  if (handsS(group.pieces) <= MOST_AT_ONCE_S) return [group];
  const first: GroupPiece[] = [];
  let rest = [...group.pieces];
  for (const piece of [...group.pieces].sort(firstIn)) {
    // Nothing of a later stage goes in before what is of an earlier one.
    const isInTurn = group.pieces.every((one) => one.order >= piece.order || first.includes(one));
    const isEnough = handsS(rest) <= MOST_AT_ONCE_S;
    if (isEnough || !isInTurn || piece.way === 'stacked' || !bears(piece, MOST_AT_ONCE_S)) continue;
    first.push(piece);
    rest = rest.filter((one) => one !== piece);
  }
  if (first.length === 0 || rest.length === 0) return [group];
  const all = sum(group.pieces.map((one) => one.massG));
  const part = (pieces: GroupPiece[]): RoundGroup => ({
    ...group,
    recoveryS: (group.recoveryS * sum(pieces.map((one) => one.massG))) / all,
    pieces,
  });
  return [...partedByHands(earlierBy(part(first), MOST_AT_ONCE_S)), part(rest)];
}

/** Each begun no later than the next one allows, as far as it bears that. */
function oneByOne(groups: readonly RoundGroup[], stays: (group: RoundGroup) => boolean): RoundGroup[] {
  let afterS = -Infinity;
  return [...groups]
    .reverse()
    .map((group) => {
      const lacksS = afterS + handsS(group.pieces) - group.beforeReadyS;
      const moves = lacksS > 0 && !stays(group) && group.pieces.every((one) => bears(one, lacksS));
      const moved = moves ? earlierBy(group, lacksS) : group;
      afterS = moved.beforeReadyS;
      return moved;
    })
    .reverse();
}

const isInTurn = (groups: readonly RoundGroup[]): boolean =>
  groups.every((one, index) => index === 0 || one.beforeReadyS <= groups[index - 1]!.beforeReadyS + 1e-6);

/**
 * The additions of a round so that no more goes in at once than two hands put in within a minute, and none before the one
 * before it is in. What its window does not let go in earlier stays with the rest, and is told; nothing overtakes what goes
 * in before it.
 * @param groups first to last
 * @param isOwn the cook has said when it goes in
 */
export function withinHands(groups: readonly RoundGroup[], isOwn: (piece: GroupPiece) => boolean): RoundGroup[] {
  const stays = (group: RoundGroup) => group.pieces.some(isOwn);
  const parted = groups.flatMap((group) => (stays(group) ? [group] : partedByHands(group)));
  return [oneByOne(parted, stays), oneByOne(groups, stays)].find(isInTurn) ?? [...groups];
}

/** More goes in at once than hands can do, however it was parted. */
export const isTooMuch = ({ pieces }: RoundGroup): boolean => handsS(pieces) > MOST_AT_ONCE_S * 1.5;
