import type { EditOf, Evening } from '@elixa/contract';

import { potCutsOf } from '../../catalogue/kin';
import { ownIdOf, ownIngredient } from '../../catalogue/ownThings';
import { withHousePot } from '../housePot';
import { putIn } from './amounts';
import { liquidsChosen, swapTaken } from './choices';

/**
 * A thing of the cook's own is known from now on: it stands in for what it is said to, or goes into the pot where it can.
 * @throws RangeError when it is like something that the catalogue does not hold
 */
export function ownMade(evening: Evening, { thing: said, instead, liquids }: EditOf<'ownMade'>): Evening {
  const thing = { ...said, id: ownIdOf(said) };
  const what = ownIngredient(thing);
  const others = (evening.own ?? []).filter((one) => one.id !== thing.id);
  const named = { ...evening, own: [...others, thing] };
  const known = liquids ? liquidsChosen(named, { kind: 'liquidsChosen', liquids }) : named;
  if (instead !== undefined) {
    const swap = { ingredientId: instead, withIngredientId: thing.id, scope: 'everyone' } as const;
    return swapTaken(known, { kind: 'swapTaken', swap });
  }
  return potCutsOf(what).length > 0 ? putIn(known, { kind: 'putIn', ingredientId: thing.id }) : known;
}

/** The same document with another word wherever it says this one, as a value or as a key. */
function renamed<Value>(value: Value, from: string, to: string): Value {
  const of = (one: unknown): unknown => {
    if (one === from) return to;
    if (Array.isArray(one)) return one.map(of);
    if (typeof one !== 'object' || one === null) return one;
    return Object.fromEntries(Object.entries(one).map(([key, inner]) => [key === from ? to : key, of(inner)]));
  };
  return of(value) as Value;
}

/**
 * A thing of the cook's own that takes longer or shorter than what it is like, everywhere in the evening. What has to be
 * cooked through still is.
 * @throws RangeError when the evening has no such thing
 */
export function ownTimed(evening: Evening, { ingredientId, timesLonger }: EditOf<'ownTimed'>): Evening {
  const thing = evening.own?.find((one) => one.id === ingredientId);
  if (!thing) throw new RangeError(`"${ingredientId}" is nothing of this cook's own`);
  const { timesLonger: before, id, ...said } = thing;
  if (before === timesLonger) return evening;
  const timed = timesLonger === 1 ? said : { ...said, timesLonger };
  const known = { ...timed, id: ownIdOf(timed) };

  const own = evening.own!.map((one) => (one === thing ? known : one));
  return { ...renamed({ ...evening, own: undefined }, id, known.id), own };
}

export const housePotChosen = (evening: Evening, { pot }: EditOf<'housePotChosen'>): Evening =>
  withHousePot(evening, pot);

export const potKept = (evening: Evening, { id, name }: EditOf<'potKept'>): Evening => ({
  ...evening,
  housePot: { id, name },
});
