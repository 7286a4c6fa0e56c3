import type { Evening, Service } from '@elixa/contract';
import { catalogueOf } from '../../catalogue/catalogue';
import { finishById, NO_FINISH } from '../../catalogue/finishes';
import { formulaById } from '../../catalogue/formulas';
import { nameOf as named } from '../../catalogue/nameOf';
import type { Style } from '../../catalogue/style';
import { brothIdOf, styleById } from '../../catalogue/styles';
import { chosenLiquids, everyLiquid } from '../chosenLiquids';
import { partsOf } from '../../formula/schools';
import { resolveMenu } from '../resolveMenu';
import { finishesOf, slotsOf } from '../tonight';
import { vesselSuits } from '../vesselFit';

/** What the cook answered otherwise than is usual for the pot before, where the new one asks it too; else the usual. */
function schoolsFor(evening: Evening, before: Style | undefined, style: Style): Record<string, string> {
  const old = evening.style.schools;
  const wasChosen = (question: string) => {
    const choice = before?.schools.find((one) => one.id === question);
    return old[question] !== undefined && old[question] !== choice?.usual;
  };
  const ofStyle = style.schools.map(({ id, options, usual }) => {
    const stays = wasChosen(id) && options.some((option) => option.id === old[id]);
    return [id, stays ? (old[id] as string) : usual] as const;
  });
  const asked = new Set(style.schools.map((one) => one.id));
  const liquids = [brothIdOf(style, Object.fromEntries(ofStyle)), style.letDownFormulaId, ...style.dipFormulaIds];
  const ofLiquids = liquids
    .flatMap((id) => (id ? (formulaById(id)?.schools ?? []) : []))
    .filter((choice) => !asked.has(choice.id) && choice.options.some((option) => option.id === old[choice.id]))
    .map((choice) => [choice.id, old[choice.id] as string] as const);
  return Object.fromEntries([...ofStyle, ...ofLiquids]);
}

/** Where the pot in the house does not bear the usual way, the way that it bears. */
function schoolsForVessel(evening: Evening, style: Style): Evening {
  if (vesselSuits(evening, style).verdict !== 'refused') return evening;
  const ways = style.schools.flatMap((choice) =>
    choice.options.map((option): Evening => ({
      ...evening,
      style: { ...evening.style, schools: { ...evening.style.schools, [choice.id]: option.id } },
    })),
  );
  return ways.find((way) => vesselSuits(way, style).verdict !== 'refused') ?? evening;
}

/** The way of eating: the cook's own where it was no usual one and the pot bears it, or else the first that it bears. */
function withService(evening: Evening, before: Style | undefined, style: Style): Evening {
  const own = evening.service !== before?.services[0] && style.services.includes(evening.service);
  const order: Service[] = own ? [evening.service, ...style.services] : [...style.services];
  const bears = (service: Service) =>
    !resolveMenu({ ...evening, service }).faults.some((fault) => fault.field === 'service');
  return { ...evening, service: order.find(bears) ?? style.services[0] };
}

/**
 * Where the pot before did not bear the usual way and the new one does, it is the usual way again: the other was no choice.
 * @param after the evening in the new pot
 */
export function usualAgain({ vessel: before }: Evening, after: Evening): Evening {
  const style = styleById(after.style.id);
  const schools = after.style.schools;
  const back = (style?.schools ?? []).filter(({ id, usual }) => {
    if (!style || schools[id] === undefined || schools[id] === usual) return false;
    const usually = { ...after, style: { ...after.style, schools: { ...schools, [id]: usual } } };
    const isRefusedIn = (vessel: Evening['vessel']) => vesselSuits(usually, style, vessel).verdict === 'refused';
    return isRefusedIn(before) && !isRefusedIn(after.vessel);
  });
  if (!style || back.length === 0) return after;
  const usual = Object.fromEntries(back.map((choice) => [choice.id, choice.usual]));
  const restored = { ...after, style: { ...after.style, schools: { ...schools, ...usual } } };
  return withService({ ...restored, service: style.services[0] }, style, style);
}

const keepKeys = <Value>(table: Readonly<Record<string, Value>>, has: (id: string) => boolean): Record<string, Value> =>
  Object.fromEntries(Object.entries(table).filter(([id]) => has(id)));

/**
 * The evening with another pot. Guests, kitchen, pantry, measures and time stay, and of the cook's choices everything that
 * still makes sense: answers that are asked again, exchanges and omissions of what is in it too, sauces, what is bought
 * ready. `droppedByStyle` says what went.
 * @throws RangeError when there is no such style
 * @example styleChosen(practiceNight, 'sukiyakiEast').service // 'searThenSimmer'
 */
