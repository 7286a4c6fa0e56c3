import type { PotDrawing } from '@elixa/core';
import { memo, useId } from 'react';
import { View } from 'react-native';
import Svg, { Circle, ClipPath, Defs, Ellipse, G, Path } from 'react-native-svg';
import { DoneMarks, type DoneMark } from './DoneMarks';
import { PieceGlyph } from './PieceGlyph';
import { Stacks } from './Stacks';

export interface PotDrawnProps {
  drawing: PotDrawing;
  /** What is in the pot; everything when not given. The rest is left out or, when it comes next, shown faintly. */
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
}

const WALL_MM = 9;

/** A pot as somebody sees it who bends over it, to scale. */
export const PotDrawn = memo(function PotDrawn(shownIn: PotDrawnProps) {
  const { drawing, inPot, comingNext, simmering, dry, sauce, otherSauce, marks } = shownIn;
  const { vessel, surfaceMm: surface, pieces, blocks, layers, names } = drawing;
  // Several pots stand on one page; each is clipped by its own wall.
  const clip = `pot-${useId().replace(/\W/g, '')}`;
  const radius = vessel.innerDiameterMm / 2;
  const reach = radius + WALL_MM + 30;
  const isIn = (one: { ingredientId: string }) => !inPot || inPot.has(one.ingredientId);
  const isShown = (one: { ingredientId: string }) => isIn(one) || comingNext?.has(one.ingredientId) === true;
  const inside = `var(--pot-${vessel.material}-inside)`;
  const wall = `var(--pot-${vessel.material})`;
  const halves = pieces.some((one) => one.side);
  const bend = `C ${radius * 0.5} ${-radius * 0.4}, ${-radius * 0.5} ${radius * 0.4}, 0 ${radius}`;
  const glyphs = (side?: 'first' | 'second') =>
    pieces
      .filter((one) => one.side === side && isShown(one))
      .map((one) => <PieceGlyph key={one.id} {...one} faded={!isIn(one)} />);
  const named = names.filter(isIn).map(({ name }) => name);
  const label = `${vessel.name} from above: ${named.length > 0 ? named.join(', ') : dry ? 'empty' : 'broth only'}`;
  return (
    <View role="img" aria-label={label} className="w-full">
      <Svg
        viewBox={`${-reach} ${-radius - WALL_MM - 4} ${reach * 2} ${(radius + WALL_MM + 4) * 2}`}
        width="100%"
        style={{ aspectRatio: reach / (radius + WALL_MM + 4) }}
      >
        <Defs>
          <ClipPath id={clip}>
            <Circle r={radius} />
          </ClipPath>
          {halves
            ? (['first', 'second'] as const).map((side) => (
                <ClipPath key={side} id={`${clip}-${side}`}>
                  <Path d={`M0 ${-radius} ${bend} L ${side === 'first' ? -radius : radius} ${radius} V ${-radius} Z`} />
                </ClipPath>
              ))
            : null}
        </Defs>
        {[-1, 1].map((side) => (
          <Path
            key={side}
            d={`M${side * (radius + 2)} -34 h${side * 20} q${side * 14} 0 ${side * 14} 14 v40 q0 14 ${side * -14} 14 h${side * -20}`}
            fill={wall}
          />
        ))}
        <Circle r={radius + WALL_MM} fill={wall} />
        <Circle r={radius + WALL_MM - 3} fill="none" stroke={inside} strokeWidth={1} opacity={0.5} />
        <Circle r={radius} fill={inside} />
        <G clipPath={`url(#${clip})`}>
          {dry ? null : <Circle r={surface} fill={sauce ?? 'var(--broth)'} />}
          {dry ? null : (
            <Circle r={surface - 7} fill="none" stroke={sauce ?? 'var(--broth-deep)'} strokeWidth={2} opacity={0.5} />
          )}
          {layers.some(isShown) ? <Stacks blocks={blocks} layers={layers} faded={!layers.some(isIn)} /> : null}
          {halves
            ? (['first', 'second'] as const).map((side) => (
                <G key={side} clipPath={`url(#${clip}-${side})`}>
                  {dry || side === 'first' ? null : <Circle r={surface} fill={otherSauce ?? 'var(--broth)'} />}
                  {glyphs(side)}
                </G>
              ))
            : null}
          {glyphs()}
          {simmering
            ? BUBBLES.map(([x, y, size]) => (
                <Ellipse
                  key={`${x}${y}`}
                  cx={x * surface}
                  cy={y * surface}
                  rx={size}
                  ry={size}
                  fill="none"
                  stroke="var(--steam)"
                  strokeWidth={1.6}
                  opacity={0.75}
                />
              ))
            : null}
          {marks ? <DoneMarks drawing={drawing} marks={marks} /> : null}
          {vessel.divided ? <Path d={`M0 ${-radius} ${bend}`} stroke={wall} strokeWidth={7} fill="none" /> : null}
        </G>
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
