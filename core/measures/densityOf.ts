import type { Units } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';

/** g of a ml of it as a spoon or a cup of these units takes it up, by how it is cut. */
export const densityOf = (
  { cuts, densityIn, densityGPerMl }: Pick<Ingredient, 'cuts' | 'densityIn' | 'densityGPerMl'>,
  units: Units,
  cut?: string,
): number => (cut === undefined ? undefined : cuts[cut]?.densityGPerMl) ?? densityIn?.[units] ?? densityGPerMl;
