import { ingredientById } from './ingredients';

/** How a cook names a piece at the stove: `cabbage stems`. */
export function shortName(ingredientId: string, cut: string): string {
  const found = ingredientById(ingredientId);
  return found.cuts[cut]?.short ?? found.name;
}
