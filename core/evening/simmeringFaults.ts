import type { Evening, FieldError } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';
import { isCutByThickness, labelAt, pieceGAt } from '../catalogue/cutThickness';
import type { Menu } from './menu';

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

/** A piece that is cut thicker than usual, and would weigh more than there is of it. */
export function wholePieceFaults({
  evening,
  catalogue,
  food,
}: Pick<Menu, 'evening' | 'catalogue' | 'food'>): FieldError[] {
  return Object.entries(evening.overrides.thicknessMm ?? {}).flatMap(([id, byCut]) =>
    Object.entries(byCut).flatMap(([key, mm]): FieldError[] => {
      // No piece lies in two pans.
      const helpings = food.filter((one) => one.purpose === 'pot' && one.ingredientId === id);
      const parts = helpings.flatMap((one) => one.cuts).filter((part) => part.cut === key);
      const thereG = Math.min(...parts.map((part) => part.massG));
      const cut = catalogue.byId(id).cuts[key]!;
      if (parts.length === 0 || mm <= cut.thicknessMm || pieceGAt(cut, mm) <= thereG) return [];
      let most = Math.floor(mm);
      while (most > cut.thicknessMm && pieceGAt(cut, most) > thereG) most -= 1;
      const name = `${catalogue.byId(id).name}, ${labelAt(cut, mm)}`;
      return [
        {
          field: `overrides.thicknessMm.${id}.${key}`,
          message: `One piece of ${name}, weighs ${Math.round(pieceGAt(cut, mm))} g, and there are ${Math.round(thereG)} g of it`,
          fix: `Cut it no thicker than ${Math.max(most, cut.thicknessMm)} mm, or put more of it in.`,
        },
      ];
    }),
  );
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
