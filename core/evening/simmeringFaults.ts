import type { Evening, FieldError } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';
import { isCutByThickness } from '../catalogue/cutThickness';

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

/** A thickness of what no knife makes thicker: a whole cap, a torn leaf, a ball as it is bought. */
function grownFaults(catalogue: Catalogue, { overrides }: Evening): FieldError[] {
  return Object.entries(overrides.thicknessMm ?? {}).flatMap(([id, byCut]): FieldError[] => {
    if (!catalogue.has(id)) return [];
    const { name, cuts } = catalogue.byId(id);
    const byKnife = Object.keys(cuts).filter((cut) => isCutByThickness(cuts[cut]!));
    return Object.keys(byCut)
      .filter((cut) => cuts[cut] && !byKnife.includes(cut))
      .map((cut) => ({
        field: `overrides.thicknessMm.${id}.${cut}`,
        message: `${name}, ${cuts[cut]!.label}, is no thicker or thinner for a knife`,
        fix: byKnife.length > 0 ? `Remove it, or say it of: ${byKnife.join(', ')}.` : 'Remove it.',
      }));
  });
}

/** What is said of things that nobody knows: how thick, how long, frozen. It may stay of what is not in tonight's pot. */
export function simmeringFaults(evening: Evening): FieldError[] {
  const { overrides, choices } = evening;
  const catalogue = catalogueOf(evening);
  return [
    ...ofCuts(catalogue, 'overrides.thicknessMm', overrides.thicknessMm),
    ...grownFaults(catalogue, evening),
    ...ofCuts(catalogue, 'overrides.minutesInPot', overrides.minutesInPot),
    ...(choices.frozen ?? []).flatMap((id, index) =>
      catalogue.has(id) ? [] : [unknown(`choices.frozen[${index}]`, id)],
    ),
  ];
}
