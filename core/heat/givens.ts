import type { Cut, Ingredient } from '../catalogue/ingredient';
import type { Pour } from '../catalogue/style';

/** Frozen food comes from here, in °C. */
export const FROZEN_C = -18;

/** Where a thing is kept, in °C. */
export const KEPT_C = { fridge: 5, room: 20, freezer: FROZEN_C } as const;

/** How warm a piece is that goes in, in °C: frozen, hot out of what it was cooked in, or as it is kept. */
export const goesInAtC = ({ kept }: Pick<Ingredient, 'kept'>, cut: Pick<Cut, 'goesInC'>, isFrozen = false): number =>
  isFrozen ? FROZEN_C : (cut.goesInC ?? KEPT_C[kept]);

/** Water boils at sea level, in °C; what is hotter is fried. */
export const WATER_BOILS_C = 100;

/** How warm the liquid is when it is poured, in °C. Kitchen estimates: a sauce from its jug, a broth that stands, one that boils. */
export const POURED_C: Record<Pour['at'], number> = { cold: KEPT_C.room, warm: 60, boiling: 94 };

/** Share of the mouth where liquid stands free of food, by the way it is poured. Kitchen estimates, good to a third. */
export const FREE_SURFACE: Record<Pour['kind'], number> = {
  cover: 1,
  underTop: 0.8,
  share: 0.3,
  ladles: 0.35,
  none: 0.15,
};
