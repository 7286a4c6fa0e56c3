import {
  BEFORE_DEVICES,
  migratePlan,
  type Action,
  type AnyLiveEvent,
  type Evening,
  type LiveEvent,
  type LiveEvent1,
  type PotPlan,
} from '@elixa/contract';
import { planPot } from '../planEvening/planPot';
import { timesTable } from '../simmer/timesTable';
import { factsOf } from './facts';
import { liveSteps, type LiveStep } from './liveSteps';

/** What was cooked then stays as it was told, whatever is planned for a finish now. */
const AS_IN_VERSION_1 = { ...timesTable, asInVersion1: true } as const;

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

const isOld = (event: AnyLiveEvent): event is LiveEvent1 => !('v' in event);

/** The plan that was adopted may be of an older shape. */
const withPlanOfToday = (event: LiveEvent): LiveEvent =>
  event.type === 'planAdopted' ? { ...event, plan: migratePlan(event.plan) as typeof event.plan } : event;

/** What came first of things logged in the same millisecond: nothing before the start, nothing after the end. */
const rank = ({ type }: LiveEvent1) => (type === 'started' ? 0 : type === 'finished' ? 2 : 1);

/** A second id that always follows from the first, for the event that one old event became two of. */
const siblingId = (id: string) => {
  const first = Number.parseInt(id.charAt(0), 16);
  return `${(first ^ 8).toString(16)}${id.slice(1)}`;
};

/**
 * A log of any version as one of facts. Version 1 named steps by their number in a plan that was computed from the evening
 * it had started with: it is computed once more, adopted, and every step becomes what it was.
 * @returns the events in no particular order; those of today are left as they are
 */
export function upcastLog(events: readonly AnyLiveEvent[]): LiveEvent[] {
  const old = events.filter(isOld).sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || rank(a) - rank(b));
  const today = events.filter((event): event is LiveEvent => !isOld(event)).map(withPlanOfToday);
  if (old.length === 0) return today;
  let steps: LiveStep[] = [];
  let planId = '';
  let clock = 0;
  const base = ({ id, at }: { id: string; at: string }) => ({
    v: 2 as const,
    id,
    at,
    device: BEFORE_DEVICES,
    clock: (clock += 1),
  });
  const read = old.flatMap((event): LiveEvent[] => {
    switch (event.type) {
      case 'started': {
        const plan = asToldThen(planPot(inPointedPot(event.evening), AS_IN_VERSION_1), event.evening);
        steps = liveSteps(plan.simmer);
        planId = siblingId(event.id);
        const adopted: LiveEvent = {
          ...base({ id: planId, at: event.at }),
          type: 'planAdopted',
          evening: event.evening,
          plan,
        };
        const place = { actionId: 'lit', round: 1, pan: 'main' as const };
        return [adopted, { ...base(event), type: 'happened', facts: [{ ...place, is: 'lit', planId }] }];
      }
      case 'stepDone': {
        const step = steps.find((one) => one.step === event.step);
        if (!step) return [];
        return [
          { ...base(event), type: 'happened', facts: factsOf(step, planId), checkedThrough: event.checkedThrough },
        ];
      }
      default:
        return [{ ...event, ...base(event) }];
    }
  });
  return [...read, ...today];
}
