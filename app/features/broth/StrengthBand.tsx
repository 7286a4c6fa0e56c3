import type { Liquid } from '@elixa/contract';
import { strengthAsMade } from '@elixa/core';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Body, Small } from '@/ui/Text';
import { judgedPct } from './liquidWords';

/** Scales that a strength is shown on: of what is drunk, of what is poured or dipped into. */
const SCALES = [
  { most: 1.4, ticks: [0, 0.4, 0.8, 1.2] },
  { most: 3, ticks: [0, 1, 2, 3] },
  { most: 10, ticks: [0, 3, 5, 8] },
] as const;

/** Nobody tastes less of a difference than this. */
const WORTH_TELLING = 1.08;

const saltOf = (kind: Liquid['kind'], isLetDown: boolean): string =>
  kind === 'marinade' ? 'on what lies in it' : isLetDown ? 'at the table' : 'as measured';

/** How salty a liquid is, against the band it should lie in. */
export function StrengthBand({ liquid }: { liquid: Liquid }) {
  const [width, setWidth] = useState(320);
  const shownOn = SCALES.find((one) => liquid.targetSalinityPct[1] < one.most) ?? SCALES[2];
  const scale = scaleLinear()
    .domain([0, shownOn.most])
    .range([10, width - 10])
    .clamp(true);
  const [low, high] = liquid.targetSalinityPct;
  const text = { fill: 'rgb(var(--soft))', fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;
  const asMade = strengthAsMade(liquid);
  const isLetDown = liquid.kind === 'broth' && asMade > liquid.measuredSalinityPct * WORTH_TELLING;
  const says = `${liquid.strength}, ${liquid.measuredSalinityPct.toFixed(2)} % salt`;
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} className="gap-1">
      <Body>
        <Body className="text-xl font-semibold">{liquid.strength}</Body>
        {`  ${liquid.measuredSalinityPct.toFixed(2)} % salt ${saltOf(liquid.kind, isLetDown)}`}
      </Body>
      {isLetDown ? (
        <Body className="text-soft">
          Taste it made: {asMade.toFixed(2)} %, stronger than you want it. The food lets it down.
        </Body>
      ) : null}
      <View role="img" aria-label={`${says}; the target is ${low} to ${high} %`}>
        <Svg width="100%" height={50} viewBox={`0 0 ${width} 50`}>
          <Rect
            x={scale(0)}
            y={16}
            width={Math.max(0, scale.range()[1]! - scale(0))}
            height={8}
            rx={4}
            fill="rgb(var(--well))"
          />
          <Rect x={scale(low)} y={14} width={scale(high) - scale(low)} height={12} rx={3} fill="rgb(var(--moss))" />
          {shownOn.ticks.map((tick) => (
            <SvgText key={tick} {...text} x={scale(tick)} y={44} textAnchor="middle">
              {String(tick)}
            </SvgText>
          ))}
          <Line
            x1={scale(judgedPct(liquid))}
            x2={scale(judgedPct(liquid))}
            y1={6}
            y2={34}
            stroke="rgb(var(--ink))"
            strokeWidth={2}
          />
          <Circle
            cx={scale(judgedPct(liquid))}
            cy={20}
            r={8}
            fill="rgb(var(--sheet))"
            stroke="rgb(var(--ink))"
            strokeWidth={3}
          />
        </Svg>
      </View>
      <Small>The green band is where it should lie.</Small>
    </View>
  );
}
