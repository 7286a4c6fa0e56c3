import type { EditOf, Evening } from '@elixa/contract';
import { ingredientById } from '../../catalogue/ingredients';
import { potCutsOf } from '../../catalogue/kin';
import { knowOwn, ownIdOf } from '../../catalogue/ownThings';
import { withHousePot } from '../housePot';
import { putIn } from './amounts';
import { liquidsChosen, swapTaken } from './choices';

/**
 * A thing of the cook's own is known from now on: it stands in for what it is said to, or goes into the pot where it can.
 * @throws RangeError when it is like something that the catalogue does not hold
 */
export function ownMade(evening: Evening, { thing: said, instead, liquids }: EditOf<'ownMade'>): Evening {
  const thing = { ...said, id: ownIdOf(said) };
  ingredientById(thing.likeId);
  knowOwn([thing]);
  const others = (evening.own ?? []).filter((one) => one.id !== thing.id);
  const named = { ...evening, own: [...others, thing] };
  const known = liquids ? liquidsChosen(named, { kind: 'liquidsChosen', liquids }) : named;
  if (instead !== undefined) {
    const swap = { ingredientId: instead, withIngredientId: thing.id, scope: 'everyone' } as const;
    return swapTaken(known, { kind: 'swapTaken', swap });
  }
  const isFood = potCutsOf(ingredientById(thing.id)).length > 0;
  return isFood ? putIn(known, { kind: 'putIn', ingredientId: thing.id }) : known;
}

export const housePotChosen = (evening: Evening, { pot }: EditOf<'housePotChosen'>): Evening =>
  withHousePot(evening, pot);

export const potKept = (evening: Evening, { id, name }: EditOf<'potKept'>): Evening => ({
  ...evening,
  housePot: { id, name },
});
