export interface Pigment {
  /** Colour that it gives, as `#rrggbb`. */
  hex: string;
  /** Strength of its colour for each per cent by mass. */
  strength: number;
  /** How far each per cent clouds the liquid, 0 to 1. */
  clouds?: number;
  /** Its share of the liquid in % by mass. */
  pct: number;
}

type Rgb = [number, number, number];

const channels = (hex: string): Rgb => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255) as Rgb;
const toHex = (rgb: Rgb) =>
  `#${rgb
    .map((value) =>
      Math.round(Math.min(1, Math.max(0, value)) * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** Clear water in a pale bowl. */
const BOWL: Rgb = [0.97, 0.955, 0.91];

/**
 * The colour of a bowl of liquid: each pigment lets through its own colour to the power of how much there is of it
 * (Beer and Lambert), and what clouds the liquid sends its own colour back. A kitchen estimate for a swatch.
 * @param depth of what is looked into: 1 for a bowl, less for a saucer
 * @returns `#rrggbb`
 * @example bowlColour([]) // '#f7f4e8'
 */
export function bowlColour(pigments: readonly Pigment[], depth = 1): string {
  const through = pigments.reduce<Rgb>(
    (light, { hex, strength, pct }) =>
      channels(hex).map((value, index) => light[index]! * Math.max(value, 0.004) ** (strength * pct * depth)) as Rgb,
    BOWL,
  );
  const weights = pigments.map(({ clouds = 0, pct }) => clouds * pct);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  if (total === 0) return toHex(through);
  const opaque = 1 - Math.exp(-total);
  const back = [0, 1, 2].map(
    (index) => pigments.reduce((sum, one, at) => sum + channels(one.hex)[index]! * weights[at]!, 0) / total,
  ) as Rgb;
  // What is sent back is tinted by the clear pigments as well, at half its strength.
  return toHex(
    back.map(
      (value, index) => value * opaque * Math.sqrt(through[index]! / BOWL[index]!) + through[index]! * (1 - opaque),
    ) as Rgb,
  );
}
