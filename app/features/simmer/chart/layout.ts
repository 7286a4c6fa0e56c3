import type { Simmer, SimmerPiece } from '@elixa/contract';
import { shortName } from '@elixa/core';
import { scaleLinear, type ScaleLinear } from 'd3-scale';

/** Heights of a chart of one round, in px: the temperature, the line of the times, a row for each thing. */
export const TEMPERATURE_HEIGHT = 84;
export const TIMES_HEIGHT = 24;
export const ROW = 42;
export const NAME_AT = 30;
/** About the width of a letter of the names. */
const LETTER = 6.9;
const LEAST_NAMES = 112;
/** So much of a round's time is shown after it is lifted out: where windows end. */
const AFTER = 0.12;
/** Before a later round something is shown of the time before its first thing. */
const BEFORE_S = 60;
const EDGE = 8;

export interface ChartLayout {
  pieces: SimmerPiece[];
  names: string[];
  namesWidth: number;
  fromS: number;
  /** When the round is lifted out, and where the chart ends. */
  readyS: number;
  toS: number;
  x: ScaleLinear<number, number>;
  rowsTop: number;
  height: number;
}

/** Things of a round in the order in which they go in. */
export const piecesOf = (simmer: Simmer, round: number): SimmerPiece[] =>
  simmer.pieces.filter((one) => one.round === round).sort((a, b) => a.inAtS - b.inAtS);

/**
 * Where everything of a round stands in a chart so wide.
 * @param fromS another beginning than its own, so that two plans of a round share one line of time
 */
export function layoutOf(simmer: Simmer, round: number, width: number, leastFromS = Infinity): ChartLayout {
  const pieces = piecesOf(simmer, round);
  const names = pieces.map((one) => shortName(one.ingredientId, one.cut));
  const namesWidth = Math.min(
    width * 0.42,
    Math.max(LEAST_NAMES, NAME_AT + Math.max(...names.map((name) => name.length)) * LETTER + 8),
  );
  const readyS = Math.max(...pieces.map((one) => one.outAtS));
  const own = round === 1 ? (simmer.trace?.fromS ?? 0) : Math.min(...pieces.map((one) => one.inAtS)) - BEFORE_S;
  const fromS = Math.min(own, leastFromS, ...pieces.map((one) => one.inAtS));
  const toS = readyS + (readyS - fromS) * AFTER;
  const rowsTop = TEMPERATURE_HEIGHT + TIMES_HEIGHT;
  return {
    pieces,
    names,
    namesWidth,
    fromS,
    readyS,
    toS,
    x: scaleLinear()
      .domain([fromS, toS])
      .range([namesWidth, width - EDGE])
      .clamp(true),
    rowsTop,
    height: rowsTop + pieces.length * ROW + 4,
  };
}

/** When it can be moved: what simmers and does not lie in the pot from before the boil. */
export const isMovable = ({ way, inAtS, countsFromS }: SimmerPiece): boolean =>
  way === 'simmered' && countsFromS === inAtS;

/** A time in the pot as a hand can set it: quarters of a minute below three, halves above. */
export function snappedS(seconds: number): number {
  const step = seconds < 180 ? 15 : 30;
  return Math.max(15, Math.round(seconds / step) * step);
}
