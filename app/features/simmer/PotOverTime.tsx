import type { Simmer, Trace, Units } from '@elixa/contract';
import { shiftIso, showVolume, traceAt } from '@elixa/core';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import Svg, { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import { IconButton } from '@/ui/Button';
import { ChevronLeft, ChevronRight } from '@/ui/icons';
import { Figure, Small } from '@/ui/Text';
import { clock } from '@/ui/time';

interface Props {
  simmer: Simmer;
  trace: Trace;
  units: Units;
  /** What of the evening is shown, in s from lighting the burner. */
  fromS: number;
  toS: number;
}

const HEIGHT = 104;
const TOP = 20;
const BOTTOM = 88;
/** Room for the ring at either end. */
const EDGE = 8;
const COLDEST_C = 10;
/** A tap on a button or a key moves by this. */
const STEP_S = 30;
const text = { fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;

const KEYS: Record<string, number> = { ArrowLeft: -STEP_S, ArrowDown: -STEP_S, ArrowRight: STEP_S, ArrowUp: STEP_S };

/** How warm the liquid is over a round; at any moment that is touched, how warm, how much and how salty. */
export function PotOverTime({ simmer, trace, units, fromS, toS }: Props) {
  const [width, setWidth] = useState(350);
  const [chosenS, setChosenS] = useState<number | undefined>(undefined);
  const held = (seconds: number) => Math.min(toS, Math.max(fromS, seconds));
  const atS = held(chosenS ?? toS);
  const x = scaleLinear()
    .domain([fromS, toS])
    .range([EDGE, width - EDGE])
    .clamp(true);
  const y = scaleLinear()
    .domain([COLDEST_C, simmer.boilingPointC + 1])
    .range([BOTTOM, TOP]);
  const moments = Array.from({ length: Math.ceil((toS - fromS) / STEP_S) + 1 }, (_, index) =>
    Math.min(toS, fromS + index * STEP_S),
  );
  const line = moments
    .map((seconds, index) => `${index === 0 ? 'M' : 'L'}${x(seconds)} ${y(traceAt(trace, seconds).liquidTempC)}`)
    .join(' ');
  const now = traceAt(trace, atS);
  const time = clock(shiftIso(simmer.litAt, atS));
  const said = `${Math.round(now.liquidTempC)} °C at ${time}`;
  const move = (by: number) => setChosenS(held(atS + by));
  const touched = (event: GestureResponderEvent) => setChosenS(held(x.invert(event.nativeEvent.locationX)));
  const keys = {
    tabIndex: 0,
    onKeyDown: (event: { key: string; preventDefault(): void }) => {
      const by = KEYS[event.key];
      if (by === undefined) return;
      event.preventDefault();
      move(by);
    },
  } as const;
  return (
    <View className="gap-2">
      <View
        {...keys}
        role="slider"
        aria-label="The pot over time"
        aria-valuemin={Math.round(fromS)}
        aria-valuemax={Math.round(toS)}
        aria-valuenow={Math.round(atS)}
        aria-valuetext={said}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
        onStartShouldSetResponder={() => true}
        onMoveShouldSetResponder={() => true}
        onResponderGrant={touched}
        onResponderMove={touched}
        className="cursor-pointer rounded-xl"
      >
        <View pointerEvents="none">
          <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`}>
            <Line
              x1={EDGE}
              x2={width - EDGE}
              y1={y(simmer.boilingPointC)}
              y2={y(simmer.boilingPointC)}
              stroke="rgb(var(--ember))"
              strokeDasharray="3 4"
              strokeWidth={1.5}
            />
            <SvgText {...text} x={EDGE} y={13} fill="rgb(var(--soft))">
              boils at {simmer.boilingPointC.toFixed(1)} °C
            </SvgText>
            <Line x1={EDGE} x2={width - EDGE} y1={BOTTOM} y2={BOTTOM} stroke="rgb(var(--line))" strokeWidth={1} />
            <Path d={line} fill="none" stroke="rgb(var(--iron))" strokeWidth={2.5} strokeLinejoin="round" />
            <Line x1={x(atS)} x2={x(atS)} y1={TOP - 2} y2={BOTTOM} stroke="rgb(var(--ink))" strokeWidth={1} />
            <Circle
              cx={x(atS)}
              cy={y(now.liquidTempC)}
              r={6}
              fill="rgb(var(--sheet))"
              stroke="rgb(var(--ink))"
              strokeWidth={2.5}
            />
            <SvgText {...text} x={EDGE} y={HEIGHT - 1} fill="rgb(var(--soft))">
              {clock(shiftIso(simmer.litAt, fromS))}
            </SvgText>
            <SvgText {...text} x={width - EDGE} y={HEIGHT - 1} textAnchor="end" fill="rgb(var(--soft))">
              {clock(shiftIso(simmer.litAt, toS))}
            </SvgText>
          </Svg>
        </View>
      </View>
      <View className="flex-row items-center gap-3">
        <IconButton
          label="Half a minute earlier"
          icon={<ChevronLeft size={24} color="rgb(var(--ink))" />}
          onPress={() => move(-STEP_S)}
        />
        <View className="words gap-0.5" aria-live="polite">
          <Figure size="small" unit="°C">
            {Math.round(now.liquidTempC)}
          </Figure>
          <Small>
            at {time}, {showVolume(now.levelMl, units)} in the pot, {Math.round(now.depthMm)} mm deep,{' '}
            {now.salinityPct.toFixed(2)} % salt
          </Small>
        </View>
        <IconButton
          label="Half a minute later"
          icon={<ChevronRight size={24} color="rgb(var(--ink))" />}
          onPress={() => move(STEP_S)}
        />
      </View>
    </View>
  );
}
