import { FAMILY_GLYPH, type Glyph } from '../../catalogue/look';
import { ingredientById } from '../../catalogue/ingredients';

/** How a piece is drawn: its shape, and its glaze by name. */
export interface DrawnLook {
  glyph: Glyph;
  glaze: string;
}

/** What a piece of an ingredient looks like: as its cut says, or the ingredient, or its family. */
export function lookOf(ingredientId: string, cut = ''): DrawnLook {
  const { family, look, cuts } = ingredientById(ingredientId);
  const own = cuts[cut]?.look;
  return {
    glyph: own?.glyph ?? look?.glyph ?? FAMILY_GLYPH[family],
    glaze: own?.glaze ?? look?.glaze ?? family,
  };
}
