import type { Units } from '@elixa/contract';
import { fractionText } from './fraction';
import { OUNCE_G } from './units';

const INCH_MM = 25.4;
const KILO_G = 1000;
const OUNCES_IN_POUND = 16;

/**
 * Ounces in words, with pounds from sixteen on.
 * @param count a multiple of an eighth
 * @example ouncesText(21) // '1 lb 5 oz'
 */
export function ouncesText(count: number): string {
  const pounds = Math.floor(count / OUNCES_IN_POUND);
  const rest = count - pounds * OUNCES_IN_POUND;
  if (pounds === 0) return `${fractionText(rest)} oz`;
  return `${pounds} lb${rest > 0 ? ` ${fractionText(rest)} oz` : ''}`;
}

/**
 * A mass in words where nothing has to be exact: what is left over, what is in the house.
 * @param massG zero or more
 * @example showWeight(83, 'metric') // '85 g'
 */
export function showWeight(massG: number, units: Units): string {
  if (units === 'us') {
    const ounces = massG / OUNCE_G;
    return ouncesText(
      Math.max(ounces < 2 ? 1 / 4 : 1 / 2, Math.round(ounces * (ounces < 2 ? 4 : 2)) / (ounces < 2 ? 4 : 2)),
    );
  }
  if (massG >= KILO_G) return `${Number((massG / KILO_G).toFixed(2))} kg`;
  return `${massG < 20 ? Math.round(massG) : Math.round(massG / 5) * 5} g`;
}

/**
 * A length in words, by the ruler of the cook's kitchen.
 * @param mm zero or more
 * @returns millimetres below ten centimetres and centimetres above; in inches to the eighth, from eight on to the half
 * @example showLength(34, 'us') // '1⅜ in'
 */
export function showLength(mm: number, units: Units): string {
  if (units !== 'us') return mm < 100 ? `${Math.round(mm)} mm` : `${Math.round(mm / 10)} cm`;
  const parts = mm / INCH_MM < 8 ? 8 : 2;
  return `${fractionText(Math.max(1, Math.round((mm / INCH_MM) * parts)) / parts)} in`;
}

/**
 * Eighths of an inch, from one on quarters, as nobody cuts closer by eye; rounded down, since a piece cut thicker than the
 * plan has it would not be done in its time.
 */
function inchesDown(mm: number): string {
  const inches = mm / INCH_MM;
  const parts = inches < 1 ? 8 : 4;
  const whole = Math.floor(inches * parts);
  return whole === 0 ? '1/16 in' : `${fractionText(whole / parts)} in`;
}

/**
 * How thick something is cut, by the ruler of the cook's kitchen, as the names of cuts have it.
 * @example showThickness(2, 'us') // '1/16 in'
 */
export const showThickness = (mm: number, units: Units): string =>
  units === 'us' ? inchesDown(mm) : `${Number(mm.toFixed(1))} mm`;

const LENGTH = /(\d+(?:\.\d+)?) ?(cm|mm)\b/g;

/**
 * Words of the catalogue with their lengths by the cook's own ruler.
 * @example withLengths('4 mm rounds', 'us') // '⅛ in rounds'
 */
export function withLengths(text: string, units: Units): string {
  if (units !== 'us') return text;
  return text.replace(LENGTH, (_, number: string, unit: string) => {
    return inchesDown(Number(number) * (unit === 'cm' ? 10 : 1));
  });
}

const FLUID_OUNCE_ML = 29.5735;
const CONTENTS = /(\d+(?:\.\d+)?) ?(kg|g|ml|l)\b/g;

/**
 * Words of a pack with its contents in the cook's own measures.
 * @example packWords('500 ml bottle', 'us') // '17 fl oz bottle'
 */
export const packWords = (text: string, units: Units): string =>
  units === 'us'
    ? text.replace(CONTENTS, (_, number: string, unit: string) => {
        const inThousandths = Number(number) * (unit === 'kg' || unit === 'l' ? 1000 : 1);
        return unit.endsWith('g')
          ? showWeight(inThousandths, units)
          : `${Math.round(inThousandths / FLUID_OUNCE_ML)} fl oz`;
      })
    : text;
