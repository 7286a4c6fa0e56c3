import murmur from 'imurmurhash';

/** Chance by name: of one seed a name always draws the same, whatever else is drawn. */
export interface Draws {
  /** Evenly between two bounds. */
  even(name: string, least: number, most: number): number;
  /** Standard normal. */
  normal(name: string): number;
}

const LARGEST = 0xffffffff;

/** @example drawsOf(7).even('reaction of boil-main', 4, 12) */
export function drawsOf(seed: number): Draws {
  // Two rounds: names that differ in their last letter only are far apart.
  const unit = (name: string) => murmur(`${murmur(`${seed} ${name}`).result()} ${name}`, seed).result() / LARGEST;
  return {
    even: (name, least, most) => least + (most - least) * unit(name),
    // Box and Muller.
    normal: (name) =>
      Math.sqrt(-2 * Math.log(Math.max(1e-9, unit(`${name}, how far`)))) *
      Math.cos(2 * Math.PI * unit(`${name}, where`)),
  };
}
