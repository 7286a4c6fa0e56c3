import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { uncapital } from '../measures/capital';
import type { NextStep, Rescue } from './liveView';

/** When a cue is given: as the hands are needed, as it is due, and once more where nobody answered. */
export type CueMoment = 'soon' | 'now' | 'again';

/** The hands are needed so long before, and it is said once more so long after, in s. Kitchen estimates, 8-15 and 45-90. */
const SOON_S = 10;
const AGAIN_S = 60;

/** Whether a cue is to be given of what is due in so many seconds; a boil is waited for and never announced. */
export function cueMoment({ kind, dueInS }: Pick<NextStep, 'kind' | 'dueInS'>): CueMoment | undefined {
  if (dueInS <= -AGAIN_S) return 'again';
  if (dueInS <= 0) return 'now';
  return dueInS <= SOON_S && kind !== 'boil' && kind !== 'swish' ? 'soon' : undefined;
}

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': 'a half',
  '⅓': 'a third',
  '⅔': 'two thirds',
  '¼': 'a quarter',
  '¾': 'three quarters',
  '⅛': 'an eighth',
  '⅜': 'three eighths',
};
const UNITS: ReadonlyArray<[RegExp, string]> = [
  [/(\d|half|third|quarter|eighth)s? kg\b/g, '$1 kilos'],
  [/(\d|half|third|quarter|eighth)s? g\b/g, '$1 grams'],
  [/(\d|half|third|quarter|eighth)s? ml\b/g, '$1 millilitres'],
  [/(\d|half|third|quarter|eighth)s? l\b/g, '$1 litres'],
  [/\btbsp\b/g, 'tablespoons'],
  [/\btsp\b/g, 'teaspoons'],
  [/\boz\b/g, 'ounces'],
  [/\blb\b/g, 'pounds'],
  [/ °C/g, ' degrees'],
  [/ min\b/g, ' minutes'],
];

/**
 * Measures as people say them.
 * @example saidAloud('1½ tbsp of salt') // '1 and a half tablespoons of salt'
 */
export function saidAloud(text: string): string {
  const whole = text.replace(/(\d)?([½⅓⅔¼¾⅛⅜])/g, (_all, before: string | undefined, one: string) =>
    before ? `${before} and ${FRACTIONS[one]}` : FRACTIONS[one]!,
  );
  return UNITS.reduce((said, [from, to]) => said.replace(from, to), whole);
}

/** What goes in together, each with how much. */
function amounts(catalogue: Catalogue, { actions }: Pick<NextStep, 'actions'>): string {
  const measured = actions.flatMap(({ ingredientId, cut, shownText }) =>
    ingredientId && shownText ? [`${shownText} of ${shortName(catalogue.byId(ingredientId), cut ?? '')}`] : [],
  );
  return measured.length > 0 ? `. ${saidAloud(andList(measured))}` : '';
}

/** What is next, for the ear: one sentence with its amounts before the moment, and short ones then and after. */
export function spokenCue(catalogue: Catalogue, next: NextStep, moment: CueMoment): string {
  const title = saidAloud(next.title);
  switch (moment) {
    case 'soon':
      return `In a moment: ${uncapital(title)}${amounts(catalogue, next)}.`;
    case 'now':
      return next.kind === 'boil' ? 'Does it boil all over?' : `Now: ${uncapital(title)}.`;
    case 'again':
      return next.kind === 'boil' ? 'Does it boil yet?' : `Still to do: ${uncapital(title)}.`;
  }
}

export const spokenRescue = ({ names }: Pick<Rescue, 'names'>): string => `Lift out now: ${andList(names)}.`;
