import type { Evening, FieldError } from '@elixa/contract';
import { CATALOGUE, catalogueOf } from '../catalogue/catalogue';
import { FINISHES, finishById, NO_FINISH } from '../catalogue/finishes';
import { FORMULAS, formulaById } from '../catalogue/formulas';
import type { FormulaKind } from '../catalogue/formula';
import { INGREDIENTS } from '../catalogue/ingredients';
import { likesOf, potCutsOf } from '../catalogue/kin';
import type { Style } from '../catalogue/style';
import { isOwnSound, ownIdOf } from '../catalogue/ownThings';
import { STYLES, styleById } from '../catalogue/styles';
import { chosenLiquids, everyLiquid } from './chosenLiquids';
import { dinerFaults } from './dinerFaults';
import { simmeringFaults } from './simmeringFaults';
import { slotsOf } from './tonight';
import { takesRatio, THINNER } from '../formula/ratio';
import { BEAN_SCHOOLS } from '../catalogue/beanSoak';
import { holdsBoil, leastPowerW } from '../heat/burner';

const list = (values: readonly string[]) => values.join(', ');

/** Every question that cooks disagree on, of the style, of all formulas and of what is made at home, with its options. */
function questions(style: Style): Map<string, Set<string>> {
  const found = new Map<string, Set<string>>();
  for (const { id, options } of [...style.schools, ...FORMULAS.flatMap((formula) => formula.schools), BEAN_SCHOOLS]) {
    const known = found.get(id) ?? new Set();
    for (const option of options) known.add(option.id);
    found.set(id, known);
  }
  return found;
}

function schoolFaults(evening: Evening, style: Style): FieldError[] {
  const known = questions(style);
  return Object.entries(evening.style.schools).flatMap(([choiceId, wanted]) => {
    const options = known.get(choiceId);
    const field = `style.schools.${choiceId}`;
    if (!options) {
      return [
        { field, message: 'There is no such question', fix: `Remove it, or use one of: ${list([...known.keys()])}.` },
      ];
    }
    if (options.has(wanted)) return [];
    return [{ field, message: `"${wanted}" is not a school of it`, fix: `Use one of: ${list([...options])}.` }];
  });
}

const KINDS: Record<'broth' | 'sauces' | 'ahead', readonly FormulaKind[]> = {
  broth: ['broth'],
  sauces: ['sauce'],
  ahead: ['marinade', 'base'],
};

/** Formulas that do not exist, or are of another kind than their place asks for. */
function liquidFaults(evening: Evening): FieldError[] {
  const { broth, otherHalf, letDown, sauces = [], ahead = [] } = evening.choices.liquids ?? {};
  const asked = [
    ...(broth === undefined ? [] : [{ field: 'broth', id: broth, kinds: KINDS.broth }]),
    ...(otherHalf === undefined ? [] : [{ field: 'otherHalf', id: otherHalf, kinds: KINDS.broth }]),
    ...(letDown === undefined ? [] : [{ field: 'letDown', id: letDown, kinds: KINDS.broth }]),
    ...sauces.map((id, index) => ({ field: `sauces[${index}]`, id, kinds: KINDS.sauces })),
    ...ahead.map((id, index) => ({ field: `ahead[${index}]`, id, kinds: KINDS.ahead })),
  ];
  const wrongKind = asked.flatMap(({ field, id, kinds }) => {
    const formula = formulaById(id);
    if (formula && kinds.includes(formula.kind)) return [];
    const allowed = FORMULAS.filter((one) => kinds.includes(one.kind)).map((one) => one.id);
    return [
      {
        field: `choices.liquids.${field}`,
        message: `"${id}" is no ${kinds.join(' or ')}`,
        fix: `Use one of: ${list(allowed)}.`,
      },
    ];
  });
  const noHalf =
    otherHalf !== undefined && !evening.vessel.divided
      ? [
          {
            field: 'choices.liquids.otherHalf',
            message: 'This pot has one half only',
            fix: 'Remove it, or choose a divided pot.',
          },
        ]
      : [];
  // The same broth in both halves of a pot is one broth.
  const twice = asked.flatMap(({ field, id }, index) =>
    field !== 'otherHalf' && asked.findIndex((one) => one.id === id) < index
      ? [{ field: `choices.liquids.${field}`, message: `"${id}" is there twice`, fix: 'Name each liquid once.' }]
      : [],
  );
  return [...wrongKind, ...noHalf, ...twice];
}