export function styleChosen(evening: Evening, styleId: string): Evening {
  const style = styleById(styleId);
  if (!style) throw new RangeError(`There is no style "${styleId}"`);
  if (evening.style.id === styleId) return evening;
  const before = styleById(evening.style.id);
  const { liquids, finish, batches, taste, ratios, fresh, bought, added, cuts, ...choices } = evening.choices;
  // What was added to the pot before goes into this one as well, where it is not in it anyway.
  const more = (added ?? []).filter((id) => !style.slots.some((slot) => slot.ingredientId === id && !slot.optional));
  const bare: Evening = {
    ...evening,
    housePot: undefined,
    style: { id: styleId, schools: schoolsFor(evening, before, style) },
    choices: {
      ...choices,
      // Where things lay belongs to the pot before.
      ...(choices.laid ? { laid: undefined } : {}),
      ...(more.length > 0 ? { added: more } : {}),
      ...(liquids?.sauces ? { liquids: { sauces: liquids.sauces } } : {}),
    },
    overrides: {},
  };
  const formulas = everyLiquid(chosenLiquids(bare, style));
  const parts = formulas.flatMap((formula) => partsOf(formula, bare.style.schools));
  const slots = slotsOf(bare, style);
  const inPot = new Set([...slots.pot, ...slots.finish, ...parts].map((one) => one.ingredientId));
  const isMade = (id: string) => formulas.some((formula) => formula.id === id);
  const has = (id: string) => inPot.has(id);
  const finishes = finishesOf(bare, style, chosenLiquids(bare, style).broth);
  const bearsFinish = (id: string) => finishes.some((one) => one.id === id);
  const grams = keepKeys(evening.overrides.gramsPerHead ?? {}, (id) =>
    slots.pot.some((one) => one.ingredientId === id),
  );
  const kept: Evening = {
    ...bare,
    choices: {
      ...bare.choices,
      swaps: choices.swaps.filter((swap) => has(swap.ingredientId)),
      leaveOut: choices.leaveOut.filter(has),
      ...(finish !== undefined && (finish === NO_FINISH || bearsFinish(finish)) ? { finish } : {}),
      ...(batches ? { batches: keepKeys(batches, isMade) } : {}),
      ...(taste ? { taste: keepKeys(taste, isMade) } : {}),
      ...(ratios ? { ratios: keepKeys(ratios, isMade) } : {}),
      ...(fresh ? { fresh: fresh.filter(isMade) } : {}),
      ...(bought ? { bought: bought.filter(has) } : {}),
      ...(cuts ? { cuts: keepKeys(cuts, (id) => slots.pot.some((slot) => slot.ingredientId === id)) } : {}),
    },
    overrides: Object.keys(grams).length > 0 ? { gramsPerHead: grams } : {},
  };
  return withService(schoolsForVessel(kept, style), before, style);
}

const gone = (before: readonly string[] = [], after: readonly string[] = []) =>
  before.filter((id) => !after.includes(id));
const keys = (table: object | undefined) => Object.keys(table ?? {});

/**
 * What of the cook's choices went with the pot before, in words.
 * @returns phrases, none where nothing was lost
 * @example droppedByStyle(before, after) // ['cod fillet instead of chicken thigh, boned']
 */
export function droppedByStyle(before: Evening, after: Evening): string[] {
  const [was, is] = [before.choices, after.choices];
  const catalogue = catalogueOf(before);
  const nameOf = (id: string) => named(catalogue, id);
  const style = styleById(before.style.id);
  const swaps = was.swaps.filter((swap) => !is.swaps.some((one) => one.ingredientId === swap.ingredientId));
  const schools = (style?.schools ?? []).filter(
    ({ id, usual }) =>
      before.style.schools[id] !== undefined && before.style.schools[id] !== usual && !after.style.schools[id],
  );
  const wasFinish = was.finish !== undefined && was.finish !== style?.finishIds[0] ? was.finish : undefined;
  return [
    ...swaps.map((swap) => `${nameOf(swap.withIngredientId)} instead of ${nameOf(swap.ingredientId)}`),
    ...gone(was.leaveOut, is.leaveOut).map((id) => `leaving out ${nameOf(id)}`),
    ...gone([was.liquids?.broth, was.liquids?.otherHalf].flatMap((id) => id ?? [])).map((id) => nameOf(id)),
    ...gone(was.liquids?.ahead, is.liquids?.ahead).map((id) => nameOf(id)),
    ...gone(keys(before.overrides.gramsPerHead), keys(after.overrides.gramsPerHead)).map(
      (id) => `your own amount of ${nameOf(id)}`,
    ),
    ...(before.overrides.brothMlPerHead === undefined ? [] : ['your own amount of broth']),
    ...(before.overrides.salinityPct === undefined ? [] : ['your own strength of broth']),
    ...gone(keys(was.taste), keys(is.taste)).map((id) => `your taste in ${nameOf(id)}`),
    ...gone(keys(was.ratios), keys(is.ratios)).map((id) => `your own ratio of ${nameOf(id)}`),
    ...gone(keys(was.batches), keys(is.batches)).map((id) => `making ${nameOf(id)} more than once over`),
    ...gone(keys(was.cuts), keys(is.cuts)).map((id) => `your way of cutting ${nameOf(id)}`),
    ...(was.laid && !is.laid ? ['where you had laid things'] : []),
    ...gone(was.bought, is.bought).map((id) => `buying ${nameOf(id)} ready`),
    ...schools.map((choice) => choice.question.charAt(0).toLowerCase() + choice.question.slice(1)),
    ...(wasFinish !== undefined && is.finish !== wasFinish
      ? [`the finish: ${finishById(wasFinish)?.name ?? 'none'}`]
      : []),
  ];
}
