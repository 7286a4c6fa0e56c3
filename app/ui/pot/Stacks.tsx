import type { Block, Layer, StandingBlock } from '@elixa/core';
import { memo } from 'react';
import { G, Path, Rect } from 'react-native-svg';
import { GLAZE_LINE, WAITS } from './PieceGlyph';

interface Props {
  blocks: readonly Block[];
  /** What lies in a stack, from its bottom to its top. */
  layers: readonly Layer[];
  faded: boolean;
}

/** Leaves stand thicker than slices. */
const thickOf = ({ glaze }: Layer) => (glaze.startsWith('leaf') ? 1.5 : 1);

/** Where each layer of a stack lies in a block, as shares of its thickness. */
function shares(layers: readonly Layer[]) {
  const all = layers.reduce((sum, one) => sum + thickOf(one), 0);
  let at = 0;
  return layers.map((layer) => {
    const from = at / all;
    at += thickOf(layer);
    return { layer, from, thick: thickOf(layer) / all };
  });
}

const Outline = (box: { x: number; y: number; width: number; height: number }) => (
  <Rect {...box} rx={3} fill="none" stroke={GLAZE_LINE} strokeWidth={1} opacity={0.85} />
);

/** The pale rib of a leaf, and the fat of a slice, as a wavy line along a layer. */
const rib = (width: number, y: number, bend: number) => {
  const half = width / 2 - 3;
  return `M${-half} ${y} q${half / 2} ${bend} ${half} 0 t${half} 0`;
};

/** Stacks of leaves and meat with the cut face up: their layers run along the wall. */
export const Stacks = memo(function Stacks({ blocks, layers, faded }: Props) {
  const bands = shares(layers);
  return (
    <G opacity={faded ? WAITS : 1}>
      {blocks.map(({ id, x, y, turnDeg, widthMm: width, depthMm: depth }, index) => (
        <G key={id} transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${turnDeg.toFixed(1)})`}>
          <Rect
            x={-width / 2 - 1}
            y={-depth / 2 - 1}
            width={width + 2}
            height={depth + 2}
            rx={4}
            fill={GLAZE_LINE}
            opacity={0.25}
          />
          {bands.map(({ layer, from, thick }, band) => (
            <Rect
              key={`${layer.ingredientId}-${band}`}
              x={-width / 2}
              y={-depth / 2 + from * depth}
              width={width}
              height={thick * depth + 0.3}
              rx={1.2}
              fill={`var(--glaze-${layer.glaze})`}
            />
          ))}
          {bands.map(({ layer, from, thick }, band) => (
            <Path
              key={`${layer.ingredientId}-line-${band}`}
              d={rib(
                width,
                -depth / 2 + (from + thick / 2) * depth,
                ((index + band) % 2 === 0 ? 1 : -1) * thick * depth * 0.5,
              )}
              stroke={layer.glaze.startsWith('leaf') ? 'var(--glaze-leaf)' : 'var(--glaze-tofu)'}
              strokeWidth={layer.glaze.startsWith('leaf') ? 1.1 : 0.8}
              fill="none"
              opacity={0.75}
            />
          ))}
          <Outline x={-width / 2} y={-depth / 2} width={width} height={depth} />
        </G>
      ))}
    </G>
  );
});

interface SideProps {
  layers: readonly Layer[];
  blocks: readonly StandingBlock[];
  heightMm: number;
}

/** A band of a block from the side, from one share of its thickness to another. */
function bandPath({ topFromX, topToX, footFromX, footToX }: StandingBlock, from: number, to: number, heightMm: number) {
  const top = (share: number) => topFromX + (topToX - topFromX) * share;
  const foot = (share: number) => footFromX + (footToX - footFromX) * share;
  return `M${foot(from)} 0L${top(from)} ${-heightMm}H${top(to)}L${foot(to)} 0Z`;
}

/** The same blocks from the side: their layers stand upright and lean out with the wall. */
export function StandingStacks({ layers, blocks, heightMm }: SideProps) {
  const bands = shares(layers);
  return (
    <>
      {blocks.map((block) => (
        <G key={block.id}>
          {bands.map(({ layer, from, thick }, band) => (
            <Path
              key={`${layer.ingredientId}-${band}`}
              d={bandPath(block, from, from + thick, heightMm)}
              fill={`var(--glaze-${layer.glaze})`}
              stroke={`var(--glaze-${layer.glaze})`}
              strokeWidth={0.4}
            />
          ))}
          <Path d={bandPath(block, 0, 1, heightMm)} fill="none" stroke={GLAZE_LINE} strokeWidth={1} opacity={0.85} />
        </G>
      ))}
    </>
  );
}
