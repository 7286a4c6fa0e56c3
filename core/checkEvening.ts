import type { Evening, FieldError } from '@elixa/contract';
import { brothFormulaById, dipFormulaById } from './catalogue/formulas';
import { hasIngredient, ingredientById } from './catalogue/ingredients';
import type { Style } from './catalogue/style';
import { STYLES, styleById } from './catalogue/styles';

/** A document that has the right shape but asks for something that does not exist. */
export class EveningError extends Error {
  constructor(readonly errors: FieldError[]) {
    super(errors.map((one) => `${one.field}: ${one.message}. ${one.fix}`).join('\n'));
    this.name = 'EveningError';
  }
}

const list = (values: readonly string[]) => values.join(', ');

function schoolFaults(evening: Evening, style: Style): FieldError[] {
  return Object.entries(evening.style.schools).flatMap(([choiceId, wanted]) => {
    const choice = style.schools.find((one) => one.id === choiceId);
    if (!choice) {
      return [
        {
          field: `style.schools.${choiceId}`,
          message: `${style.name} has no such question`,
          fix: `Remove it, or use one of: ${list(style.schools.map((one) => one.id))}.`,
        },
      ];
    }
    if (choice.options.some((option) => option.id === wanted)) return [];
    return [
      {
        field: `style.schools.${choiceId}`,
        message: `"${wanted}" is not a school of it`,
        fix: `Use one of: ${list(choice.options.map((option) => option.id))}.`,
      },
    ];
  });
}

function usedIngredientIds(style: Style): Set<string> {
  const formulas = [brothFormulaById(style.brothFormulaId), ...style.dipFormulaIds.map(dipFormulaById)];
  return new Set(
    [...style.items, ...formulas.flatMap((formula) => formula?.parts ?? [])].map((one) => one.ingredientId),
  );
}

function ingredientFaults(evening: Evening, style: Style): FieldError[] {
  const used = usedIngredientIds(style);
  const unknown = (field: string, id: string): FieldError[] =>
    used.has(id) ? [] : [{ field, message: `"${id}" is not in this pot`, fix: `Use one of: ${list([...used])}.` }];
  return [
    ...evening.choices.leaveOut.flatMap((id, index) => unknown(`choices.leaveOut[${index}]`, id)),
    ...Object.keys(evening.overrides.gramsPerHead ?? {}).flatMap((id) => unknown(`overrides.gramsPerHead.${id}`, id)),
    ...evening.choices.swaps.flatMap((swap, index) => {
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

/**
 * What an evening of the right shape asks for that cannot be had.
 * @returns field, message and fix of each fault; empty when the evening can be planned
 */
export function checkEvening(evening: Evening): FieldError[] {
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
  const faults = [...schoolFaults(evening, style), ...ingredientFaults(evening, style), ...dinerFaults(evening)];
  if (!style.services.includes(evening.service)) {
    faults.push({
      field: 'service',
      message: `${style.name} is not eaten that way`,
      fix: `Use one of: ${list(style.services)}.`,
    });
  }
  const everythingOut = style.items
    .filter((item) => item.purpose === 'pot')
    .every(
      ({ ingredientId }) =>
        evening.choices.leaveOut.includes(ingredientId) || evening.overrides.gramsPerHead?.[ingredientId] === 0,
    );
  if (everythingOut) {
    faults.push({
      field: 'choices.leaveOut',
      message: 'Nothing is left to cook',
      fix: 'Put something back into the pot.',
    });
  }
  return faults;
}
