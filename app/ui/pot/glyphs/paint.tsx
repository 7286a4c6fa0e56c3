import type { ReactNode } from 'react';
import { Circle, Ellipse, Path } from 'react-native-svg';

/** The tones of one glaze: as it is, in the light, in its hollows, and its edge. */
export interface Tones {
  fill: string;
  light: string;
  dark: string;
  line: string;
}

const mixed = (glaze: string, other: string, percent: number) =>
  `color-mix(in srgb, var(--glaze-${glaze}) ${100 - percent}%, ${other})`;

/** No two pieces are of quite the same colour: a little lighter, as it is, a little darker. */
const BY_CHANCE = [0, 7, -6] as const;

const known = new Map<string, Tones>();

/** The tones that a piece is painted in. */
export function tonesOf(glaze: string, chance = 0): Tones {
  const key = `${glaze}${chance}`;
  const found = known.get(key);
  if (found) return found;
  const by = BY_CHANCE[chance % BY_CHANCE.length]!;
  const own = by === 0 ? `var(--glaze-${glaze})` : mixed(glaze, by > 0 ? 'white' : 'var(--glaze-line)', Math.abs(by));
  const tones = {
    fill: own,
    light: mixed(glaze, 'white', 42),
    dark: mixed(glaze, 'var(--glaze-line)', 32),
    line: mixed(glaze, 'var(--glaze-line)', 62),
  };
  known.set(key, tones);
  return tones;
}

const SHADOW = { fill: 'none', stroke: 'var(--glaze-line)', strokeWidth: 0.22, opacity: 0.2 } as const;
const EDGE = 0.055;

/** A shape with its edge, and the shade that it throws on what lies under it. */
export const body = (d: string, { fill, line }: Tones): ReactNode => (
  <>
    <Path d={d} {...SHADOW} />
    <Path d={d} fill={fill} stroke={line} strokeWidth={EDGE} strokeLinejoin="round" />
  </>
);

export const disc = (radius: number, { fill, line }: Tones): ReactNode => (
  <>
    <Circle r={radius} {...SHADOW} />
    <Circle r={radius} fill={fill} stroke={line} strokeWidth={EDGE} />
  </>
);

export const oval = (rx: number, ry: number, { fill, line }: Tones): ReactNode => (
  <>
    <Ellipse rx={rx} ry={ry} {...SHADOW} />
    <Ellipse rx={rx} ry={ry} fill={fill} stroke={line} strokeWidth={EDGE} />
  </>
);

/** A line on a piece. */
export const stroke = (d: string, colour: string, strokeWidth = 0.06, opacity = 1): ReactNode => (
  <Path d={d} fill="none" stroke={colour} strokeWidth={strokeWidth} strokeLinecap="round" opacity={opacity} />
);

/** A patch on a piece. */
export const patch = (d: string, colour: string, opacity = 1): ReactNode => (
  <Path d={d} fill={colour} opacity={opacity} />
);
