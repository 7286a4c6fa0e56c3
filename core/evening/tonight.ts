import type { Evening } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { FINISHES, finishById, NO_FINISH } from '../catalogue/finishes';
import type { Formula, HeldBack } from '../catalogue/formula';
import { formulaById } from '../catalogue/formulas';
import { usualSlotOf } from '../catalogue/kin';
import { fits } from '../catalogue/school';
import type { Finish, Pour, Stage, Style, StyleSlot } from '../catalogue/style';
import { brothIdOf, schoolsOfStyle } from '../catalogue/styles';
import type { TonightsSlots } from '../diners/helpings';
import { brothIds, brothsOf, type ChosenLiquids } from './chosenLiquids';
import { partsOf, schoolsOf } from '../formula/schools';

/**
 * The finishes that a pot can have, those that belong to it first: in what must not boil nothing is cooked any more, and
 * clay is never heated almost dry.
 */
export function finishesOf(evening: Evening, style: Style, broth: Formula | undefined): Finish[] {
  const usual = style.finishIds.flatMap((id) => finishById(id) ?? []);
  const others = FINISHES.filter((finish) => !usual.includes(finish));
  const isCooked = ({ apart, slots }: Finish) => !apart && slots.length > 0;
  return [...usual, ...others].filter(
    (finish) =>
      !(spoiltPartOf(evening, broth) && isCooked(finish)) && !(finish.dry && evening.vessel.material === 'clay'),
  );
}

/** The finish of an evening: the cook's, or the first that the pot can have; none where it ends without. */
export function finishOf(evening: Evening, style: Style): Finish | undefined {
  const { finish, liquids } = evening.choices;
  if (finish === NO_FINISH) return undefined;
  if (finish !== undefined) return finishById(finish);
  const can = finishesOf(evening, style, formulaById(liquids?.broth ?? brothIdOf(style, evening.style.schools) ?? ''));
  return can.find(({ id }) => style.finishIds.includes(id));
}

/** Whether it stands cut as its pot is built, and cannot be cut in another way. */
export const isBuiltIn = ({ place }: StyleSlot) => place === 'stack' || place === 'skewer';

/** What is cut otherwise tonight. */
function asCut(slot: StyleSlot, { cuts }: Evening['choices']): StyleSlot {
  const cut = cuts?.[slot.ingredientId];
  return cut === undefined || isBuiltIn(slot) ? slot : { ...slot, cuts: [{ cut, share: 1 }] };
}

/**
 * What comes out of a liquid that is made tonight, cut as it comes out of it, and otherwise for whom nothing of that may
 * be; raw where no such liquid is made.
 */
function asReturned(slot: StyleSlot, evening: Evening, style: Style): StyleSlot {
  const back = style.returns.find(
    (one) => one.ingredientId === slot.ingredientId && slot.cuts.some(({ cut }) => cut === one.cut),
  );
  if (!back) return slot;
  const raw = slot.cuts.map((one) => (one.cut === back.cut ? { ...one, cut: back.otherwise } : one));
  const made = Object.values(brothIds(evening, style)).includes(back.fromFormulaId);
  const from = made ? formulaById(back.fromFormulaId) : undefined;
  const isCooked =
    from && partsOf(from, evening.style.schools).some(({ ingredientId }) => ingredientId === slot.ingredientId);
  return isCooked ? { ...slot, cutsApart: raw } : { ...slot, cuts: raw };
}

/** A bowl of rice for each. Kitchen estimate, 120-180 g. */
const RICE_BESIDE: StyleSlot = {
  ingredientId: 'plainRice',
  role: 'finish',
  rangeG: [120, 150, 180],
  cuts: [{ cut: 'bowl', share: 1 }],
  place: 'beside',
  layer: 0,
};

/** Whether plain rice stands beside the pot: as the cook says, or as the pot wants it. */
export const hasRice = ({ choices }: Evening, style: Style): boolean => choices.riceBeside ?? style.riceBeside === true;

/** Everything of a style by the schools that are followed, with what the cook added and what finishes it. */
export function slotsOf(evening: Evening, style: Style): TonightsSlots {
  const { choices } = evening;
  const catalogue = catalogueOf(evening);
  const schools = schoolsOfStyle(style, evening.style.schools);
  const own = style.slots.filter((slot) => !slot.optional && fits(slot.when, schools));
  const added = (choices.added ?? [])
    .filter((id) => !own.some((slot) => slot.ingredientId === id))
    .map((id) => style.slots.find((slot) => slot.ingredientId === id) ?? usualSlotOf(catalogue.byId(id)));
  return {
    pot: [...own, ...added].map((slot) => asReturned(asCut(slot, choices), evening, style)),
    finish: finishOf(evening, style)?.slots ?? [],
    beside: hasRice(evening, style) ? [RICE_BESIDE] : [],
  };
}

/** The stages by the schools that are followed and the way of eating. */
export function stagesOf(evening: Evening, style: Style): Stage[] {
  const schools = schoolsOfStyle(style, evening.style.schools);
  return style.stages.filter(
    (stage) => fits(stage.when, schools) && (!stage.services || stage.services.includes(evening.service)),
  );
}

/** What of a broth goes into the pot later than the rest, where the schools have it so and it is not all left out. */
export function heldBackOf({ choices, style }: Evening, broth: Formula | undefined): HeldBack | undefined {
  const held = broth?.heldBack;
  if (!held || !fits(held.when, schoolsOf(broth, style.schools))) return undefined;
  const parts = partsOf(broth, style.schools).filter(({ ingredientId }) => held.of.includes(ingredientId));
  return parts.some(({ ingredientId }) => !choices.leaveOut.includes(ingredientId)) ? held : undefined;
}

/** The same where it is spoiled by boiling. */
export const spoiltPartOf = (evening: Evening, broth: Formula | undefined): HeldBack | undefined => {
  const held = heldBackOf(evening, broth);
  return held?.spoils ? held : undefined;
};

/** The stages with that of what a boil would spoil: the pot is then eaten, and built anew for every round. */
export function withHeldBack(stages: readonly Stage[], held: HeldBack | undefined): Stage[] {
  if (!held?.spoils) return [...stages];
  const { says, untilCue, spoils } = held;
  const anew = stages.map((stage) => (stage.pour ? { ...stage, pour: { ...stage.pour, anew: true as const } } : stage));
  return [...anew, { id: 'enrich', do: 'enrich', says, untilCue, lid: 'off', atLeastMin: spoils.minutes }];
}

const NO_POUR: Pour = { kind: 'none', at: 'warm' };

export const pourOf = (stages: readonly Stage[]): Pour => stages.find((stage) => stage.pour)?.pour ?? NO_POUR;

/** A pot into which broth is poured that could be brought to the boil first; what begins cold is wanted so. */
export const canBeHotter = ({ kind, at }: Pour): boolean => kind !== 'none' && kind !== 'ladles' && at === 'warm';

/** The same with the room that its broths want for foam. */
export function withRoomFor(pour: Pour, broths: ReadonlyArray<Formula | undefined>): Pour {
  const shares = broths.flatMap((one) => one?.headroomShare ?? []);
  return shares.length > 0 ? { ...pour, headroomShare: Math.max(...shares) } : pour;
}

/** The same, poured as hot as it gets where the cook has it so. */
export const pouredTonight = (pour: Pour, { choices }: Evening): Pour =>
  choices.brothHot && canBeHotter(pour) ? { ...pour, at: 'boiling', heated: true } : pour;

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
