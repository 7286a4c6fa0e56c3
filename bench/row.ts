/** One line of what was measured: a value, what it is held against in the same run, and their ratio. */
export interface Row {
  measure: string;
  value: string;
  reference: string;
  ratio: string;
}

export const ms = (value: number) => `${value.toFixed(value < 10 ? 2 : 0)} ms`;
export const kb = (value: number) => `${value.toFixed(0)} kB`;

/** @param words of the reference, before its value */
export const row = (
  measure: string,
  value: number,
  words: string,
  reference: number,
  unit: (value: number) => string,
): Row => ({
  measure,
  value: unit(value),
  reference: `${words}: ${unit(reference)}`,
  ratio: (value / reference).toFixed(2),
});

export const medianOf = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Median time of so many runs, in ms. */
export function timed(go: () => void, runs: number): number {
  return medianOf(
    Array.from({ length: runs }, () => {
      const from = performance.now();
      go();
      return performance.now() - from;
    }),
  );
}
