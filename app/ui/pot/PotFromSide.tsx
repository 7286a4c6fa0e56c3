import type { Build, Units, Vessel } from '@elixa/contract';
import { drawFromSide, outlineOf, showLength, wallLineOf } from '@elixa/core';
import { memo, useId, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { PieceGlyph } from './PieceGlyph';
import { StandingStacks } from './Stacks';

interface Props {
  vessel: Vessel;
  build?: Build;
  inPot?: ReadonlySet<string>;
  /** Writes heights and widths beside it. */
  measured?: boolean;
  /** The colour of a dark liquid; a clear broth is drawn in its own. */
  sauce?: string;
  otherSauce?: string;
  units?: Units;
}

const WALL_MM = 7;
/** What a ruler says of a pot: centimetres for both, or inches. */
const size = (mm: number, units: Units) =>
  units === 'us' ? showLength(mm, units) : `${Number((mm / 10).toFixed(1))} cm`;

/** The pot cut through the middle, to scale: how deep it is, how high the broth stands and the room left for foam. */
export const PotFromSide = memo(function PotFromSide({
  vessel,
  build,
  inPot,
  measured,
  sauce,
  otherSauce,
  units = 'metric',
}: Props) {
  // Several pots stand on one page; each is clipped by its own wall.
  const clip = `pot-${useId().replace(/\W/g, '')}`;
  const radius = vessel.innerDiameterMm / 2;
  const depth = vessel.innerDepthMm;
  const drawing = useMemo(() => build && drawFromSide(vessel, build), [vessel, build]);
  const shown = drawing?.pieces.filter((one) => !inPot || inPot.has(one.ingredientId)) ?? [];
  // Two broths, a wall between them.
  const halves = build?.sectors.some((one) => one.side) ?? false;
  const usableMm = depth - (build?.headroomMm ?? 0);
  const liquidMm = build ? (inPot && inPot.size === 0 ? build.liquidHeightMm : build.liquidStandsMm) : 0;
  const reach = radius + 40;
  const top = depth + (measured ? 26 : 12);
  const label = build
    ? `${vessel.name} from the side: filled to ${showLength(build.fillHeightMm, units)} of ${showLength(depth, units)}`
    : `${vessel.name} from the side, ${showLength(depth, units)} deep`;
  const wall = `var(--pot-${vessel.material})`;
  const text = { fill: 'rgb(var(--ink))', fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;
  return (
    <View role="img" aria-label={label} className="w-full">
      <Svg
        viewBox={`${-reach} ${-top} ${reach * 2} ${top + 16}`}
        width="100%"
        style={{ aspectRatio: (reach * 2) / (top + 16) }}
      >
        <Defs>
          <ClipPath id={clip}>
            <Path d={outlineOf(vessel, depth)} />
          </ClipPath>
        </Defs>
        <Path
          d={wallLineOf(vessel)}
          fill="none"
          stroke={wall}
          strokeWidth={WALL_MM * 2}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
        {[-1, 1].map((side) => (
          <Rect
            key={side}
            x={side > 0 ? radius : -radius - 26}
            y={-depth + 6}
            width={26}
            height={9}
            rx={4.5}
            fill={wall}
          />
        ))}
        <Path d={outlineOf(vessel, depth)} fill={`var(--pot-${vessel.material}-inside)`} />
        <G clipPath={`url(#${clip})`}>
          <Rect x={-radius} y={-liquidMm} width={radius * 2} height={liquidMm} fill={sauce ?? 'var(--broth)'} />
          {halves ? (
            <Rect x={0} y={-liquidMm} width={radius} height={liquidMm} fill={otherSauce ?? 'var(--broth)'} />
          ) : null}
          {drawing ? <StandingStacks {...drawing} heightMm={usableMm} /> : null}
          {shown.map((one) => (
            <PieceGlyph key={one.id} {...one} />
          ))}
          {build ? (
            <Line x1={-radius} x2={radius} y1={-liquidMm} y2={-liquidMm} stroke="var(--broth-deep)" strokeWidth={2} />
          ) : null}
          {halves ? <Line x1={0} x2={0} y1={0} y2={-depth} stroke={wall} strokeWidth={6} /> : null}
          {build ? (
            <Line
              x1={-radius}
              x2={radius}
              y1={-usableMm}
              y2={-usableMm}
              stroke="rgb(var(--ink))"
              strokeWidth={1.5}
              strokeDasharray="4 4"
            />
          ) : null}
        </G>
        {measured ? (
          <>
            <SvgText {...text} x={0} y={-depth - 10} textAnchor="middle">
              {`${size(vessel.innerDiameterMm, units)} wide, ${size(depth, units)} deep`}
            </SvgText>
          </>
        ) : null}
      </Svg>
    </View>
  );
});
