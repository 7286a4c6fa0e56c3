import type { Ask } from '@elixa/contract';

import type { Menu } from './menu';
import { andList } from '../measures/andList';
import { standIn } from '../diners/table';
import { whyNot } from '../diners/whyNot';

/**
 * What a guest at the small pan gets in place of something that this guest could eat, only because others share the pan.
 * Where nothing but the broth keeps the guest from the pot, one tap makes the broth so for everyone.
 */
export function asksOf({ catalogue, slots, table }: Menu): Ask[] {
  const nameOf = (ingredientId: string) => catalogue.byId(ingredientId).name.split(',')[0]!;
  const items = [...slots.pot, ...slots.finish];
  const inFood = new Set(items.map((item) => item.ingredientId));
  return table.aside.flatMap((diner) => {
    const mine = table.swaps.filter(
      (swap) => swap.scope === 'aside' && whyNot(diner, catalogue.byId(swap.ingredientId)),
    );
    const lost = items.filter(({ ingredientId }) => {
      const served = standIn(table, ingredientId, 'aside');
      const isOthers = served !== standIn(table, ingredientId, 'main') && !table.leaveOut.has(ingredientId);
      return isOthers && !whyNot(diner, catalogue.byId(ingredientId));
    });
    if (lost.length === 0) return [];
    const gets = andList(lost.map(({ ingredientId }) => nameOf(standIn(table, ingredientId, 'aside'))));
    const because = andList(mine.map(({ ingredientId }) => nameOf(ingredientId)));
    const isBroth = mine.length > 0 && mine.every(({ ingredientId }) => !inFood.has(ingredientId));
    return [
      {
        diner: diner.name,
        text: `${diner.name} sits at the small pan because of the ${because}, and so gets ${gets} where ${andList(lost.map(({ ingredientId }) => nameOf(ingredientId)))} would do. Ask whether that is wanted.`,
        advice: isBroth
          ? [
              {
                text: `Make the pot without ${because}: ${diner.name} then eats from it`,
                edit: { kind: 'swapForEveryone', ingredientIds: mine.map((swap) => swap.ingredientId) },
              },
            ]
          : [],
      },
    ];
  });
}
