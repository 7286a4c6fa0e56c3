import type { Pour } from '../catalogue/style';

/** Frozen food comes from here, in °C. */
export const FROZEN_C = -18;

/** Where a thing is kept, in °C. */
export const KEPT_C = { fridge: 5, room: 20, freezer: FROZEN_C } as const;

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
