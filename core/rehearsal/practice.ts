import type { Act, Evening, Fact } from '@elixa/contract';
import { resolveMenu } from '../evening/resolveMenu';
import { planMenu } from '../planEvening/planPot';
import { timesTable } from '../simmer/timesTable';
import { actsByPot } from './byHand';
import { drawsOf } from './draws';
import { TrueStove } from './trueStove';

/** What is asked of a pot that only a stand-in for a thermometer can look into. Seconds are on the pot's clock. */
export interface PracticeQuestion {
  evening: Evening;
  /** What was told of its pots so far. */
  taps: ReadonlyArray<{ facts: readonly Fact[]; atS: number }>;
  /** What a hand did at the knob of the fire, which nobody told. */
  turned: ReadonlyArray<{ atS: number; share: number }>;
  /** The thing that it is stuck into; the broth where it is in none. */
  pieceId?: string;
  fromS: number;
  untilS: number;
  /** Draws the kitchen. */
  seed: number;
}

/** How warm it is there, in °C; nothing while nothing is there. */
export interface PracticeReading {
  atS: number;
  tempC?: number;
}

/** Between two readings, in s. */
const EVERY_S = 2;
/** No pot is followed for longer than this, in s: it was forgotten, or a clock is wrong. */
const LONGEST_S = 8 * 3600;

/**
 * A pot on a practice stove, whose figures are its own, as it goes on if nothing more is told.
 * @returns readings from `fromS` to `untilS`; none of an evening that cannot be planned, or was lit too long ago
 */
export function practiceReadings(question: PracticeQuestion): PracticeReading[] {
  const { evening, taps, turned, pieceId, fromS, untilS, seed } = question;
  const { menu } = resolveMenu(evening);
  if (!menu || fromS > LONGEST_S) return [];
  const stove = new TrueStove({ menu, fit: planMenu(menu, timesTable).fit }, drawsOf(seed), new Set());
  const told = taps.map(({ atS, facts }) => ({ atS, acts: actsByPot(facts) }));
  const byHand = turned.map(({ atS, share }) => ({
    atS,
    acts: new Map([['main' as const, [{ is: 'heat', share } satisfies Act]]]),
  }));
  const all = [...told, ...byHand].sort((a, b) => a.atS - b.atS);
  for (const { atS, acts } of all.filter((one) => one.atS <= fromS)) {
    stove.waitUntil(atS);
    for (const [pan, done] of acts) stove.do(pan, done);
  }
  const readings: PracticeReading[] = [];
  for (let atS = fromS; atS <= untilS; atS += EVERY_S) {
    stove.waitUntil(atS);
    const tempC = pieceId === undefined ? stove.tempC('main') : stove.middleC(pieceId);
    readings.push(tempC === undefined ? { atS } : { atS, tempC });
  }
  return readings;
}
