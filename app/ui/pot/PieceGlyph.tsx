import type { Glyph } from '@elixa/core';
import { memo, type ReactNode } from 'react';
import { G } from 'react-native-svg';
import { ANIMAL } from './glyphs/animal';
import { OTHER } from './glyphs/other';
import { tonesOf, type Tones } from './glyphs/paint';
import { PLANT } from './glyphs/plant';

export const GLAZE_LINE = 'var(--glaze-line)';

/** How much is seen of what is not in the pot yet. */
export const WAITS = 0.42;

/** Each kind of food has a shape and a texture of its own, drawn in a circle of radius one. */
const SHAPES: Record<Glyph, (tones: Tones) => ReactNode> = { ...ANIMAL, ...PLANT, ...OTHER };

interface Props {
  glyph: Glyph;
  /** The glaze that it is filled with, by name. */
  glaze: string;
  x: number;
  y: number;
  /** Half of its width, in the units of the drawing, and of its height where that is not the same. */
  radius: number;
  radiusUp?: number;
  turnDeg?: number;
  faded?: boolean;
  /** A number by which its tone is a little off the others'. */
  chance?: number;
}

/** One piece of food, as it is cut, in its glaze. */
export const PieceGlyph = memo(function PieceGlyph({
  glyph,
  glaze,
  x,
  y,
  radius,
  radiusUp = radius,
  turnDeg = 0,
  faded,
  chance,
}: Props) {
  const scale =
    radius === radiusUp ? `scale(${radius.toFixed(2)})` : `scale(${radius.toFixed(2)} ${radiusUp.toFixed(2)})`;
  return (
    <G
      transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${turnDeg.toFixed(0)}) ${scale}`}
      opacity={faded ? WAITS : 1}
    >
      {SHAPES[glyph](tonesOf(glaze, chance))}
    </G>
  );
});