function usedIngredientIds(evening: Evening, style: Style): Set<string> {
  const parts = everyLiquid(chosenLiquids(evening, style)).flatMap((formula) => formula.parts);
  const finishes = FINISHES.flatMap((finish) => finish.slots);
  const added = (evening.choices.added ?? []).map((ingredientId) => ({ ingredientId }));
  return new Set([...style.slots, ...added, ...finishes, ...parts].map((one) => one.ingredientId));
}

/** What the cook put in that no pot knows, or that is there already; what is cut as it cannot be. */
function composedFaults(evening: Evening, style: Style): FieldError[] {
  const catalogue = catalogueOf(evening);
  const { added = [], cuts = {} } = evening.choices;
  const bare = slotsOf({ ...evening, choices: { ...evening.choices, added: [] } }, style).pot;
  const food = added.flatMap((id, index): FieldError[] => {
    const field = `choices.added[${index}]`;
    if (!catalogue.has(id) || potCutsOf(catalogue.byId(id)).length === 0) {
      const fix = 'Use the id of an ingredient whose time in a pot is known, or remove it.';
      return [{ field, message: `"${id}" cannot go into a pot`, fix }];
    }
    const isTwice = added.indexOf(id) < index || bare.some((slot) => slot.ingredientId === id);
    const fix = 'Remove it, and say how much of it in overrides.gramsPerHead.';
    return isTwice ? [{ field, message: `${catalogue.byId(id).name} is in this pot already`, fix }] : [];
  });
  if (food.length > 0) return food;
  const slots = slotsOf({ ...evening, choices: { ...evening.choices, cuts: {} } }, style).pot;
  return Object.entries(cuts).flatMap(([id, cut]): FieldError[] => {
    const field = `choices.cuts.${id}`;
    const slot = slots.find((one) => one.ingredientId === id);
    if (!slot) return [{ field, message: `"${id}" is not in this pot`, fix: 'Remove it.' }];
    const allowed = [...new Set([...slot.cuts.map((one) => one.cut), ...potCutsOf(catalogue.byId(id))])];
    if (allowed.includes(cut)) return [];
    return [{ field, message: `"${cut}" is no cut of it that a pot takes`, fix: `Use one of: ${list(allowed)}.` }];
  });
}

/** A swap or an omission may stay in the document while another broth is chosen that does not ask for it. */
const mentioned = (id: string) => FORMULAS.some((formula) => formula.parts.some((part) => part.ingredientId === id));

