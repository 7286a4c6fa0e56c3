import type { Ingredient } from '../catalogue/ingredient';
import { SPOONS } from './units';

/** Below this nobody weighs a spice. */
const SMALL_G = 3;
/** Steps in which a pinch of something is measured, in teaspoons. */
const STEPS_TSP = [1 / 8, 1 / 4] as const;
/** A whole one is taken where it is no more than this share away. */
const NEAR_A_WHOLE = 0.5;

/**
 * A small amount of a spice as it can be measured at all: whole leaves and stars, or eighths and quarters of a teaspoon.
 * A formula that asks for a third of a gram of pepper means a pinch; the pinch is then what is exact. Salt is never
 * rounded like this.
 * @param massG what the formula asks for, in g
 * @returns g; the same mass where it is not small, carries salt, or is not measured by spoon or by the piece
 * @example measurableG(0.69, whitePepper) // 0.625, a quarter of a teaspoon
 */
export function measurableG(massG: number, ingredient: Ingredient): number {
  if (massG >= SMALL_G || massG <= 0 || ingredient.saltPct > 0.5) return massG;
  const { sold } = ingredient;
  if (sold?.countable) {
    const wholeG =
      Math.max(sold.smallestPart, Math.round(massG / sold.massG / sold.smallestPart) * sold.smallestPart) * sold.massG;
    if (Math.abs(wholeG - massG) <= massG * NEAR_A_WHOLE) return wholeG;
  }
  if (!ingredient.byVolume) return massG;
  const tspG = SPOONS.metric.tspMl * ingredient.densityGPerMl;
  const [eighth, quarter] = STEPS_TSP;
  if (massG < tspG * 0.19) return tspG * eighth;
  return Math.max(1, Math.round(massG / tspG / quarter)) * quarter * tspG;
}

/** More salt than this is weighed without trouble. */
const SPOONED_SALT_G = 20;

/**
 * The nearest amount of salt that a spoon holds: an eighth of a teaspoon, or quarters. Only for where something else can
 * bring what the spoon leaves over.
 * @returns g; the same mass where there is so much of it that a kitchen scale shows it well
 * @example spoonedSaltG(0.89, salt) // 0.75, an eighth of a teaspoon
 */
export function spoonedSaltG(massG: number, salt: Ingredient): number {
  if (massG <= 0 || massG > SPOONED_SALT_G) return massG;
  const tspG = SPOONS.metric.tspMl * salt.densityGPerMl;
  const [eighth, quarter] = STEPS_TSP;
  if (massG < tspG * 0.19) return tspG * eighth;
  return Math.max(1, Math.round(massG / tspG / quarter)) * quarter * tspG;
}
