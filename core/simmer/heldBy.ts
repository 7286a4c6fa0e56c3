import type { SimmerPiece } from '@elixa/contract';
import { isDelicate } from '../diners/care';
import { isOn } from '../diners/sides';
import { eatersOf } from '../diners/table';
import type { Menu } from '../evening/menu';
import { isSwished } from '../evening/portions';
import { heldSeconds, inFives } from './heldSeconds';
import { swished } from './swished';

type Held = Pick<SimmerPiece, 'ingredientId' | 'cut' | 'bestS' | 'thicknessMm' | 'frozen'>;

/**
 * Who holds a slice in the broth, and for how long: everybody at the pot who eats it, as long as it wants; whom a germ would
 * hurt most until no pink is left in the largest slice.
 * @returns seconds by guest, in the order of the table
 */
export function heldBy(menu: Menu, piece: Held, boilingC: number): NonNullable<SimmerPiece['heldBy']> {
  const { catalogue, table, sides, food, evening } = menu;
  const mine = food.filter((one) => one.ingredientId === piece.ingredientId && isSwished(one, evening.service));
  const eats = new Set(
    mine.flatMap((one) =>
      eatersOf(catalogue, table, one.slotId, 'main').filter((diner) => {
        const only = sides?.only.get(diner);
        return only === undefined || isOn(one.where, only);
      }),
    ),
  );
  const usual = heldSeconds(piece);
  const through = [...eats].some(isDelicate)
    ? Math.max(usual, inFives(swished(catalogue, piece, boilingC, 0).throughS ?? 0))
    : usual;
  return evening.diners
    .filter((diner) => eats.has(diner))
    .map((diner) => ({ diner: diner.name, seconds: isDelicate(diner) ? through : usual }));
}
