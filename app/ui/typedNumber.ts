/**
 * A number as people type it: `1,180`, `1.180` and `1 180` for eleven hundred and eighty, `1,5` and `1.5` for one and a half.
 * A comma or point before exactly three figures parts thousands where the field goes into the thousands; elsewhere it is a
 * decimal sign.
 * @param most the largest number that the field takes
 * @returns undefined where it cannot be read
 * @example typedNumber('1,180', 5500) // 1180
 */
export function typedNumber(text: string, most: number): number | undefined {
  const plain = text
    .trim()
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/^\+/, '');
  const isGrouped = /^-?[1-9]\d{0,2}(?:[ \u00a0\u202f'’]\d{3})+(?:[.,]\d+)?$/.test(plain);
  const isThousands = most >= 1000 && /^-?[1-9]\d{0,2}(?:([.,])\d{3})(?:\1\d{3})*$/.test(plain);
  const isMixed = /^-?[1-9]\d{0,2}(?:([.,])\d{3})+(?!\1)[.,]\d+$/.test(plain);
  let figures = plain;
  if (isGrouped) figures = plain.replace(/[ \u00a0\u202f'’]/g, '').replace(',', '.');
  else if (isThousands) figures = plain.replace(/[.,]/g, '');
  else if (isMixed) {
    const last = Math.max(plain.lastIndexOf('.'), plain.lastIndexOf(','));
    figures = `${plain.slice(0, last).replace(/[.,]/g, '')}.${plain.slice(last + 1)}`;
  } else figures = plain.replace(',', '.');
  return /^-?(?:\d+\.?\d*|\.\d+)$/.test(figures) ? Number(figures) : undefined;
}
