import { HOUSE_POT_VERSION, type Evening, type HousePot } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { nameOf as named } from '../catalogue/nameOf';
import { styleById } from '../catalogue/styles';
import { isSame } from './isSame';

const without = <Part extends object, Key extends keyof Part>(part: Part, ...keys: Key[]): Omit<Part, Key> =>
  Object.fromEntries(Object.entries(part).filter(([key]) => !keys.includes(key as Key))) as Omit<Part, Key>;

/**
 * Tonight's pot as one of the house. What belongs to these guests, to this kitchen or to this shopping is no part of it:
 * small pans for some, what was bought ready, jars and batches.
 */
export function housePotOf(evening: Evening, as: Pick<HousePot, 'id' | 'name' | 'changedAt'>): HousePot {
  const choices = without(evening.choices, 'bought', 'cutAtHome', 'fresh', 'batches', 'pots');
  const { liquids } = choices;
  const others = Object.entries(liquids ?? {}).filter(([key]) => key !== 'otherHalf' || evening.vessel.divided);
  return {
    schemaVersion: HOUSE_POT_VERSION,
    ...as,
    style: evening.style,
    service: evening.service,
    ...(evening.own ? { own: evening.own } : {}),
    choices: {
      ...choices,
      ...(liquids ? { liquids: Object.fromEntries(others) } : {}),
      swaps: choices.swaps.filter((swap) => swap.scope === 'everyone'),
    },
    overrides: evening.overrides,
  };
}

/** The evening with a pot of the house: its guests, kitchen and pantry stay. */
export function withHousePot(evening: Evening, pot: HousePot): Evening {
  const known = [...(evening.own ?? []), ...(pot.own ?? [])];
  const own = known.filter((one, index) => known.findIndex((other) => other.id === one.id) === index);
  return {
    ...evening,
    ...(own.length > 0 ? { own } : {}),
    style: pot.style,
    service: pot.service,
    choices: pot.choices,
    overrides: pot.overrides,
    housePot: { id: pot.id, name: pot.name },
  };
}

/** Whether the evening's pot is no longer as the house keeps it. */
export function differsFromKept(evening: Evening, kept: HousePot): boolean {
  return !isSame(without(housePotOf(evening, kept), 'own'), without(kept, 'own'));
}

/**
 * What makes a pot of the house its own, in phrases.
 * @example housePotSays(pot) // ['Clear chicken pot', 'with maitake', 'without carrot']
 */
export function housePotSays({ style, own, choices, overrides }: HousePot): string[] {
  const catalogue = catalogueOf({ own });
  const nameOf = (id: string) => named(catalogue, id);
  const { added = [], leaveOut, swaps, liquids } = choices;
  const weighed = Object.keys(overrides.gramsPerHead ?? {}).filter((id) => !added.includes(id));
  return [
    styleById(style.id)?.name ?? style.id,
    ...(liquids?.broth === undefined ? [] : [nameOf(liquids.broth)]),
    ...added.map((id) => `with ${nameOf(id)}`),
    ...swaps.map((swap) => `${nameOf(swap.withIngredientId)} instead of ${nameOf(swap.ingredientId)}`),
    ...leaveOut.map((id) => `without ${nameOf(id)}`),
    ...(weighed.length > 0
      ? [`own amounts of ${weighed.length === 1 ? nameOf(weighed[0]!) : `${weighed.length} things`}`]
      : []),
  ];
}
