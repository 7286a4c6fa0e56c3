import type { Conflict, Diner, Evening, Offer } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Replacement } from '../catalogue/ingredient';
import type { Formula } from '../catalogue/formula';
import { everyLiquid } from './chosenLiquids';
import { partsOf } from '../formula/schools';
import type { Menu } from './menu';
import { potIngredients } from './tonight';
import { sum } from '../measures/sum';
import { standIn } from '../diners/table';
import { objectionOf, whyNot, type Objection } from '../diners/whyNot';

/** What ends up with a guest in the evening as it was solved. */
export interface Reaching {
  reach(diner: Diner): ReadonlyArray<{ id: string }>;
  /** Alcohol that is left of each thing in a guest's helping, in g, by id. */
  alcoholG(diner: Diner): ReadonlyMap<string, number>;
}

/** So little alcohol nobody is asked about, in g a helping: a glass of fruit juice may have as much. */
const NOT_ASKED_BELOW_G = 0.1;

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

/** What is said of an objection, and what may be asked about it. */
const told = ({ weight, why, care }: Objection): Pick<Conflict, 'why' | 'weight' | 'care'> => ({
  why,
  weight,
  ...(care ? { care } : {}),
});

const wasAsked = ({ name, child }: Diner): string =>
  child ? `whoever answers for ${name} was asked, and wants it so` : `${name} was asked, and wants it so`;

/** What is disliked may lie in the same pot: it stays off the guest's plate, unless it is in a liquid or in what is cooked together. */
function offThePlate({ slots, table }: Menu, diner: Diner, ingredientId: string, inLiquids: ReadonlySet<string>) {
  if (inLiquids.has(ingredientId) || table.leaveOut.has(ingredientId)) return undefined;
  const isPicked = [...slots.pot, ...slots.beside].some((slot) => slot.ingredientId === ingredientId);
  const isStirredIn = slots.finish.some((slot) => slot.ingredientId === ingredientId);
  return isPicked && !isStirredIn
    ? { resolvedBy: `${diner.name} goes without, and no less is served of the rest` }
    : undefined;
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
  const what = catalogue.byId(ingredientId);
  const others = evening.diners.filter((one) => one !== diner && !whyNot(one, what));
  // Nobody gets a pan of their own for what they merely do not like.
  const isTaste = objectionOf(diner, what)?.weight === 'taste';
  const isApart = where === 'bowl' || (where === 'pot' && !isTaste);
  return suitable(catalogue, diner, ingredientId).flatMap((replacement) => {
    const base = { ingredientId, withIngredientId: replacement.withIngredientId };
    const everyone: Offer = { ...base, scope: 'everyone', text: `For everyone: ${replacement.text}` };
    const aside: Offer = {
      ...base,
      scope: 'aside',
      text: `For ${diner.name}, in a small ${where === 'pot' ? 'pan' : 'bowl'}: ${replacement.text}`,
    };
    return isApart && others.length > 0 ? [aside, everyone] : [everyone];
  });
}

/**
 * Everything on the menu that a guest cannot or should not eat, with what has been settled and what can be offered.
 * @param reaching what really ends up with a guest; nothing is called settled that still does
 * @returns one entry for each guest and ingredient, in the order of the table
 */
export function findConflicts(menu: Menu, reaching: Reaching): Conflict[] {
  const { evening, catalogue, chosen } = menu;
  const used = usedIngredients(menu);
  const inPot = potIngredients(menu);
  const inSauces = ingredientsOf(chosen.sauces, evening);
  const inLiquids = ingredientsOf(everyLiquid(chosen), evening);
  // A marinade or a base is mixed once, for everybody: nothing cooked or mixed apart takes it out of that.
  const inAhead = ingredientsOf(chosen.ahead, evening);
  const placeOf = (id: string) =>
    inAhead.has(id) ? 'ahead' : inPot.has(id) ? 'pot' : inSauces.has(id) ? 'bowl' : 'ahead';
  return evening.diners.flatMap((diner) => {
    const reached = new Set(reaching.reach(diner).map((what) => what.id));
    const alcoholG = reaching.alcoholG(diner);
    const tooLittle = sum([...alcoholG.values()]) < NOT_ASKED_BELOW_G;
    const settled = (ingredientId: string, { weight, agreed }: Objection): Resolution => {
      if (agreed) return { resolvedBy: wasAsked(diner) };
      const plate = weight === 'taste' ? offThePlate(menu, diner, ingredientId, inLiquids) : undefined;
      if (plate) return plate;
      if (reached.has(ingredientId)) return {};
      return onOwnSide(menu, diner, ingredientId) ?? resolution(menu, diner, ingredientId, inPot.has(ingredientId));
    };
    const onMenu = used.flatMap((ingredientId): Conflict[] => {
      const objection = objectionOf(diner, catalogue.byId(ingredientId));
      if (!objection) return [];
      const isAsked = objection.weight === 'care' && reached.has(ingredientId);
      if (isAsked && tooLittle) return [];
      return [
        {
          diner: diner.name,
          ingredientId,
          ...told(objection),
          ...(isAsked ? { alcoholG: alcoholG.get(ingredientId) ?? 0 } : {}),
          ...settled(ingredientId, objection),
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
      const objection = objectionOf(diner, catalogue.byId(ingredientId));
      const swap = table.swaps.find((one) => one.withIngredientId === ingredientId);
      if (!objection || objection.agreed) return [];
      const standsInFor = swap?.ingredientId;
      return [{ diner: diner.name, ingredientId, ...told(objection), standsInFor, offers: [] }];
    });
}
