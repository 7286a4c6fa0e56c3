/** Short ways to write the rows of a style. */
export const whole = (cut: string) => [{ cut, share: 1 }];

/** Things that stand by the pot, in words; the same thing is written once. */
export const tool = {
  skimmer: 'Skimmer, and a bowl of water for the foam',
  nets: 'A small net or ladle for each guest',
  skewers: 'Long skewers that pin the stacks, to be counted out again',
  ruler: 'A ruler, to cut the stacks to the depth of the pot',
  smallLadle: 'A small ladle for the sauce, and a jug of dashi to let it down',
  lidForFat: 'A lid within reach, for fat that catches fire',
  rawPlate: 'A plate of its own for raw slices, on ice',
} as const;
