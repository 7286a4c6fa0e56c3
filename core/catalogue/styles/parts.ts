import type { Band } from '../formula';
import { schoolOfBroth, type School, type SchoolChoice } from '../school';
import type { KitchenTool, Place, Role, Stage, StyleSlot, VesselFit } from '../style';

/** Short ways to write the rows of a style. */
export const whole = (cut: string) => [{ cut, share: 1 }];

/** A thing of a pot that is cut in one way. */
export const slot = (
  role: Role,
  ingredientId: string,
  cut: string,
  rangeG: Band,
  place: Place,
  layer: number,
  more: Partial<StyleSlot> = {},
): StyleSlot => ({ ingredientId, role, rangeG, cuts: whole(cut), place, layer, ...more });

/** Napa cabbage as it is cut for a bed or a ring, the stems slower than the leaves. */
export const STEM_AND_LEAF = [
  { cut: 'stem', share: 0.45 },
  { cut: 'leaf', share: 0.55 },
];

/** Where cooks of one pot differ on what simmers in it: it is asked with the broth, and each answer names a formula. */
export const liquidSchools = (
  options: readonly [School, ...School[]],
  more: Partial<SchoolChoice> = {},
): SchoolChoice => ({
  ...schoolOfBroth('liquid', 'What simmers in it', options),
  ...more,
});

/** A stage at which things go in. */
export const adds = (id: string, untilCue: string, roles: readonly Role[], more: Partial<Stage> = {}): Stage => ({
  id,
  do: 'add',
  says: '{in} in',
  untilCue,
  lid: 'ajar',
  roles,
  ...more,
});

/** A stage at which the liquid goes in. */
export const pours = (says: string, untilCue: string, pour: Stage['pour'], more: Partial<Stage> = {}): Stage => ({
  id: 'pour',
  do: 'pour',
  says,
  untilCue,
  lid: 'on',
  pour,
  ...more,
});

/** Grey foam is taken off as it boils again. */
export const SKIM: Stage = {
  id: 'skim',
  do: 'skim',
  says: 'Skim the foam',
  untilCue: 'it boils and foam rises',
  lid: 'off',
};

/** What stands out of the liquid would stay dry and pale. */
export const baste = (untilCue: string): Stage => ({
  id: 'baste',
  do: 'baste',
  says: 'Spoon broth over what stands out',
  untilCue,
  lid: 'off',
});

/** Greens and what is strewn over go in last. */
export const greensIn = (untilCue = 'just limp'): Stage =>
  adds('greens', untilCue, ['green', 'topping'], { lid: 'off' });

/** The stages of a pot that simmers in the middle while guests hold slices in it: hard things, then slices, then greens. */
export const aroundSlices = (slow: string, slices: string, says?: string): Stage[] => [
  adds(
    'slow',
    slow,
    ['root', 'ball', 'tofu', 'second', 'mushroom', 'noodle', 'leaf', 'stem', 'bed', 'allium', 'starch'],
    { lid: 'off', ...(says ? { says } : {}) },
  ),
  adds('slices', slices, ['main'], { lid: 'off', apart: true }),
  SKIM,
  greensIn(),
];

/** A deep pot of any metal or clay that stands open on the table. */
export const OPEN_AND_DEEP: VesselFit = {
  widthToDepth: [1.5, 4],
  litresPerHead: 0.9,
  needsLid: false,
  takesSear: false,
  divided: true,
};

export const KONNYAKU_FROM_BEEF = {
  a: 'shirataki',
  b: 'beefSlice',
  because: 'the lime in konnyaku makes beef tough',
};

/** Things that stand by the pot; the same thing is written once. */
export const tool = {
  ladle: { id: 'ladle', name: 'A ladle, and one more for raw food' },
  skimmer: { id: 'skimmer', name: 'Skimmer, and a bowl of water for the foam' },
  nets: { id: 'nets', name: 'A small net or ladle for each guest' },
  skewers: { id: 'skewers', name: 'Long skewers that pin the stacks, to be counted out again' },
  ruler: { id: 'ruler', name: 'A ruler, to cut the stacks to the depth of the pot' },
  smallLadle: { id: 'smallLadle', name: 'A small ladle for the sauce, and a jug of dashi to let it down' },
  lidForFat: { id: 'lidForFat', name: 'A lid within reach, for fat that catches fire' },
  sieve: { id: 'sieve', name: 'A fine sieve and a whisk for the miso' },
  scraps: { id: 'scraps', name: 'A bowl for bones and shells' },
  fishSkewers: { id: 'fishSkewers', name: 'Blunt wooden skewers, counted' },
  kettle: { id: 'kettle', name: 'A kettle of hot water to top up with' },
  warmPlate: { id: 'warmPlate', name: 'A warm plate for what is lifted out to make room' },
  rawPlate: { id: 'rawPlate', name: 'A plate of its own for raw slices, on ice' },
} as const satisfies Record<string, KitchenTool>;
