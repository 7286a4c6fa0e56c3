import type { Prep, PrepTask } from '@elixa/contract';
import { lanesOf } from '@elixa/core';
import { scaleTime } from 'd3-scale';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Small } from '@/ui/Text';
import { clock } from '@/ui/time';

const ROW = 40;
const TOP = 24;
const NAMES = 96;
/** Half a clock time stands out over the end. */
const MARGIN = 20;
const FONT = { fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;
/** Letters of this size take about so many pixels. */
const LETTER_PX = 6.6;
/** What lies further back than this from the next thing stands in the list alone. */
const FAR_MS = 3 * 3_600_000;

/** Work on the board, at the stove and elsewhere: a tone and a pattern of its own edge. */
function look(task: PrepTask): { fill: string; stroke: string; dash?: string } {
  if (!task.attended) return { fill: 'rgb(var(--well))', stroke: 'rgb(var(--edge))', dash: '4 3' };
  if (task.resources.includes('board')) return { fill: 'rgb(var(--moss))', stroke: 'rgb(var(--moss))' };
  if (task.resources.includes('burner') || task.kind === 'pot') {
    return { fill: 'rgb(var(--ember))', stroke: 'rgb(var(--ember))' };
  }
  return { fill: 'rgb(var(--iron))', stroke: 'rgb(var(--iron))' };
}

const shortened = (text: string, width: number) => {
  const letters = Math.floor((width - 8) / LETTER_PX);
  if (letters < 4) return '';
  return text.length <= letters ? text : `${text.slice(0, letters - 1)}…`;
};

const KINDS = [
  { says: 'at the board', className: 'bg-moss' },
  { says: 'at the stove', className: 'bg-ember' },
  { says: 'elsewhere', className: 'bg-iron' },
  { says: 'works by itself', className: 'border border-dashed border-edge bg-well' },
];

/** Hands, burners and waits against the clock, from the first thing tonight to sitting down. */
export const Lanes = memo(function Lanes({ prep, now }: { prep: Prep; now: number }) {
  const [width, setWidth] = useState(900);
  const starts = prep.tasks.map((task) => Date.parse(task.startsAt));
  const endMs = Math.max(...prep.tasks.map((task) => Date.parse(task.endsAt)));
  const beginMs = starts
    .filter((start) => endMs - start < FAR_MS + prep.spanS * 1000)
    .reduce((a, b) => Math.min(a, b), endMs);
  const lanes = lanesOf(prep)
    .map((lane) => ({ ...lane, tasks: lane.tasks.filter((task) => Date.parse(task.startsAt) >= beginMs) }))
    .filter((lane) => lane.tasks.length > 0);
  const x = scaleTime()
    .domain([beginMs, endMs])
    .range([NAMES, width - MARGIN]);
  const height = TOP + lanes.length * ROW;
  const label = lanes
    .map((lane) => `${lane.name}: ${lane.tasks.map((task) => `${clock(task.startsAt)} ${task.label}`).join(', ')}`)
    .join('. ');
  return (
    <View className="gap-2">
      <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} role="img" aria-label={label}>
        <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`}>
          {x.ticks(Math.max(3, Math.floor(width / 160))).map((at) => (
            <G key={at.getTime()}>
              <Line x1={x(at)} x2={x(at)} y1={TOP - 4} y2={height} stroke="rgb(var(--line))" strokeWidth={1} />
              <SvgText {...FONT} x={x(at)} y={14} textAnchor="middle" fill="rgb(var(--soft))">
                {clock(at)}
              </SvgText>
            </G>
          ))}
          {lanes.map((lane, row) => (
            <G key={lane.id}>
              <SvgText {...FONT} x={0} y={TOP + row * ROW + 24} fill="rgb(var(--ink))">
                {lane.name}
              </SvgText>
              {lane.tasks.map((task) => {
                const from = x(Date.parse(task.startsAt));
                const wide = Math.max(3, x(Date.parse(task.endsAt)) - from - 1.5);
                const { fill, stroke, dash } = look(task);
                return (
                  <G key={task.id}>
                    <Rect
                      x={from}
                      y={TOP + row * ROW + 5}
                      width={wide}
                      height={ROW - 10}
                      rx={4}
                      fill={fill}
                      stroke={stroke}
                      strokeDasharray={dash}
                    />
                    <SvgText
                      {...FONT}
                      x={from + 5}
                      y={TOP + row * ROW + 24}
                      fill={task.attended ? 'rgb(var(--on-iron))' : 'rgb(var(--ink))'}
                    >
                      {shortened(task.label, wide)}
                    </SvgText>
                  </G>
                );
              })}
            </G>
          ))}
          {now > beginMs && now < endMs ? (
            <Line x1={x(now)} x2={x(now)} y1={TOP - 6} y2={height} stroke="rgb(var(--ink))" strokeWidth={2} />
          ) : null}
        </Svg>
      </View>
      <View className="flex-row flex-wrap gap-x-5 gap-y-1" aria-hidden>
        {KINDS.map(({ says, className }) => (
          <View key={says} className="flex-row items-center gap-2">
            <View className={`h-3 w-5 rounded-sm ${className}`} />
            <Small>{says}</Small>
          </View>
        ))}
      </View>
    </View>
  );
});