function ingredientFaults(evening: Evening, style: Style): FieldError[] {
  const catalogue = catalogueOf(evening);
  const used = usedIngredientIds(evening, style);
  const unknown = (field: string, id: string): FieldError[] =>
    used.has(id) || mentioned(id)
      ? []
      : [{ field, message: `"${id}" is not in this pot`, fix: `Use one of: ${list([...used])}.` }];
  return [
    ...evening.choices.leaveOut.flatMap((id, index) => unknown(`choices.leaveOut[${index}]`, id)),
    ...Object.keys(evening.overrides.gramsPerHead ?? {}).flatMap((id) => unknown(`overrides.gramsPerHead.${id}`, id)),
    ...evening.choices.swaps.flatMap((swap, index) => {
      if (evening.choices.swaps.findIndex((one) => one.ingredientId === swap.ingredientId) < index) {
        const message = `${swap.ingredientId} is exchanged twice`;
        return [{ field: `choices.swaps[${index}]`, message, fix: 'Exchange each thing once.' }];
      }
      const wrong = unknown(`choices.swaps[${index}].ingredientId`, swap.ingredientId);
      if (wrong.length > 0 || !catalogue.has(swap.ingredientId)) return wrong;
      const isFood = slotsOf(evening, style).pot.some(
        (slot) => slot.ingredientId === swap.ingredientId && slot.role !== 'fat',
      );
      const likes = isFood ? likesOf(catalogue.byId(swap.ingredientId)).map((one) => one.id) : [];
      const known = [
        swap.ingredientId,
        ...catalogue.byId(swap.ingredientId).replacements.map((one) => one.withIngredientId),
        ...likes,
      ];
      const own = (evening.own ?? []).filter((one) => known.includes(one.likeId)).map((one) => one.id);
      const allowed = [...known.slice(1), ...own];
      if (allowed.includes(swap.withIngredientId)) return [];
      return [
        {
          field: `choices.swaps[${index}].withIngredientId`,
          message: `"${swap.withIngredientId}" is no replacement for ${swap.ingredientId}`,
          fix: allowed.length > 0 ? `Use one of: ${list(allowed)}.` : 'Leave it out instead (choices.leaveOut).',
        },
      ];
    }),
  ];
}

/** What is said of a liquid that does not exist. */
function aboutLiquidFaults({ choices }: Evening): FieldError[] {
  const about = (name: 'batches' | 'taste' | 'ratios' | 'fresh', ids: readonly string[]) =>
    ids.flatMap((id, index) => {
      if (formulaById(id)) return [];
      const field = name === 'fresh' ? `choices.fresh[${index}]` : `choices.${name}.${id}`;
      return [{ field, message: `There is no liquid "${id}"`, fix: 'Use the id of a broth, sauce or base.' }];
    });
  const ratios = Object.entries(choices.ratios ?? {}).flatMap(([id, ratio]): FieldError[] => {
    const formula = formulaById(id);
    const field = `choices.ratios.${id}`;
    if (!formula) return [];
    if (!takesRatio(formula)) {
      return [
        { field, message: `"${id}" is not mixed by parts`, fix: 'Give a ratio for a dip or a poured sauce only.' },
      ];
    }
    const known = new Set([...formula.parts.map((one) => one.ingredientId), THINNER]);
    const unknown = Object.keys(ratio).filter((one) => !known.has(one));
    if (unknown.length > 0) {
      const fix = `Use one of: ${list([...known])}.`;
      return unknown.map((one) => ({ field: `${field}.${one}`, message: `There is no "${one}" in it`, fix }));
    }
    const isEmpty = Object.values(ratio).every((parts) => parts === 0);
    return isEmpty ? [{ field, message: 'Nothing is in it', fix: 'Give at least one thing more than 0 parts.' }] : [];
  });
  return [
    ...ratios,
    ...about('ratios', Object.keys(choices.ratios ?? {})),
    ...about('batches', Object.keys(choices.batches ?? {})),
    ...about('taste', Object.keys(choices.taste ?? {})),
    ...about('fresh', choices.fresh ?? []),
  ];
}

