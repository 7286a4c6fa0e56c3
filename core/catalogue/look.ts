import type { Family } from './family';

/** Shapes that food is drawn in. */
export const GLYPHS = [
  'chunk',
  'ball',
  'slice',
  'ribbon',
  'fillet',
  'prawn',
  'shell',
  'disc',
  'lotus',
  'corn',
  'block',
  'grilled',
  'square',
  'triangle',
  'blossom',
  'halfMoon',
  'fishMoon',
  'parcel',
  'cabbage',
  'leaf',
  'bokChoy',
  'sprig',
  'floret',
  'slant',
  'wedge',
  'stick',
  'chilli',
  'sausage',
  'ring',
  'cap',
  'strip',
  'tuft',
  'cluster',
  'ruffle',
  'strand',
  'sprouts',
  'knot',
  'noodle',
  'dumpling',
  'puff',
  'skewer',
  'grains',
  'yolk',
] as const;
export type Glyph = (typeof GLYPHS)[number];

/** How a thing is drawn: its shape, and its glaze where it is not that of its family. */
export interface Look {
  glyph?: Glyph;
  /** Name of a glaze: a family's, or the pale side of one. */
  glaze?: string;
}

/** The shape of most things of a family. */
export const FAMILY_GLYPH: Record<Family, Glyph> = {
  poultry: 'chunk',
  meat: 'ribbon',
  fish: 'fillet',
  shellfish: 'shell',
  tofu: 'block',
  root: 'disc',
  leaf: 'leaf',
  allium: 'slant',
  mushroom: 'cap',
  grain: 'noodle',
  egg: 'yolk',
  seaweed: 'square',
  seasoning: 'disc',
};
