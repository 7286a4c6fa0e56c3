import type { Sector } from '@elixa/contract';
import { memo } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { GLAZE_LINE, glazeOf } from './glaze';

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

interface Props {
  blocks: readonly Block[];
  /** What lies in a stack, from its bottom. */
  layers: readonly Sector[];
  faded: boolean;
}

const REPEATS = 2;

/** Stacks of leaves and meat with the cut face up: their layers run along the wall. */
export const Stacks = memo(function Stacks({ blocks, layers, faded }: Props) {
  const order = Array.from({ length: REPEATS }, () => layers).flat();
  const shown = [...order, ...layers.slice(0, 1)];
  return (
    <G opacity={faded ? 0.28 : 1}>
      {blocks.map((block) => {
        const { widthMm: width, depthMm: depth } = block;
        const thick = depth / shown.length;
        return (
          <G key={block.id} transform={`translate(${block.x} ${block.y}) rotate(${block.turnDeg})`}>
            {shown.map((layer, index) => (
              <Rect
                key={`${layer.ingredientId}-${index}`}
                x={-width / 2}
                y={-depth / 2 + index * thick}
                width={width}
                height={thick + 0.3}
                fill={glazeOf(layer.ingredientId)}
              />
            ))}
            <Rect
              x={-width / 2}
              y={-depth / 2}
              width={width}
              height={depth}
              rx={4}
              fill="none"
              stroke={GLAZE_LINE}
              strokeWidth={1.1}
            />
            <Path
              d={`M${-width / 2 + 5} ${-depth / 2 + 3} q${width / 4} 4 ${width / 2} 0 t${width / 2 - 10} 0`}
              stroke="var(--glaze-tofu)"
              strokeWidth={0.9}
              fill="none"
              opacity={0.6}
            />
          </G>
        );
      })}
    </G>
  );
});

interface SideProps {
  layers: readonly Sector[];
  /** From the hole in the middle to the wall, on both sides. */
  fromMm: number;
  toMm: number;
  heightMm: number;
}

/** The same blocks from the side: their layers stand upright. */
export function StandingStacks({ layers, fromMm, toMm, heightMm }: SideProps) {
  const count = Math.max(1, Math.round((toMm - fromMm) / DEPTH_MM));
  const depth = (toMm - fromMm) / count;
  const stripes = [...Array.from({ length: REPEATS }, () => layers).flat(), ...layers.slice(0, 1)];
  const thick = (depth * 0.94) / stripes.length;
  return (
    <>
      {[-1, 1].flatMap((side) =>
        Array.from({ length: count }, (_, block) => {
          const start = fromMm + block * depth;
          return (
            <G key={`${side}-${block}`} transform={`scale(${side} 1)`}>
              {stripes.map((layer, index) => (
                <Rect
                  key={`${layer.ingredientId}-${index}`}
                  x={start + index * thick}
                  y={-heightMm}
                  width={thick + 0.3}
                  height={heightMm}
                  fill={glazeOf(layer.ingredientId)}
                />
              ))}
              <Rect
                x={start}
                y={-heightMm}
                width={depth * 0.94}
                height={heightMm}
                rx={4}
                fill="none"
                stroke={GLAZE_LINE}
                strokeWidth={1.1}
              />
            </G>
          );
        }),
      )}
    </>
  );
}