/** What is bought, kept or planned for the kitchen that cannot be. */
function kitchenFaults(evening: Evening): FieldError[] {
  const { choices, pantry = [], kitchen, sitDownAt } = evening;
  const catalogue = catalogueOf(evening);
  const unknown = (field: string, id: string): FieldError[] =>
    catalogue.has(id) || formulaById(id)
      ? []
      : [{ field, message: `"${id}" is not in the catalogue`, fix: 'Use the id of an ingredient, or remove it.' }];
  const startAt = kitchen?.startAt;
  return [
    ...(choices.homemade ?? []).flatMap((id, index): FieldError[] =>
      catalogue.has(id) && catalogue.byId(id).homemade
        ? []
        : [
            {
              field: `choices.homemade[${index}]`,
              message: `Nobody knows how "${id}" is made at home`,
              fix: `Use one of: ${list(INGREDIENTS.filter((one) => one.homemade).map((one) => one.id))}.`,
            },
          ],
    ),
    ...(choices.bought ?? []).flatMap((id, index) => unknown(`choices.bought[${index}]`, id)),
    ...(choices.cutAtHome ?? []).flatMap((id, index) => unknown(`choices.cutAtHome[${index}]`, id)),
    ...pantry.flatMap(({ itemId }, index) => unknown(`pantry[${index}].itemId`, itemId)),
    ...(startAt && Date.parse(startAt) >= Date.parse(sitDownAt)
      ? [
          {
            field: 'kitchen.startAt',
            message: 'Nobody can start before people sit down',
            fix: 'Choose an earlier time to start, or a later one to sit down.',
          },
        ]
      : []),
  ];
}

/** A burner too weak for its pot: nothing would be cooked through. */
function boilFaults({ heatSource, vessel, place }: Evening): FieldError[] {
  const pot = { heat: heatSource, vessel, ...place };
  if (holdsBoil(pot) !== 'never') return [];
  const leastW = Math.ceil(leastPowerW(pot) / 50) * 50;
  return [
    {
      field: 'heatSource.powerW',
      message: `${Math.round(heatSource.powerW)} W never bring the ${vessel.name} to the boil`,
      fix: `Use a burner of ${leastW} W or more, or a smaller pot${vessel.lid ? '' : ' that has a lid'}.`,
    },
  ];
}

/** A finish that there is not. */
function finishFaults({ choices }: Evening): FieldError[] {
  const { finish } = choices;
  if (finish === undefined || finish === NO_FINISH || finishById(finish)) return [];
  return [
    {
      field: 'choices.finish',
      message: `No pot ends with "${finish}"`,
      fix: `Use one of: ${list([...FINISHES.map((one) => one.id), NO_FINISH])}.`,
    },
  ];
}

/** Things of the cook's own that are like nothing, or whose id was changed by hand. */
function ownFaults({ own = [] }: Evening): FieldError[] {
  return own.flatMap((thing, index): FieldError[] => {
    if (isOwnSound(thing)) return [];
    return CATALOGUE.has(thing.likeId)
      ? [
          {
            field: `own[${index}].id`,
            message: `"${thing.id}" does not belong to "${thing.name}"`,
            fix: `Use ${ownIdOf(thing)} here and wherever it is named.`,
          },
        ]
      : [
          {
            field: `own[${index}].likeId`,
            message: `Nothing is known as "${thing.likeId}"`,
            fix: 'Use the id of an ingredient that it is like.',
          },
        ];
  });
}

/** Faults that show before anything is looked up for the guests. */
export function documentFaults(evening: Evening): FieldError[] {
  const wrongOwn = ownFaults(evening);
  if (wrongOwn.length > 0) return wrongOwn;
  const style = styleById(evening.style.id);
  if (!style) {
    return [
      {
        field: 'style.id',
        message: `There is no style "${evening.style.id}"`,
        fix: `Use one of: ${list(STYLES.map((one) => one.id))}.`,
      },
    ];
  }
  const unknown = [...liquidFaults(evening), ...composedFaults(evening, style)];
  if (unknown.length > 0) return unknown;
  const faults = [
    ...schoolFaults(evening, style),
    ...ingredientFaults(evening, style),
    ...dinerFaults(evening),
    ...aboutLiquidFaults(evening),
    ...kitchenFaults(evening),
    ...boilFaults(evening),
    ...finishFaults(evening),
    ...simmeringFaults(evening),
  ];
  if (!style.services.includes(evening.service)) {
    faults.push({
      field: 'service',
      message: `${style.name} is not eaten that way`,
      fix: `Use one of: ${list(style.services)}.`,
    });
  }
  return faults;
}
