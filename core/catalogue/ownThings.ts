import type { OwnThing } from '@elixa/contract';
import murmur from 'imurmurhash';
import type { AdditionWindow } from './cooking';
import { cutAt } from './cutThickness';
import type { Cut, Ingredient, Peril } from './ingredient';
import { hasIngredient, ingredientById } from './ingredients';

/** What must not be eaten before it is cooked through, whatever a cook likes. */
const SAFE_ONLY_THROUGH: readonly Peril[] = ['cookThrough', 'minced', 'rawEgg', 'mushroom', 'boilFully'];

/** Two hashes of 32 bits each: no kitchen names so many things that two of them share both. */
const SEEDS = [11, 97] as const;

/**
 * The id of a thing of the cook's own. It follows from what is said of the thing, so that the same words mean the same
 * thing in every evening, and other words never do.
 */
export function ownIdOf({ name, likeId, thicknessMm, saltPct, allergens, timesLonger }: Omit<OwnThing, 'id'>): string {
  const plain = [name, likeId, thicknessMm ?? null, saltPct ?? null, [...(allergens ?? [])].sort()];
  const said = JSON.stringify(timesLonger === undefined ? plain : [...plain, timesLonger]);
  return `own${SEEDS.map((seed) => murmur(said, seed).result().toString(36)).join('x')}`;
}

/**
 * How much longer a piece takes that is so many times as thick: heat needs the square of the way into a thick one, and a
 * thin one is given no more than its share of the time. Both err on the side of cooking through.
 */
const longerBy = (ratio: number) => (ratio > 1 ? ratio ** 2 : ratio);

function slower(window: AdditionWindow, by: number): AdditionWindow {
  const { leastMin, bestMin, mostMin, safeMin } = window;
  return { ...window, leastMin: leastMin * by, bestMin: bestMin * by, mostMin: mostMin * by, safeMin: safeMin * by };
}

/**
 * The same cut, as long as the cook found that it takes. What has to be cooked through never gets less than what it is
 * like.
 */
function learnt(cut: Cut, times: number | undefined, isAnimal: boolean): Cut {
  if (times === undefined || !cut.cooks) return cut;
  const through = ({ safeMin }: AdditionWindow, by: AdditionWindow): AdditionWindow => {
    const leastMin = Math.max(by.leastMin, safeMin);
    return { ...by, safeMin: Math.max(by.safeMin, safeMin), leastMin, bestMin: Math.max(by.bestMin, leastMin) };
  };
  const cooks = Object.entries(cut.cooks).map(([way, window]) => {
    const by = slower(window, times);
    return [way, isAnimal ? through(window, by) : by] as const;
  });
  return { ...cut, cooks: Object.fromEntries(cooks) };
}

/** The same cut, thicker or thinner. */
function asThick(cut: Cut, thicknessMm: number | undefined): Cut {
  if (thicknessMm === undefined) return cut;
  const ratio = thicknessMm / cut.thicknessMm;
  const cooks = Object.entries(cut.cooks ?? {}).map(([way, window]) => [way, slower(window, longerBy(ratio))]);
  return {
    ...cutAt(cut, thicknessMm),
    ...(cut.cooks ? { cooks: Object.fromEntries(cooks) } : {}),
  };
}

/** The same cut, called as the cook calls the thing: what it is like may lie in the pot beside it. */
const called = (cut: Cut, name: string): Cut => ({ ...cut, short: cut.part ? `${name} ${cut.part}` : name });

/**
 * A thing of the cook's own with all that is known of it: what it says itself, and for the rest what it is like.
 * @throws RangeError when it is like something that the catalogue does not hold
 */
export function ownIngredient(thing: OwnThing): Ingredient {
  const { id, name, likeId, thicknessMm, saltPct, allergens = [], timesLonger } = thing;
  const like = ingredientById(likeId);
  const mustCookThrough = like.perils.some((peril) => SAFE_ONLY_THROUGH.includes(peril));
  return {
    ...like,
    id,
    name,
    nativeName: undefined,
    likeId,
    saltPct: saltPct ?? like.saltPct,
    allergens: [...new Set([...like.allergens, ...allergens])],
    replacements: [],
    madeFrom: undefined,
    homemade: undefined,
    // Nobody knows how it is sold: it is weighed.
    sold: undefined,
    inInches: undefined,
    pack: undefined,
    cuts: Object.fromEntries(
      Object.entries(like.cuts).map(([cut, given]) => [
        cut,
        called(learnt(asThick(given, thicknessMm), timesLonger, mustCookThrough), name),
      ]),
    ),
    source: `named by the cook, like ${like.name}`,
  };
}

/** Whether it can be looked up: it is like something of the catalogue, and its id is the one that follows from it. */
export const isOwnSound = (thing: OwnThing): boolean => hasIngredient(thing.likeId) && thing.id === ownIdOf(thing);
