import type { Helping } from '../diners/helpings';
import { bunchId } from './bunchId';
import type { Ingredient } from '../catalogue/ingredient';
import { isOn, type Side } from '../diners/sides';
import type { Place, Role } from '../catalogue/style';
import { sum } from '../measures/sum';
import { dealt, piecesOf, type Pieces } from './pieces';

/** Everything of one thing that lies in one place of the pot in one round. */
export interface Bunch {
  /** The ingredient, and in a pot with two broths its side. */
  id: string;
  ingredientId: string;
  what: Ingredient;
  /** What the style has there. */
  slotId: string;
  side?: Side;
  role: Role;
  place: Place;
  layer: number;
  /** Its cuts, what takes longest lowest. */
  parts: Pieces[];
  massG: number;
  bulkMl: number;
  settledMl: number;
  /** Minutes at the boil until its slowest cut is at its best. */
  slowMin: number;
}

/** How thick a thing is cut tonight, where that is not as its cut has it. */
export type ThicknessTonight = (ingredientId: string, cut: string) => number | undefined;

/** Minutes at the boil until a cut is at its best; of what is only swished or seared, those. */
export function slowMinOf({ cuts }: Ingredient, cut: string): number {
  const cooks = cuts[cut]?.cooks ?? {};
  const window = cooks.simmered ?? cooks.swished ?? cooks.seared;
  return window?.bestMin ?? 0;
}

function bunchOf(
  one: Helping,
  share: number,
  round: number,
  rounds: number,
  thick: ThicknessTonight,
  side?: Side,
): Bunch {
  const parts = one.cuts
    .map(({ cut, massG }) => {
      const whole = piecesOf(one.what, cut, massG * share * rounds, thick(one.ingredientId, cut));
      const part = 1 / rounds;
      return {
        ...whole,
        count: dealt(whole.count, rounds, round),
        massG: whole.massG * part,
        bulkMl: whole.bulkMl * part,
        settledMl: whole.settledMl * part,
      };
    })
    .sort((a, b) => slowMinOf(one.what, b.cut) - slowMinOf(one.what, a.cut));
  return {
    id: bunchId(one.ingredientId, side),
    ingredientId: one.ingredientId,
    what: one.what,
    slotId: one.slotId,
    ...(side ? { side } : {}),
    role: one.role,
    place: one.place,
    layer: one.layer,
    parts,
    massG: sum(parts.map((each) => each.massG)),
    bulkMl: sum(parts.map((each) => each.bulkMl)),
    settledMl: sum(parts.map((each) => each.settledMl)),
    slowMin: Math.max(0, ...parts.map((each) => slowMinOf(one.what, each.cut))),
  };
}

/**
 * What lies in the pot in one of so many equal rounds: the same of everything, in whole pieces. What is cooked on both
 * sides of a divided pot makes a bunch in each.
 */
export function bunchesOf(food: readonly Helping[], round: number, rounds: number, thick: ThicknessTonight): Bunch[] {
  return food
    .filter((one) => one.cuts.length > 0 && one.massG > 0)
    .flatMap((one) => {
      if (!one.where) return [bunchOf(one, 1 / rounds, round, rounds, thick)];
      const sides = (['first', 'second'] as const).filter((side) => isOn(one.where, side));
      return sides.map((side) => bunchOf(one, 1 / rounds / sides.length, round, rounds, thick, side));
    });
}
