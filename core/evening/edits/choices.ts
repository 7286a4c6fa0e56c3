import type { EditOf, Evening } from '@elixa/contract';
import { catalogueOf } from '../../catalogue/catalogue';
import { isUsuallyBought } from '../../catalogue/prepWork';
import { styleById } from '../../catalogue/styles';
import { without } from './without';

const choosing = (evening: Evening, choices: Partial<Evening['choices']>): Evening => ({
  ...evening,
  choices: { ...evening.choices, ...choices },
});

/** One thing instead of another; what was left out for it comes back as that. */
export const swapTaken = (evening: Evening, { swap }: EditOf<'swapTaken'>): Evening =>
  choosing(evening, {
    swaps: [...evening.choices.swaps.filter((one) => one.ingredientId !== swap.ingredientId), swap],
    leaveOut: evening.choices.leaveOut.filter((id) => id !== swap.ingredientId),
  });

export const putBack = (evening: Evening, { ingredientIds }: EditOf<'putBack'>): Evening =>
  choosing(evening, {
    swaps: evening.choices.swaps.filter((one) => !ingredientIds.includes(one.ingredientId)),
    leaveOut: evening.choices.leaveOut.filter((id) => !ingredientIds.includes(id)),
  });

export const swapForEveryone = (evening: Evening, { ingredientIds }: EditOf<'swapForEveryone'>): Evening =>
  choosing(evening, {
    swaps: evening.choices.swaps.map((swap) =>
      ingredientIds.includes(swap.ingredientId) ? { ...swap, scope: 'everyone' } : swap,
    ),
  });

/** What is said of some liquids only; the others stay. One that is given as undefined is the style's own again. */
export function liquidsChosen(evening: Evening, { liquids }: EditOf<'liquidsChosen'>): Evening {
  const all = Object.entries({ ...evening.choices.liquids, ...liquids });
  const chosen = choosing(evening, { liquids: Object.fromEntries(all.filter(([, value]) => value !== undefined)) });
  // One that a school of the pot makes is that school, with all that belongs to it.
  const { question, formulaIds } = styleById(evening.style.id)?.brothBySchool ?? {};
  const option = Object.entries(formulaIds ?? {}).find(([, id]) => id === liquids.broth)?.[0];
  return question && option ? schoolFollowed(chosen, { kind: 'schoolFollowed', question, option }) : chosen;
}

/** A school of the pot that says what simmers in it takes the place of a liquid that was chosen before. */
export function schoolFollowed(evening: Evening, { question, option }: EditOf<'schoolFollowed'>): Evening {
  const followed = {
    ...evening,
    style: { ...evening.style, schools: { ...evening.style.schools, [question]: option } },
  };
  const isOfBroth = styleById(evening.style.id)?.brothBySchool?.question === question;
  if (!isOfBroth || evening.choices.liquids?.broth === undefined) return followed;
  return choosing(followed, { liquids: without(evening.choices.liquids, 'broth') });
}

export const meatFreeSideChosen = (evening: Evening, { side }: EditOf<'meatFreeSideChosen'>): Evening =>
  choosing(evening, { sides: { ...evening.choices.sides, meatFree: side } });

export const sideChosen = (evening: Evening, { ingredientId, where }: EditOf<'sideChosen'>): Evening =>
  choosing(evening, {
    sides: { ...evening.choices.sides, of: { ...evening.choices.sides?.of, [ingredientId]: where } },
  });

/** A taste that is turned nowhere is not kept. */
export function tasteTurned(evening: Evening, { formulaId, taste }: EditOf<'tasteTurned'>): Evening {
  const others = without(evening.choices.taste, formulaId);
  const isPlain = Object.values(taste).every((step) => !step);
  return choosing(evening, { taste: isPlain ? others : { ...others, [formulaId]: taste } });
}

/** What is mixed by a ratio is turned by it, and by no taste besides. */
export function ratioSet(evening: Evening, { formulaId, ratio }: EditOf<'ratioSet'>): Evening {
  const others = without(evening.choices.ratios, formulaId);
  const taste = without(evening.choices.taste, formulaId);
  return choosing(evening, {
    ratios: ratio ? { ...others, [formulaId]: ratio } : others,
    ...(ratio && evening.choices.taste ? { taste } : {}),
  });
}

/** More than one batch is always made fresh. */
export function batchSet(evening: Evening, { formulaId, times }: EditOf<'batchSet'>): Evening {
  const others = without(evening.choices.batches, formulaId);
  return choosing(evening, { batches: times === 1 ? others : { ...others, [formulaId]: times } });
}

export function madeFresh(evening: Evening, { formulaId, fresh }: EditOf<'madeFresh'>): Evening {
  const others = (evening.choices.fresh ?? []).filter((id) => id !== formulaId);
  return choosing(evening, { fresh: fresh ? [...others, formulaId] : others });
}

/** Bought ready, or done in this kitchen; of what shops sell so, the one is what is done where nothing is said. */
export function boughtReady(evening: Evening, { ingredientId, bought }: EditOf<'boughtReady'>): Evening {
  const others = (ids: readonly string[] = []) => ids.filter((id) => id !== ingredientId);
  const what = catalogueOf(evening).byId(ingredientId);
  const isSold = Object.keys(what.cuts).some((cut) => isUsuallyBought(evening.style, what, cut));
  const { choices } = evening;
  return choosing(evening, {
    bought: bought && !isSold ? [...others(choices.bought), ingredientId] : others(choices.bought),
    ...(isSold ? { cutAtHome: bought ? others(choices.cutAtHome) : [...others(choices.cutAtHome), ingredientId] } : {}),
  });
}

export const brothSet = (evening: Evening, { ml }: EditOf<'brothSet'>): Evening => ({
  ...evening,
  overrides: { ...evening.overrides, brothMlPerHead: ml },
});

/** What is made at home is not bought ready. */
export function madeAtHome(evening: Evening, { ingredientId, made }: EditOf<'madeAtHome'>): Evening {
  const others = (evening.choices.homemade ?? []).filter((id) => id !== ingredientId);
  const bought = evening.choices.bought?.filter((id) => id !== ingredientId || !made);
  return choosing(evening, {
    homemade: made ? [...others, ingredientId] : others,
    ...(bought ? { bought } : {}),
  });
}
