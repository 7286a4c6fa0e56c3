import { memo, type ReactNode } from 'react';
import { Circle, Ellipse, G, Line, Path, Rect } from 'react-native-svg';
import type { Glyph } from '@elixa/core';

export const GLAZE_LINE = 'var(--glaze-line)';

interface Props {
  glyph: Glyph;
  /** The colour that it is filled with. */
  glaze: string;
  x: number;
  y: number;
  /** Half of its width, in the units of the drawing. */
  radius: number;
  turnDeg?: number;
  faded?: boolean;
}

const THIN = { stroke: GLAZE_LINE, strokeWidth: 0.05, fill: 'none', strokeLinecap: 'round' } as const;
const EDGE = { stroke: GLAZE_LINE, strokeWidth: 0.06, strokeLinejoin: 'round' } as const;

/** Each kind of food has a shape and a texture of its own, drawn in a circle of radius one. */
const SHAPES: Record<Glyph, (fill: string) => ReactNode> = {
  disc: (fill) => (
    <>
      <Circle r={0.92} fill={fill} {...EDGE} />
      <Circle r={0.55} {...THIN} opacity={0.4} />
    </>
  ),
  slice: (fill) => (
    <>
      <Path
        d="M-1-.15C-.85-.6-.4-.75 0-.6 .45-.75.9-.55 1-.1 1.05.35.7.6.3.5 0 .75-.45.7-.65.45-1 .45-1.08.15-1-.15z"
        fill={fill}
        {...EDGE}
      />
      <Path
        d="M-.8-.05C-.4-.35 0-.1.35-.3M-.55.25C-.2.05.25.35.7.1M-.1-.5C.1-.3.4-.4.6-.45"
        stroke="var(--glaze-tofu)"
        strokeWidth={0.11}
        strokeLinecap="round"
        fill="none"
        opacity={0.85}
      />
    </>
  ),
  grilled: (fill) => (
    <>
      <Rect x={-0.85} y={-0.85} width={1.7} height={1.7} rx={0.16} fill={fill} {...EDGE} />
      <G stroke="var(--glaze-mushroom)" strokeWidth={0.2} strokeLinecap="round" opacity={0.75}>
        <Line x1={-0.55} y1={-0.6} x2={-0.2} y2={0.6} />
        <Line x1={-0.1} y1={-0.6} x2={0.25} y2={0.6} />
        <Line x1={0.35} y1={-0.6} x2={0.6} y2={0.4} />
      </G>
    </>
  ),
  leaf: (fill) => (
    <>
      <Path d="M0-1C.4-.8.85-.5.9 0 .85.5.4.85 0 1-.4.85-.85.5-.9 0-.85-.5-.4-.8 0-1z" fill={fill} {...EDGE} />
      <Path d="M0 .9V-.75M0 .45-.5.1M0 .45.5.1M0 0-.5-.35M0 0 .5-.35" {...THIN} opacity={0.55} />
    </>
  ),
  cluster: (fill) => (
    <>
      <Path
        d="M-.2.95C-.1.4-.4.2-.9.15-1-.3-.7-.55-.4-.5-.45-.95.1-1.05.3-.75.75-.85 1.05-.45.85-.15 1 .2.6.4.3.35.15.5.2.75.2.95z"
        fill={fill}
        {...EDGE}
      />
      <Path d="M0 .8C0 .3-.3 0-.6-.05M.05.8C.1.2.3-.1.6-.2M.02.4C0 0 0-.3.05-.55" {...THIN} opacity={0.5} />
    </>
  ),
  strand: (fill) => (
    <>
      <Path
        d="M-.9.5C-.4.1-.2.7.2.2S.7-.4.95-.6M-.8-.5C-.3-.7-.1-.1.3-.3S.7.3.9.6M-.5.9C-.3.4.1.5.3.9"
        stroke={fill}
        strokeWidth={0.24}
        strokeLinecap="round"
        fill="none"
      />
      <Circle cx={-0.85} cy={-0.5} r={0.2} fill="var(--glaze-egg)" {...EDGE} />
      <Circle cx={0.92} cy={-0.58} r={0.2} fill="var(--glaze-egg)" {...EDGE} />
    </>
  ),
  knot: (fill) => (
    <>
      <Ellipse rx={0.92} ry={0.6} fill={fill} opacity={0.75} {...EDGE} />
      <Path
        d="M-.8-.1C-.3-.5.3-.5.8-.1M-.8.12C-.3-.2.3-.2.8.12M-.7.32C-.3.1.3.1.7.32M0-.6V.6"
        stroke="var(--glaze-tofu)"
        strokeWidth={0.08}
        fill="none"
        opacity={0.8}
      />
    </>
  ),
  noodle: (fill) => (
    <G stroke={fill} strokeWidth={0.22} strokeLinecap="round" fill="none">
      <Path d="M-.95-.3C-.5-.8 0 .2.5-.4S.95-.2.9.1" stroke={GLAZE_LINE} strokeWidth={0.3} opacity={0.35} />
      <Path d="M-.95-.3C-.5-.8 0 .2.5-.4S.95-.2.9.1M-.9.2C-.5-.3 0 .6.5.1S.9.4.8.6M-.7.7C-.3.3 0 1 .5.6" />
    </G>
  ),
  chunk: (fill) => (
    <>
      <Path d="M-.9-.2C-.8-.8-.1-1 .4-.8S1-.1.9.4 .2 1-.4.85-1 .3-.9-.2z" fill={fill} {...EDGE} />
      <Path d="M-.55-.15C-.3-.45.2-.5.5-.25M-.45.35C-.1.15.3.2.55.4" {...THIN} opacity={0.5} />
    </>
  ),
  fillet: (fill) => (
    <>
      <Path d="M-.95-.35 .7-.75 .95.3-.7.75z" fill={fill} {...EDGE} />
      <Path d="M-.5-.4-.3.6M-.05-.5.15.5M.4-.62.58.4" {...THIN} opacity={0.55} />
      <Path d="M-.95-.35 .7-.75" stroke={GLAZE_LINE} strokeWidth={0.16} />
    </>
  ),
  block: (fill) => (
    <>
      <Rect x={-0.85} y={-0.85} width={1.7} height={1.7} rx={0.16} fill={fill} {...EDGE} />
      <Path d="M-.85.5H.6V-.85" {...THIN} opacity={0.35} />
    </>
  ),
  triangle: (fill) => (
    <>
      <Path d="M-.9.75 0-.9 .9.75z" fill={fill} {...EDGE} />
      <Path d="M-.6.5H.6" stroke={GLAZE_LINE} strokeWidth={0.2} opacity={0.35} />
    </>
  ),
  blossom: (fill) => (
    <>
      <Path
        d="M0-1C.3-1 .45-.75.42-.58 .62-.72.95-.55 .95-.3S.75.05.58.12C.75.25.8.6.58.8S.1.85 0 .68C-.1.85-.36 1-.58.8S-.75.25-.58.12C-.75.05-.95-.05-.95-.3S-.62-.72-.42-.58C-.45-.75-.3-1 0-1z"
        fill={fill}
        {...EDGE}
      />
      <Circle r={0.22} {...THIN} opacity={0.6} />
    </>
  ),
  halfMoon: (fill) => (
    <>
      <Path d="M-1 .42A1 1 0 0 1 1 .42z" fill={fill} {...EDGE} />
      <Path d="M-.72.3A.72.72 0 0 1 .72.3" {...THIN} opacity={0.4} />
    </>
  ),
  cabbage: (fill) => (
    <>
      <Path
        d="M0 1C-.5.8-1 .4-.95-.1-1-.5-.6-.75-.4-.8-.2-1 .2-1 .4-.8.7-.75 1-.45.95-.05 1 .4.5.8 0 1z"
        fill="var(--glaze-leaf)"
        {...EDGE}
      />
      <Path d="M-.16.95C-.3.2-.2-.3 0-.6 .2-.3.3.2.16.95z" fill={fill} />
      <Path d="M-.2.1-.65-.25M.2.1.65-.25M-.18.45-.6.2M.18.45.6.2" {...THIN} opacity={0.5} />
    </>
  ),
  sprig: (fill) => (
    <>
      <Path
        d="M0 1C0 .3 0-.2 0-.9M0 .3-.5-.2M0 .3.5-.2M0-.1-.4-.6M0-.1.4-.6M-.3 1C-.5.4-.8.1-.8-.5M.3 1C.5.4.8.1.8-.5"
        stroke={fill}
        strokeWidth={0.26}
        strokeLinecap="round"
        fill="none"
      />
      <Path d="M0 1C0 .3 0-.2 0-.9M-.3 1C-.5.4-.8.1-.8-.5M.3 1C.5.4.8.1.8-.5" {...THIN} opacity={0.6} />
    </>
  ),
  slant: (fill) => (
    <>
      <Ellipse rx={0.95} ry={0.62} fill={fill} {...EDGE} />
      <Ellipse rx={0.62} ry={0.38} {...THIN} opacity={0.6} />
      <Ellipse rx={0.3} ry={0.17} {...THIN} opacity={0.6} />
    </>
  ),
  ring: (fill) => (
    <>
      <Circle r={0.7} fill={fill} {...EDGE} />
      <Circle r={0.34} {...THIN} />
    </>
  ),
  cap: (fill) => (
    <>
      <Circle r={0.95} fill={fill} {...EDGE} />
      <G stroke="var(--glaze-mushroom-pale)" strokeWidth={0.17} strokeLinecap="round">
        <Line x1={-0.6} x2={0.6} />
        <Line x1={-0.3} y1={-0.52} x2={0.3} y2={0.52} />
        <Line x1={0.3} y1={-0.52} x2={-0.3} y2={0.52} />
      </G>
    </>
  ),
  tuft: (fill) => (
    <>
      <G stroke={fill} strokeWidth={0.22} strokeLinecap="round">
        <Path d="M0 .95-.65-.5M0 .95-.25-.7M0 .95.2-.75M0 .95.62-.5" fill="none" />
      </G>
      <Path d="M0 .95-.45-.1M0 .95.45-.1M0 .95 0-.2" {...THIN} opacity={0.4} />
      {[-0.65, -0.25, 0.2, 0.62].map((x, index) => (
        <Circle key={x} cx={x} cy={index % 3 === 0 ? -0.5 : -0.72} r={0.24} fill={fill} {...EDGE} />
      ))}
    </>
  ),
  grains: (fill) => (
    <G fill={fill} {...EDGE}>
      <Ellipse cx={-0.4} cy={-0.2} rx={0.38} ry={0.2} />
      <Ellipse cx={0.35} cy={0} rx={0.38} ry={0.2} />
      <Ellipse cx={-0.1} cy={0.45} rx={0.38} ry={0.2} />
    </G>
  ),
  yolk: (fill) => (
    <>
      <Path d="M-.9 0C-.7-.7 0-.9.5-.6S1 .3.6.7-.5.9-.8.5z" fill="var(--glaze-tofu)" {...EDGE} />
      <Circle r={0.42} fill={fill} />
    </>
  ),
};

/** One piece of food, as it is cut, in its glaze. */
export const PieceGlyph = memo(function PieceGlyph({ glyph, glaze, x, y, radius, turnDeg = 0, faded }: Props) {
  return (
    <G transform={`translate(${x} ${y}) rotate(${turnDeg}) scale(${radius})`} opacity={faded ? 0.28 : 1}>
      {SHAPES[glyph](glaze)}
    </G>
  );
});
