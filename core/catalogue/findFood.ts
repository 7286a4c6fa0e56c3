import { alsoCalled } from './alsoCalled';
import type { Ingredient } from './ingredient';
import { INGREDIENTS } from './ingredients';
import { KIN_WORDS, kinOf, POT_FOOD, THROWN_IN } from './kin';
import { heardIn, isSameWords, plain } from './spoken';

/** What people say for the families and kinds of food, besides their names. */
const spoken = (what: Ingredient) => [
  what.name,
  what.nativeName ?? '',
  ...alsoCalled(what.id),
  what.family,
  KIN_WORDS[kinOf(what)],
  ...what.kinds,
];

function ranked(text: string, among: readonly Ingredient[], first: ReadonlySet<string>): readonly Ingredient[] {
  const rank = ({ id, name }: Ingredient) =>
    (plain(name).startsWith(plain(text.trim())) ? 0 : 1) + (first.has(id) ? 0 : 2);
  return among
    .filter((what) => heardIn(text, ...spoken(what)))
    .sort((a, b) => rank(a) - rank(b) || a.name.localeCompare(b.name));
}

/**
 * What can go into a pot, by its English or romanised name, by its family or by what it is: `shimeji`, `mushroom`, `pork`.
 * @param text every word of it has to be found; everything where it is empty
 * @param first things that stand before the others, such as those in the house
 * @param more things that the catalogue does not hold
 * @returns those whose name begins with what was typed before those that only hold it
 */
export const findFood = (
  text: string,
  first: ReadonlySet<string> = new Set(),
  more: readonly Ingredient[] = [],
): readonly Ingredient[] => ranked(text, [...more, ...POT_FOOD], first);

/**
 * The same at the stove: what has no time of its own can be thrown in, too.
 * @example findAtPot('garlic').some(({ id }) => id === 'garlic') // true
 */
export const findAtPot = (text: string, more: readonly Ingredient[] = []): readonly Ingredient[] =>
  ranked(text, [...more, ...POT_FOOD, ...THROWN_IN], new Set());

/**
 * The same among all that the catalogue knows, herbs and seasonings too: what a guest may not like.
 * @example findThing('coriander')[0].id // 'coriander'
 */
export const findThing = (text: string): readonly Ingredient[] => ranked(text, INGREDIENTS, new Set());

/**
 * The one thing that somebody means by a name: its own, its romanised one, or what other kitchens call it; or the only one
 * that the words are found in.
 * @returns none where nothing or more than one thing is meant
 * @example thingNamed('spring onions', INGREDIENTS)?.id // 'scallion'
 */
export function thingNamed<Thing extends { id: string; name: string; nativeName?: string }>(
  text: string,
  among: readonly Thing[],
): Thing | undefined {
  if (text.trim() === '') return undefined;
  const own = among.find(({ id, name }) => id === text.trim() || isSameWords(name, text));
  if (own) return own;
  const called = among.filter((one) => alsoCalled(one.id).some((word) => isSameWords(word, text)));
  const native = among.filter(({ nativeName }) => nativeName !== undefined && isSameWords(nativeName, text));
  const heard = () => among.filter((one) => heardIn(text, one.name, one.nativeName ?? '', ...alsoCalled(one.id)));
  const meant = [native, called].find((all) => all.length > 0) ?? heard();
  return meant.length === 1 ? meant[0] : undefined;
}
