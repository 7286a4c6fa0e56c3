import type { EditOf, Evening } from '@elixa/contract';

export const titled = (evening: Evening, { title }: EditOf<'titled'>): Evening => ({ ...evening, title });

export const sitDownMoved = (evening: Evening, { sitDownAt, startAt }: EditOf<'sitDownMoved'>): Evening => ({
  ...evening,
  sitDownAt,
  ...(evening.kitchen ? { kitchen: { ...evening.kitchen, startAt } } : {}),
});

export const guestJoined = (evening: Evening, { diner }: EditOf<'guestJoined'>): Evening => ({
  ...evening,
  diners: [...evening.diners, diner],
});

export const guestChanged = (evening: Evening, { seat, diner }: EditOf<'guestChanged'>): Evening => ({
  ...evening,
  diners: evening.diners.map((one, index) => (index === seat ? diner : one)),
});

export const guestAsked = (evening: Evening, { seat, about, agrees }: EditOf<'guestAsked'>): Evening => ({
  ...evening,
  diners: evening.diners.map((one, index) => {
    if (index !== seat) return one;
    const { agreed = [], ...others } = one;
    const left = agreed.filter((care) => care !== about);
    const now = agrees ? [...left, about] : left;
    return now.length > 0 ? { ...others, agreed: now } : others;
  }),
});

/** Somebody does not come; the last one stays, since nobody cooks for no one. */
export const guestLeft = (evening: Evening, { seat }: EditOf<'guestLeft'>): Evening =>
  evening.diners.length === 1 ? evening : { ...evening, diners: evening.diners.filter((_, index) => index !== seat) };

export const heightSet = (evening: Evening, { altitudeM }: EditOf<'heightSet'>): Evening => ({
  ...evening,
  place: { ...evening.place, altitudeM },
});

export const unitsChosen = (evening: Evening, { units }: EditOf<'unitsChosen'>): Evening => ({ ...evening, units });

export const handsSet = (evening: Evening, { cooks }: EditOf<'handsSet'>): Evening => ({ ...evening, cooks });

export const kitchenSet = (evening: Evening, { kitchen }: EditOf<'kitchenSet'>): Evening => ({
  ...evening,
  kitchen: { ...evening.kitchen, ...kitchen },
});
