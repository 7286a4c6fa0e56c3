import type { Family } from './family';

/** Shapes that food is drawn in. */
export const GLYPHS = [
  'chunk',
  'slice',
  'fillet',
  'disc',
  'block',
  'grilled',
  'triangle',
  'blossom',
  'halfMoon',
  'cabbage',
  'leaf',
  'sprig',
  'slant',
  'ring',
  'cap',
  'tuft',
  'cluster',
  'strand',
  'knot',
  'noodle',
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
  meat: 'slice',
  fish: 'fillet',
  shellfish: 'disc',
  tofu: 'block',
  root: 'disc',
  leaf: 'leaf',
  allium: 'slant',
  mushroom: 'cap',
  grain: 'noodle',
  egg: 'yolk',
  seaweed: 'leaf',
  seasoning: 'disc',
};
