import type { KitchenTool } from '../style';

/** Short ways to write the rows of a style. */
export const whole = (cut: string) => [{ cut, share: 1 }];

/** Things that stand by the pot; the same thing is written once. */
export const tool = {
  ladle: { id: 'ladle', name: 'A ladle, and one more for raw food' },
  skimmer: { id: 'skimmer', name: 'Skimmer, and a bowl of water for the foam' },
  nets: { id: 'nets', name: 'A small net or ladle for each guest' },
  skewers: { id: 'skewers', name: 'Long skewers that pin the stacks, to be counted out again' },
  ruler: { id: 'ruler', name: 'A ruler, to cut the stacks to the depth of the pot' },
  smallLadle: { id: 'smallLadle', name: 'A small ladle for the sauce, and a jug of dashi to let it down' },
  lidForFat: { id: 'lidForFat', name: 'A lid within reach, for fat that catches fire' },
  rawPlate: { id: 'rawPlate', name: 'A plate of its own for raw slices, on ice' },
} as const satisfies Record<string, KitchenTool>;
