import type { Diner } from '@elixa/contract';

/** A half of a divided pot: that of the first broth, or of the other. */
export type Side = 'first' | 'second';
export type Where = Side | 'both';

/** The two sides of a pot with two broths. */
export interface Sides {
  /** The one that nothing of an animal comes into. */
  meatFree?: Side;
  /** Where a thing of the pot is cooked. */
  whereOf(slotId: string): Where;
  /** Whether it is there because the other side is free of what it is. */
  isFixed(slotId: string): boolean;
  /** Guests who eat from one side only, since something in the other is not for them. */
  only: ReadonlyMap<Diner, Side>;
  /** What is in the broth of each, by ingredient. */
  contents: Readonly<Record<Side, readonly string[]>>;
  /** Names of their broths. */
  names: Readonly<Record<Side, string>>;
}

/** Whether what is cooked there is on a side. */
export const isOn = (where: Where | undefined, side: Side) => where === undefined || where === 'both' || where === side;
