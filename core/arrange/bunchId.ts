import type { Side } from '../diners/sides';

/** The id of a bunch: of what, and on which side of a pot with two broths. What it is of stands beside it in the plan. */
export const bunchId = (ingredientId: string, side?: Side): string => (side ? `${ingredientId}@${side}` : ingredientId);
