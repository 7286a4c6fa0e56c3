const MOST_STEPS = 100;

/**
 * Where a continuous function crosses zero between two places, by false position with the Illinois step (Dowell and Jarratt,
 * 1971): a few steps where it is nearly straight.
 * @param f rises or falls through zero at most once between them
 * @param exact how near the answer is, in the units of x
 * @returns the place; where there is no crossing, that end at which f is nearer to zero
 * @example crossing((x) => x * x - 2, 0, 2, 1e-12) // 1.414213562373
 */
export function crossing(f: (x: number) => number, from: number, to: number, exact: number): number {
  let [a, b, fa, fb] = [from, to, f(from), f(to)];
  if (fa * fb > 0) return Math.abs(fa) < Math.abs(fb) ? a : b;
  for (let step = 0; step < MOST_STEPS && Math.abs(b - a) > exact && fb !== 0; step += 1) {
    const x = b - (fb * (b - a)) / (fb - fa);
    const fx = f(x);
    // The end that stays counts half, or it would stay for ever.
    if (fx * fb < 0) [a, fa] = [b, fb];
    else fa /= 2;
    const moved = Math.abs(x - b);
    [b, fb] = [x, fx];
    if (moved <= exact) break;
  }
  return b;
}
