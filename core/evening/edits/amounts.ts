import type { EditOf, Evening } from '@elixa/contract';
import { catalogueOf } from '../../catalogue/catalogue';
import { inPotG, kinOf } from '../../catalogue/kin';
import type { StyleSlot } from '../../catalogue/style';
import { styleById } from '../../catalogue/styles';
import { askedPerHeadG } from '../../diners/helpings';
import { sum } from '../../measures/sum';
import { slotsOf } from '../tonight';
import { without } from './without';

/** A kitchen scale shows whole grams. */
const wholeG = (grams: number) => Math.max(1, Math.round(grams));

/** @throws RangeError when the style does not exist */
function potSlots(evening: Evening): readonly StyleSlot[] {
  const style = styleById(evening.style.id);
  if (!style) throw new RangeError(`There is no style "${evening.style.id}"`);
  return slotsOf(evening, style).pot.filter((slot) => !evening.choices.leaveOut.includes(slot.ingredientId));
}

const withGrams = (evening: Evening, grams: Readonly<Record<string, number>>): Evening => ({
  ...evening,
  overrides: { ...evening.overrides, gramsPerHead: { ...evening.overrides.gramsPerHead, ...grams } },
});

/** Fat for the pan is no food that makes up for other food. */
const isEaten = ({ role }: StyleSlot) => role !== 'fat';

/** What a slot weighs in the pot for a head, in g. */
const weighsG = (evening: Evening, slot: StyleSlot) =>
  inPotG(catalogueOf(evening).byId(slot.ingredientId), askedPerHeadG(evening, slot));

/**
 * The evening after a change of one thing, with the others of its kind made more or less so that all of them together weigh
 * for a head what they did before. Where nothing else of its kind is in the pot, the change alone.
 */
function keepingSum(before: Evening, after: Evening, ingredientId: string): Evening {
  const catalogue = catalogueOf(before);
  const kin = kinOf(catalogue.byId(ingredientId));
  const ofKin = (evening: Evening) =>
    potSlots(evening).filter((slot) => isEaten(slot) && kinOf(catalogue.byId(slot.ingredientId)) === kin);
  const others = ofKin(after).filter((slot) => slot.ingredientId !== ingredientId && askedPerHeadG(after, slot) > 0);
  const othersG = sum(others.map((slot) => weighsG(after, slot)));
  if (othersG <= 0) return after;
  const own = ofKin(after).filter((slot) => slot.ingredientId === ingredientId);
  const wantedG =
    sum(ofKin(before).map((slot) => weighsG(before, slot))) - sum(own.map((slot) => weighsG(after, slot)));
  const share = Math.max(0, wantedG / othersG);
  const changed = others.map((slot) => [slot.ingredientId, wholeG(askedPerHeadG(after, slot) * share)] as const);
  return withGrams(after, Object.fromEntries(changed));
}

/** An amount of the cook's own, or the usual one again. */
export function amountSet(evening: Evening, { ingredientId, grams, keepSum }: EditOf<'amountSet'>): Evening {
  const after =
    grams === undefined
      ? {
          ...evening,
          overrides: { ...evening.overrides, gramsPerHead: without(evening.overrides.gramsPerHead, ingredientId) },
        }
      : withGrams(evening, { [ingredientId]: wholeG(grams) });
  return keepSum ? keepingSum(evening, after, ingredientId) : after;
}

/** What the cook added goes altogether; what belongs to the pot is remembered as left out. */
export function leftOut(evening: Evening, { ingredientId, keepSum }: EditOf<'leftOut'>): Evening {
  const { added, cuts, swaps, leaveOut } = evening.choices;
  const isAdded = added?.includes(ingredientId) ?? false;
  const gone: Evening = {
    ...evening,
    choices: {
      ...evening.choices,
      swaps: swaps.filter((one) => one.ingredientId !== ingredientId),
      ...(isAdded
        ? { added: added?.filter((id) => id !== ingredientId), ...(cuts ? { cuts: without(cuts, ingredientId) } : {}) }
        : { leaveOut: [...new Set([...leaveOut, ingredientId])] }),
    },
    overrides:
      isAdded && evening.overrides.gramsPerHead
        ? { ...evening.overrides, gramsPerHead: without(evening.overrides.gramsPerHead, ingredientId) }
        : evening.overrides,
  };
  return keepSum ? keepingSum(evening, gone, ingredientId) : gone;
}

/** Something more goes into the pot; what was left out of it is back. */
export function putIn(evening: Evening, { ingredientId, grams, keepSum }: EditOf<'putIn'>): Evening {
  const { added = [], leaveOut } = evening.choices;
  const isThere = potSlots({ ...evening, choices: { ...evening.choices, leaveOut: [] } }).some(
    (slot) => slot.ingredientId === ingredientId,
  );
  const more: Evening = {
    ...evening,
    choices: {
      ...evening.choices,
      leaveOut: leaveOut.filter((id) => id !== ingredientId),
      ...(isThere ? {} : { added: [...added, ingredientId] }),
    },
  };
  const after = grams === undefined ? more : withGrams(more, { [ingredientId]: wholeG(grams) });
  return keepSum ? keepingSum(evening, after, ingredientId) : after;
}

export function cutChosen(evening: Evening, { ingredientId, cut }: EditOf<'cutChosen'>): Evening {
  const others = without(evening.choices.cuts, ingredientId);
  return {
    ...evening,
    choices: { ...evening.choices, cuts: cut === undefined ? others : { ...others, [ingredientId]: cut } },
  };
}

/**
 * So much less of everything that goes into the pot; what was set to nothing stays so.
 * @throws RangeError when the style does not exist
 */
export function foodCutDown(evening: Evening, { share }: EditOf<'foodCutDown'>): Evening {
  const less = potSlots(evening)
    .filter((slot) => askedPerHeadG(evening, slot) > 0)
    .map((slot) => [slot.ingredientId, wholeG(askedPerHeadG(evening, slot) * share)] as const);
  return withGrams(evening, Object.fromEntries(less));
}
