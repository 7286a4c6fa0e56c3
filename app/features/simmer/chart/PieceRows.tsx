import type { SimmerPiece } from '@elixa/contract';
import { lookOf, wrongWith } from '@elixa/core';
import { memo } from 'react';
import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { useCatalogue } from '@/ui/catalogue';
import { GLAZE_LINE, PieceGlyph } from '@/ui/pot/PieceGlyph';
import { isOfAnimal } from '../isOfAnimal';
import { inLines, isMovable, NAME_AT, ROW, type ChartLayout } from './layout';
import { Shield } from './Shield';

export const CHART_TEXT = { fontSize: 13, fontFamily: 'Atkinson Hyperlegible Next Variable' } as const;

/** From one line of a name to the next. */
const LINE = 14;

interface Props {
  layout: ChartLayout;
  top: number;
  width: number;
  /** Each thing's window, where it lands, and when it is safe; without it only what is in when. */
  windows?: boolean;
  /** Of the plan that is compared with. */
  ghost?: ReadonlyMap<string, SimmerPiece>;
  chosenId?: string;
  /** A thing that is being moved, and to when. */
  dragged?: { id: string; inAtS: number };
}

/** What is in the pot from when to when; below it from when to when each thing would be in its window. */
export const PieceRows = memo(function PieceRows(given: Props) {
  const catalogue = useCatalogue();
  const { layout, top, width, windows, ghost, chosenId, dragged } = given;
  const { pieces, names, namesWidth, x } = layout;
  const most = Math.floor((namesWidth - NAME_AT - 6) / 6.7);
  return (
    <>
      {pieces.map((one, index) => {
        const y = top + index * ROW;
        const inAtS = dragged?.id === one.id ? dragged.inAtS : one.inAtS;
        const left = x(inAtS);
        const right = Math.max(left + 6, x(one.outAtS));
        const before = ghost?.get(one.id);
        const hasWindow = windows && one.readyAtS !== undefined;
        const fromX = x(one.readyAtS ?? 0);
        const toX = one.overAtS === undefined ? x.range()[1]! : x(one.overAtS);
        const landsX = x(one.outAtS);
        return (
          <G key={one.id}>
            {chosenId === one.id ? (
              <Rect x={0} y={y} width={width} height={ROW} rx={8} fill="rgb(var(--well))" />
            ) : null}
            <PieceGlyph {...lookOf(catalogue.byId(one.ingredientId), one.cut)} x={13} y={y + 18} radius={11} />
            {inLines(names[index]!, most).map((line, at, lines) => (
              <SvgText
                key={at}
                {...CHART_TEXT}
                x={NAME_AT}
                y={y + 23 + (at - (lines.length - 1) / 2) * LINE}
                fill="rgb(var(--ink))"
              >
                {line}
              </SvgText>
            ))}
            <Line
              x1={namesWidth}
              x2={x.range()[1]!}
              y1={y + 18}
              y2={y + 18}
              stroke="rgb(var(--line))"
              strokeWidth={1}
            />
            {before && Math.abs(before.inAtS - one.inAtS) + Math.abs(before.outAtS - one.outAtS) > 10 ? (
              <Rect
                x={x(before.inAtS)}
                y={y + 6}
                width={Math.max(6, x(before.outAtS) - x(before.inAtS))}
                height={24}
                rx={6}
                fill="none"
                stroke="rgb(var(--soft))"
                strokeWidth={1.2}
                strokeDasharray="3 3"
              />
            ) : null}
            <Rect
              x={left}
              y={y + 9}
              width={right - left}
              height={18}
              rx={5}
              fill={`var(--glaze-${lookOf(catalogue.byId(one.ingredientId), one.cut).glaze})`}
              stroke={GLAZE_LINE}
              strokeWidth={0.8}
            />
            {windows && isMovable(one) ? (
              <G stroke="rgb(var(--ink))" strokeWidth={1.4} strokeLinecap="round" opacity={0.65}>
                <Line x1={left + 3.5} x2={left + 3.5} y1={y + 14} y2={y + 22} />
                <Line x1={left + 6.5} x2={left + 6.5} y1={y + 14} y2={y + 22} />
              </G>
            ) : null}
            {hasWindow ? (
              <>
                <Line
                  x1={fromX}
                  x2={Math.max(fromX + 2, toX)}
                  y1={y + 34}
                  y2={y + 34}
                  stroke={wrongWith(one) === undefined ? 'rgb(var(--iron))' : 'rgb(var(--ember))'}
                  strokeWidth={3}
                  strokeLinecap="round"
                  opacity={0.55}
                />
                {wrongWith(one) === undefined ? (
                  <Circle cx={landsX} cy={y + 34} r={4} fill="rgb(var(--iron))" />
                ) : (
                  <Path
                    d={`M${landsX - 4} ${y + 30} l8 8 m0 -8 l-8 8`}
                    stroke="rgb(var(--ember))"
                    strokeWidth={2}
                    strokeLinecap="round"
                  />
                )}
              </>
            ) : null}
            {windows && isOfAnimal(catalogue, one) && one.safeAtS !== undefined && one.safe ? (
              <Shield x={x(one.safeAtS)} y={y + 18} />
            ) : null}
          </G>
        );
      })}
    </>
  );
});
