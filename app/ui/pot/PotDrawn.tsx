import type { DrawnPiece, PotDrawing } from '@elixa/core';
import { memo, useId, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, Ellipse, G, Path } from 'react-native-svg';
import { DoneMarks, type DoneMark } from './DoneMarks';
import { PieceGlyph, WAITS } from './PieceGlyph';
import { Stacks } from './Stacks';
import { Vessel, WALL_MM } from './Vessel';

export interface PotDrawnProps {
  drawing: PotDrawing;
  /** What is in the pot, by `cutKey`; everything when not given. The rest is left out or, when it comes next, shown faintly. */
  inPot?: ReadonlySet<string>;
  comingNext?: ReadonlySet<string>;
  simmering?: boolean;
  /** No liquid is in it yet. */
  dry?: boolean;
  /** The colour of a dark liquid; a clear broth is drawn in its own. */
  sauce?: string;
  /** The same of the right half, where a wall parts two broths. */
  otherSauce?: string;
  /** How far each bunch has come, by ingredient. */
  marks?: ReadonlyMap<string, DoneMark>;
  /** Drawn over everything, in mm from the middle: handles for a finger, a line of a cut. */
  children?: ReactNode;
}

const HANDLES_MM = 34;
const EDGE_MM = 5;

/** The corner and the size of the picture, in mm: the pot with its handles, and the plate behind it. */
export function pictureOf({ vessel, plate, sticks }: PotDrawing) {
  const { halfLengthMm, halfBreadthMm, handles } = vessel;
  const sideMm = handles === 'none' ? EDGE_MM : HANDLES_MM;
  const overMm = sticks.length > 0 ? 34 : 0;
  const left = halfLengthMm + WALL_MM + Math.max(sideMm, overMm);
  const up = halfBreadthMm + WALL_MM + EDGE_MM + overMm;
  const right = Math.max(left, plate ? plate.x + plate.radius + EDGE_MM : 0);
  const down = Math.max(up, plate ? plate.y + plate.radius + EDGE_MM : 0);
  return { x: -left, y: -up, width: left + right, height: up + down };
}

const inHalf = (side: 'first' | 'second' | undefined) => (one: { side?: string }) => one.side === side;

