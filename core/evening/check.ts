import { allergenSchema, type Evening, type FieldError } from '@elixa/contract';
import { finishById, NO_FINISH } from '../catalogue/finishes';
import { FORMULAS, formulaById } from '../catalogue/formulas';
import type { FormulaKind } from '../catalogue/formula';
import { hasIngredient, ingredientById } from '../catalogue/ingredients';
import type { Style } from '../catalogue/style';
import { STYLES, styleById } from '../catalogue/styles';
import { chosenLiquids, everyLiquid } from './chosenLiquids';
import { holdsBoil, leastPowerW } from '../heat/burner';

const list = (values: readonly string[]) => values.join(', ');

/** Every question that cooks disagree on, of the style and of all formulas, with its options. */
function questions(style: Style): Map<string, Set<string>> {
  const found = new Map<string, Set<string>>();
  for (const { id, options } of [...style.schools, ...FORMULAS.flatMap((formula) => formula.schools)]) {
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
  const finishes = style.finishIds.flatMap((id) => finishById(id)?.slots ?? []);
  return new Set([...style.slots, ...finishes, ...parts].map((one) => one.ingredientId));
}

/** A swap or an omission may stay in the document while another broth is chosen that does not ask for it. */
const mentioned = (id: string) => FORMULAS.some((formula) => formula.parts.some((part) => part.ingredientId === id));

function ingredientFaults(evening: Evening, style: Style): FieldError[] {
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
      if (wrong.length > 0 || !hasIngredient(swap.ingredientId)) return wrong;
      const allowed = ingredientById(swap.ingredientId).replacements.map((one) => one.withIngredientId);
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

/** What a guest can avoid: an allergen, or one thing of the catalogue. Anything else would be believed and not kept. */
function avoidFaults({ diners }: Evening): FieldError[] {
  const allergens: readonly string[] = allergenSchema.options;
  return diners.flatMap((diner, seat) =>
    diner.avoids.flatMap((avoid, index) =>
      allergens.includes(avoid) || hasIngredient(avoid)
        ? []
        : [
            {
              field: `diners[${seat}].avoids[${index}]`,
              message: `Nothing is known as "${avoid}"`,
              fix: `Use one of: ${list(allergens)}; or the id of one ingredient.`,
            },
          ],
    ),
  );
}

function dinerFaults(evening: Evening): FieldError[] {
  const seen = new Set<string>();
  return evening.diners.flatMap((diner, index) => {
    const key = diner.name.toLowerCase();
    if (!seen.has(key)) {
      seen.add(key);
      return [];
    }
    return [
      {
        field: `diners[${index}].name`,
        message: `${diner.name} is at the table twice`,
        fix: 'Give each guest a name of their own.',
      },
    ];
  });
}

/** What is said of a liquid that does not exist. */
function aboutLiquidFaults({ choices }: Evening): FieldError[] {
  const about = (name: 'batches' | 'taste' | 'fresh', ids: readonly string[]) =>
    ids.flatMap((id, index) => {
      if (formulaById(id)) return [];
      const field = name === 'fresh' ? `choices.fresh[${index}]` : `choices.${name}.${id}`;
      return [{ field, message: `There is no liquid "${id}"`, fix: 'Use the id of a broth, sauce or base.' }];
    });
  return [
    ...about('batches', Object.keys(choices.batches ?? {})),
    ...about('taste', Object.keys(choices.taste ?? {})),
    ...about('fresh', choices.fresh ?? []),
  ];
}

/** What is bought, kept or planned for the kitchen that cannot be. */
function kitchenFaults({ choices, pantry = [], kitchen, sitDownAt }: Evening): FieldError[] {
  const unknown = (field: string, id: string): FieldError[] =>
    hasIngredient(id) || formulaById(id)
      ? []
      : [{ field, message: `"${id}" is not in the catalogue`, fix: 'Use the id of an ingredient, or remove it.' }];
  const startAt = kitchen?.startAt;
  return [
    ...(choices.bought ?? []).flatMap((id, index) => unknown(`choices.bought[${index}]`, id)),
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

/** A finish that the style does not have. */
function finishFaults({ choices }: Evening, style: Style): FieldError[] {
  const { finish } = choices;
  if (finish === undefined || finish === NO_FINISH || style.finishIds.includes(finish)) return [];
  return [
    {
      field: 'choices.finish',
      message: `${style.name} does not end with "${finish}"`,
      fix: `Use one of: ${list([...style.finishIds, NO_FINISH])}.`,
    },
  ];
}

/** Faults that show before anything is looked up for the guests. */
export function documentFaults(evening: Evening): FieldError[] {
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
  const unknownLiquids = liquidFaults(evening);
  if (unknownLiquids.length > 0) return unknownLiquids;
  const faults = [
    ...schoolFaults(evening, style),
    ...ingredientFaults(evening, style),
    ...dinerFaults(evening),
    ...avoidFaults(evening),
    ...aboutLiquidFaults(evening),
    ...kitchenFaults(evening),
    ...boilFaults(evening),
    ...finishFaults(evening, style),
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
