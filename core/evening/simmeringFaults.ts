import type { Evening, FieldError } from '@elixa/contract';
import { hasIngredient, ingredientById } from '../catalogue/ingredients';

const unknown = (field: string, id: string): FieldError => ({
  field,
  message: `"${id}" is not in the catalogue`,
  fix: 'Use the id of an ingredient, or remove it.',
});

function ofCuts(field: string, table: Record<string, Record<string, number>> | undefined): FieldError[] {
  return Object.entries(table ?? {}).flatMap(([id, byCut]): FieldError[] => {
    if (!hasIngredient(id)) return [unknown(`${field}.${id}`, id)];
    const cuts = Object.keys(ingredientById(id).cuts);
    return Object.keys(byCut)
      .filter((cut) => !cuts.includes(cut))
      .map((cut) => ({
        field: `${field}.${id}.${cut}`,
        message: `"${cut}" is no cut of ${ingredientById(id).name}`,
        fix: `Use one of: ${cuts.join(', ')}.`,
      }));
  });
}

/** What is said of things that nobody knows: how thick, how long, frozen. It may stay of what is not in tonight's pot. */
export const simmeringFaults = ({ overrides, choices }: Evening): FieldError[] => [
  ...ofCuts('overrides.thicknessMm', overrides.thicknessMm),
  ...ofCuts('overrides.minutesInPot', overrides.minutesInPot),
  ...(choices.frozen ?? []).flatMap((id, index) =>
    hasIngredient(id) ? [] : [unknown(`choices.frozen[${index}]`, id)],
  ),
];
