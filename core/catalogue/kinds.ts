import type { FoodKind, Ingredient } from './ingredient';

export const MEAT: readonly FoodKind[] = ['poultry', 'pork', 'beef', 'lamb'];
export const SEA: readonly FoodKind[] = ['fish', 'crustacean', 'mollusc'];

const isOf = ({ kinds }: Pick<Ingredient, 'kinds'>, any: readonly FoodKind[]): boolean =>
  kinds.some((kind) => any.includes(kind));

/** What a side without meat is free of, with anything that holds it. */
export const isMeatOrFish = (what: Pick<Ingredient, 'kinds'>): boolean => isOf(what, [...MEAT, ...SEA]);

/** What has to get hot in the middle before it is eaten: meat, fish and egg; not milk, honey or wine. */
export const isHeatedThrough = (what: Pick<Ingredient, 'kinds'>): boolean => isOf(what, [...MEAT, ...SEA, 'egg']);
