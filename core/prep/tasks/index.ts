import type { Evening, Liquid, Simmer } from '@elixa/contract';
import type { Helping } from '../../diners/helpings';
import type { Capacities, PrepProblem } from '../problem';
import { boardOrder, foodWork } from './food';
import { liquidWork } from './liquids';
import { leadOf, tableWork } from './table';
import type { Work } from './work';

export interface PrepQuestion {
  evening: Evening;
  food: readonly Helping[];
  liquids: readonly Liquid[];
  simmer: Simmer;
}

/** Burners in the kitchen, besides the one at the table, where nothing else is said. */
const USUAL_BURNERS = 2;

export function capacitiesOf({ cooks, kitchen }: Evening): Capacities {
  return { hands: cooks, burner: kitchen?.burners ?? USUAL_BURNERS, board: 1, fridge: 12, freezer: 3, pot: 1 };
}

export interface EveningWork extends PrepProblem {
  blocks: readonly Work[];
}

/**
 * Everything that has to be done before people sit down, as it follows from the evening: every soak, cut, broth, dip and
 * marinade, the table, the counter and the first round, with what waits for what and what it occupies.
 */
export function workOf({ evening, food, liquids, simmer }: PrepQuestion): EveningWork {
  const leadMin = leadOf(simmer);
  const forLiquids = liquidWork(liquids, leadMin);
  const forFood = foodWork(evening, food, liquids, leadMin, forLiquids.firstOf);
  const beforeCheck = [...forLiquids.works, ...forFood.works]
    .filter((work) => work.endsBeforeMin >= leadMin && !work.early)
    .map((work) => work.id);
  const forTable = tableWork(evening, simmer, beforeCheck);
  const cut = forFood.works.filter((work) => work.kind === 'food' && work.endsBeforeMin >= leadMin && !work.early);
  return {
    blocks: [...forLiquids.works, ...forFood.works, ...forTable.works],
    lags: [
      ...forLiquids.lags,
      ...forFood.lags,
      ...boardOrder([...forLiquids.works, ...forFood.works]),
      ...forTable.lags,
      ...cut.map((work) => ({ before: work.id, after: 'arrange', leastMin: 0 })),
    ],
    capacities: capacitiesOf(evening),
  };
}
