import type { Build, Evening, Liquid, Simmer } from '@elixa/contract';
import type { Menu } from '../../evening/menu';
import type { Capacities, PrepProblem } from '../problem';
import { boardOrder, foodWork } from './food';
import { liquidWork } from './liquids';
import { madeWork } from './made';
import { layingWork } from './laying';
import { ARRANGE_ID, CHECK_ID, CHECK_MIN, leadOf, tableWork } from './table';
import { withHandsWashed } from './washing';
import { lengthOf, withFirst, type Work } from './work';

export interface PrepQuestion {
  menu: Menu;
  liquids: readonly Liquid[];
  simmer: Simmer;
  build: Build;
}

/** Burners in the kitchen, besides the one at the table, where nothing else is said. */
const USUAL_BURNERS = 2;

export function capacitiesOf({ cooks, kitchen }: Evening): Capacities {
  return { hands: cooks, burner: kitchen?.burners ?? USUAL_BURNERS, board: 1, fridge: 12, freezer: 3, pot: 1 };
}

/** To fetch a thing, wipe the board and find the next knife, before each piece of work. Kitchen estimate, 0.5-2 min. */
const HANDOVER_MIN = 1;

/** Work with the time that hands take to come to it. */
function withHandover(work: Work): Work {
  const [first] = work.segments;
  if (work.kind === 'pot' || work.kind === 'table' || !first?.needs.includes('hands')) return work;
  const segments = withFirst(work.segments, first.lastsMin + HANDOVER_MIN);
  return { ...work, segments, lastsMin: lengthOf(segments) };
}

export interface EveningWork extends PrepProblem {
  blocks: readonly Work[];
}

/**
 * Everything that has to be done before people sit down, as it follows from the evening: every soak, cut, broth, dip and
 * marinade, the table, the counter and the first round, with what waits for what and what it occupies.
 */
export function workOf({ menu, liquids, simmer, build }: PrepQuestion): EveningWork {
  const { evening } = menu;
  const leadMin = leadOf(simmer);
  const isHeated = ({ kind, place }: Liquid) =>
    menu.pour.at === 'boiling' && kind === 'broth' && (place === 'pot' || place === 'otherHalf');
  const poured = simmer.actions.find((one) => one.kind === 'pour' && one.pan === 'main');
  const pouredMin = Math.max(0, leadMin - Math.floor((poured?.atS ?? 0) / 60));
  const forLiquids = liquidWork(menu, liquids, { leadMin, pouredMin }, isHeated);
  const forFood = foodWork(menu, liquids, leadMin, forLiquids);
  const made = madeWork(menu, liquids, leadMin, forLiquids.firstOf);
  const beforeCheck = [...made.works, ...forLiquids.works, ...forFood.works]
    .filter((work) => work.endsBeforeMin >= leadMin && !work.early)
    .map((work) => work.id);
  const forLaying = layingWork({ menu, build, simmer }, leadMin, CHECK_MIN);
  const forTable = tableWork(menu, simmer, beforeCheck, forLaying.works.length > 0);
  // What is rubbed into a thing is on it before it is piled or laid.
  const rubbedIn = liquids.flatMap(({ id, kind }) => (kind === 'marinade' ? (forLiquids.lastOf.get(id) ?? []) : []));
  const cut = forFood.works.filter((work) => work.kind === 'food' && work.endsBeforeMin >= leadMin && !work.early);
  return {
    blocks: [...made.works, ...forLiquids.works, ...forFood.works, ...forLaying.works, ...forTable.works]
      .map(withHandsWashed)
      .map(withHandover),
    lags: [
      ...made.lags,
      ...forLiquids.lags,
      ...forFood.lags,
      ...boardOrder([...forLiquids.works, ...forFood.works]),
      ...forTable.lags,
      ...forLaying.lags,
      ...forLaying.works.flatMap(({ id }) => [
        ...cut.map((work) => ({ before: work.id, after: id, leastMin: 0 })),
        ...rubbedIn.map((before) => ({ before, after: id, leastMin: 0 })),
        { before: id, after: CHECK_ID, leastMin: 0 },
      ]),
      ...(forTable.works.some(({ id }) => id === ARRANGE_ID)
        ? cut.map((work) => ({ before: work.id, after: ARRANGE_ID, leastMin: 0 }))
        : []),
    ],
    capacities: capacitiesOf(evening),
  };
}
