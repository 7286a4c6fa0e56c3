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
 * How far a steeping thing has spoiled the liquid: minutes at or above its limit over the minutes that it stands there,
 * counted half as fast again for every 5 °C above the limit. From 1 on it can be tasted.
 * @returns 0 for unspoiled
 */
export function spoiledShare(drawing: Drawing, stages: readonly Stage[]): number {
  const { spoils } = drawing;
  if (!spoils) return 0;
  return stages.reduce((sum, { minutes, tempC }) => {
    if (tempC < spoils.fromC) return sum;
    return sum + (minutes / spoils.minutes) * 1.5 ** ((tempC - spoils.fromC) / 5);
  }, 0);
}

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
  const total = stages.reduce((sum, one) => sum + one.minutes, 0);
  const upTo = (minute: number): Stage[] => {
    let left = minute;
    return stages.flatMap((stage) => {
      const minutes = Math.min(stage.minutes, Math.max(0, left));
      left -= stage.minutes;
      return minutes > 0 ? [{ ...stage, minutes }] : [];
    });
  };
  const points = Math.max(1, Math.ceil(total / stepMin));
  return Array.from({ length: points + 1 }, (_, index) => {
    const minute = Math.min(total, index * stepMin);
    const soFar = upTo(minute);
    return { minute, drawn: drawnShare(drawing, soFar), spoiled: spoiledShare(drawing, soFar) };
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
