import type { Evening } from '@elixa/contract';
import { lookOf } from '../arrange/drawing/lookOf';
import { catalogueOf } from '../catalogue/catalogue';
import type { Ingredient } from '../catalogue/ingredient';
import { whyNot } from '../diners/whyNot';
import { foodTonight } from './foodTonight';

/** Something that a good pot has and this one does not, and what would bring it. */
export interface Lack {
  id: 'green' | 'drinks' | 'fills';
  text: string;
  /** Catalogue ids, the likeliest first: everybody at the table may eat each of them. */
  offers: string[];
}

interface Served {
  what: Ingredient;
  cut?: string;
  /** For a head of a regular appetite, in g. */
  perHeadG: number;
}

/** An onion green that goes in last is a green one; long onion that simmers has gone pale. */
const GREEN_ONION_MIN = 3;
/** Protein of a pot that is a meal, by the head, in g. Kitchen estimate, a third of a day's. */
const FILLS_G = 15;

const isGreen = ({ what, cut = '' }: Served): boolean => {
  const bestMin = what.cuts[cut]?.cooks?.simmered?.bestMin ?? Infinity;
  if (what.family === 'allium') return bestMin <= GREEN_ONION_MIN && lookOf(what, cut).glaze === 'allium';
  return what.family === 'leaf' && lookOf(what, cut).glaze === 'leaf';
};
const drinks = ({ what }: Served): boolean => what.family === 'tofu' || what.family === 'grain';

const WANTS: ReadonlyArray<Lack & { isThere(food: readonly Served[]): boolean }> = [
  {
    id: 'fills',
    text: 'Little in it fills: no meat, fish, egg or tofu to speak of',
    offers: ['firmTofu', 'friedTofu', 'chickenThigh', 'codFillet'],
    isThere: (food) =>
      food.reduce((sum, { what, perHeadG }) => sum + what.composition.protein * perHeadG, 0) >= FILLS_G,
  },
  {
    id: 'green',
    text: 'Nothing green is in it: a handful in the last minute freshens both taste and look',
    offers: ['spinach', 'garlandGreens', 'bokChoy', 'watercress', 'scallion'],
    isThere: (food) => food.some(isGreen),
  },
  {
    id: 'drinks',
    text: 'Nothing in it takes up broth, which is the best part: tofu does, or noodles',
    offers: ['friedTofu', 'firmTofu', 'glassNoodle'],
    isThere: (food) => food.some(drinks),
  },
];

function servedIn(evening: Evening): Served[] {
  const catalogue = catalogueOf(evening);
  return foodTonight(evening)
    .filter((one) => !one.isLeftOut && !one.isFat)
    .map(({ servedId, cut, perHeadG, servedRatio }) => ({
      what: catalogue.byId(servedId),
      cut,
      perHeadG: perHeadG * servedRatio,
    }));
}

/** The pot as its style has it, before the cook changed anything. */
const asItComes = (evening: Evening): Evening => ({ ...evening, choices: { swaps: [], leaveOut: [] } });

/**
 * What tonight's pot has lost of what makes a pot whole: something green, something that takes up broth, something that
 * fills. What its style does without, as stacked leaves do without tofu, is not missed.
 * @param house catalogue ids of what the house has: offered first
 * @throws RangeError when the style does not exist
 */
export function lackingIn(evening: Evening, house: ReadonlySet<string> = new Set()): Lack[] {
  const catalogue = catalogueOf(evening);
  const food = servedIn(evening);
  const usual = servedIn(asItComes(evening));
  const there = new Set(food.map(({ what }) => what.id));
  const isForAll = (id: string) => evening.diners.every((diner) => !whyNot(diner, catalogue.byId(id)));
  return WANTS.filter(({ isThere }) => !isThere(food) && isThere(usual)).map(({ id, text, offers }) => ({
    id,
    text,
    offers: offers
      .filter((one) => !there.has(one) && isForAll(one))
      .sort((a, b) => Number(house.has(b)) - Number(house.has(a))),
  }));
}
