import type { Trace } from '@elixa/contract';

/** The pot at a moment of its trace. */
export interface TraceMoment {
  liquidTempC: number;
  levelMl: number;
  depthMm: number;
  salinityPct: number;
  fatG: number;
}

/** Nothing is poured yet: slices sear in the dry pan. */
export const isDryAt = ({ fromS }: Trace, atS: number): boolean => atS < fromS - 1;

export const traceEndS = ({ fromS, stepS, liquidTempC }: Trace): number => fromS + stepS * (liquidTempC.length - 1);

/**
 * The last moment of a trace that is not after another: as a round stands before it is lifted out, and not half between
 * that and what comes after.
 * @example traceBeforeS({ fromS: 0, stepS: 30, … }, 59) // 30
 */
export const traceBeforeS = ({ fromS, stepS }: Trace, atS: number): number =>
  fromS + Math.max(0, Math.floor((atS - fromS) / stepS + 1e-9)) * stepS;

/**
 * The pot at a moment, between the values of its trace; before and after it as at its ends.
 * @param atS seconds from lighting the burner
 * @example traceAt({ fromS: 0, stepS: 30, liquidTempC: [20, 26], … }, 15).liquidTempC // 23
 */
export function traceAt(trace: Trace, atS: number): TraceMoment {
  const last = trace.liquidTempC.length - 1;
  const place = Math.min(last, Math.max(0, (atS - trace.fromS) / trace.stepS));
  const low = Math.floor(place);
  const between = (values: readonly number[]) => {
    const a = values[low]!;
    return a + (place - low) * (values[Math.min(last, low + 1)]! - a);
  };
  return {
    liquidTempC: between(trace.liquidTempC),
    levelMl: between(trace.levelMl),
    depthMm: between(trace.depthMm),
    salinityPct: between(trace.salinityPct),
    fatG: trace.fatG ? between(trace.fatG) : 0,
  };
}

/** It is looked at so often, in s. */
const COLD_STEP_S = 10;
/** A pot that is so near to its boil still simmers, in K. */
const SIMMERS_WITHIN_K = 1;

/**
 * For how long a pot does not simmer after something went in, as its trace has it.
 * @param untilS it is looked at no further than this
 * @returns seconds; zero where it goes on simmering
 */
export function coldSpellS(trace: Trace, boilingC: number, atS: number, untilS: number): number {
  const leastC = boilingC - SIMMERS_WITHIN_K;
  let coldFrom: number | undefined;
  for (let seconds = atS; seconds <= untilS; seconds += COLD_STEP_S) {
    const isCold = traceAt(trace, seconds).liquidTempC < leastC;
    if (isCold) coldFrom ??= seconds;
    // What begins to cool only later was cooled by something else.
    else if (coldFrom !== undefined) return seconds - atS;
    else if (seconds - atS > trace.stepS * 2) return 0;
  }
  return coldFrom === undefined ? 0 : untilS - atS;
}
