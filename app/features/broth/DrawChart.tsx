import type { Liquid } from '@elixa/contract';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { lasting } from '@/ui/time';

const HEIGHT = 96;
const FOOT = 20;
const text = { fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;

type Drawn = Liquid['drawn'][number];

/** The course of one thing that steeps: what it gives until it is lifted out, and what happens when it is forgotten. */
function Course({ drawn }: { drawn: Drawn }) {
  const catalogue = useCatalogue();
  const [width, setWidth] = useState(320);
  const first = drawn.course[0];
  const last = drawn.course[drawn.course.length - 1];
  if (!first || !last) return null;
  const x = scaleLinear()
    .domain([first.atS, last.atS])
    .range([1, width - 1]);
  const y = scaleLinear()
    .domain([0, 1])
    .range([HEIGHT - FOOT, 6]);
  const line = (points: Drawn['course']) =>
    points
      .map((point, index) => `${index === 0 ? 'M' : 'L'}${x(point.atS).toFixed(1)} ${y(point.drawn).toFixed(1)}`)
      .join('');
  const out = { atS: drawn.outAtS, drawn: drawn.drawnShare, spoiled: drawn.spoiledShare };
  const before = [...drawn.course.filter((point) => point.atS < out.atS), out];
  const after = [out, ...drawn.course.filter((point) => point.atS > out.atS)];
  const spoilsAtS = drawn.course.find((point) => point.spoiled >= 1)?.atS;
  const name = catalogue.byId(drawn.ingredientId).name;
  const steeps = lasting(drawn.outAtS - drawn.inAtS);
  const share = Math.round(drawn.drawnShare * 100);
  const { spoils } = catalogue.byId(drawn.ingredientId).draws ?? {};
  const outX = x(out.atS);
  return (
    <View className="gap-1">
      <Body>
        <Body className="font-semibold">{name}</Body>: lifted out after {steeps}, when {share} % is in the broth
        {drawn.latestOutAtS !== undefined && spoils
          ? `. Forgotten at the boil, it turns the broth ${spoils.as} within ${lasting(Math.max(60, drawn.latestOutAtS - drawn.outAtS))}`
          : ''}
        .
      </Body>
      <View
        role="img"
        aria-label={`${name}: ${share} % drawn after ${steeps}`}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        <Svg width="100%" height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`}>
          {spoilsAtS === undefined ? null : (
            <Rect
              x={x(spoilsAtS)}
              y={6}
              width={width - x(spoilsAtS)}
              height={HEIGHT - FOOT - 6}
              fill="rgb(var(--ember))"
              opacity={0.16}
            />
          )}
          <Line x1={0} x2={width} y1={HEIGHT - FOOT} y2={HEIGHT - FOOT} stroke="rgb(var(--line))" strokeWidth={1} />
          <Path d={line(before)} fill="none" stroke="rgb(var(--iron))" strokeWidth={3} strokeLinecap="round" />
          <Path d={line(after)} fill="none" stroke="rgb(var(--edge))" strokeWidth={2} strokeDasharray="4 4" />
          <Line x1={outX} x2={outX} y1={6} y2={HEIGHT - FOOT} stroke="rgb(var(--ink))" strokeWidth={2} />
          <SvgText
            {...text}
            x={Math.min(outX, width - 4)}
            y={HEIGHT - 4}
            textAnchor={outX > width - 60 ? 'end' : 'middle'}
            fill="rgb(var(--ink))"
          >
            lift out
          </SvgText>
          {spoilsAtS !== undefined && spoils && x(spoilsAtS) - outX > 70 ? (
            <SvgText {...text} x={width - 2} y={HEIGHT - 4} textAnchor="end" fill="rgb(var(--ember))">
              {spoils.as}
            </SvgText>
          ) : null}
        </Svg>
      </View>
    </View>
  );
}

/** What steeps in a liquid, over time, with the moment to lift it out. */
export function DrawChart({ liquid }: { liquid: Liquid }) {
  if (liquid.drawn.length === 0) return null;
  return (
    <Section title="What it gives the water">
      <View className="gap-5">
        {liquid.drawn.map((one) => (
          <Course key={one.ingredientId} drawn={one} />
        ))}
        <Small>How fast each gives is a kitchen estimate; taste before you lift it out.</Small>
      </View>
    </Section>
  );
}
