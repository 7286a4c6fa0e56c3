import {
  BEFORE_DEVICES,
  migratePlan,
  versionOf,
  type Act,
  type Action,
  type AnyLiveEvent,
  type Evening,
  type Fact,
  type Fact2,
  type LiveEvent,
  type LiveEvent1,
  type LiveEvent2,
  type Plans,
  type PotPlan,
} from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { planPot } from '../planEvening/planPot';
import type { AdditionModel } from '../simmer/additionModel';
import { timesTable } from '../simmer/timesTable';
import { factsOf } from './facts';
import { liveSteps, type LiveStep } from './liveSteps';
import { inOrder } from './order';
import { planHashOf } from './planHash';

/**
 * Times that stood otherwise in the table then, in minutes at 100 °C: tofu was to be hot to the touch, not to the middle, and
 * what is tender was left in for longer.
 */
const ROWS_THEN: Readonly<Record<string, readonly [least: number, best: number, most: number]>> = {
  'firmTofu/block': [3, 6, 25],
  'firmTofu/slab': [2, 4, 25],
  'friedTofu/wedge': [2, 4, 20],
  'silkenTofu/block': [4, 7, 20],
  'grilledTofu/block': [3, 5, 30],
  'sweetcorn/disc': [5, 7, 15],
  'chickenThigh/chunk': [11, 12, 25],
  'beefSlice/thin': [1, 1.5, 4],
  'porkLoin/thin': [0.9, 1.2, 3],
  'lambSlice/thin': [1, 1.5, 4],
  'salmonFillet/slice': [7, 8, 12],
  'codFillet/slice': [6.5, 7, 10],
  'seaBream/slice': [3.6, 4, 7],
  'enoki/tuft': [3, 4, 8],
  'napaCabbage/leaf': [1, 2, 5],
  'napaCabbage/stem': [5, 7, 14],
  'carrot/round': [5, 7, 14],
  'longOnion/slant': [4, 5, 12],
  'shiitake/cap': [5, 6, 15],
  'oysterMushroom/torn': [2, 3, 8],
  'shiitake/scored': [5, 6, 15],
  'dumpling/whole': [10.2, 11, 14],
};

/** What was cooked then stays as it was told, whatever is planned for a finish now. */
const AS_IN_VERSION_1: AdditionModel = {
  ...timesTable,
  asInVersion1: true,
  cookWindow(ingredientId, cut, pan, way = 'simmered') {
    const now = timesTable.cookWindow(ingredientId, cut, pan, way);
    const then = way === 'simmered' ? ROWS_THEN[`${ingredientId}/${cut}`] : undefined;
    const row = pan.catalogue.byId(ingredientId).cuts[cut]?.cooks?.simmered;
    if (!then || !row) return now;
    const times = now.bestS / row.bestMin;
    return { ...now, leastS: then[0] * times, bestS: then[1] * times, mostS: then[2] * times };
  },
};

/** Every pot came to a point then: a bowl without a flat bottom, which holds a little less to its mark. */
const POINT_MM = 1e-6;
const inPointedPot = (evening: Evening): Evening => ({
  ...evening,
  vessel: { ...evening.vessel, baseDiameterMm: POINT_MM },
});

/** Version 1 said the same of fire and lid at every boil and every top-up, whatever a stage wanted. */
function asToldThen(plan: PotPlan, { vessel }: Evening): PotPlan {
  const atBoil = vessel.lid ? 'lid off, down to a simmer' : 'down to a simmer';
  const said = ({ kind, id, says, pan }: Action): string => {
    if (kind === 'boil') return pan === 'main' ? `It boils: ${atBoil}` : 'The small pan boils: down to a simmer';
    if (kind === 'heatUp') return 'Back up to a simmer';
    if (kind === 'serve') return says.replace(', lid on, low heat', ', low heat');
    return kind === 'pour' && id.startsWith('topup') && !says.includes('back to') ? `${says}, back to a simmer` : says;
  };
  const actions = plan.simmer.actions.map((one) => ({ ...one, says: said(one) }));
  return { ...plan, simmer: { ...plan.simmer, actions } };
}

/** What came first of things logged in the same millisecond: nothing before the start, nothing after the end. */
const rank = ({ type }: LiveEvent1) => (type === 'started' ? 0 : type === 'finished' ? 2 : 1);

/** A second id that always follows from the first, for the event that one old event became two of. */
const siblingId = (id: string) => {
  const first = Number.parseInt(id.charAt(0), 16);
  return `${(first ^ 8).toString(16)}${id.slice(1)}`;
};

const V = { v: 3 as const };

/** Version 1 named steps by their number in a plan that was computed from the evening it had started with. */
function from1(events: readonly LiveEvent1[], plans: Plans): LiveEvent[] {
  const old = [...events].sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || rank(a) - rank(b));
  let plan: PotPlan | undefined;
  let steps: LiveStep[] = [];
  let planId = '';
  let clock = 0;
  const base = ({ id, at }: { id: string; at: string }) => ({
    ...V,
    id,
    at,
    device: BEFORE_DEVICES,
    clock: (clock += 1),
  });
  return old.flatMap((event): LiveEvent[] => {
    switch (event.type) {
      case 'started': {
        const { evening } = event;
        plan = asToldThen(planPot(inPointedPot(evening), AS_IN_VERSION_1), evening);
        steps = liveSteps(catalogueOf(evening), plan.simmer);
        planId = siblingId(event.id);
        const planHash = planHashOf(plan);
        plans[planHash] = plan;
        const lit: Fact = { potId: 'main', act: { is: 'light' }, answers: { planId, actId: 'lit' } };
        return [
          { ...base({ id: planId, at: event.at }), type: 'planAdopted', evening, planHash },
          { ...base(event), type: 'happened', facts: [lit] },
        ];
      }
      case 'stepDone': {
        const step = steps.find((one) => one.step === event.step);
        if (!step || !plan) return [];
        const facts = factsOf(step, plan, planId);
        return [{ ...base(event), type: 'happened', facts, checkedThrough: event.checkedThrough }];
      }
      default:
        return [{ ...event, ...base(event) }];
    }
  });
}

