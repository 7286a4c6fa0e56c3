import type { Ingredient } from './ingredient';

/** How a cook names a piece at the stove: `cabbage stems`. */
export const shortName = ({ name, cuts }: Ingredient, cut: string): string => cuts[cut]?.short ?? name;
