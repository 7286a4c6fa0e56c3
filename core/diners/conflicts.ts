import type { Conflict, Diner, Evening, Offer } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Replacement } from '../catalogue/ingredient';
import type { Style } from '../catalogue/style';
import { chosenLiquids, everyLiquid } from '../formula/chosenLiquids';
import { standIn, type Table } from './table';
import { whyNot } from './whyNot';

function usedIngredients(evening: Evening, style: Style): string[] {
  const parts = everyLiquid(chosenLiquids(evening, style)).flatMap((formula) => formula.parts);
  const ids = [...style.items, ...parts].map((part) => part.ingredientId);
  return [...new Set(ids)];
}

function resolution(table: Table, diner: Diner, ingredientId: string): string | undefined {
  if (table.leaveOut.has(ingredientId)) return 'left out';
  const pan = table.aside.includes(diner) ? 'aside' : 'main';
  const served = standIn(table, ingredientId, pan);
  if (served === ingredientId || whyNot(diner, ingredientById(served))) return undefined;
  const where = pan === 'aside' && standIn(table, ingredientId, 'main') === ingredientId ? 'in a small pan' : 'instead';
  return `${ingredientById(served).name} ${where}`;
}

/** Follows replacements of replacements until one suits, so that a vegan is not offered fish for chicken. */
function suitable(diner: Diner, ingredientId: string): Replacement[] {
  return ingredientById(ingredientId).replacements.filter(
    (one) => !whyNot(diner, ingredientById(one.withIngredientId)),
  );
}

function offersFor(style: Style, diner: Diner, ingredientId: string, evening: Evening): Offer[] {
  const inPot = style.items.some((item) => item.ingredientId === ingredientId);
  const others = evening.diners.filter((one) => one !== diner && !whyNot(one, ingredientById(ingredientId)));
  return suitable(diner, ingredientId).flatMap((replacement) => {
    const base = { ingredientId, withIngredientId: replacement.withIngredientId };
    const everyone: Offer = { ...base, scope: 'everyone', text: `For everyone: ${replacement.text}` };
    const aside: Offer = { ...base, scope: 'aside', text: `For ${diner.name}, in a small pan: ${replacement.text}` };
    return inPot && others.length > 0 ? [aside, everyone] : [everyone];
  });
}

/**
 * Everything on the menu that a guest cannot eat, with what has been settled and what can be offered.
 * @returns one entry for each guest and ingredient, in the order of the table
 */
export function findConflicts(evening: Evening, style: Style, table: Table): Conflict[] {
  const used = usedIngredients(evening, style);
  return evening.diners.flatMap((diner) =>
    used.flatMap((ingredientId) => {
      const why = whyNot(diner, ingredientById(ingredientId));
      if (!why) return [];
      return [
        {
          diner: diner.name,
          ingredientId,
          why,
          resolvedBy: resolution(table, diner, ingredientId),
          offers: offersFor(style, diner, ingredientId, evening),
        },
      ];
    }),
  );
}