/** What a deed of version 2 that answers no plan does to its pot. */
function actOf2(fact: Fact2): Act | undefined {
  switch (fact.is) {
    case 'added': {
      const { pieceId, ingredientId, cut = '', massG } = fact;
      return { is: 'added', pieceId, ingredientId, cut, massG };
    }
    case 'ladledOut':
      return { is: 'ladled', ml: Math.max(0, fact.ml), to: 'jug' };
    case 'served':
      return { is: 'served' };
    case 'burnerOff':
      return { is: 'heat', share: 0 };
    default:
      return undefined;
  }
}

interface Adopted2 {
  planId: string;
  plan: PotPlan;
}

/**
 * Version 2 named lines of its plan, and said in words of its own what was done.
 * @param today events of today in the same log: a page of version 2 may go on with a pot that was brought to today meanwhile
 */
function from2(events: readonly LiveEvent2[], plans: Plans, today: readonly LiveEvent[]): LiveEvent[] {
  const ordered = inOrder(events);
  const adopted = [
    ...ordered.flatMap((event): Adopted2[] =>
      event.type === 'planAdopted' ? [{ planId: event.id, plan: migratePlan(event.plan) as PotPlan }] : [],
    ),
    ...inOrder(today).flatMap((event): Adopted2[] => {
      const plan = event.type === 'planAdopted' ? plans[event.planHash] : undefined;
      return plan ? [{ planId: event.id, plan }] : [];
    }),
  ];
  const byId = new Map(adopted.map((one) => [one.planId, one]));
  const litBy = ordered
    .flatMap((event) => (event.type === 'happened' ? event.facts : []))
    .find(({ is, planId }) => is === 'lit' && planId && byId.has(planId))?.planId;
  const first = byId.get(litBy ?? '') ?? adopted[0];
  const linesOf = (id: string | undefined, lineId: string) => {
    const by = byId.get(id ?? '') ?? first;
    const line = by?.plan.simmer.actions.find((one) => one.id === lineId);
    return by && line ? factsOf({ actions: [line] }, by.plan, id ?? by.planId) : [];
  };
  const factsOf2 = (fact: Fact2): Fact[] => {
    const { actionId, planId, pan, round } = fact;
    if (fact.is === 'lit' && !linesOf(planId, actionId).length) {
      return [{ potId: pan, round, act: { is: 'light' }, answers: { planId: fact.planId, actId: actionId } }];
    }
    const answering = linesOf(planId, actionId);
    if (answering.length > 0) return answering;
    if (fact.is === 'boilReached') return [{ potId: pan, round, saw: { is: 'boils' } }];
    const act = actOf2(fact);
    return act ? [{ potId: pan, round, act }] : [];
  };
  return events.flatMap((event): LiveEvent[] => {
    switch (event.type) {
      case 'planAdopted': {
        const { plan } = byId.get(event.id)!;
        const { id, at, device, clock, after, type, evening, over } = event;
        const planHash = planHashOf(plan);
        plans[planHash] = plan;
        return [{ ...V, id, at, device, clock, after, type, evening, planHash, over }];
      }
      case 'happened': {
        const facts = event.facts.flatMap(factsOf2);
        return facts.length > 0 ? [{ ...event, ...V, facts }] : [];
      }
      case 'notYet': {
        const { id, at, device, clock, after, actionId } = event;
        const facts = linesOf(undefined, actionId)
          .slice(0, 1)
          .map(({ potId, round, answers }): Fact => ({ potId, round, saw: { is: 'notYet' }, answers }));
        return facts.length > 0 ? [{ ...V, id, at, device, clock, after, type: 'happened', facts }] : [];
      }
      default:
        return [{ ...event, ...V }];
    }
  });
}

/** A log of any version: the plans that its events name, and the events. */
export interface AnyLog {
  plans: Plans;
  events: readonly AnyLiveEvent[];
}

/**
 * A log of any version as one of facts, with the plans that it was cooked by. What version 1 computed is computed once more
 * and adopted; what either said of a line becomes the acts of that line.
 * @returns the events in no particular order; those of today are left as they are
 */
export function upcastLog({ plans: known, events }: AnyLog): { plans: Plans; events: LiveEvent[] } {
  // A plan that was named long ago may be of an older shape; it keeps its name.
  const plans: Plans = Object.fromEntries(
    Object.entries(known).map(([hash, plan]) => [hash, migratePlan(plan) as PotPlan]),
  );
  const first = events.filter((event): event is LiveEvent1 => versionOf(event) === 1);
  const second = events.filter((event): event is LiveEvent2 => versionOf(event) === 2);
  const today = events.filter((event): event is LiveEvent => versionOf(event) === 3);
  return { plans, events: [...from1(first, plans), ...from2(second, plans, today), ...today] };
}
