import type { PieceTrace, Trace } from '@elixa/contract';
import type { Sample } from '../pot/state';

/** Every so often the trace has a value, in s. */
const TRACE_S = 30;

/** One sample for each step of the trace: the last before it. */
function everySample(samples: readonly Sample[], fromS: number): Sample[] {
  const kept: Sample[] = [];
  for (const sample of samples) {
    while (sample.atS >= fromS + kept.length * TRACE_S - 1e-6) kept.push(sample);
  }
  return kept;
}

/** Every piece over the samples that it lies in the pot at. */
function pieceTraces(samples: readonly Sample[]): PieceTrace[] {
  const traces = new Map<string, PieceTrace>();
  samples.forEach(({ pieces }, index) => {
    for (const { id, largestC, hadMin } of pieces) {
      const trace = traces.get(id) ?? { pieceId: id, from: index, centreTempC: [], hadMin: [] };
      traces.set(id, trace);
      trace.centreTempC.push(Math.round(largestC * 10) / 10);
      trace.hadMin.push(Math.round(hadMin * 100) / 100);
    }
  });
  return [...traces.values()];
}

/** The course of a pot as a plan tells it, from the samples that going through it took. */
export function traceOf(samples: readonly Sample[], fromS: number): Trace {
  const kept = everySample(samples, fromS);
  return {
    fromS,
    stepS: TRACE_S,
    // An empty pan may be hotter than any liquid.
    liquidTempC: kept.map((one) => Math.round(Math.min(one.tempC, one.boilingC) * 10) / 10),
    levelMl: kept.map((one) => Math.round(one.levelMl)),
    depthMm: kept.map((one) => Math.round(one.depthMm)),
    salinityPct: kept.map((one) => Math.round(one.salinityPct * 1000) / 1000),
    fatG: kept.map((one) => Math.round(one.fatG * 10) / 10),
    pieces: pieceTraces(kept),
  };
}
