/** Synergy of nucleotides with glutamate, and the weight of guanylate beside inosinate. Yamaguchi (1971). */
const SYNERGY = 1218;
const GUANYLATE_WEIGHT = 2.3;

/** Free glutamate and nucleotides of a liquid, in g in 100 g. */
export interface Savour {
  glutamatePct: number;
  inosinatePct: number;
  guanylatePct: number;
}

/**
 * Umami as the glutamate (as its sodium salt, g in 100 g) that alone would taste as strong: y = u + 1218·u·v, with u the
 * glutamate and v the inosinate plus 2.3 times the guanylate. Yamaguchi (1971), Journal of Food Science 36, 846.
 * @returns g in 100 g
 * @example umamiGPer100g({ glutamatePct: 0.03, inosinatePct: 0.01, guanylatePct: 0 }) // 0.395
 */
export function umamiGPer100g({ glutamatePct, inosinatePct, guanylatePct }: Savour): number {
  const nucleotides = inosinatePct + GUANYLATE_WEIGHT * guanylatePct;
  return glutamatePct + SYNERGY * glutamatePct * nucleotides;
}
