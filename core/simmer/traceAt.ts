import type { Trace } from '@elixa/contract';

/** The pot at a moment of its trace. */
export interface TraceMoment {
  liquidTempC: number;
  levelMl: number;
  depthMm: number;
  salinityPct: number;
}

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
  };
}
