import type { Liquid } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { sum } from '../measures/sum';

/** What is still to be measured after some has been weighed, so that the liquid comes out as strong as it should. */
export interface Rest {
  /** Grams still to weigh, by ingredient. */
  massG: ReadonlyMap<string, number>;
  /** Water to add beyond what was planned, in ml; zero or more. */
  moreWaterMl: number;
  /** Salinity that it comes to, in % by mass. */
  salinityPct: number;
}

/**
 * Solves the rest of a formula again when something was poured that cannot be taken back. Salt poured too much is taken
 * from the salting parts that are still to come; what these cannot take up is let down with water, and everything that
 * is not weighed yet grows with it. Salt poured too little is made up by what is still to come.
 * @param weighedG what lies in the bowl, by ingredient, in g
 * @example restAfter(CATALOGUE, broth, new Map([['misoLight', 112]])).moreWaterMl // 150
 */
export function restAfter(catalogue: Catalogue, liquid: Liquid, weighedG: ReadonlyMap<string, number>): Rest {
  const saltIn = (ingredientId: string, massG: number) => (massG * catalogue.byId(ingredientId).saltPct) / 100;
  const done = liquid.ingredients.filter((part) => weighedG.has(part.ingredientId));
  const open = liquid.ingredients.filter((part) => !weighedG.has(part.ingredientId));
  const stays = done.filter((part) => part.role !== 'infusion');
  const over = (part: (typeof done)[number]) => (weighedG.get(part.ingredientId) ?? 0) - part.massG;
  const overG = sum(stays.map(over));
  const extraSaltG = sum(stays.map((part) => saltIn(part.ingredientId, over(part))));
  const salting = open.filter((part) => part.role === 'salting');
  const openSaltG = sum(salting.map((part) => saltIn(part.ingredientId, part.massG)));
  const plannedSaltG = (liquid.salinityPct / 100) * liquid.finishedMl;
  // Positive: salt that the rest must give up. Negative: salt that the rest must make up, as far as there is a rest.
  const takenG = openSaltG > 0 ? Math.min(extraSaltG, openSaltG) : 0;
  const saltFactor = openSaltG > 0 ? (openSaltG - takenG) / openSaltG : 0;
  const leftG = extraSaltG - takenG;
  const grows = leftG > 0 ? 1 + leftG / plannedSaltG : 1;
  const endMl = liquid.finishedMl * grows;
  return {
    massG: new Map(
      open.map((part) => [part.ingredientId, part.massG * (part.role === 'salting' ? saltFactor : grows)]),
    ),
    moreWaterMl: Math.max(0, endMl - liquid.finishedMl - (leftG > 0 ? Math.max(0, overG) : 0)),
    salinityPct: ((plannedSaltG + leftG) / endMl) * 100,
  };
}
