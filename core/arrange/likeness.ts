import { GLAZES } from '../catalogue/glazes';

type Lab = readonly [lightness: number, a: number, b: number];

const linear = (channel: number) => (channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4);
const bent = (t: number) => (t > (6 / 29) ** 3 ? Math.cbrt(t) : t / (3 * (6 / 29) ** 2) + 4 / 29);

/** CIELAB of a colour of sRGB under daylight (D65). */
function labOf(hex: string): Lab {
  const [r, g, b] = [1, 3, 5].map((at) => linear(parseInt(hex.slice(at, at + 2), 16) / 255)) as [
    number,
    number,
    number,
  ];
  const x = bent((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047);
  const y = bent(0.2126 * r + 0.7152 * g + 0.0722 * b);
  const z = bent((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

const LABS = new Map(Object.entries(GLAZES).map(([name, hex]) => [name, labOf(hex)]));
/** Colours as far apart as this cannot be taken for one another across a table. Kitchen estimate, 30-60. */
const FAR_APART = 45;

/**
 * How much two glazes look alike: 1 for the same, 0 for colours that nobody takes for one another (CIE 1976 difference).
 * @example glazeLikeness('leaf', 'root') // 0
 */
export function glazeLikeness(a: string, b: string): number {
  const [one, other] = [LABS.get(a), LABS.get(b)];
  if (!one || !other) throw new RangeError(`There is no glaze "${one ? b : a}"`);
  return Math.max(0, 1 - Math.hypot(one[0] - other[0], one[1] - other[1], one[2] - other[2]) / FAR_APART);
}