/** A pot as somebody sees it who bends over it, to scale. */
export const PotDrawn = memo(function PotDrawn(shownIn: PotDrawnProps) {
  const { drawing, inPot, comingNext, simmering, dry, sauce, otherSauce, marks, children } = shownIn;
  const { vessel, mouth, surface, halves, wall, pieces, blocks, layers, sticks, plate, names } = drawing;
  // Several pots stand on one page; each is clipped by its own wall.
  const clip = `pot-${useId().replace(/\W/g, '')}`;
  const picture = pictureOf(drawing);
  const isIn = (one: { cutKey: string }) => !inPot || inPot.has(one.cutKey);
  const isShown = (one: { cutKey: string }) => isIn(one) || comingNext?.has(one.cutKey) === true;
  const glyphs = (of: (one: DrawnPiece) => boolean) =>
    pieces
      .filter((one) => of(one) && isShown(one))
      .map((one, index) => (
        <PieceGlyph
          key={one.id}
          glyph={one.glyph}
          glaze={one.glaze}
          x={one.x}
          y={one.y}
          radius={one.radius}
          turnDeg={one.turnDeg}
          chance={index}
          faded={!isIn(one)}
        />
      ));
  const inIt = (one: DrawnPiece) => one.place !== 'beside' && one.place !== 'skewer';
  const named = names.filter((one) => one.cutKeys.some((key) => isIn({ cutKey: key }))).map(({ name }) => name);
  const label = `${vessel.name} from above: ${named.length > 0 ? named.join(', ') : dry ? 'empty' : 'broth only'}`;
  const broth = (colour: string | undefined, key?: string) => (
    <G key={key}>
      <Path d={surface} fill={colour ?? 'var(--broth)'} />
      <Path d={surface} fill="none" stroke={colour ?? 'var(--broth-deep)'} strokeWidth={5} opacity={0.45} />
    </G>
  );
  return (
    <View role="img" aria-label={label} className="w-full">
      <Svg
        viewBox={`${picture.x} ${picture.y} ${picture.width} ${picture.height}`}
        width="100%"
        style={{ aspectRatio: picture.width / picture.height }}
      >
        <Defs>
          <ClipPath id={clip}>
            <Path d={mouth} />
          </ClipPath>
          {halves
            ? (['first', 'second'] as const).map((side) => (
                <ClipPath key={side} id={`${clip}-${side}`}>
                  <Path d={halves[side]} />
                </ClipPath>
              ))
            : null}
        </Defs>
        {plate ? (
          <>
            <Circle
              cx={plate.x}
              cy={plate.y}
              r={plate.radius}
              fill="var(--plate)"
              stroke="var(--plate-line)"
              strokeWidth={1.6}
            />
            <Circle
              cx={plate.x}
              cy={plate.y}
              r={plate.radius * 0.8}
              fill="none"
              stroke="var(--plate-line)"
              strokeWidth={1}
              opacity={0.6}
            />
            {glyphs((one) => one.place === 'beside')}
          </>
        ) : null}
        <Vessel drawing={drawing} />
        <G clipPath={`url(#${clip})`}>
          {dry || halves ? null : broth(sauce)}
          {halves && !dry
            ? (['first', 'second'] as const).map((side) => (
                <G key={side} clipPath={`url(#${clip}-${side})`}>
                  {broth(side === 'first' ? sauce : otherSauce)}
                </G>
              ))
            : null}
          <Path d={mouth} fill="none" stroke="var(--glaze-line)" strokeWidth={16} opacity={0.16} />
          {blocks.length > 0 && isShown(layers[0]!) ? (
            <Stacks blocks={blocks} layers={layers} faded={!isIn(layers[0]!)} />
          ) : null}
          {(['first', 'second'] as const).map((side) =>
            halves ? (
              <G key={side} clipPath={`url(#${clip}-${side})`}>
                {glyphs((one) => inIt(one) && inHalf(side)(one))}
              </G>
            ) : null,
          )}
          {glyphs((one) => inIt(one) && inHalf(undefined)(one))}
          {dry || named.length === 0 ? null : (
            <Path d={surface} fill={sauce ?? 'var(--broth)'} opacity={inPot ? 0.14 : 0.06} />
          )}
          {simmering
            ? BUBBLES.map(([x, y, size]) => (
                <Ellipse
                  key={`${x}${y}`}
                  cx={x * vessel.halfLengthMm * 0.95}
                  cy={y * vessel.halfBreadthMm * 0.95}
                  rx={size}
                  ry={size}
                  fill="none"
                  stroke="var(--steam)"
                  strokeWidth={1.6}
                  opacity={0.75}
                />
              ))
            : null}
          {wall ? (
            <>
              <Path d={wall} stroke="var(--glaze-line)" strokeWidth={11} fill="none" opacity={0.25} />
              <Path d={wall} stroke={`var(--pot-${vessel.material})`} strokeWidth={7} fill="none" />
              <Path d={wall} stroke="var(--steam)" strokeWidth={1.4} fill="none" opacity={0.35} />
            </>
          ) : null}
        </G>
        {sticks.filter(isShown).map((one) => (
          <G key={one.id} opacity={isIn(one) ? 1 : WAITS}>
            <Path
              d={`M${one.fromX} ${one.fromY}L${one.toX} ${one.toY}`}
              stroke="var(--glaze-line)"
              strokeWidth={5}
              strokeLinecap="round"
              opacity={0.3}
            />
            <Path
              d={`M${one.fromX} ${one.fromY}L${one.toX} ${one.toY}`}
              stroke="var(--stick)"
              strokeWidth={3.4}
              strokeLinecap="round"
            />
          </G>
        ))}
        {glyphs((one) => one.place === 'skewer')}
        {marks ? <DoneMarks drawing={drawing} marks={marks} /> : null}
        {children}
      </Svg>
    </View>
  );
});

const BUBBLES: ReadonlyArray<readonly [number, number, number]> = [
  [-0.72, 0.45, 5],
  [-0.6, 0.58, 3],
  [0.7, -0.5, 6],
  [0.58, -0.62, 3.5],
  [0.3, 0.8, 4],
  [0.42, 0.76, 6],
  [-0.35, -0.8, 5],
  [-0.85, -0.1, 3],
  [0.86, 0.2, 4],
  [0.05, 0.1, 4],
];
