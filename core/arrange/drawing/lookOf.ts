import type { Ingredient } from '../../catalogue/ingredient';
import { FAMILY_GLYPH, type Glyph } from '../../catalogue/look';

/** How a piece is drawn: its shape, and its glaze by name. */
export interface DrawnLook {
  glyph: Glyph;
  glaze: string;
}

/** What a piece of an ingredient looks like: as its cut says, or the ingredient, or its family. */
export function lookOf({ family, look, cuts }: Ingredient, cut = ''): DrawnLook {
  const own = cuts[cut]?.look;
  return {
    glyph: own?.glyph ?? look?.glyph ?? FAMILY_GLYPH[family],
    glaze: own?.glaze ?? look?.glaze ?? family,
  };
}
