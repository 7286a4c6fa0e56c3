import { backwards, isAttended, RESOURCES, type Block, type Resource } from './problem';

/** A stretch for which a block needs something, in minutes before its own end, counted backwards as its times are. */
export interface Stretch {
  from: number;
  to: number;
}

/** A stretch of a block, by the block's place in the list. */
export interface Use extends Stretch {
  index: number;
}

/** Where the hands are during a stretch of work: at the board, at the stove, elsewhere. */
const placeOf = (needs: readonly Resource[]) =>
  needs.includes('board') ? 0 : needs.includes('burner') || needs.includes('pot') ? 1 : 2;

/** The blocks that need a resource from start to end, so that they queue for it. */
interface Queue {
  indices: number[];
  /** What they lose together until each has stayed fresh as long as it does. */
  free: number;
}

/** What stays of a list of blocks however they are placed. */
export interface Shape {
  /** Of each block what it needs when, part by part; a resource by its place in `RESOURCES`. */
  needs: (Stretch & { resource: number })[][];
  /** What wants each resource, in the order of `RESOURCES`. */
  uses: Use[][];
  /** All that is done with one's hands, and where. */
  attended: (Use & { place: number })[];
  /** What is asked tonight of hands and board. */
  tonight: Record<'hands' | 'board', Use[]>;
  queues: Record<'hands' | 'board', Queue>;
}

const shapes = new WeakMap<readonly Block[], Shape>();

/** The shape of a list of blocks, found once: a search asks for it thousands of times. */
export function shapeOf(blocks: readonly Block[]): Shape {
  const known = shapes.get(blocks);
  if (known) return known;
  const found = readShape(blocks);
  shapes.set(blocks, found);
  return found;
}

function readShape(blocks: readonly Block[]): Shape {
  const parts = blocks.flatMap((block, index) =>
    block.segments.map((segment) => ({ index, block, segment, ...backwards(block, segment, 0) })),
  );
  const tonight = (resource: Resource): Use[] =>
    parts
      .filter(({ block, segment }) => !block.early && isAttended(segment) && segment.needs.includes(resource))
      .map(({ index, from, to }) => ({ index, from, to }));
  const queue = (resource: Resource): Queue => {
    const neededMin = (block: Block) =>
      block.segments.reduce((total, one) => total + (one.needs.includes(resource) ? one.lastsMin : 0), 0);
    const indices = blocks.flatMap((block, index) =>
      block.lastsMin > 0 && neededMin(block) === block.lastsMin ? [index] : [],
    );
    const free = indices.reduce((total, index) => {
      const { staleness, lastsMin, endsBeforeMin, freshMin } = blocks[index]!;
      return total + staleness * (lastsMin + endsBeforeMin + freshMin);
    }, 0);
    return { indices, free };
  };
  return {
    needs: blocks.map((_, index) =>
      parts
        .filter((part) => part.index === index)
        .flatMap(({ segment, from, to }) =>
          segment.needs.map((need) => ({ from, to, resource: RESOURCES.indexOf(need) })),
        ),
    ),
    uses: RESOURCES.map((resource) =>
      parts
        .filter(({ segment }) => segment.needs.includes(resource) && segment.lastsMin > 0)
        .map(({ index, from, to }) => ({ index, from, to })),
    ),
    attended: parts
      .filter(({ segment }) => isAttended(segment))
      .map(({ index, from, to, segment }) => ({ index, from, to, place: placeOf(segment.needs) })),
    tonight: { hands: tonight('hands'), board: tonight('board') },
    queues: { hands: queue('hands'), board: queue('board') },
  };
}
