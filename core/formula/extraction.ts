import type { Drawing } from '../catalogue/ingredient';

const GAS_J_PER_MOL_K = 8.314;
const BOILING_K = 373.15;

/** A span of time at one temperature. */
export interface Stage {
  minutes: number;
  tempC: number;
}

/**
 * Rate at which something gives itself to the liquid, by Arrhenius: k(T) = k₁₀₀·exp(−E/R·(1/T − 1/373 K)).
 * @returns share of what is left, for a minute
 */
function drawRatePerMin(drawing: Drawing, tempC: number): number {
  const exponent = ((drawing.activationKJPerMol * 1000) / GAS_J_PER_MOL_K) * (1 / (tempC + 273.15) - 1 / BOILING_K);
  return drawing.ratePerMin * Math.exp(-exponent);
}

/**
 * Share of its contents that a steeping thing has given to the liquid, first order: most·(1 − exp(−∫k dt)). Exact for
 * spans of one temperature each.
 * @returns 0 to `mostShare`
 * @example drawnShare(kelpDraws, [{ minutes: 30, tempC: 60 }]) // about 0.77
 */
export function drawnShare(drawing: Drawing, stages: readonly Stage[]): number {
  const drawn = stages.reduce((sum, { minutes, tempC }) => sum + drawRatePerMin(drawing, tempC) * minutes, 0);
  return drawing.mostShare * (1 - Math.exp(-drawn));
}

/**
 * How fast a steeping thing spoils the liquid: from its limit on, half as fast again for every 5 °C above it.
 * @returns share for a minute; from a whole one on it can be tasted
 */
function spoilRatePerMin({ spoils }: Drawing, tempC: number): number {
  if (!spoils || tempC < spoils.fromC) return 0;
  return 1.5 ** ((tempC - spoils.fromC) / 5) / spoils.minutes;
}

/**
 * How far a steeping thing has spoiled the liquid: minutes at or above its limit over the minutes that it stands there.
 * From 1 on it can be tasted.
 * @returns 0 for unspoiled
 */
export const spoiledShare = (drawing: Drawing, stages: readonly Stage[]): number =>
  stages.reduce((sum, { minutes, tempC }) => sum + spoilRatePerMin(drawing, tempC) * minutes, 0);

/** What a steeping thing has given, and how far it has spoiled the liquid, at one moment. */
export interface DrawPoint {
  minute: number;
  drawn: number;
  spoiled: number;
}

/**
 * The course of steeping, minute by minute, for a chart.
 * @param stepMin minutes between points
 */
export function drawCourse(drawing: Drawing, stages: readonly Stage[], stepMin = 1): DrawPoint[] {
  const spans = stages.map(({ minutes, tempC }) => ({
    minutes,
    drawn: drawRatePerMin(drawing, tempC),
    spoiled: spoilRatePerMin(drawing, tempC),
  }));
  const total = stages.reduce((sum, one) => sum + one.minutes, 0);
  const points = Math.max(1, Math.ceil(total / stepMin));
  // What all spans before the one that a moment lies in have done.
  const before = { minutes: 0, drawn: 0, spoiled: 0 };
  let at = 0;
  return Array.from({ length: points + 1 }, (_, index) => {
    const minute = Math.min(total, index * stepMin);
    for (let span = spans[at]; span && minute > before.minutes + span.minutes; span = spans[at]) {
      before.minutes += span.minutes;
      before.drawn += span.drawn * span.minutes;
      before.spoiled += span.spoiled * span.minutes;
      at += 1;
    }
    const span = spans[at];
    const within = minute - before.minutes;
    return {
      minute,
      drawn: drawing.mostShare * (1 - Math.exp(-(before.drawn + (span?.drawn ?? 0) * within))),
      spoiled: before.spoiled + (span?.spoiled ?? 0) * within,
    };
  });
}

/**
 * The latest moment to lift a steeping thing out: just before it can be tasted that it stayed too long.
 * @param stages what would happen if it stayed in
 * @returns minutes from its going in; undefined when it spoils nothing in that time
 */
export function latestLiftOut(drawing: Drawing, stages: readonly Stage[]): number | undefined {
  const course = drawCourse(drawing, stages, 0.5);
  const spoiled = course.findIndex((point) => point.spoiled >= 1);
  return spoiled === -1 ? undefined : course[Math.max(0, spoiled - 1)]!.minute;
}
