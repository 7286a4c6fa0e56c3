import type { Caution, Conflict, Diner, Evening, Liquid, Simmer } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Ingredient } from '../catalogue/ingredient';
import type { Helping } from '../diners/helpings';

/** What an evening holds, as far as a caution asks. */
export interface Situation {
  evening: Evening;
  catalogue: Catalogue;
  helpings: readonly Helping[];
  /** Broths, sauces and what is made ahead. */
  liquids: readonly Liquid[];
  conflicts: readonly Conflict[];
  /** When everything goes into the pot and comes out. */
  simmer: Pick<Simmer, 'pieces' | 'endsAtS'>;
  /** Fat is hot in the pot before any liquid is. */
  isDryFirst: boolean;
  /** What comes out of a jar made for another table. */
  jars: readonly string[];
}

export interface CautionRule {
  id: string;
  severity: Caution['severity'] | ((situation: Situation) => Caution['severity']);
  text: string | ((situation: Situation) => string);
  /** What calls for it; it is left out where nothing does. */
  because(situation: Situation): string[];
}

type Test = (what: Ingredient) => boolean;

const unique = (words: readonly string[]) => [...new Set(words)];

/** A thing, and what it is made of where that is done at home. */
const withWhatItIsMadeOf = ({ evening, catalogue }: Situation, ingredientId: string): Ingredient[] => {
  const what = catalogue.byId(ingredientId);
  const of = evening.choices.homemade?.includes(ingredientId) ? (what.homemade?.of ?? []) : [];
  return [what, ...of.map((one) => catalogue.byId(one.ingredientId))];
};

/** Names of the food in the pots that a test holds for. */
export const inFood = (situation: Situation, test: Test): string[] =>
  unique(
    situation.helpings
      .flatMap((one) => withWhatItIsMadeOf(situation, one.ingredientId))
      .filter(test)
      .map((what) => what.name),
  );

/** Names of what is in broths, sauces and bases that a test holds for. */
export const inLiquids = (situation: Situation, test: Test): string[] =>
  unique(
    situation.liquids
      .flatMap((liquid) => liquid.ingredients)
      .flatMap((part) => withWhatItIsMadeOf(situation, part.ingredientId))
      .filter(test)
      .map((what) => what.name),
  );

/** Names of what is eaten as it is, in a dip or from a bowl beside the pot, that a test holds for. */
export const inDips = ({ liquids, helpings, ...others }: Situation, test: Test): string[] =>
  unique([
    ...inLiquids({ ...others, helpings, liquids: liquids.filter((one) => one.kind === 'sauce') }, test),
    ...inFood({ ...others, liquids, helpings: helpings.filter((one) => one.purpose === 'beside') }, test),
  ]);

export const anywhere = (situation: Situation, test: Test): string[] =>
  unique([...inFood(situation, test), ...inLiquids(situation, test)]);

export const guests = ({ evening }: Situation, test: (diner: Diner) => boolean): string[] =>
  evening.diners.filter(test).map((diner) => diner.name);
