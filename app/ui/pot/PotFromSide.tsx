import type { Build, Units, Vessel } from '@elixa/contract';
import { ingredientById, radiusAtMm, showLength } from '@elixa/core';
import { memo, useId, useMemo } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { PieceGlyph } from './PieceGlyph';
import { heartRadiusMm, pieceRadiusMm } from './placePieces';
import { StandingStacks } from './Stacks';

interface Props {
  vessel: Vessel;
  build?: Build;
  inPot?: ReadonlySet<string>;
  /** Writes heights and widths beside it. */
  measured?: boolean;
  /** The colour of a dark sauce; a broth is drawn in its own. */
  sauce?: string;
  units?: Units;
}

const WALL_MM = 7;
const STEPS = 24;

function outline(vessel: Vessel, upToMm: number): string {
  const heights = Array.from({ length: STEPS + 1 }, (_, index) => (upToMm * index) / STEPS);
  const right = heights.map((height) => `${radiusAtMm(vessel, height).toFixed(1)} ${(-height).toFixed(1)}`);
  const left = heights.map((height) => `${(-radiusAtMm(vessel, height)).toFixed(1)} ${(-height).toFixed(1)}`).reverse();
  return `M${[...left, ...right].join('L')}Z`;
}

/** The wall from rim to rim, open at the top. */
const wallLine = (vessel: Vessel) => outline(vessel, vessel.innerDepthMm).replace('Z', '');

interface Lying {
  id: string;
  ingredientId: string;
  cut: string;
  x: number;
  y: number;
  radius: number;
}

/** Hard things below, tender on top; as many of each as its share of the pot. */
const LAYER: Record<string, number> = {
  root: 0,
  poultry: 1,
  meat: 1,
  fish: 1,
  shellfish: 3,
  allium: 2,
  tofu: 2,
  mushroom: 3,
  leaf: 4,
};

/** What a ruler says of a pot: centimetres for both, or inches. */
const size = (mm: number, units: Units) =>
  units === 'us' ? showLength(mm, units) : `${Number((mm / 10).toFixed(1))} cm`;

function layPieces(vessel: Vessel, build: Build, halfMm?: number): Lying[] {
  const spacing = 25;
  const rows = Math.max(1, Math.floor(build.fillHeightMm / 15));
  const slots = Array.from({ length: rows }, (_, row) => {
    const y = (build.fillHeightMm * (row + 0.5)) / rows;
    const half = Math.min(halfMm ?? Infinity, radiusAtMm(vessel, y) - 12);
    const count = Math.max(1, Math.floor((half * 2) / spacing));
    return Array.from({ length: count }, (__, index) => ({ x: -half + (half * 2 * (index + 0.5)) / count, y }));
  }).flat();
  const loose = build.sectors.filter((one) => one.zone !== 'stack');
  const total = loose.reduce((sum, one) => sum + one.areaMm2, 0);
  const sorted = [...loose].sort(
    (a, b) => (LAYER[ingredientById(a.ingredientId).family] ?? 2) - (LAYER[ingredientById(b.ingredientId).family] ?? 2),
  );
  let from = 0;
  return sorted.flatMap((sector) => {
    const to = Math.min(slots.length, from + (sector.areaMm2 / total) * slots.length);
    const own = slots.slice(Math.round(from), Math.round(to));
    from = to;
    const cut = Object.keys(ingredientById(sector.ingredientId).cuts)[0] ?? '';
    return own.map(({ x, y }, index) => ({
      id: `${sector.ingredientId}-${index}`,
      ingredientId: sector.ingredientId,
      cut,
      x,
      y: -y,
      radius: pieceRadiusMm(sector.ingredientId, cut) * 0.72,
    }));
  });
}

/** The pot cut through the middle, to scale: how deep it is, how high the broth stands and the room left for foam. */
export const PotFromSide = memo(function PotFromSide({
  vessel,
  build,
  inPot,
  measured,
  sauce,
  units = 'metric',
}: Props) {
  // Several pots stand on one page; each is clipped by its own wall.
  const clip = `pot-${useId().replace(/\W/g, '')}`;
  const radius = vessel.innerDiameterMm / 2;
  const depth = vessel.innerDepthMm;
  const layers = build?.sectors.filter((one) => one.zone === 'stack') ?? [];
  const isStacked = layers.length > 0;
  const heartMm = isStacked ? heartRadiusMm(build?.sectors ?? [], radius) : undefined;
  const lying = useMemo(() => (build ? layPieces(vessel, build, heartMm) : []), [vessel, build, heartMm]);
  const shown = lying.filter((one) => !inPot || inPot.has(one.ingredientId));
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
            <Path d={outline(vessel, depth)} />
          </ClipPath>
        </Defs>
        <Path
          d={wallLine(vessel)}
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
        <Path d={outline(vessel, depth)} fill={`var(--pot-${vessel.material}-inside)`} />
        <G clipPath={`url(#${clip})`}>
          <Rect x={-radius} y={-liquidMm} width={radius * 2} height={liquidMm} fill={sauce ?? 'var(--broth)'} />
          {heartMm !== undefined ? (
            <StandingStacks layers={layers} fromMm={heartMm} toMm={radius} heightMm={usableMm} />
          ) : null}
          {shown.map((one) => (
            <PieceGlyph key={one.id} {...one} />
          ))}
          {build ? (
            <Line x1={-radius} x2={radius} y1={-liquidMm} y2={-liquidMm} stroke="var(--broth-deep)" strokeWidth={2} />
          ) : null}
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
