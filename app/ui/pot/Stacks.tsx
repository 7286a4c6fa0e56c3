import type { Block, Layer, StandingBlock } from '@elixa/core';
import { memo } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { GLAZE_LINE } from './PieceGlyph';

interface Props {
  blocks: readonly Block[];
  /** What lies in a stack, from its bottom. */
  layers: readonly Layer[];
  faded: boolean;
}

const REPEATS = 2;

const Outline = (box: { x: number; y: number; width: number; height: number }) => (
  <Rect {...box} rx={4} fill="none" stroke={GLAZE_LINE} strokeWidth={1.1} />
);

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
                fill={layer.glaze}
              />
            ))}
            <Outline x={-width / 2} y={-depth / 2} width={width} height={depth} />
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
  layers: readonly Layer[];
  blocks: readonly StandingBlock[];
  heightMm: number;
}

/** The same blocks from the side: their layers stand upright. */
export function StandingStacks({ layers, blocks, heightMm }: SideProps) {
  const stripes = [...Array.from({ length: REPEATS }, () => layers).flat(), ...layers.slice(0, 1)];
  return (
    <>
      {blocks.map(({ id, side, fromMm, widthMm }) => {
        const thick = widthMm / stripes.length;
        return (
          <G key={id} transform={`scale(${side} 1)`}>
            {stripes.map((layer, index) => (
              <Rect
                key={`${layer.ingredientId}-${index}`}
                x={fromMm + index * thick}
                y={-heightMm}
                width={thick + 0.3}
                height={heightMm}
                fill={layer.glaze}
              />
            ))}
            <Outline x={fromMm} y={-heightMm} width={widthMm} height={heightMm} />
          </G>
        );
      })}
    </>
  );
}
