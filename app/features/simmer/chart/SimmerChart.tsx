import type { Simmer, SimmerPiece, Units } from '@elixa/contract';
import { isDryAt, shiftIso, spanText, traceAt, traceBeforeS } from '@elixa/core';
import { useRef, useState } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import Svg, { Line, Text as SvgText } from 'react-native-svg';
import { useCatalogue } from '@/ui/catalogue';
import { clock } from '@/ui/time';
import { LEVELS_HEIGHT, LevelCurves, TemperatureCurve } from './Curves';
import { isMovable, layoutOf, onClockOf, ROW, snappedS } from './layout';
import { CHART_TEXT, PieceRows } from './PieceRows';

interface Props {
  /** The plan that is shown: the evening's own, or the one that somebody tries out. */
  simmer: Simmer;
  /** The evening's own, where another is shown. */
  compared?: Simmer;
  round: number;
  units: Units;
  atS: number;
  chosenId?: string;
  /** Level and strength below. */
  levels: boolean;
  onMoment(atS: number): void;
  onChosen(piece: SimmerPiece): void;
  /** A thing is to be in the pot for so long before it is ready. */
  onMoved(piece: SimmerPiece, seconds: number): void;
}

/** A finger takes hold of the beginning of a bar this far from it, in px. */
const REACH = 22;
const MOMENT_STEP_S = 30;
const KEYS: Record<string, number> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 };

type Held = { kind: 'moment' } | { kind: 'piece'; piece: SimmerPiece; fromPageX: number; inAtS: number };

/** A bar is drawn from so much to the side on. */
const DRAWN_FROM_PX = 6;

/**
 * A round on one line of time: the liquid's temperature, what is in from when to when with its window, and below it, when
 * asked for, level and strength. A touch anywhere is a moment; the beginning of a bar can be drawn to another time.
 */
