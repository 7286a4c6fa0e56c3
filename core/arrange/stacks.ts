import type { Stack } from '../catalogue/style';
import { sum } from '../measures/sum';
import type { Bunch } from './bunches';

/** What of a round is stacked, cut and stood on end. */
export interface StackPlan {
  /** Piles, how often the order is repeated in each, and what lies in one repeat: leaves, second leaves, slices. */
  stacks: number;
  repeats: number;
  inEach: Array<{ ingredientId: string; pieces: number }>;
  /** One more of the first on top. */
  topId: string;
  thicknessMm: number;
  /** Every pile is cut across into blocks as wide as the pot is deep, less its headroom. */
  cutWidthMm: number;
  blocksEach: number;
  blocks: number;
  /** Blocks in each circle, from the rim inwards, and how wide and thick each stands. */
  rows: Array<{ blocks: number; widthMm: number; thicknessMm: number; fromShare: number; toShare: number }>;
  /** What the piles leave over when they are cut, in g; it goes to the bed. */
  offcutsG: number;
  /** Width of the hole in the middle. */
  holeMm: number;
  /** How much closer the blocks are pressed than they stand by themselves; 1 is not at all. */
  pressed: number;
}

/** The hole in the middle, of the width of the pot. */
const HOLE_SHARE = 1 / 3;
/** A leaf takes so much of a pile's height before it is pressed. Kitchen estimate, 7-12. */
const LEAF_MM = 9;
const SLICE_G_PER_ML = 1.03;
/** Leaves give way: blocks are pressed to half of their thickness without harm, and further by force. Kitchen estimate, 0.45-0.6. */
const PRESSED_TO = 0.5;

interface Layers {
  leaves: number;
  slices: number;
  /** Volume of the slices of one repeat over the area of a leaf, in mm. */
  sliceMm: number;
}

const piled = (repeats: number, { sliceMm }: Layers) => (repeats + 1) * LEAF_MM + repeats * sliceMm;

/** How many piles of how many repeats use up the leaves, as thick as a pile should be. */
function pilesOf(
  leaves: number,
  { repeats: [least, most], thicknessMm: [from, to] }: Stack,
  layersAt: (piles: number, repeats: number) => Layers,
) {
  let best = { stacks: 1, repeats: least, misses: Infinity };
  for (let repeats = least; repeats <= most; repeats += 1) {
    const stacks = Math.max(1, Math.round(leaves / (repeats + 1)));
    const thick = piled(repeats, layersAt(stacks, repeats));
    const misses =
      Math.abs(leaves - stacks * (repeats + 1)) / leaves + Math.max(0, from - thick, thick - to) / ((from + to) / 2);
    if (misses < best.misses - 1e-9) best = { stacks, repeats, misses };
  }
  return best;
}

/**
 * How leaves and slices are piled, cut to the depth of the pot and stood on end from the rim inwards.
 * @param bunches what lies in the piles, in one round
 * @param mouthMm width of the pot at its rim; of a pot that is not round, of one with as large a mouth
 * @param top how high they may stand, and how wide the pot is there, of its width at the rim: they lean outwards
 * @returns nothing where there is nothing to pile
 */
