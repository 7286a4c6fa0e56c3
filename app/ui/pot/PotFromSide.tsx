import type { Build, Placement, Units, Vessel } from '@elixa/contract';
import { bestCutDeg, drawFromSide, outlineOf, showLength, wallLineOf } from '@elixa/core';
import { memo, useId, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { PieceGlyph } from './PieceGlyph';
import { StandingStacks } from './Stacks';
import { WALL_MM } from './Vessel';
import { useCatalogue } from '@/ui/catalogue';

interface Props {
  vessel: Vessel;
  build?: Build;
  /** What lies in it at a moment and how, where that is not as it is built; cut through in the same place. */
  lying?: Placement[];
  inPot?: ReadonlySet<string>;
  /** Writes heights and widths beside it. */
  measured?: boolean;
  /** The colour of a dark liquid; a clear broth is drawn in its own. */
  sauce?: string;
  otherSauce?: string;
  units?: Units;
  /** Where the liquid stands now, and how high it will, where that is not as it is poured. */
  levelMm?: number;
  risesToMm?: number;
}

/** What a ruler says of a pot: centimetres for both, or inches. */
const size = (mm: number, units: Units) =>
  units === 'us' ? showLength(mm, units) : `${Number((mm / 10).toFixed(1))} cm`;

const SIDE_MM = 34;

/** The pot cut through the middle, to scale: what lies on what, how high the liquid stands and the room left for foam. */
export const PotFromSide = memo(function PotFromSide({
  vessel,
  build,
  lying,
  inPot,
  measured,
  sauce,
  otherSauce,
  units = 'metric',
  levelMm,
  risesToMm,
}: Props) {
  const catalogue = useCatalogue();
  // Several pots stand on one page; each is clipped by its own wall.
  const clip = `pot-${useId().replace(/\W/g, '')}`;
  const radius = vessel.innerDiameterMm / 2;
  const depth = vessel.innerDepthMm;
  const cutDeg = useMemo(() => bestCutDeg(vessel, build?.placements ?? []), [vessel, build]);
  const drawing = useMemo(() => {
    if (!build) return undefined;
    const placements = lying ?? build.placements;
    const stacks = placements.some((one) => one.place === 'stack') ? build.stacks : undefined;
    return drawFromSide(catalogue, vessel, { placements, stacks }, cutDeg);
  }, [catalogue, vessel, build, lying, cutDeg]);
  const shown = drawing?.pieces.filter((one) => !inPot || inPot.has(one.cutKey)) ?? [];
  // Two broths, a wall between them.
  const halves = build?.placements.some((one) => one.side) ?? false;
  const usableMm = depth - (build?.headroomMm ?? 0);
  const pouredMm = build ? (inPot && inPot.size === 0 ? build.pourDepthMm : build.liquidStandsMm) : 0;
  const liquidMm = levelMm ?? pouredMm;
  // The frame is that of the pot as it is built, so that nothing jumps when food sinks.
  const tops = build?.placements.flatMap((one) => (one.region ? [one.toMm] : [])) ?? [];
  const heapMm = Math.max(0, Math.max(0, ...tops, ...(build?.stacks ? [usableMm] : [])) - depth);
  const reach = radius + WALL_MM + SIDE_MM;
  const top = depth + Math.max(heapMm + 14, 12) + (measured ? 18 : 0);
  const label = build
    ? `${vessel.name} from the side: filled to ${showLength(build.fillHeightMm, units)} of ${showLength(depth, units)}`
    : `${vessel.name} from the side, ${showLength(depth, units)} deep`;
  const wall = `var(--pot-${vessel.material})`;
  const inside = outlineOf(vessel, depth);
  const text = { fill: 'rgb(var(--ink))', fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;
  return (
    <View role="img" aria-label={label} className="w-full">
      <Svg
        viewBox={`${-reach} ${-top} ${reach * 2} ${top + 14}`}
        width="100%"
        style={{ aspectRatio: (reach * 2) / (top + 14) }}
      >
        <Defs>
          <ClipPath id={clip}>
            {/* What is heaped over the rim is seen too. */}
            <Path d={inside} />
            <Rect x={-radius} y={-depth - heapMm - 40} width={radius * 2} height={heapMm + 40} />
          </ClipPath>
          <ClipPath id={`${clip}-in`}>
            <Path d={inside} />
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
        {vessel.handles === 'none'
          ? null
          : (vessel.handles === 'one' ? [1] : [-1, 1]).map((side) => (
              <Rect
                key={side}
                x={side > 0 ? radius + 3 : -radius - 29}
                y={-depth + 5}
                width={26}
                height={9}
                rx={4.5}
                fill={wall}
              />
            ))}
        <Path d={inside} fill={`var(--pot-${vessel.material}-inside)`} />
        <G clipPath={`url(#${clip}-in)`}>
          <Rect x={-radius} y={-liquidMm} width={radius * 2} height={liquidMm} fill={sauce ?? 'var(--broth)'} />
          {halves ? (
            <Rect x={0} y={-liquidMm} width={radius} height={liquidMm} fill={otherSauce ?? 'var(--broth)'} />
          ) : null}
        </G>
        <G clipPath={`url(#${clip})`}>
          {drawing ? <StandingStacks {...drawing} heightMm={usableMm} /> : null}
          {shown.map(({ id, glyph, glaze, x, y, radius: across, radiusUp, turnDeg }, index) => (
            <PieceGlyph key={id} {...{ glyph, glaze, x, y, turnDeg, radiusUp }} radius={across} chance={index} />
          ))}
        </G>
        <G clipPath={`url(#${clip}-in)`}>
          {build && liquidMm > 0 ? (
            <>
              <Rect
                x={-radius}
                y={-liquidMm}
                width={radius * 2}
                height={liquidMm}
                fill={sauce ?? 'var(--broth)'}
                opacity={0.16}
              />
              <Line
                x1={-radius}
                x2={radius}
                y1={-liquidMm}
                y2={-liquidMm}
                stroke="var(--broth-deep)"
                strokeWidth={2.4}
              />
            </>
          ) : null}
          {risesToMm !== undefined && risesToMm > liquidMm + 1 ? (
            <Line
              x1={-radius}
              x2={radius}
              y1={-risesToMm}
              y2={-risesToMm}
              stroke="var(--broth-deep)"
              strokeWidth={2}
              strokeDasharray="1 5"
              strokeLinecap="round"
            />
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
          <SvgText {...text} x={0} y={-top + 13} textAnchor="middle">
            {`${size(vessel.innerDiameterMm, units)} wide, ${size(depth, units)} deep`}
          </SvgText>
        ) : null}
      </Svg>
    </View>
  );
});
