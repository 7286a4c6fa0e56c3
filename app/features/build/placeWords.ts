import type { Placement } from '@elixa/contract';
import { type Catalogue, shortName } from '@elixa/core';

/** Where a thing lies, in the words of a sentence. */
export const PLACE_WORDS: Record<Placement['place'], string> = {
  bed: 'under the rest',
  ring: 'round the wall',
  heart: 'in the middle',
  top: 'on top',
  stack: 'in the stacks',
  skewer: 'on sticks over the rim',
  beside: 'on its plate',
};

/** The sides of a divided pot, as its drawing has them. */
export const SIDE_WORDS = { first: 'left side', second: 'right side' } as const;

const sentence = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What a bunch is called: as its only cut is, or by all of its cuts. */
export function bunchName(catalogue: Catalogue, cuts: readonly Placement[]): string {
  const names = [...new Set(cuts.map((one) => shortName(catalogue.byId(one.ingredientId), one.cut)))];
  return sentence(names.length > 1 ? names.join(' and ') : (names[0] ?? ''));
}

/** The cuts of every bunch, by the bunch. */
export function bunchesIn(placements: readonly Placement[]): Map<string, Placement[]> {
  const bunches = new Map<string, Placement[]>();
  for (const one of placements) bunches.set(one.id, [...(bunches.get(one.id) ?? []), one]);
  return bunches;
}
