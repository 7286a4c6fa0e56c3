import type { Simmer, Trace, Units } from '@elixa/contract';
import { isDryAt, showVolume, traceAt, traceBeforeS, traceEndS } from '@elixa/core';
import { scaleLinear } from 'd3-scale';
import { memo } from 'react';
import { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { LEAST_SALT_PCT, TEMPERATURE_HEIGHT, type ChartLayout } from './layout';
import { CHART_TEXT } from './PieceRows';

const COLDEST_C = 10;
const TOP = 18;
const BOTTOM = TEMPERATURE_HEIGHT - 6;
const STEP_S = 15;
export const LEVELS_HEIGHT = 92;

/** A line through values of a trace, between two moments of a chart. */
function lineOf(layout: ChartLayout, trace: Trace, y: (atS: number) => number): string {
  const from = Math.max(layout.fromS, trace.fromS);
  const to = Math.min(layout.readyS, traceEndS(trace));
  if (to <= from) return '';
  const count = Math.max(1, Math.ceil((to - from) / STEP_S));
  return Array.from({ length: count + 1 }, (_, index) => from + ((to - from) * index) / count)
    .map((atS, index) => `${index === 0 ? 'M' : 'L'}${layout.x(atS).toFixed(1)} ${y(atS).toFixed(1)}`)
    .join(' ');
}

interface Props {
  layout: ChartLayout;
  simmer: Simmer;
  trace: Trace;
  atS: number;
  ghost?: Trace;
}

/** How warm the liquid is, under the line at which it boils. */
export const TemperatureCurve = memo(function TemperatureCurve({ layout, simmer, trace, atS, ghost }: Props) {
  const y = scaleLinear()
    .domain([COLDEST_C, simmer.boilingPointC + 1])
    .range([BOTTOM, TOP]);
  const [left, right] = layout.x.range() as [number, number];
  const now = traceAt(trace, Math.min(atS, traceBeforeS(trace, layout.readyS))).liquidTempC;
  return (
    <G>
      <Line
        x1={left}
        x2={right}
        y1={y(simmer.boilingPointC)}
        y2={y(simmer.boilingPointC)}
        stroke="rgb(var(--ember))"
        strokeDasharray="3 4"
        strokeWidth={1.5}
      />
      <SvgText {...CHART_TEXT} x={left} y={12} fill="rgb(var(--soft))">
        boils at {simmer.boilingPointC.toFixed(1)} °C
      </SvgText>
      {ghost ? (
        <Path
          d={lineOf(layout, ghost, (seconds) => y(traceAt(ghost, seconds).liquidTempC))}
          fill="none"
          stroke="rgb(var(--soft))"
          strokeDasharray="3 3"
          strokeWidth={1.5}
        />
      ) : null}
      <Path
        d={lineOf(layout, trace, (seconds) => y(traceAt(trace, seconds).liquidTempC))}
        fill="none"
        stroke="rgb(var(--iron))"
        strokeWidth={2.5}
        strokeLinejoin="round"
      />
      {isDryAt(trace, atS) ? null : (
        <Circle
          cx={layout.x(atS)}
          cy={y(now)}
          r={6}
          fill="rgb(var(--sheet))"
          stroke="rgb(var(--ink))"
          strokeWidth={2.5}
        />
      )}
    </G>
  );
});

/** A scale about what is there, so that a small change still shows as one. */
function about(values: readonly number[], least: number, range: [number, number]) {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const spare = Math.max(least, high - low) * 0.15;
  return scaleLinear()
    .domain([low - spare, Math.max(high, low + least) + spare])
    .range(range);
}

/** How much stands in the pot and how salty its liquid is, each in a band of its own. */
export const LevelCurves = memo(function LevelCurves({
  layout,
  trace,
  atS,
  top,
  units,
}: Omit<Props, 'simmer' | 'ghost'> & { top: number; units: Units }) {
  const now = traceAt(trace, Math.min(atS, traceBeforeS(trace, layout.readyS)));
  const bands = [
    { name: 'in the pot', value: showVolume(now.levelMl, units), of: 'levelMl' as const, least: 200, at: top + 6 },
    { name: 'salt', value: `${now.salinityPct.toFixed(2)} %`, of: 'salinityPct' as const, least: 0.1, at: top + 50 },
  ].filter((band) => band.of !== 'salinityPct' || Math.max(...trace.salinityPct) >= LEAST_SALT_PCT);
  return (
    <>
      {bands.map(({ name, value, of, least, at }) => {
        const y = about(trace[of], least, [at + 36, at]);
        return (
          <G key={name}>
            <SvgText {...CHART_TEXT} x={2} y={at + 16} fontWeight="700" fill="rgb(var(--ink))">
              {value}
            </SvgText>
            <SvgText {...CHART_TEXT} x={2} y={at + 32} fill="rgb(var(--soft))">
              {name}
            </SvgText>
            <Path
              d={lineOf(layout, trace, (seconds) => y(traceAt(trace, seconds)[of]))}
              fill="none"
              stroke="rgb(var(--iron))"
              strokeWidth={2}
              strokeLinejoin="round"
            />
            <Circle cx={layout.x(atS)} cy={y(now[of])} r={3.5} fill="rgb(var(--ink))" />
          </G>
        );
      })}
    </>
  );
});
