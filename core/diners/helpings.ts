import type { Evening } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import type { Ingredient } from '../catalogue/ingredient';
import { likeRatio, potCutsOf } from '../catalogue/kin';
import type { Place, Role, StyleSlot } from '../catalogue/style';
import { portionsOf } from './portion';
import { isOn, type Sides, type Where } from './sides';
import { eatersOf, standIn, type Pan, type Table } from './table';

/** What one slot of a style has become in one pan, for those who eat it. */
export interface Helping {
  ingredientId: string;
  /** The same, looked up. */
  what: Ingredient;
  /** What the style has there. */
  slotId: string;
  role: Role;
  pan: Pan;
  purpose: 'pot' | 'finish' | 'beside';
  place: Place;
  layer: number;
  massG: number;
  cuts: ReadonlyArray<{ cut: string; massG: number }>;
  marinadeFormulaId?: string;
  /** In a pot with two broths: in which of them. */
  where?: Where;
}

/** What of it is for the finish. */
export interface TonightsSlots {
  pot: readonly StyleSlot[];
  finish: readonly StyleSlot[];
  /** In bowls beside the pot. */
  beside: readonly StyleSlot[];
}

/** Grams of a thing for a regular head: the cook's, or else the usual. */
export const askedPerHeadG = ({ overrides }: Evening, slot: StyleSlot): number =>
  overrides.gramsPerHead?.[slot.ingredientId] ?? slot.rangeG[1];

/** Grams of what stands in for a thing of the pot that are served for a gram of it. */
export function servedRatio(asked: Ingredient, served: Ingredient): number {
  if (served.id === asked.id) return 1;
  const replacement = asked.replacements.find((one) => one.withIngredientId === served.id);
  return replacement ? (replacement.ratio ?? 1) : likeRatio(asked, served);
}

/** Nobody cooks three quarters of an egg. */
function wholeOnes(massG: number, { sold, family }: Ingredient): number {
  if (family !== 'egg' || !sold?.countable || massG <= 0) return massG;
  return Math.max(1, Math.round(massG / sold.massG)) * sold.massG;
}

/** How a stand-in is cut: as what it stands in for where it can be, or else in its first way. */
function cutsOf(slot: StyleSlot, served: Ingredient, pan: Pan): StyleSlot['cuts'] {
  const isElse = pan === 'aside' || served.id !== slot.ingredientId;
  const cuts = (isElse && slot.cutsApart) || slot.cuts;
  if (served.id === slot.ingredientId || cuts.length === 0) return cuts;
  const known = served.cuts;
  if (cuts.every(({ cut }) => cut in known && known[cut]?.cooks && !known[cut].fromLiquid)) return cuts;
  return [{ cut: potCutsOf(served)[0] ?? Object.keys(known)[0] ?? '', share: 1 }];
}

/**
 * The raw masses of everything that is cooked, by pan.
 * @returns masses in g; nothing that nobody eats
 */
export function helpings(evening: Evening, slots: TonightsSlots, table: Table, sides?: Sides): Helping[] {
  const catalogue = catalogueOf(evening);
  const pans: Pan[] = table.aside.length > 0 ? ['main', 'aside'] : ['main'];
  const all = [
    ...slots.pot.map((slot) => ({ slot, purpose: 'pot' as const })),
    ...slots.finish.map((slot) => ({ slot, purpose: 'finish' as const })),
    ...slots.beside.map((slot) => ({ slot, purpose: 'beside' as const })),
  ];
  return pans.flatMap((pan) =>
    all.flatMap(({ slot, purpose }) => {
      const served = catalogue.byId(standIn(table, slot.ingredientId, pan));
      const finishing = sides && (sides.meatFree ?? 'second');
      const where =
        pan !== 'main'
          ? undefined
          : purpose === 'pot'
            ? sides?.whereOf(slot.ingredientId)
            : purpose === 'finish'
              ? finishing
              : undefined;
      // A bowl beside the pot is for whoever eats, from whichever pan.
      if (purpose === 'beside' && pan === 'aside') return [];
      const all = eatersOf(catalogue, table, slot.ingredientId, pan);
      const others = purpose === 'beside' ? eatersOf(catalogue, table, slot.ingredientId, 'aside') : [];
      const eaters = [...all, ...others].filter((diner) => {
        const only = sides?.only.get(diner);
        return only === undefined || purpose !== 'pot' || isOn(where, only);
      });
      const heads = portionsOf(eaters);
      const perHeadG = askedPerHeadG(evening, slot) * servedRatio(catalogue.byId(slot.ingredientId), served);
      const massG = wholeOnes(perHeadG * heads, served);
      if (massG <= 0) return [];
      return [
        {
          ingredientId: served.id,
          what: served,
          slotId: slot.ingredientId,
          role: slot.role,
          pan,
          purpose,
          place: slot.place,
          layer: slot.layer,
          massG,
          cuts: cutsOf(slot, served, pan).map(({ cut, share }) => ({ cut, massG: massG * share })),
          marinadeFormulaId: slot.marinadeFormulaId,
          ...(where ? { where } : {}),
        },
      ];
    }),
  );
}
