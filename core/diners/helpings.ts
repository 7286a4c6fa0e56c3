import type { Evening } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Style, StyleItem } from '../catalogue/style';
import { portionsOf } from './portion';
import { eatersOf, standIn, type Pan, type Table } from './table';

/** What one item of a style has become in one pan, for those who eat it. */
export interface Helping {
  ingredientId: string;
  pan: Pan;
  purpose: StyleItem['purpose'];
  zone: StyleItem['zone'];
  massG: number;
  cuts: ReadonlyArray<{ cut: string; massG: number }>;
}

function gramsPerHead(evening: Evening, item: StyleItem, served: string): number {
  const asked = evening.overrides.gramsPerHead?.[item.ingredientId] ?? item.gramsPerHead;
  const replacement = ingredientById(item.ingredientId).replacements.find((one) => one.withIngredientId === served);
  return asked * (replacement?.ratio ?? 1);
}

/** Nobody cooks three quarters of an egg. */
function wholeOnes(massG: number, ingredientId: string): number {
  const { sold, family } = ingredientById(ingredientId);
  if (family !== 'egg' || !sold?.countable || massG <= 0) return massG;
  return Math.max(1, Math.round(massG / sold.massG)) * sold.massG;
}

/**
 * The raw masses of everything that is cooked, by pan.
 * @returns masses in g; nothing that nobody eats
 */
export function helpings(evening: Evening, style: Style, table: Table): Helping[] {
  const pans: Pan[] = table.aside.length > 0 ? ['main', 'aside'] : ['main'];
  return pans.flatMap((pan) =>
    style.items.flatMap((item) => {
      const served = standIn(table, item.ingredientId, pan);
      const massG = wholeOnes(gramsPerHead(evening, item, served) * portionsOf(eatersOf(table, item, pan)), served);
      if (massG <= 0) return [];
      const firstCut = Object.keys(ingredientById(served).cuts)[0] as string;
      const cuts = served === item.ingredientId ? item.cuts : [{ cut: firstCut, share: 1 }];
      return [
        {
          ingredientId: served,
          pan,
          purpose: item.purpose,
          zone: item.zone,
          massG,
          cuts: cuts.map(({ cut, share }) => ({ cut, massG: massG * share })),
        },
      ];
    }),
  );
}
