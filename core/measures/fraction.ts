const GLYPHS: ReadonlyArray<readonly [number, string]> = [
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
];

/**
 * A count as it stands on a measuring spoon: whole number and one fraction sign.
 * @param value a multiple of a quarter or a third, or an eighth, zero or more
 * @returns for example `2½`, `⅓`, `4`
 * @throws RangeError when the value is neither whole nor an eighth, quarter, third or half over
 * @example fractionText(1.5) // '1½'
 */
export function fractionText(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  if (Math.abs(rest) < 1e-6) return String(whole);
  const glyph = GLYPHS.find(([part]) => Math.abs(part - rest) < 1e-6)?.[1];
  if (!glyph) throw new RangeError(`${value} is not an eighth, quarter, third or half`);
  return whole === 0 ? glyph : `${whole}${glyph}`;
}
