import type { MenuSlotShown, PlanStage } from '@elixa/contract';
import type { Stage } from '../catalogue/style';
import type { Helping } from '../diners/helpings';
import type { Menu } from '../evening/menu';
import { stageSays } from '../simmer/drafts';
import { shortName } from '../catalogue/shortName';

/** A stage of the style as the plan tells it, with what goes in. */
export const stageShown = (menu: Menu, stage: Stage): PlanStage => {
  const inIt = menu.food.filter(
    (one) =>
      one.pan === 'main' &&
      (stage.items?.some(({ ingredientId }) => ingredientId === one.slotId) || stage.roles?.includes(one.role)),
  );
  const names = inIt.map((one) => shortName(one.what, one.cuts[0]?.cut ?? ''));
  return {
    id: stage.id,
    do: stage.do,
    says: stageSays(stage, names),
    untilCue: stage.untilCue,
    ingredientIds: inIt.map((one) => one.ingredientId),
  };
};

/** One thing on the menu as the plan lists it. */
export const slotShown = (one: Helping): MenuSlotShown => ({
  role: one.role,
  ingredientId: one.ingredientId,
  cuts: one.cuts.map(({ cut }) => cut),
  massG: one.massG,
  place: one.place,
  layer: one.layer,
  pan: one.pan,
  where: one.where,
  marinadeId: one.marinadeFormulaId,
});