export function stacksOf(
  bunches: readonly Bunch[],
  stack: Stack,
  mouthMm: number,
  { heightMm: standsMm, widthShare }: { heightMm: number; widthShare: number },
): StackPlan | undefined {
  const ordered = stack.order.flatMap((role) => bunches.filter((one) => one.role === role));
  const first = ordered[0];
  if (!first) return undefined;
  const [lengthMm, breadthMm] = stack.leafMm;
  const count = (one: Bunch) => sum(one.parts.map((part) => part.count));
  const leaves = Math.max(2, count(first));
  const others = ordered.slice(1);
  const meats = others.filter((one) => one.what.family !== 'leaf');
  const layersAt = (stacks: number, repeats: number): Layers => ({
    leaves,
    slices: sum(meats.map(count)),
    sliceMm: (sum(meats.map((one) => one.massG)) / SLICE_G_PER_ML / (stacks * repeats) / (lengthMm * breadthMm)) * 1000,
  });
  const { stacks, repeats } = pilesOf(leaves, stack, layersAt);
  const { sliceMm } = layersAt(stacks, repeats);
  const blocksEach = Math.max(1, Math.floor(lengthMm / standsMm));
  const offcutShare = Math.max(0, 1 - (blocksEach * standsMm) / lengthMm);
  const blocks = stacks * blocksEach;
  const standingMm = piled(repeats, { leaves, slices: 0, sliceMm });
  const { rows, pressed, holeMm } = circles(blocks, breadthMm, standingMm, mouthMm * widthShare);
  return {
    stacks,
    repeats,
    inEach: ordered.map((one) => ({
      ingredientId: one.ingredientId,
      pieces: one === first ? 1 : count(one) / (stacks * repeats),
    })),
    topId: first.ingredientId,
    thicknessMm: standingMm,
    cutWidthMm: standsMm,
    blocksEach,
    blocks,
    rows: rows.map((row) => ({
      ...row,
      fromShare: row.fromShare * widthShare,
      toShare: row.toShare * widthShare,
    })),
    offcutsG: offcutShare * sum(ordered.map((one) => one.massG)),
    holeMm,
    pressed,
  };
}

/** Blocks of one circle may be pressed along the wall by so much before another circle is begun. Kitchen estimate. */
const ALONG_TO = 0.82;

/** How many blocks each of some circles takes that are pressed so close. */
function roomIn(circles: number, widthMm: number, thickMm: number, wallMm: number): number[] {
  return Array.from({ length: circles }, (_, index) => {
    const radius = wallMm - thickMm * (index + 0.5);
    return radius > thickMm / 2 ? Math.max(1, Math.floor((2 * Math.PI * radius) / widthMm)) : 0;
  });
}

/** Circles of blocks from the rim inwards, as few as take them all, the outer ones full; the last one is spread so that it closes. */
function circles(blocks: number, widthMm: number, thickMm: number, mouthMm: number) {
  const wallMm = mouthMm / 2;
  const holeMm = (mouthMm * HOLE_SHARE) / 2;
  let found = { pressed: 1, room: roomIn(1, widthMm * ALONG_TO, thickMm, wallMm), thick: thickMm };
  // Pressed closer, as far as need be, until they stand round the hole.
  for (let pressed = 1; pressed > 0.3; pressed -= 0.02) {
    const thick = thickMm * pressed;
    const most = Math.max(1, Math.floor((wallMm - holeMm) / thick));
    const counts = Array.from({ length: most }, (_, index) =>
      roomIn(index + 1, widthMm * Math.min(ALONG_TO, pressed), thick, wallMm),
    );
    const room = counts.find((each) => sum(each) >= blocks) ?? counts[counts.length - 1]!;
    found = { pressed, room, thick };
    if (sum(room) >= blocks) break;
  }
  let left = blocks;
  const rows = found.room.map((room, index) => {
    const radius = wallMm - found.thick * (index + 0.5);
    const mine = index === found.room.length - 1 ? left : Math.min(left, room);
    left -= mine;
    return {
      blocks: mine,
      widthMm: Math.min(widthMm, (2 * Math.PI * radius) / Math.max(1, mine)),
      thicknessMm: found.thick,
      fromShare: (radius - found.thick / 2) / wallMm,
      toShare: (radius + found.thick / 2) / wallMm,
    };
  });
  const kept = rows.filter((row) => row.blocks > 0);
  return { rows: kept, pressed: found.pressed, holeMm: 2 * wallMm * (kept[kept.length - 1]?.fromShare ?? 0) };
}

/** Whether the blocks stand closer than they should. */
export const isCramped = ({ pressed }: StackPlan): boolean => pressed < PRESSED_TO;
