import type { PotPlan } from '@elixa/contract';

/** Lightness, of 255, under which a liquid is seen in its own colour: miso, chilli, nuts and sauces, no clear broth. */
const CLEAR_FROM = 168;

/** How light a colour looks, from 0 to 255, after ITU-R BT.601. */
function lightness(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as [number, number, number];
  return 0.299 * red + 0.587 * green + 0.114 * blue;
}

/** Colours of dark liquids: of the only one or the first, and of the other half. */
export interface PotSauces {
  sauce?: string;
  otherSauce?: string;
}

/** The colour of the liquid that a pot is cooked in where it is darker than a broth; nothing where it is a clear one. */
export function saucesOf({ liquids }: Pick<PotPlan, 'liquids'>): PotSauces {
  const darkAt = (place: 'pot' | 'otherHalf') => {
    const colour = liquids.find((liquid) => liquid.place === place && liquid.kind === 'broth')?.colour;
    return colour !== undefined && lightness(colour) < CLEAR_FROM ? colour : undefined;
  };
  return { sauce: darkAt('pot'), otherSauce: darkAt('otherHalf') };
}
