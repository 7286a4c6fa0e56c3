import type { Advice, Amount, Evening, PantryItem, ShoppingItem, Units } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { formulaById } from '../catalogue/formulas';
import type { Ingredient } from '../catalogue/ingredient';
import { SECTIONS } from '../catalogue/pack';
import { isBoughtReady, prepWorkOf } from '../catalogue/prepWork';
import { LEFT_KEEPS_DAYS, LOOSE_STEP_G, packOf, sectionOf } from '../catalogue/packs';
import { styleById } from '../catalogue/styles';
import { askedPerHeadG } from '../diners/helpings';
import { portionsOf } from '../diners/portion';
import { slotsOf } from '../evening/tonight';
import { buyWhole } from '../measures/buyWhole';
import { showMeasure } from '../measures/showMeasure';
import { ouncesText, packWords, showWeight } from '../measures/showSize';
import { OUNCE_G } from '../measures/units';
import { inTheHouse, NEAR_ENOUGH } from './pantry';

/** Less than this is no leftover to speak of. */
const WORTH_USING_G = 50;
/** What kitchen scales show, in g. */
const WORTH_TELLING_G = 1;
/** So much more of something a head goes into a pot without being noticed. Kitchen estimate. */
const MORE_A_HEAD_G = 40;

/** A purchase of so much of something: whole things, packs, or weighed out. */
function purchase(needG: number, what: Ingredient, units: Units): { buy: ShoppingItem['buy']; boughtG: number } {
  if (needG <= 0) return { buy: { count: 0, unit: '', text: 'in the house' }, boughtG: 0 };
  const pack = packOf(what);
  if (pack) {
    const count = Math.max(1, Math.ceil((needG / pack.massG) * NEAR_ENOUGH));
    const unit = packWords(count === 1 ? pack.unit : pack.unitPlural, units);
    const times = /^\d/.test(unit) ? ' ×' : '';
    return { buy: { count, unit: pack.unit, text: `${count}${times} ${unit}` }, boughtG: count * pack.massG };
  }
  const whole = what.sold?.countable ? buyWhole(needG, what) : undefined;
  if (whole && what.sold) {
    return { buy: { count: whole.count, unit: whole.unit, text: whole.text }, boughtG: whole.count * what.sold.massG };
  }
  // What is weighed out is never less than what is needed.
  if (units === 'us') {
    const ounces = Math.ceil((needG / OUNCE_G) * 2 - 1e-9) / 2;
    return { buy: { count: ounces, unit: 'oz', text: ouncesText(ounces) }, boughtG: ounces * OUNCE_G };
  }
  const grams = Math.ceil(needG / LOOSE_STEP_G - 1e-9) * LOOSE_STEP_G;
  const text = grams >= 1000 ? `${grams / 1000} kg` : `${grams} g`;
  return { buy: { count: grams, unit: 'g', text }, boughtG: grams };
}

/** What tonight takes a head of a thing that goes into the pot as itself. */
function askedTonightG(evening: Evening, ingredientId: string): number | undefined {
  const style = styleById(evening.style.id);
  const slot = style && slotsOf(evening, style).pot.find((one) => one.ingredientId === ingredientId);
  if (!slot || evening.choices.swaps.some((swap) => swap.ingredientId === ingredientId)) return undefined;
  return askedPerHeadG(evening, slot);
}

/** How it is asked for in the shop, where it is bought ready to cook. */
function readyWords(evening: Evening, what: Ingredient): string | undefined {
  const style = styleById(evening.style.id);
  const cut = style && slotsOf(evening, style).pot.find((one) => one.ingredientId === what.id)?.cuts[0]?.cut;
  if (cut === undefined || !isBoughtReady(evening, what, cut)) return undefined;
  return prepWorkOf(what, cut, evening.style.schools).bought;
}

/** Where tonight could take what will be left over. */
function useOf(leftG: number, what: Ingredient, evening: Evening): Advice | undefined {
  const section = sectionOf(what);
  if (leftG < WORTH_USING_G || LEFT_KEEPS_DAYS[section] > 14) return undefined;
  const askedG = askedTonightG(evening, what.id);
  const keeps = `keeps ${LEFT_KEEPS_DAYS[section]} ${LEFT_KEEPS_DAYS[section] === 1 ? 'day' : 'days'} in the fridge`;
  if (askedG === undefined) return { text: `What is left ${keeps}` };
  // Rounded down, so that what was left over is enough for it.
  const perHeadG = Math.floor(leftG / portionsOf(evening.diners));
  const moreG = Math.min(perHeadG, MORE_A_HEAD_G);
  if (moreG < 1) return { text: `What is left ${keeps}` };
  const edit = { kind: 'amountSet', ingredientId: what.id, grams: askedG + moreG } as const;
  return perHeadG <= MORE_A_HEAD_G
    ? { text: `Take it all tonight: ${showWeight(moreG, evening.units)} a head more`, edit }
    : { text: `Take ${showWeight(moreG, evening.units)} a head more; the rest ${keeps}`, edit };
}

