import type { Evening, FieldError } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';

const unknown = (field: string, id: string): FieldError => ({
  field,
  message: `"${id}" is not in the catalogue`,
  fix: 'Use the id of an ingredient, or remove it.',
});

function ofCuts(
  catalogue: Catalogue,
  field: string,
  table: Record<string, Record<string, number>> | undefined,
): FieldError[] {
  return Object.entries(table ?? {}).flatMap(([id, byCut]): FieldError[] => {
    if (!catalogue.has(id)) return [unknown(`${field}.${id}`, id)];
    const cuts = Object.keys(catalogue.byId(id).cuts);
    return Object.keys(byCut)
      .filter((cut) => !cuts.includes(cut))
      .map((cut) => ({
        field: `${field}.${id}.${cut}`,
        message: `"${cut}" is no cut of ${catalogue.byId(id).name}`,
        fix: `Use one of: ${cuts.join(', ')}.`,
      }));
  });
}

/** What is said of things that nobody knows: how thick, how long, frozen. It may stay of what is not in tonight's pot. */
export function simmeringFaults(evening: Evening): FieldError[] {
  const { overrides, choices } = evening;
  const catalogue = catalogueOf(evening);
  return [
    ...ofCuts(catalogue, 'overrides.thicknessMm', overrides.thicknessMm),
    ...ofCuts(catalogue, 'overrides.minutesInPot', overrides.minutesInPot),
    ...(choices.frozen ?? []).flatMap((id, index) =>
      catalogue.has(id) ? [] : [unknown(`choices.frozen[${index}]`, id)],
    ),
  ];
}
