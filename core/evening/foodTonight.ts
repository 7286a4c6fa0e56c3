import type { Evening } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import type { Band } from '../catalogue/formula';
import { kinOf, potCutsOf } from '../catalogue/kin';
import { styleById } from '../catalogue/styles';
import { askedPerHeadG, servedRatio } from '../diners/helpings';
import { portionsOf } from '../diners/portion';
import { isBuiltIn, slotsOf } from './tonight';

/** One thing of tonight's pot, as the cook may change it. */
export interface FoodTonight {
  /** What the pot has there, and what is there instead of it for everyone. */
  ingredientId: string;
  servedId: string;
  /** For a head of a regular appetite, in g, of what the pot has there; least, usual and most. */
  perHeadG: number;
  rangeG: Band;
  /** Grams of what is served for a gram of that. */
  servedRatio: number;
  cut?: string;
  /** The ways in which it can be cut; none where the pot is built of it as it is cut. */
  cuts: readonly string[];
  /** Fat for the pan: nothing stands in for it like for like. */
  isFat: boolean;
  isAdded: boolean;
  isLeftOut: boolean;
  /** Others of its kind that make up for more or less of it. */
  othersOfKin: number;
}

/**
 * Everything that the pot has a place for tonight, what is left out of it too, in the order of the pot.
 * @throws RangeError when the style does not exist
 */
export function foodTonight(evening: Evening): FoodTonight[] {
  const style = styleById(evening.style.id);
  if (!style) throw new RangeError(`There is no style "${evening.style.id}"`);
  const { added = [], leaveOut, swaps } = evening.choices;
  const { pot } = slotsOf(evening, style);
  const catalogue = catalogueOf(evening);
  return pot.map((slot) => {
    const { ingredientId, rangeG, cuts } = slot;
    const servedId =
      swaps.find((swap) => swap.ingredientId === ingredientId && swap.scope === 'everyone')?.withIngredientId ??
      ingredientId;
    const what = catalogue.byId(ingredientId);
    const kin = kinOf(what);
    const others = pot.filter(
      (one) =>
        one !== slot &&
        one.role !== 'fat' &&
        slot.role !== 'fat' &&
        !leaveOut.includes(one.ingredientId) &&
        kinOf(catalogue.byId(one.ingredientId)) === kin,
    );
    return {
      ingredientId,
      servedId,
      perHeadG: askedPerHeadG(evening, slot),
      rangeG,
      servedRatio: servedRatio(what, catalogue.byId(servedId)),
      cut: cuts.length === 1 ? cuts[0]?.cut : undefined,
      cuts:
        isBuiltIn(slot) || cuts.length === 0 || servedId !== ingredientId
          ? []
          : [...new Set([...cuts.map(({ cut }) => cut), ...potCutsOf(what)])],
      isFat: slot.role === 'fat',
      isAdded: added.includes(ingredientId),
      isLeftOut: leaveOut.includes(ingredientId),
      othersOfKin: others.length,
    };
  });
}

/** Portions of a regular head at tonight's table. */
export const headsTonight = ({ diners }: Evening): number => portionsOf(diners);