/** What is sold a little short of what is planned is bought all the same, and said to be. */
function shortOf(shortG: number, units: Units): Advice | undefined {
  if (shortG < WORTH_TELLING_G) return undefined;
  return { text: `${showWeight(shortG, units)} less than is planned: near enough` };
}

/** What a thing is bought as. */
function boughtAs(evening: Evening, ingredientId: string, massG: number): Array<{ id: string; massG: number }> {
  const { bought, homemade } = evening.choices;
  const catalogue = catalogueOf(evening);
  const what = catalogue.has(ingredientId) ? catalogue.byId(ingredientId) : undefined;
  if (!what || bought?.includes(ingredientId)) return [{ id: ingredientId, massG }];
  const of = homemade?.includes(ingredientId) ? what.homemade?.of : what.madeFrom && [what.madeFrom];
  return of ? of.map((one) => ({ id: one.ingredientId, massG: massG * one.ratio })) : [{ id: ingredientId, massG }];
}

/** What comes of something made at home besides: the flesh of nuts that were opened for their water. */
function comesBesides(amounts: readonly Amount[], evening: Evening): Map<string, number> {
  const { choices } = evening;
  const catalogue = catalogueOf(evening);
  const given = new Map<string, number>();
  for (const { ingredientId, massG } of amounts) {
    if (!choices.homemade?.includes(ingredientId) || choices.bought?.includes(ingredientId)) continue;
    const also = catalogue.byId(ingredientId).homemade?.alsoGives ?? [];
    for (const one of also.filter((other) => !choices.bought?.includes(other.ingredientId)))
      given.set(one.ingredientId, (given.get(one.ingredientId) ?? 0) + massG * one.ratio);
  }
  return given;
}

/**
 * One list for everything: broths, sauces, marinades, bases, pot and finish merged, less what the pantry has, rounded up to
 * what is sold.
 * @param amounts as the plan lists them, with grams
 * @param pantry what the house has; what is past its day on the evening does not count
 * @returns by section of a shop, and by name within it; `buy.count` is zero for what is in the house
 */
export function shoppingList(
  evening: Evening,
  amounts: readonly Amount[],
  pantry: readonly PantryItem[] = evening.pantry ?? [],
): ShoppingItem[] {
  const catalogue = catalogueOf(evening);
  const have = inTheHouse(pantry, evening.sitDownAt.slice(0, 10));
  const besides = comesBesides(amounts, evening);
  const needs = new Map<string, { massG: number; purposes: Set<Amount['purpose']> }>();
  for (const { ingredientId, massG, purpose } of amounts) {
    // Water comes from the tap, and a jar of a base is made, not bought.
    if (ingredientId === 'water' || formulaById(ingredientId)) continue;
    const givenG = Math.min(massG, besides.get(ingredientId) ?? 0);
    if (givenG > 0) besides.set(ingredientId, besides.get(ingredientId)! - givenG);
    if (givenG === massG) continue;
    for (const thing of boughtAs(evening, ingredientId, massG - givenG)) {
      const known = needs.get(thing.id) ?? { massG: 0, purposes: new Set() };
      needs.set(thing.id, { massG: known.massG + thing.massG, purposes: known.purposes.add(purpose) });
    }
  }
  return [...needs]
    .map(([ingredientId, { massG: needG, purposes }]): ShoppingItem => {
      const what = catalogue.byId(ingredientId);
      const haveG = Math.min(needG, have.get(ingredientId) ?? 0);
      const missingG = needG - haveG < needG * (1 - NEAR_ENOUGH) ? 0 : needG - haveG;
      const { buy: loose, boughtG } = purchase(missingG, what, evening.units);
      const ready = loose.count > 0 ? readyWords(evening, what) : undefined;
      const buy = ready ? { ...loose, text: `${loose.text}, ${ready}` } : loose;
      const leftG = Math.max(0, boughtG - missingG);
      return {
        ingredientId,
        needG,
        needText: showMeasure(needG, what, evening.units).text,
        haveG,
        buy,
        leftG,
        section: sectionOf(what),
        purposes: [...purposes],
        use: shortOf(missingG - boughtG, evening.units) ?? useOf(leftG, what, evening),
      };
    })
    .sort(
      (a, b) =>
        SECTIONS.indexOf(sectionOf(catalogue.byId(a.ingredientId))) -
          SECTIONS.indexOf(sectionOf(catalogue.byId(b.ingredientId))) ||
        catalogue.byId(a.ingredientId).name.localeCompare(catalogue.byId(b.ingredientId).name),
    );
}
