/**
 * Solves a small square system of linear equations by Gaussian elimination with row exchange.
 * @param matrix n rows of n coefficients
 * @param right n right-hand sides
 * @returns n unknowns
 * @throws RangeError when the equations do not determine them
 * @example solveLinear([[2, 0], [0, 4]], [2, 2]) // [1, 0.5]
 */
export function solveLinear(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, index) => [...row, right[index] as number]);
  const size = rows.length;
  for (let column = 0; column < size; column += 1) {
    let best = column;
    for (let row = column + 1; row < size; row += 1) {
      if (Math.abs(rows[row]![column]!) > Math.abs(rows[best]![column]!)) best = row;
    }
    [rows[column], rows[best]] = [rows[best]!, rows[column]!];
    const pivot = rows[column]!;
    if (Math.abs(pivot[column]!) < 1e-12) throw new RangeError('The equations do not determine the amounts');
    for (const row of rows) {
      if (row === pivot) continue;
      const factor = row[column]! / pivot[column]!;
      for (let at = column; at <= size; at += 1) row[at] = row[at]! - factor * pivot[at]!;
    }
  }
  return rows.map((row, index) => row[size]! / row[index]!);
}
