import type { Conflict, Diner, Evening, Offer } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Replacement } from '../catalogue/ingredient';
import type { Formula } from '../catalogue/formula';
import { everyLiquid } from './chosenLiquids';
import { partsOf } from '../formula/schools';
import type { Menu } from './menu';
import { potIngredients } from './tonight';
import { standIn } from '../diners/table';
import { avoidedIn, whyNot } from '../diners/whyNot';

/** What ends up with a guest in the evening as it was solved. */
type Reach = (diner: Diner) => ReadonlyArray<{ id: string }>;

const ingredientsOf = (formulas: readonly Formula[], { style }: Evening) =>
  new Set(formulas.flatMap((formula) => partsOf(formula, style.schools)).map((part) => part.ingredientId));

function usedIngredients({ evening, chosen, slots }: Menu): string[] {
  const inLiquids = ingredientsOf(everyLiquid(chosen), evening);
  return [
    ...new Set(
      [...slots.pot, ...slots.finish, ...slots.beside].map((slot) => slot.ingredientId).concat([...inLiquids]),
    ),
  ];
}

/** What settles it, and whether that is cooked or mixed apart. */
type Resolution = Pick<Conflict, 'resolvedBy' | 'apart' | 'side'>;

function resolution({ catalogue, table }: Menu, diner: Diner, ingredientId: string, inPot: boolean): Resolution {
  if (table.leaveOut.has(ingredientId)) return { resolvedBy: 'left out' };
  const pan = table.aside.includes(diner) || !inPot ? 'aside' : 'main';
  const served = standIn(table, ingredientId, pan);
  if (served === ingredientId || whyNot(diner, catalogue.byId(served))) return {};
  const isApart = pan === 'aside' && standIn(table, ingredientId, 'main') === ingredientId;
  const where = isApart ? (inPot ? 'in a small pan' : 'in a bowl apart') : 'instead';
  return { resolvedBy: `${catalogue.byId(served).name} ${where}`, apart: isApart };
}

/** Who eats from one side of the pot only is not reached by what is in the other. */
function onOwnSide({ sides, table }: Menu, diner: Diner, ingredientId: string): Resolution | undefined {
  const only = sides?.only.get(diner);
  if (!sides || !only || standIn(table, ingredientId, 'main') !== ingredientId) return undefined;
  return { resolvedBy: `${diner.name} eats from the ${sides.names[only].toLowerCase()} only`, apart: true, side: only };
}

/** Follows replacements of replacements until one suits, so that a vegan is not offered fish for chicken. */
const suitable = (catalogue: Catalogue, diner: Diner, ingredientId: string): Replacement[] =>
  catalogue.byId(ingredientId).replacements.filter((one) => !whyNot(diner, catalogue.byId(one.withIngredientId)));

function offersFor(
  { evening, catalogue }: Menu,
  diner: Diner,
  ingredientId: string,
  where: 'pot' | 'bowl' | 'ahead',
): Offer[] {
  const others = evening.diners.filter((one) => one !== diner && !whyNot(one, catalogue.byId(ingredientId)));
  return suitable(catalogue, diner, ingredientId).flatMap((replacement) => {
    const base = { ingredientId, withIngredientId: replacement.withIngredientId };
    const everyone: Offer = { ...base, scope: 'everyone', text: `For everyone: ${replacement.text}` };
    const aside: Offer = {
      ...base,
      scope: 'aside',
      text: `For ${diner.name}, in a small ${where === 'pot' ? 'pan' : 'bowl'}: ${replacement.text}`,
    };
    return where !== 'ahead' && others.length > 0 ? [aside, everyone] : [everyone];
  });
}

/**
 * Everything on the menu that a guest cannot eat, with what has been settled and what can be offered.
 * @param reach what really ends up with a guest; nothing is called settled that still does
 * @returns one entry for each guest and ingredient, in the order of the table
 */
export function findConflicts(menu: Menu, reach: Reach): Conflict[] {
  const { evening, catalogue, chosen } = menu;
  const used = usedIngredients(menu);
  const inPot = potIngredients(menu);
  const inSauces = ingredientsOf(chosen.sauces, evening);
  // A marinade or a base is mixed once, for everybody: nothing cooked or mixed apart takes it out of that.
  const inAhead = ingredientsOf(chosen.ahead, evening);
  const placeOf = (id: string) =>
    inAhead.has(id) ? 'ahead' : inPot.has(id) ? 'pot' : inSauces.has(id) ? 'bowl' : 'ahead';
  return evening.diners.flatMap((diner) => {
    const reached = new Set(reach(diner).map((what) => what.id));
    const onMenu = used.flatMap((ingredientId): Conflict[] => {
      const why = whyNot(diner, catalogue.byId(ingredientId));
      if (!why) return [];
      return [
        {
          diner: diner.name,
          ingredientId,
          why,
          avoided: avoidedIn(diner, catalogue.byId(ingredientId)) !== undefined,
          ...(reached.has(ingredientId)
            ? {}
            : (onOwnSide(menu, diner, ingredientId) ?? resolution(menu, diner, ingredientId, inPot.has(ingredientId)))),
          offers: offersFor(menu, diner, ingredientId, placeOf(ingredientId)),
        },
      ];
    });
    return [...onMenu, ...broughtIn(menu, diner, used, reached)];
  });
}

/** What came onto the menu only by an exchange, and that this guest cannot eat. */
function broughtIn(
  { catalogue, table }: Menu,
  diner: Diner,
  used: readonly string[],
  reached: ReadonlySet<string>,
): Conflict[] {
  return [...reached]
    .filter((id) => !used.includes(id))
    .flatMap((ingredientId) => {
      const why = whyNot(diner, catalogue.byId(ingredientId));
      const swap = table.swaps.find((one) => one.withIngredientId === ingredientId);
      if (!why) return [];
      const avoided = avoidedIn(diner, catalogue.byId(ingredientId)) !== undefined;
      return [{ diner: diner.name, ingredientId, why, avoided, standsInFor: swap?.ingredientId, offers: [] }];
    });
}
