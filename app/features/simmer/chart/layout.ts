import type { Simmer, SimmerPiece } from '@elixa/contract';
import { type Catalogue, shortName } from '@elixa/core';
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

/** The same plan on the clock of another: two that are lit at different times stand on one line of time. */
export function onClockOf(simmer: Simmer, other: Simmer): Simmer {
  const byS = (Date.parse(simmer.litAt) - Date.parse(other.litAt)) / 1000;
  const later = (atS: number | undefined) => (atS === undefined ? undefined : atS + byS);
  return {
    ...simmer,
    litAt: other.litAt,
    boilAtS: simmer.boilAtS + byS,
    pieces: simmer.pieces.map((one) => ({
      ...one,
      inAtS: one.inAtS + byS,
      countsFromS: one.countsFromS + byS,
      outAtS: one.outAtS + byS,
      readyAtS: later(one.readyAtS),
      overAtS: later(one.overAtS),
      safeAtS: later(one.safeAtS),
    })),
    ...(simmer.trace ? { trace: { ...simmer.trace, fromS: simmer.trace.fromS + byS } } : {}),
  };
}

/**
 * Where everything of a round stands in a chart so wide.
 * @param like another plan of the same round: the line of time has room for both, and rows keep its order, so that
 *   nothing jumps away under a finger
 */
export function layoutOf(
  catalogue: Catalogue,
  simmer: Simmer,
  round: number,
  width: number,
  like?: ChartLayout,
): ChartLayout {
  const order = new Map(like?.pieces.map((one, index) => [one.id, index]));
  const pieces = piecesOf(simmer, round).sort((a, b) => (order.get(a.id) ?? 99) - (order.get(b.id) ?? 99));
  const names = pieces.map((one) => shortName(catalogue.byId(one.ingredientId), one.cut));
  const namesWidth = Math.min(
    width * 0.42,
    Math.max(LEAST_NAMES, NAME_AT + Math.max(...names.map((name) => name.length)) * LETTER + 8),
  );
  const readyS = Math.max(...pieces.map((one) => one.outAtS));
  const own = round === 1 ? (simmer.trace?.fromS ?? 0) : Math.min(...pieces.map((one) => one.inAtS)) - BEFORE_S;
  const fromS = Math.min(own, like?.fromS ?? Infinity, ...pieces.map((one) => one.inAtS));
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

/** What is seasoned in the pan and not by its broth is told of no strength, in % of salt. */
export const LEAST_SALT_PCT = 0.1;

/**
 * A name in one line, or in two where it is too long for one: parted where both are shortest.
 * @param most letters of a line
 * @example inLines('buckwheat dumplings', 14) // ['buckwheat', 'dumplings']
 */
export function inLines(name: string, most: number): string[] {
  const words = name.split(' ');
  const ways = words.slice(1).map((_, at) => [words.slice(0, at + 1).join(' '), words.slice(at + 1).join(' ')]);
  const longest = (lines: readonly string[]) => Math.max(...lines.map((line) => line.length));
  const lines =
    name.length <= most || ways.length === 0 ? [name] : ways.reduce((a, b) => (longest(a) <= longest(b) ? a : b));
  return lines.map((line) => (line.length <= most ? line : `${line.slice(0, most - 1)}…`));
}
