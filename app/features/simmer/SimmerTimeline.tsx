import type { Simmer } from '@elixa/contract';
import { shiftIso } from '@elixa/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Text as SvgText } from 'react-native-svg';
import { useCatalogue } from '@/ui/catalogue';
import { clock } from '@/ui/time';
import { layoutOf, piecesOf, ROW } from './chart/layout';
import { CHART_TEXT, PieceRows } from './chart/PieceRows';

interface Props {
  simmer: Simmer;
  round: number;
}

const TOP = 26;
/** Of a time of day and of the word beside the line of the boil, in px. */
const CLOCK_WIDTH = 38;
const BOILS_WIDTH = 40;

/** What is in the pot from when to when, against the clock. */
export const SimmerTimeline = memo(function SimmerTimeline({ simmer, round }: Props) {
  const catalogue = useCatalogue();
  const [width, setWidth] = useState(350);
  if (piecesOf(simmer, round).length === 0) return null;
  const layout = layoutOf(catalogue, simmer, round, width);
  const { pieces, names, x, fromS, readyS } = layout;
  // What is seared before any liquid is eaten before anything boils.
  const boils = round === 1 && simmer.boilAtS < readyS;
  const height = TOP + pieces.length * ROW + 4;
  const at = (seconds: number) => clock(shiftIso(simmer.litAt, seconds));
  const label = pieces.map((one, index) => `${names[index]} from ${at(one.inAtS)} to ${at(one.outAtS)}`).join(', ');
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} role="img" aria-label={label}>
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`}>
        <SvgText {...CHART_TEXT} x={x(fromS)} y={14} fill="rgb(var(--soft))">
          {at(fromS)}
        </SvgText>
        <SvgText {...CHART_TEXT} x={x(readyS)} y={14} textAnchor="end" fontWeight="700" fill="rgb(var(--ink))">
          {at(readyS)}
        </SvgText>
        {boils ? (
          <>
            {x(simmer.boilAtS) - x(fromS) > CLOCK_WIDTH && x(readyS) - x(simmer.boilAtS) > CLOCK_WIDTH + BOILS_WIDTH ? (
              <SvgText {...CHART_TEXT} x={x(simmer.boilAtS) + 5} y={14} fill="rgb(var(--ember))">
                boils
              </SvgText>
            ) : null}
            <Line
              x1={x(simmer.boilAtS)}
              x2={x(simmer.boilAtS)}
              y1={TOP - 4}
              y2={height}
              stroke="rgb(var(--ember))"
              strokeDasharray="3 4"
              strokeWidth={1.5}
            />
          </>
        ) : null}
        <PieceRows layout={layout} top={TOP} width={width} />
      </Svg>
    </View>
  );
});
