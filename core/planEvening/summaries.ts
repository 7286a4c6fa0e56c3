import type { Plan } from '@elixa/contract';
import { NO_FINISH } from '../catalogue/finishes';
import { ROLES } from '../catalogue/style';
import { portionsOf } from '../diners/portion';
import { isOn, type Side } from '../diners/sides';
import type { Menu } from '../evening/menu';
import { sum } from '../measures/sum';
import { runOffInto, type RunsOff } from './liquids/runOff';
import { isJudgedAsPoured, type SolvedLiquid } from './liquids/broths';

/** What ends the evening, of both pans. */
export const finishSummary = ({ finish, food }: Menu): NonNullable<Plan['finish']> => ({
  id: finish?.id ?? NO_FINISH,
  name: finish?.name ?? 'none',
  ingredients: food
    .filter((one) => one.purpose === 'finish')
    .map(({ ingredientId, what, cuts, massG }) => ({
      ingredientId,
      cut: cuts.map(({ cut }) => cut).join('+'),
      massG,
      drinksMl: finish?.apart ? 0 : massG * (what.drinksMlPerG ?? 0),
    })),
});

/** What is on which side of a pot with two broths. */
export function sidesSummary({ sides, food }: Menu): Plan['sides'] {
  if (!sides) return undefined;
  const inPot = food.filter((one) => one.pan === 'main' && one.purpose === 'pot');
  const side = (name: Side) => ({
    broth: sides.names[name],
    ingredientIds: [...new Set(inPot.filter((one) => isOn(one.where, name)).map((one) => one.ingredientId))],
  });
  return {
    meatFree: sides.meatFree,
    first: side('first'),
    second: side('second'),
    only: [...sides.only].map(([diner, name]) => ({ diner: diner.name, side: name })),
  };
}

/** Grams of the pot's food for a regular head, by role. */
export function perHeadSummary({ food, evening }: Menu): NonNullable<Plan['perHead']> {
  const heads = portionsOf(evening.diners);
  const massOf = (role: string) =>
    sum(food.filter((one) => one.purpose === 'pot' && one.role === role).map((one) => one.massG));
  return ROLES.map((role) => ({ role, massG: massOf(role) / heads })).filter((one) => one.massG > 0);
}

/** Salt and sugar that the food brings to the broths; nothing where a sauce is judged as it is poured. */
export function fromFoodSummary(menu: Menu, broths: readonly SolvedLiquid[], runsOff: RunsOff) {
  const seasoned = broths.filter((one) => one.place !== 'letDown' && !isJudgedAsPoured(menu, one.active.formula));
  const pieces = menu.food.filter((one) => one.purpose === 'pot');
  return {
    saltG: sum(seasoned.map(({ solution }) => solution.salt.fromPiecesG)),
    sugarG: seasoned.length > 0 ? runOffInto(pieces, runsOff).sweetG : 0,
  };
}

/** Things of the cook's own that something tonight is made of. */
export function ownSummary({ evening }: Menu, ids: ReadonlySet<string>): NonNullable<Plan['ownIngredients']> {
  return (evening.own ?? [])
    .filter((one) => ids.has(one.id))
    .map(({ id, name, likeId }) => ({ ingredientId: id, name, likeId }));
}
