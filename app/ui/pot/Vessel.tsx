import type { PotDrawing } from '@elixa/core';
import { memo } from 'react';
import { G, Path } from 'react-native-svg';

/** How thick the wall of a pot is drawn. */
export const WALL_MM = 9;

const tinted = (material: string, other: string, percent: number) =>
  `color-mix(in srgb, var(--pot-${material}) ${100 - percent}%, ${other})`;

/** A handle at the right of a pot that reaches so far; mirrored at the left. */
const handlePath = (atMm: number) => `M${atMm - 4} -33 h13 q15 0 18 15 l1 9 q.6 9 0 18 l-1 9 q-3 15 -18 15 h-13 z`;

/** A long handle, as of a pan. */
const longHandlePath = (atMm: number) => `M${atMm - 4} -13 h30 q5 0 5 6 v14 q0 6 -5 6 h-30 z`;

/** The pot itself from above: handles, wall and rim, and its inside. */
export const Vessel = memo(function Vessel({ drawing }: { drawing: PotDrawing }) {
  const { vessel, mouth } = drawing;
  const { material, handles = 'two', halfLengthMm } = vessel;
  const wall = `var(--pot-${material})`;
  const atMm = halfLengthMm + WALL_MM - 3;
  const sides = handles === 'two' ? [-1, 1] : handles === 'one' ? [1] : [];
  return (
    <>
      {sides.map((side) => (
        <G key={side} transform={`scale(${side} 1)`}>
          <Path
            d={handles === 'one' ? longHandlePath(atMm) : handlePath(atMm)}
            fill={wall}
            stroke={tinted(material, 'black', 34)}
            strokeWidth={1.2}
          />
          <Path
            d={`M${atMm + 12} -18 q7 0 8 9 q1.2 9 0 18 q-1 9 -8 9`}
            fill="none"
            stroke={tinted(material, 'white', 30)}
            strokeWidth={2}
            strokeLinecap="round"
            opacity={0.7}
          />
        </G>
      ))}
      <Path
        d={mouth}
        fill="none"
        stroke={tinted(material, 'black', 34)}
        strokeWidth={WALL_MM * 2 + 2}
        strokeLinejoin="round"
      />
      <Path d={mouth} fill="none" stroke={wall} strokeWidth={WALL_MM * 2} strokeLinejoin="round" />
      <Path
        d={mouth}
        fill="none"
        stroke={tinted(material, 'white', 26)}
        strokeWidth={WALL_MM * 1.25}
        strokeLinejoin="round"
        opacity={0.65}
      />
      <Path d={mouth} fill="none" stroke={wall} strokeWidth={WALL_MM * 0.6} strokeLinejoin="round" />
      <Path d={mouth} fill={`var(--pot-${material}-inside)`} stroke={tinted(material, 'black', 40)} strokeWidth={1.2} />
    </>
  );
});
