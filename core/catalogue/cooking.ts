/** How long a cut wants in simmering broth at 100 °C, and the sign that it is done. */
export interface AdditionWindow {
  leastMin: number;
  bestMin: number;
  mostMin: number;
  /** Below this time it is not safe to eat, whatever its texture. */
  safeMin: number;
  /**
   * When the mean piece is at its best and past it, where that is before the largest one is safe with all that is to spare:
   * for what is gone through by the model of heat, in which the largest is followed by itself.
   */
  tender?: { bestMin: number; mostMin: number };
  /** Plants slow down with the boiling point by a z-value in °C; animal foods by how far the centre must climb. */
  slowsBy: { zC: number } | { centreC: number };
  sign: string;
}

/** Ways in which a piece is cooked: in the simmering pot, held in it with chopsticks, or on the hot pan before any liquid. */
export const COOKING_WAYS = ['simmered', 'swished', 'seared'] as const;
export type CookingWay = (typeof COOKING_WAYS)[number];

export const plant = (
  leastMin: number,
  bestMin: number,
  mostMin: number,
  zC: number,
  sign: string,
): AdditionWindow => ({ leastMin, bestMin, mostMin, safeMin: 0, slowsBy: { zC }, sign });

export const mushroom = (leastMin: number, bestMin: number, mostMin: number, sign: string): AdditionWindow => ({
  ...plant(leastMin, bestMin, mostMin, 25, sign),
  safeMin: leastMin,
});

/**
 * Animal foods have no time below the safe one: the largest likely piece of the cut, from 3 °C, reaches its centre
 * temperature by conduction with a quarter to spare. The best time lies above it.
 */
export const animal = (
  safeMin: number,
  bestMin: number,
  mostMin: number,
  centreC: number,
  sign: string,
  tender?: AdditionWindow['tender'],
): AdditionWindow => ({
  leastMin: safeMin,
  bestMin,
  mostMin,
  safeMin,
  slowsBy: { centreC },
  sign,
  ...(tender ? { tender } : {}),
});

/**
 * What stands in a stack is heated through its neighbours and takes so many minutes longer than by itself. Kitchen
 * estimate, 4-8 min for blocks of 45 to 70 mm.
 */
export const STACK_TAKES_MIN = { least: 5, best: 6, most: 9 } as const;
