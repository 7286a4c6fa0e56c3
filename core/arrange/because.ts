import { shortName } from '../catalogue/shortName';
import { betweenDeg } from './around';
import type { Placed } from './layers';

/** From so many minutes on a thing is slow, up to so many it is tender. Kitchen estimates. */
export const SLOW_FROM_MIN = 7;
export const TENDER_TO_MIN = 1.5;

const nameOf = ({ bunch }: Placed) => shortName(bunch.what, bunch.parts[0]?.cut ?? '');
const minutes = (min: number) => (min < 1 ? 'less than a minute' : `${Math.round(min)} min`);
const middleDeg = ({ region }: Placed) => region.startDeg + region.sweepDeg / 2;

/** What lies to its left and to its right. */
function besides(one: Placed, all: readonly Placed[]): [Placed, Placed] | undefined {
  const ring = all
    .filter((other) => other.place === one.place && other.bunch.side === one.bunch.side)
    .sort((a, b) => a.region.startDeg - b.region.startDeg);
  const at = ring.indexOf(one);
  if (ring.length < 3 || at < 0) return undefined;
  return [ring[(at + ring.length - 1) % ring.length]!, ring[(at + 1) % ring.length]!];
}

/**
 * Why a bunch lies where it does, in a sentence.
 * @param apart what must not touch, with why
 * @example becauseOf(radish, all, []) // 'Takes 12 min: it lies lowest, in the liquid from the start.'
 */
export function becauseOf(
  one: Placed,
  all: readonly Placed[],
  apart: ReadonlyArray<{ a: string; b: string; because: string }>,
): string {
  const { bunch, place, held } = one;
  if (held?.locked) return 'You put it here and locked it.';
  if (held) return 'It lies where you put it.';
  const pair = apart.find(({ a, b }) => a === bunch.slotId || b === bunch.slotId);
  const other = pair && all.find((each) => each.bunch.slotId === (pair.a === bunch.slotId ? pair.b : pair.a));
  if (pair && other && betweenDeg(middleDeg(one), middleDeg(other)) > 45) {
    return `Away from the ${nameOf(other)}: ${pair.because}.`;
  }
  switch (place) {
    case 'bed':
      return bunch.slowMin >= SLOW_FROM_MIN
        ? `Takes ${minutes(bunch.slowMin)}: it lies lowest, in the liquid from the start.`
        : 'A bed under the rest: it keeps what lies on it off the bottom.';
    case 'stack':
      return 'Cut to the depth of the pot and stood on end, so that it cooks from the liquid below and keeps its layers.';
    case 'heart':
      return 'In the middle, where it is seen first and the boil comes up last.';
    case 'top':
      return bunch.slowMin <= TENDER_TO_MIN
        ? `Done in ${minutes(bunch.slowMin)}: it is laid on last.`
        : 'Laid over the rest, where the steam reaches it.';
    case 'skewer':
      return 'Leans on the rim with its handle out, so that fingers stay clear of the broth.';
    case 'ring': {
      const near = besides(one, all);
      return near
        ? `Between ${nameOf(near[0])} and ${nameOf(near[1])}, so that each is told apart and found again.`
        : 'In a bunch of its own, so that it is found again.';
    }
    case 'beside':
      return 'It waits on its plate: each guest cooks it for seconds.';
  }
}
