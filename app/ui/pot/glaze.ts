import { FAMILY_GLYPH, ingredientById, type Glyph } from '@elixa/core';

/** The glaze of an ingredient: its own, that of its cut, or its family's. */
export function glazeOf(ingredientId: string, cut?: string): string {
  const { family, look, cuts } = ingredientById(ingredientId);
  return `var(--glaze-${cuts[cut ?? '']?.look?.glaze ?? look?.glaze ?? family})`;
}

/** The shape that an ingredient is drawn in. */
export function glyphOf(ingredientId: string, cut?: string): Glyph {
  const { family, look, cuts } = ingredientById(ingredientId);
  return cuts[cut ?? '']?.look?.glyph ?? look?.glyph ?? FAMILY_GLYPH[family];
}

export const GLAZE_LINE = 'var(--glaze-line)';