export function SimmerChart(props: Props) {
  const catalogue = useCatalogue();
  const { simmer, compared, round, units, atS, chosenId, levels, onMoment, onChosen, onMoved } = props;
  const [width, setWidth] = useState(350);
  const [dragged, setDragged] = useState<{ id: string; inAtS: number } | undefined>(undefined);
  const held = useRef<Held>({ kind: 'moment' });
  const before = compared ? onClockOf(compared, simmer) : undefined;
  const own = before ? layoutOf(catalogue, before, round, width) : undefined;
  const layout = layoutOf(catalogue, simmer, round, width, own);
  const { pieces, names, x, fromS, readyS, rowsTop } = layout;
  const ghost = own ? new Map(own.pieces.map((one) => [one.id, one])) : undefined;
  const height = layout.height + (levels && simmer.trace ? LEVELS_HEIGHT : 0);
  const at = (seconds: number) => clock(shiftIso(simmer.litAt, seconds));
  const within = (seconds: number) => Math.min(readyS, Math.max(fromS, seconds));
  const boils = round === 1 && simmer.boilAtS < readyS;
  const rowAt = (y: number) => pieces[Math.floor((y - rowsTop) / ROW)];

  const grabbed = ({ nativeEvent: { locationX, locationY, pageX } }: GestureResponderEvent) => {
    const piece = locationY >= rowsTop ? rowAt(locationY) : undefined;
    if (piece && isMovable(piece) && Math.abs(locationX - x(piece.inAtS) - 4) < REACH) {
      held.current = { kind: 'piece', piece, fromPageX: pageX, inAtS: piece.inAtS };
      setDragged({ id: piece.id, inAtS: piece.inAtS });
      onChosen(piece);
      return;
    }
    held.current = { kind: 'moment' };
    if (piece && locationX < layout.namesWidth) onChosen(piece);
    else onMoment(within(x.invert(locationX)));
  };
  const heldAtS = (pageX: number, { piece, fromPageX, inAtS }: Extract<Held, { kind: 'piece' }>) => {
    const movedS = ((pageX - fromPageX) / (x(fromS + 60) - x(fromS))) * 60;
    return piece.outAtS - snappedS(piece.outAtS - Math.max(fromS, inAtS + movedS));
  };
  const drawn = ({ nativeEvent: { locationX, pageX } }: GestureResponderEvent) => {
    const mine = held.current;
    if (mine.kind === 'moment') {
      if (locationX >= layout.namesWidth) onMoment(within(x.invert(locationX)));
      return;
    }
    // A finger that scrolls trembles a little to the side; only what was drawn once goes back as well.
    if (dragged?.inAtS === mine.piece.inAtS && Math.abs(pageX - mine.fromPageX) < DRAWN_FROM_PX) return;
    const inAtS = heldAtS(pageX, mine);
    if (inAtS === dragged?.inAtS) return;
    setDragged({ id: mine.piece.id, inAtS });
    if (inAtS !== mine.piece.inAtS) onMoved(mine.piece, mine.piece.outAtS - inAtS);
  };
  const movedBy = (piece: SimmerPiece, steps: number) => {
    const inPotS = piece.outAtS - piece.inAtS;
    onMoved(piece, snappedS(inPotS - steps * (inPotS <= 180 ? 15 : 30)));
  };

  const { trace } = simmer;
  // As a round is lifted out it stands as it did just before.
  const isDry = trace !== undefined && isDryAt(trace, atS);
  const warmC = trace ? Math.round(traceAt(trace, Math.min(atS, traceBeforeS(trace, readyS))).liquidTempC) : 0;
  const warm = isDry ? 'dry pan' : `${warmC} °C`;
  const temperature = trace ? `${warm} at ${at(atS)}` : at(atS);
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      <View
        tabIndex={0}
        role="slider"
        aria-label="The pot over time"
        aria-valuemin={Math.round(fromS)}
        aria-valuemax={Math.round(readyS)}
        aria-valuenow={Math.round(atS)}
        aria-valuetext={temperature}
        {...({
          onKeyDown: (event: { key: string; preventDefault(): void }) => {
            const by = KEYS[event.key];
            if (by === undefined) return;
            event.preventDefault();
            onMoment(within(atS + by * MOMENT_STEP_S));
          },
        } as object)}
        onStartShouldSetResponder={() => true}
        onMoveShouldSetResponder={() => true}
        onResponderTerminationRequest={() => held.current.kind === 'moment'}
        onResponderGrant={grabbed}
        onResponderMove={drawn}
        onResponderRelease={() => setDragged(undefined)}
        onResponderTerminate={() => setDragged(undefined)}
        className="cursor-pointer touch-pan-y select-none rounded-xl"
      >
        <View pointerEvents="none">
          <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`}>
            {simmer.trace ? (
              <>
                <SvgText {...CHART_TEXT} x={2} y={34} fontSize={24} fontWeight="600" fill="rgb(var(--ink))">
                  {warm}
                </SvgText>
                <SvgText {...CHART_TEXT} x={2} y={54} fill="rgb(var(--soft))">
                  at {at(atS)}
                </SvgText>
                <TemperatureCurve
                  layout={layout}
                  simmer={simmer}
                  trace={simmer.trace}
                  atS={atS}
                  ghost={before?.trace}
                />
              </>
            ) : null}
            <SvgText {...CHART_TEXT} x={x(fromS)} y={rowsTop - 8} fill="rgb(var(--soft))">
              {at(fromS)}
            </SvgText>
            <SvgText
              {...CHART_TEXT}
              x={x(readyS)}
              y={rowsTop - 8}
              textAnchor="end"
              fontWeight="700"
              fill="rgb(var(--ink))"
            >
              {at(readyS)}
            </SvgText>
            {boils ? (
              <Line
                x1={x(simmer.boilAtS)}
                x2={x(simmer.boilAtS)}
                y1={rowsTop - 4}
                y2={layout.height}
                stroke="rgb(var(--ember))"
                strokeDasharray="3 4"
                strokeWidth={1.5}
              />
            ) : null}
            <Line
              x1={x(readyS)}
              x2={x(readyS)}
              y1={rowsTop - 4}
              y2={layout.height}
              stroke="rgb(var(--edge))"
              strokeWidth={1}
            />
            <PieceRows
              layout={layout}
              top={rowsTop}
              width={width}
              windows
              ghost={ghost}
              chosenId={chosenId}
              dragged={dragged}
            />
            {levels && simmer.trace ? (
              <LevelCurves layout={layout} trace={simmer.trace} atS={atS} top={layout.height} units={units} />
            ) : null}
            <Line x1={x(atS)} x2={x(atS)} y1={22} y2={height} stroke="rgb(var(--ink))" strokeWidth={1} opacity={0.7} />
          </Svg>
        </View>
      </View>
      {pieces.map((piece, index) =>
        isMovable(piece) ? (
          <View
            key={piece.id}
            tabIndex={0}
            role="slider"
            aria-label={`${names[index]} in`}
            aria-valuemin={0}
            aria-valuemax={Math.round(readyS - fromS)}
            aria-valuenow={Math.round(piece.inAtS - fromS)}
            aria-valuetext={`at ${at(piece.inAtS)}, ${spanText(piece.outAtS - piece.inAtS)} before it is ready`}
            {...({
              onFocus: () => onChosen(piece),
              onKeyDown: (event: { key: string; preventDefault(): void }) => {
                const by = KEYS[event.key];
                if (by === undefined) return;
                event.preventDefault();
                movedBy(piece, by);
              },
            } as object)}
            pointerEvents="none"
            style={{
              position: 'absolute',
              left: x(piece.inAtS) - 8,
              top: rowsTop + index * ROW + 4,
              width: 28,
              height: 28,
              borderRadius: 8,
            }}
          />
        ) : null,
      )}
    </View>
  );
}
