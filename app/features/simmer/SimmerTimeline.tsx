import type { Simmer } from '@elixa/contract';
import { lookOf, shiftIso, shortName } from '@elixa/core';
import { scaleLinear } from 'd3-scale';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { GLAZE_LINE, PieceGlyph } from '@/ui/pot/PieceGlyph';
import { clock } from '@/ui/time';

interface Props {
  simmer: Simmer;
  round: number;
}

const ROW = 34;
const TOP = 26;
const NAME_AT = 30;
/** About the width of a letter of the names. */
const LETTER = 6.9;
const LEAST_NAMES = 124;
/** Of a time of day and of the word beside the line of the boil, in px. */
const CLOCK_WIDTH = 38;
const BOILS_WIDTH = 40;

/** What is in the pot from when to when, against the clock. */
export const SimmerTimeline = memo(function SimmerTimeline({ simmer, round }: Props) {
  const [width, setWidth] = useState(350);
  const pieces = simmer.pieces.filter((one) => one.round === round).sort((a, b) => a.inAtS - b.inAtS);
  if (pieces.length === 0) return null;
  const readyS = Math.max(...pieces.map((one) => one.outAtS));
  const names = pieces.map((one) => shortName(one.ingredientId, one.cut));
  const longest = Math.max(...names.map((name) => name.length));
  const namesWidth = Math.max(LEAST_NAMES, NAME_AT + longest * LETTER + 8);
  const fromS = round === 1 ? 0 : Math.min(...pieces.map((one) => one.inAtS)) - 60;
  const scale = scaleLinear()
    .domain([fromS, readyS])
    .range([namesWidth, width - 8]);
  // What is seared before any liquid is eaten before anything boils.
  const boils = round === 1 && simmer.boilAtS < readyS;
  const height = TOP + pieces.length * ROW + 4;
  const text = { fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;
  const at = (seconds: number) => clock(shiftIso(simmer.litAt, seconds));
  const label = pieces
    .map((one) => `${shortName(one.ingredientId, one.cut)} from ${at(one.inAtS)} to ${at(one.outAtS)}`)
    .join(', ');
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} role="img" aria-label={label}>
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`}>
        <SvgText {...text} x={scale(fromS)} y={14} fill="rgb(var(--soft))">
          {at(fromS)}
        </SvgText>
        <SvgText {...text} x={scale(readyS)} y={14} textAnchor="end" fontWeight="700" fill="rgb(var(--ink))">
          {at(readyS)}
        </SvgText>
        {boils ? (
          <>
            {scale(simmer.boilAtS) - scale(fromS) > CLOCK_WIDTH &&
            scale(readyS) - scale(simmer.boilAtS) > CLOCK_WIDTH + BOILS_WIDTH ? (
              <SvgText {...text} x={scale(simmer.boilAtS) + 5} y={14} fill="rgb(var(--ember))">
                boils
              </SvgText>
            ) : null}
            <Line
              x1={scale(simmer.boilAtS)}
              x2={scale(simmer.boilAtS)}
              y1={TOP - 4}
              y2={height}
              stroke="rgb(var(--ember))"
              strokeDasharray="3 4"
              strokeWidth={1.5}
            />
          </>
        ) : null}
        {pieces.map((one, index) => {
          const y = TOP + index * ROW;
          const x = scale(one.inAtS);
          return (
            <G key={one.id}>
              <PieceGlyph {...lookOf(one.ingredientId, one.cut)} x={13} y={y + 15} radius={11} />
              <SvgText {...text} x={NAME_AT} y={y + 20} fill="rgb(var(--ink))">
                {names[index]}
              </SvgText>
              <Line x1={namesWidth} x2={width - 8} y1={y + 15} y2={y + 15} stroke="rgb(var(--line))" strokeWidth={1} />
              <Rect
                x={x}
                y={y + 6}
                width={Math.max(6, scale(one.outAtS) - x)}
                height={18}
                rx={5}
                fill={lookOf(one.ingredientId, one.cut).glaze}
                stroke={GLAZE_LINE}
                strokeWidth={0.8}
              />
            </G>
          );
        })}
      </Svg>
    </View>
  );
});
