import type { Evening } from '@elixa/contract';
import { finishById, NO_FINISH } from '../catalogue/finishes';
import { ingredientById } from '../catalogue/ingredients';
import { usualSlotOf } from '../catalogue/kin';
import { fits } from '../catalogue/school';
import type { Finish, Pour, Stage, Style, StyleSlot } from '../catalogue/style';
import { schoolsOfStyle } from '../catalogue/styles';
import type { TonightsSlots } from '../diners/helpings';
import { brothsOf, type ChosenLiquids } from './chosenLiquids';
import { partsOf } from '../formula/schools';

/** The finish of an evening: the cook's, or the style's usual one; none where it ends without. */
export function finishOf({ choices }: Evening, style: Style): Finish | undefined {
  const id = choices.finish ?? style.finishIds[0] ?? NO_FINISH;
  return id === NO_FINISH ? undefined : finishById(id);
}

/** Whether it stands cut as its pot is built, and cannot be cut in another way. */
export const isBuiltIn = ({ place }: StyleSlot) => place === 'stack' || place === 'skewer';

/** What is cut otherwise tonight. */
function asCut(slot: StyleSlot, { cuts }: Evening['choices']): StyleSlot {
  const cut = cuts?.[slot.ingredientId];
  return cut === undefined || isBuiltIn(slot) ? slot : { ...slot, cuts: [{ cut, share: 1 }] };
}

/** Everything of a style by the schools that are followed, with what the cook added and what finishes it. */
export function slotsOf(evening: Evening, style: Style): TonightsSlots {
  const { choices } = evening;
  const schools = schoolsOfStyle(style, evening.style.schools);
  const own = style.slots.filter((slot) => !slot.optional && fits(slot.when, schools));
  const added = (choices.added ?? [])
    .filter((id) => !own.some((slot) => slot.ingredientId === id))
    .map((id) => style.slots.find((slot) => slot.ingredientId === id) ?? usualSlotOf(ingredientById(id)));
  return {
    pot: [...own, ...added].map((slot) => asCut(slot, choices)),
    finish: finishOf(evening, style)?.slots ?? [],
  };
}

/** The stages by the schools that are followed and the way of eating. */
export function stagesOf(evening: Evening, style: Style): Stage[] {
  const schools = schoolsOfStyle(style, evening.style.schools);
  return style.stages.filter(
    (stage) => fits(stage.when, schools) && (!stage.services || stage.services.includes(evening.service)),
  );
}

const NO_POUR: Pour = { kind: 'none', at: 'warm' };

export const pourOf = (stages: readonly Stage[]): Pour => stages.find((stage) => stage.pour)?.pour ?? NO_POUR;

/** What goes into the pot with the food, or is in its broth. */
export function potIngredients({
  evening,
  slots,
  chosen,
}: {
  evening: Evening;
  slots: TonightsSlots;
  chosen: ChosenLiquids;
}): Set<string> {
  const inBroth = brothsOf(chosen).flatMap((formula) => partsOf(formula, evening.style.schools));
  return new Set([...slots.pot, ...slots.finish, ...inBroth].map((one) => one.ingredientId));
}
