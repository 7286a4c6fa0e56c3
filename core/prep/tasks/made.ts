import type { Evening, Liquid } from '@elixa/contract';
import type { Homemade } from '../../catalogue/ingredient';
import type { Menu } from '../../evening/menu';
import type { PrepStep } from '../../catalogue/work';
import { showMeasure } from '../../measures/showMeasure';
import { beansSoak } from '../../catalogue/beanSoak';
import type { Lag } from '../problem';
import { DAY_BEFORE_MIN, inARow, lengthOf, needing, type Part, type Work, type WorkList } from './work';

/** Home-made milks and waters stand so long in the fridge, and are better sooner. Kitchen estimates, 1-2 days. */
const KEEPS_MIN = 24 * 60;
const STALENESS = 0.02;

const WHERE: Readonly<Record<string, string>> = {
  fridge: 'in the fridge',
  larder: 'in a cool place',
  room: 'in the kitchen',
};

/** A step in which beans swell, where they lie tonight. */
function swelling(step: PrepStep, { style, place }: Evening): PrepStep {
  const { id, tempC, minutes } = beansSoak(style.schools, place.roomTempC);
  const says = step.says.replace('soak until', `soak ${WHERE[id]}, at about ${Math.round(tempC)} °C, until`);
  return { ...step, says, lastsMin: minutes, ...(id === 'fridge' ? { needs: ['fridge'] as const } : {}) };
}

/** The steps of what is made at home, each as long as so much of it takes: one nut after another. */
export const madeSteps = ({ steps }: Homemade, massG: number, evening: Evening): PrepStep[] =>
  steps.map(({ forEachG, ...step }) => {
    if (step.swells) return swelling(step, evening);
    return forEachG === undefined
      ? step
      : { ...step, lastsMin: step.lastsMin * Math.max(1, Math.ceil(massG / forEachG)) };
  });

const partsOf = (made: Homemade, massG: number, evening: Evening): Part[] =>
  inARow(
    madeSteps(made, massG, evening).map((step, index) => ({
      id: `made${index + 1}`,
      says: step.says,
      lastsMin: step.lastsMin,
      needs: needing(step.attended, step.needs),
    })),
  );

/**
 * What is made at home for a broth or a sauce and would be bought otherwise: milk of beans, water and milk of coconuts. It
 * comes before everything that it goes into, and before what comes of the same work.
 * @param firstOf the first piece of work of each liquid
 */
export function madeWork(
  { evening, catalogue, food }: Pick<Menu, 'evening' | 'catalogue' | 'food'>,
  liquids: readonly Liquid[],
  leadMin: number,
  firstOf: ReadonlyMap<string, string>,
): WorkList {
  const works: Work[] = [];
  const lags: Lag[] = [];
  for (const id of evening.choices.homemade ?? []) {
    const what = catalogue.byId(id);
    const into = liquids.filter((liquid) => liquid.ingredients.some((part) => part.ingredientId === id));
    const bought = evening.choices.bought?.includes(id) ?? false;
    if (!what.homemade || into.length === 0 || bought) continue;
    const massG = into
      .flatMap((liquid) => liquid.ingredients)
      .reduce((sum, part) => sum + (part.ingredientId === id ? part.massG : 0), 0);
    const segments = partsOf(what.homemade, massG, evening);
    const workId = `made-${id}`;
    works.push({
      id: workId,
      kind: 'liquid',
      name: what.name,
      subjectId: id,
      amountText: showMeasure(massG, what, evening.units).text,
      segments,
      lastsMin: lengthOf(segments),
      endsBeforeMin: leadMin,
      endsWithinMin: leadMin + KEEPS_MIN,
      freshMin: KEEPS_MIN / 2,
      staleness: STALENESS,
      early: false,
      dayBefore: KEEPS_MIN >= DAY_BEFORE_MIN,
      why: `${into.map((liquid) => liquid.name).join(' and ')} ${into.length > 1 ? 'are' : 'is'} made of it`,
    });
    const besides = (what.homemade.alsoGives ?? []).filter((one) =>
      food.some((there) => there.ingredientId === one.ingredientId),
    );
    const after = [
      ...into.map((liquid) => firstOf.get(liquid.id) ?? liquid.id),
      ...besides.map((one) => one.ingredientId),
    ];
    lags.push(...after.map((next) => ({ before: workId, after: next, leastMin: 0 })));
  }
  return { works, lags };
}
