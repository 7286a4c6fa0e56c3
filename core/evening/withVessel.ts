import type { Evening, Vessel } from '@elixa/contract';

/** The evening in another pot; what only a divided pot can hold goes with it. */
export function withVessel(evening: Evening, vessel: Vessel): Evening {
  const { liquids } = evening.choices;
  if (vessel.divided || liquids?.otherHalf === undefined) return { ...evening, vessel };
  return { ...evening, vessel, choices: { ...evening.choices, liquids: { ...liquids, otherHalf: undefined } } };
}
