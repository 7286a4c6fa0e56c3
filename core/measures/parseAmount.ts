import type { Units } from '@elixa/contract';
import { OUNCE_G, POUND_G, SPOONS } from './units';

/** An amount as somebody typed it: a mass, a volume, a length, or a count of things. */
export type ParsedAmount =
  | { kind: 'mass'; massG: number }
  | { kind: 'volume'; volumeMl: number }
  | { kind: 'length'; lengthMm: number }
  | { kind: 'count'; count: number; of?: string };

const GLYPHS: Record<string, number> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/** A whole number, a decimal, a fraction, or a whole number and a fraction; a comma is a decimal point. */
const NUMBER = /^(?:(\d+(?:[.,]\d+)?)\s*([¼½¾⅓⅔⅛⅜⅝⅞])?(?![/\d])|(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))\s*/;
const WORDS: Record<string, number> = { a: 1, an: 1, one: 1, two: 2, three: 3, half: 0.5, 'half a': 0.5 };
const WORD = /^(half an?|half|an|a|one|two|three)\s+/i;

function readNumber(text: string): { value: number; rest: string } | undefined {
  const fraction = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)\s*/.exec(text);
  if (fraction) {
    const [whole, top, bottom] = [Number(fraction[1] ?? 0), Number(fraction[2]), Number(fraction[3])];
    return bottom === 0 ? undefined : { value: whole + top / bottom, rest: text.slice(fraction[0].length) };
  }
  const match = NUMBER.exec(text);
  if (match) {
    const value = Number((match[1] ?? '0').replace(',', '.')) + (GLYPHS[match[2] ?? match[6] ?? ''] ?? 0);
    return { value, rest: text.slice(match[0].length) };
  }
  const word = WORD.exec(text);
  if (!word) return undefined;
  const value = WORDS[word[1]!.toLowerCase().replace(/ an?$/, '')];
  return value === undefined ? undefined : { value, rest: text.slice(word[0].length) };
}

/** Grams, millilitres or millimetres in one of each unit, by any of its names. */
function unitOf(name: string, units: Units): { kind: 'mass' | 'volume' | 'length'; each: number } | undefined {
  const { tspMl, tbspMl, cupMl } = SPOONS[units];
  const table: Array<[RegExp, 'mass' | 'volume' | 'length', number]> = [
    [/^(g|gr|grams?|grammes?)$/, 'mass', 1],
    [/^(kg|kilos?|kilograms?)$/, 'mass', 1000],
    [/^(oz|ounces?)$/, 'mass', OUNCE_G],
    [/^(lbs?|pounds?)$/, 'mass', POUND_G],
    [/^(ml|millilit(er|re)s?)$/, 'volume', 1],
    [/^(cl|centilit(er|re)s?)$/, 'volume', 10],
    [/^(dl|decilit(er|re)s?)$/, 'volume', 100],
    [/^(l|lit(er|re)s?)$/, 'volume', 1000],
    [/^(tsps?|teaspoons?)$/, 'volume', tspMl],
    [/^(tbsps?|tablespoons?)$/, 'volume', tbspMl],
    [/^cups?$/, 'volume', cupMl],
    [/^mm$/, 'length', 1],
    [/^cm$/, 'length', 10],
    [/^(in|inch|inches)$/, 'length', 25.4],
  ];
  const found = table.find(([names]) => names.test(name));
  return found && { kind: found[1], each: found[2] };
}

/**
 * What somebody means who types an amount: `1½ tbsp`, `250ml`, `2 3/4 cup`, `a 5 cm piece`, `2 eggs`, `1 tbsp + 2 tsp`.
 * @param text what was typed
 * @param units the cook's measures, for spoons and cups
 * @returns the amount, or undefined when it cannot be understood or is not more than zero
 * @example parseAmount('1½ tbsp', 'metric') // { kind: 'volume', volumeMl: 22.5 }
 */
export function parseAmount(text: string, units: Units): ParsedAmount | undefined {
  // "1 lb 5 oz" is two terms as well.
  const terms = text
    .trim()
    .replace(/\b(lbs?|pounds?)\s+(?=[\d¼½¾])/gi, '$1 + ')
    .split(/\s*\+\s*/);
  const parsed = terms.map((term) => parseLoosely(term, units));
  if (parsed.some((one) => one === undefined)) return undefined;
  return (parsed as ParsedAmount[]).reduce<ParsedAmount | undefined>(
    (sum, one, index) => (index === 0 ? one : add(sum, one)),
    undefined,
  );
}

function add(first: ParsedAmount | undefined, second: ParsedAmount): ParsedAmount | undefined {
  if (first?.kind === 'mass' && second.kind === 'mass') return { kind: 'mass', massG: first.massG + second.massG };
  if (first?.kind === 'volume' && second.kind === 'volume')
    return { kind: 'volume', volumeMl: first.volumeMl + second.volumeMl };
  return undefined;
}

/** A spoon that is not quite full, or more than that: a tenth either way. A pinch is the sixteenth of a teaspoon. */
function parseLoosely(term: string, units: Units): ParsedAmount | undefined {
  const spoon = /^(scant|generous)\s+(.*)$/i.exec(term.trim());
  const full = spoon ? parseTerm(spoon[2]!, units) : undefined;
  if (spoon && full?.kind === 'volume')
    return { kind: 'volume', volumeMl: full.volumeMl * (/scant/i.test(spoon[1]!) ? 0.9 : 1.1) };
  if (/^an? pinch$/i.test(term.trim())) return { kind: 'volume', volumeMl: SPOONS[units].tspMl / 16 };
  return parseTerm(term, units);
}

function parseTerm(term: string, units: Units): ParsedAmount | undefined {
  const number = readNumber(term.trim());
  if (!number) return undefined;
  // "a 5 cm piece": the number after the article is the one that counts.
  const inner = /^(an?)\s/i.test(term.trim()) ? readNumber(number.rest) : undefined;
  const { value, rest } = inner ?? number;
  if (!Number.isFinite(value) || value <= 0) return undefined;
  const [first = '', ...more] = rest.trim().toLowerCase().replace(/\.$/, '').split(/\s+/);
  const unit = unitOf(first.replace(/\.$/, ''), units);
  if (unit?.kind === 'mass') return { kind: 'mass', massG: value * unit.each };
  if (unit?.kind === 'volume') return { kind: 'volume', volumeMl: value * unit.each };
  if (unit?.kind === 'length') return { kind: 'length', lengthMm: value * unit.each };
  const of = [first, ...more].join(' ').trim();
  return of === '' ? { kind: 'count', count: value } : { kind: 'count', count: value, of };
}
