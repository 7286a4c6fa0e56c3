import type { Side } from '../diners/sides';

const MARK = '@';

/** The id of a bunch: of what, and on which side of a pot with two broths. */
export const bunchId = (ingredientId: string, side?: Side): string =>
  side ? `${ingredientId}${MARK}${side}` : ingredientId;

/** Whether two bunches lie on the same side of the wall. */
export const isOnOneSide = (a: string, b: string): boolean => a.split(MARK)[1] === b.split(MARK)[1];
