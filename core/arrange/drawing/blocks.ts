export interface Block {
  id: string;
  x: number;
  y: number;
  turnDeg: number;
  widthMm: number;
  depthMm: number;
}

/** How wide a block is cut along the wall, and how thick it stands. */
const WIDTH_MM = 46;
const DEPTH_MM = 27;

/**
 * Blocks on end, from the rim inwards to the hole in the middle.
 * @param heartMm radius of the hole
 */
export function placeBlocks(wallMm: number, heartMm: number): Block[] {
  const rows = Math.max(1, Math.floor((wallMm - heartMm) / DEPTH_MM));
  const depthMm = (wallMm - heartMm) / rows;
  return Array.from({ length: rows }, (_, row) => {
    const distance = wallMm - depthMm * (row + 0.5);
    const count = Math.max(3, Math.round((2 * Math.PI * distance) / WIDTH_MM));
    return Array.from({ length: count }, (__, index) => {
      const turnDeg = (360 * (index + (row % 2) / 2)) / count;
      const radians = ((turnDeg - 90) * Math.PI) / 180;
      return {
        id: `${row}-${index}`,
        x: Math.cos(radians) * distance,
        y: Math.sin(radians) * distance,
        turnDeg,
        widthMm: ((2 * Math.PI * distance) / count) * 0.96,
        depthMm: depthMm * 0.94,
      };
    });
  }).flat();
}

export interface StandingBlock {
  id: string;
  side: 1 | -1;
  /** From the middle, and how thick it stands. */
  fromMm: number;
  widthMm: number;
}

/** The same blocks in a pot that is cut through the middle: from the hole to the wall, on both sides. */
export function standBlocks(fromMm: number, toMm: number): StandingBlock[] {
  const count = Math.max(1, Math.round((toMm - fromMm) / DEPTH_MM));
  const depth = (toMm - fromMm) / count;
  return ([-1, 1] as const).flatMap((side) =>
    Array.from({ length: count }, (_, block) => ({
      id: `${side}-${block}`,
      side,
      fromMm: fromMm + block * depth,
      widthMm: depth * 0.94,
    })),
  );
}
