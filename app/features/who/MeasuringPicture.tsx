import type { Units, Vessel } from '@elixa/contract';
import { outlineOf, showLength, showVolume, wallLineOf } from '@elixa/core';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';

const WALL_MM = 8;
const JUG_MM = 96;

/** Marks of a ruler along a line, every centimetre, longer ones every five. */
function Ruler({ lengthMm }: { lengthMm: number }) {
  const marks = Array.from({ length: Math.floor(lengthMm / 10) + 1 }, (_, index) => index);
  return (
    <G stroke="rgb(var(--ink))" strokeWidth={1}>
      <Rect x={0} y={-13} width={lengthMm} height={13} fill="rgb(var(--sheet))" strokeWidth={1.2} />
      {marks.map((cm) => (
        <Line key={cm} x1={cm * 10} x2={cm * 10} y1={0} y2={cm % 5 === 0 ? -9 : -5} />
      ))}
    </G>
  );
}

/** How a pot is measured: a ruler across its rim, one down its middle, a jug beside it; to scale, as it is typed. */
export function MeasuringPicture({ vessel, units }: { vessel: Vessel; units: Units }) {
  const { innerDiameterMm, innerDepthMm, rimVolumeMl, material, name } = vessel;
  const half = innerDiameterMm / 2;
  const left = -half - WALL_MM - 12;
  const right = half + WALL_MM + 24 + JUG_MM;
  const top = -innerDepthMm - 52;
  const text = { fill: 'rgb(var(--ink))', fontSize: 15, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;
  const label = `${name}, ${showLength(innerDiameterMm, units)} wide, ${showLength(innerDepthMm, units)} deep, holds ${showVolume(rimVolumeMl, units)}`;
  const jugX = half + WALL_MM + 24;
  return (
    <View role="img" aria-label={`How to measure: ${label}`} className="w-full">
      <Svg
        viewBox={`${left} ${top} ${right - left} ${18 - top}`}
        width="100%"
        style={{ aspectRatio: (right - left) / (18 - top) }}
      >
        <Path
          d={wallLineOf(vessel)}
          fill="none"
          stroke={`var(--pot-${material})`}
          strokeWidth={WALL_MM * 2}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
        <Path d={outlineOf(vessel, innerDepthMm)} fill={`var(--pot-${material}-inside)`} />
        <G transform={`translate(${-half} ${-innerDepthMm - 6})`}>
          <Ruler lengthMm={innerDiameterMm} />
        </G>
        <SvgText {...text} x={0} y={-innerDepthMm - 28} textAnchor="middle">
          {showLength(innerDiameterMm, units)}
        </SvgText>
        <G transform="translate(7 0) rotate(-90)">
          <Ruler lengthMm={innerDepthMm} />
        </G>
        <SvgText {...text} x={16} y={-innerDepthMm / 2 + 5} fill="rgb(var(--sheet))" stroke="none">
          {showLength(innerDepthMm, units)}
        </SvgText>
        <G transform={`translate(${jugX} 0)`} stroke="rgb(var(--ink))" strokeWidth={1.6} strokeLinejoin="round">
          <Path d="M6 0L0 -78H64L58 0Z" fill="rgb(var(--sheet))" />
          <Path d="M4.6 -18L2.4 -46H61.6L59.4 -18Z" fill="var(--broth)" stroke="none" />
          <Path d="M63 -66q22 2 20 24t-24 22" fill="none" />
          <Line x1={8} x2={20} y1={-46} y2={-46} />
          <Line x1={8} x2={16} y1={-32} y2={-32} />
        </G>
        <SvgText {...text} x={jugX + 32} y={-90} textAnchor="middle">
          {showVolume(rimVolumeMl, units)}
        </SvgText>
      </Svg>
    </View>
  );
}
