import type { Glyph } from './look';

/** How pieces of one shape lie in a pot. */
export interface Form {
  /** Half of a piece's length towards the rim and of its width round the pot, in the units of its drawing. */
  along: number;
  across: number;
  /** Share of that rectangle that the piece covers. */
  fills: number;
  /** Share of its flat area that shows as it lies: leaves curl, thin slices are laid in folds. */
  shows: number;
  /** Share of a bunch that is air between the pieces before any liquid. */
  gaps: number;
  /** How much of its length and of its width each piece leaves uncovered of the one before: rows like tiles, or a heap. */
  exposed: readonly [along: number, across: number];
  /** How high a tangle of it lies, in mm, where that is more than a strand is thick. */
  liesMm?: number;
  /** It lies as it falls, and not in rows. */
  heaped?: true;
}

/**
 * One row for every shape. Kitchen estimates after laying them: gaps 0.1 either way, the rest a quarter either way.
 */
export const FORMS: Readonly<Record<Glyph, Form>> = {
  chunk: { along: 0.88, across: 0.94, fills: 0.8, shows: 1, gaps: 0.4, exposed: [0.85, 0.85], heaped: true },
  ball: { along: 0.95, across: 0.95, fills: 0.785, shows: 1.2, gaps: 0.4, exposed: [0.92, 0.92], heaped: true },
  slice: { along: 0.7, across: 1, fills: 0.95, shows: 1, gaps: 0.3, exposed: [0.55, 0.85] },
  ribbon: { along: 0.58, across: 1, fills: 0.85, shows: 0.3, gaps: 0.4, exposed: [0.62, 0.8] },
  fillet: { along: 0.62, across: 1, fills: 0.85, shows: 1, gaps: 0.32, exposed: [0.66, 0.85] },
  prawn: { along: 0.85, across: 0.9, fills: 0.6, shows: 1.2, gaps: 0.48, exposed: [0.82, 0.82] },
  shell: { along: 0.78, across: 0.95, fills: 0.75, shows: 1.1, gaps: 0.5, exposed: [0.82, 0.82], heaped: true },
  disc: { along: 0.92, across: 0.92, fills: 0.785, shows: 1, gaps: 0.33, exposed: [0.6, 0.78] },
  lotus: { along: 0.94, across: 0.94, fills: 0.785, shows: 1, gaps: 0.33, exposed: [0.6, 0.8] },
  corn: { along: 0.92, across: 0.92, fills: 0.785, shows: 1, gaps: 0.35, exposed: [0.85, 0.9] },
  block: { along: 0.85, across: 0.85, fills: 1, shows: 1.08, gaps: 0.18, exposed: [0.82, 0.92] },
  grilled: { along: 0.85, across: 0.85, fills: 1, shows: 1.08, gaps: 0.18, exposed: [0.82, 0.92] },
  square: { along: 0.85, across: 0.85, fills: 0.9, shows: 0.8, gaps: 0.4, exposed: [0.6, 0.75] },
  triangle: { along: 0.8, across: 0.9, fills: 0.52, shows: 1.1, gaps: 0.38, exposed: [0.75, 0.85] },
  blossom: { along: 0.95, across: 0.95, fills: 0.72, shows: 1, gaps: 0.33, exposed: [0.62, 0.8] },
  halfMoon: { along: 0.6, across: 1, fills: 0.785, shows: 1, gaps: 0.33, exposed: [0.6, 0.9] },
  fishMoon: { along: 0.6, across: 1, fills: 0.785, shows: 1, gaps: 0.33, exposed: [0.65, 0.9] },
  parcel: { along: 0.6, across: 1, fills: 0.785, shows: 1, gaps: 0.35, exposed: [0.8, 0.95] },
  cabbage: { along: 1, across: 0.92, fills: 0.75, shows: 0.45, gaps: 0.6, exposed: [0.38, 0.5] },
  leaf: { along: 1, across: 0.88, fills: 0.7, shows: 0.36, gaps: 0.7, exposed: [0.38, 0.48] },
  bokChoy: { along: 1, across: 0.46, fills: 0.75, shows: 1.2, gaps: 0.55, exposed: [0.6, 0.85] },
  sprig: { along: 1, across: 0.6, fills: 0.7, shows: 0.9, gaps: 0.75, exposed: [0.45, 0.5] },
  floret: { along: 0.95, across: 0.92, fills: 0.75, shows: 1.3, gaps: 0.5, exposed: [0.88, 0.88], heaped: true },
  slant: { along: 0.62, across: 0.95, fills: 0.785, shows: 1, gaps: 0.38, exposed: [0.68, 0.78] },
  wedge: { along: 0.62, across: 1, fills: 0.75, shows: 1, gaps: 0.4, exposed: [0.7, 0.85] },
  stick: { along: 1, across: 0.24, fills: 0.95, shows: 1, gaps: 0.35, exposed: [0.75, 0.85] },
  chilli: { along: 1, across: 0.24, fills: 0.7, shows: 1, gaps: 0.45, exposed: [0.9, 0.9] },
  sausage: { along: 0.62, across: 0.95, fills: 0.785, shows: 1, gaps: 0.36, exposed: [0.7, 0.85] },
  ring: { along: 0.72, across: 0.72, fills: 0.785, shows: 0.6, gaps: 0.55, exposed: [0.7, 0.7], heaped: true },
  cap: { along: 0.95, across: 0.95, fills: 0.785, shows: 1, gaps: 0.4, exposed: [0.72, 0.88] },
  strip: { along: 1, across: 0.42, fills: 0.9, shows: 1, gaps: 0.35, exposed: [0.65, 0.85] },
  tuft: { along: 1, across: 0.72, fills: 0.75, shows: 1.2, gaps: 0.4, exposed: [0.5, 0.6] },
  cluster: { along: 0.95, across: 0.95, fills: 0.72, shows: 1.1, gaps: 0.5, exposed: [0.72, 0.78], heaped: true },
  ruffle: { along: 0.9, across: 0.95, fills: 0.7, shows: 0.55, gaps: 0.6, exposed: [0.68, 0.72], heaped: true },
  strand: { along: 0.85, across: 0.92, fills: 0.6, shows: 0.7, gaps: 0.55, exposed: [0.5, 0.6], heaped: true },
  sprouts: { along: 0.92, across: 0.95, fills: 0.6, shows: 1.6, gaps: 0.6, exposed: [0.5, 0.6], heaped: true },
  knot: { along: 0.62, across: 0.92, fills: 0.785, shows: 1, gaps: 0.35, exposed: [0.8, 0.9] },
  noodle: {
    along: 0.85,
    across: 0.95,
    fills: 0.75,
    shows: 1,
    gaps: 0.35,
    exposed: [0.68, 0.72],
    heaped: true,
    liesMm: 14,
  },
  dumpling: { along: 0.68, across: 1, fills: 0.75, shows: 1.1, gaps: 0.42, exposed: [0.78, 0.88] },
  puff: { along: 0.85, across: 0.95, fills: 0.75, shows: 1, gaps: 0.5, exposed: [0.8, 0.8], heaped: true },
  skewer: { along: 1, across: 0.3, fills: 0.9, shows: 0.8, gaps: 0.35, exposed: [1, 0.9] },
  grains: { along: 0.7, across: 0.8, fills: 0.5, shows: 1, gaps: 0.4, exposed: [0.7, 0.7], heaped: true },
  yolk: { along: 0.9, across: 0.95, fills: 0.75, shows: 0.2, gaps: 0.05, exposed: [0.8, 0.8], heaped: true },
};
