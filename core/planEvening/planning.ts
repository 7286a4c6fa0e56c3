import type { KnownOrders } from '../arrange/around';
import type { Edit, Evening, FieldError, PotPlan, Prep, Remedy } from '@elixa/contract';
import { applyEdits } from '../evening/edits/applyEdit';
import { resolveMenu } from '../evening/resolveMenu';
import type { PrepClock } from '../prep/planPrep';
import type { RemedySearch } from '../prep/remedies';
import type { Steps } from '../steps/steps';
import { prepInSteps, remediesInSteps } from './planEvening';
import { differences, type Difference } from '../simmer/compare';
import { timesTable } from '../simmer/timesTable';
import { planMenu } from './planPot';
import { withPotRemedies, type Mended } from './potRemedies';
import { rehearsedInSteps, type RehearsedPot } from './rehearsed';
import { previewInSteps, type PotPreview } from './previewStyle';

/** What somebody wants to know of an evening. */
export interface PlanningQuestion {
  evening: Evening;
  /** From when on the preparation is planned, and what is ticked; without one only the pot is planned. */
  clock?: PrepClock;
  /** Styles of which it is asked what they would come to tonight; nothing else is planned then. */
  previews?: readonly string[];
  /** Changes of which it is asked what they would do to the pot; nothing else is planned then. */
  whatIf?: readonly Edit[];
}

/** What comes out of planning, one after another: what is needed first comes first. */
export type Found =
  | { kind: 'faults'; faults: readonly FieldError[] }
  /** A quick one is by the table alone; the one that was gone through by the model of heat follows it. */
  | { kind: 'pot'; plan: PotPlan; quick?: true }
  | { kind: 'prep'; prep: Prep }
  | ({ kind: 'trying' } & RemedySearch)
  | { kind: 'remedies'; remedies: Remedy[] }
  | { kind: 'preview'; preview: PotPreview }
  /** Changes to the pot that have been tried of those that may mend it. */
  | ({ kind: 'mending' } & Mended)
  /** Plans of a what-if that have been gone through. */
  | { kind: 'wondering'; gone: number }
  | { kind: 'whatIf'; plan: PotPlan; differences: readonly Difference[] };

/**
 * Answers questions about evenings in steps. It remembers the pot that it planned last: a tick in the preparation changes
 * nothing of it.
 * @returns steps that say what they find; where the document has faults, they say those and nothing else
 * @example [...makePlanning()({ evening })] // [{ kind: 'pot', plan }]
 */
export function makePlanning(): (question: PlanningQuestion) => Steps<void, Found> {
  let last: { of: string; planned: RehearsedPot; plan?: PotPlan } | undefined;

  return function* planning({ evening, clock, previews, whatIf }) {
    if (whatIf) {
      yield* tryingOut(evening, whatIf, last?.planned);
      return;
    }
    if (previews) {
      for (const styleId of previews) yield { kind: 'preview', preview: yield* previewInSteps(evening, styleId) };
      return;
    }
    const of = JSON.stringify(evening);
    if (last?.of !== of) {
      const { menu, faults } = resolveMenu(evening);
      if (!menu) {
        yield { kind: 'faults', faults };
        return;
      }
      // What follows at once is shown at once; then it is gone through by the model of heat.
      const orders: KnownOrders = new Map();
      yield { kind: 'pot', plan: planMenu(menu, timesTable, undefined, orders).plan, quick: true };
      yield;
      const planned = yield* rehearsedInSteps(menu, timesTable, last?.planned, orders);
      last = { of, planned };
    }
    const mine = last;
    const { planned } = mine;
    yield { kind: 'pot', plan: mine.plan ?? planned.plan };
    if (clock) {
      const prep = yield* prepInSteps(planned, clock);
      yield { kind: 'prep', prep };
      yield { kind: 'remedies', remedies: prep.late > 0 ? yield* trying(planned, prep.late, clock) : [] };
    }
    if (!mine.plan) {
      // What mends the pot itself is worked out last: each change is a pot of its own.
      mine.plan = yield* mending(planned);
      if (mine.plan !== planned.plan) yield { kind: 'pot', plan: mine.plan };
    }
  };
}

/** The pot as it is and as it would be, both gone through by the model of heat. */
function* tryingOut(evening: Evening, edits: readonly Edit[], near: RehearsedPot | undefined): Steps<void, Found> {
  const { menu } = resolveMenu(evening);
  const changed = resolveMenu(applyEdits(evening, edits));
  if (!menu || !changed.menu) {
    yield { kind: 'faults', faults: changed.faults };
    return;
  }
  const before = yield* rehearsedInSteps(menu, timesTable, near);
  yield;
  const now = yield* toldBetween(rehearsedInSteps(changed.menu, timesTable, before), (_, gone) => ({
    kind: 'wondering',
    gone,
  }));
  yield { kind: 'whatIf', plan: now.plan, differences: differences(changed.menu.catalogue, before.plan, now.plan) };
}

/** Steps whose progress is something found. */
function* toldBetween<T, Says>(
  steps: Steps<T, Says>,
  tell: (says: Says | undefined, step: number) => Found | undefined,
): Steps<T, Found> {
  for (let step = 1; ; step += 1) {
    const { done, value } = steps.next();
    if (done) return value;
    yield tell(value, step);
  }
}

/** The search for what mends a late plan. */
const trying = (planned: RehearsedPot, lateS: number, clock: PrepClock): Steps<Remedy[], Found> =>
  toldBetween(remediesInSteps(planned, lateS, clock), (tried) => tried && { kind: 'trying', ...tried });

/** The search for what mends the pot. */
const mending = (planned: RehearsedPot): Steps<PotPlan, Found> =>
  toldBetween(withPotRemedies(planned, timesTable), (mended) => mended && { kind: 'mending', ...mended });
