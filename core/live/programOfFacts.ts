import type { Act, Fact, PlannedAct, PotPlan, PotProgram } from '@elixa/contract';
import { stepTaps } from './facts';
import type { Adopted, LiveState, Tap } from './foldLive';
import { liveSteps } from './liveSteps';
import { project } from './project';

/** A deed that answers no plan, or one whose plan has no program: what of it changes a pot. */
function actOf(fact: Fact): Act | undefined {
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

const plansOf = ({ started }: LiveState): Adopted[] => (started ? [...started.earlier, started] : []);

/** The plan that a fact answers: the one that it names, or the one that was cooked by when it was said. */
function answeredBy(plans: readonly Adopted[], { planId }: Fact, atS: number): PotPlan | undefined {
  return (plans.find((one) => one.planId === planId) ?? plans.findLast((one) => one.sinceS <= atS))?.plan;
}

/** The acts of one fact, when it was told. */
function actsOf(plans: readonly Adopted[], { eventId, atS }: Tap, fact: Fact): PlannedAct[] {
  const { actionId, pan, round } = fact;
  const program = answeredBy(plans, fact, atS)?.program;
  const planned = program?.acts.filter((one) => one.actionId === actionId) ?? [];
  if (planned.length > 0) {
    // What hung on the boil was done when the boil was told.
    return planned.map(({ on: _on, ...one }) => ({ ...one, id: `${eventId}/${one.id}`, atS }));
  }
  const act = actOf(fact);
  return act ? [{ id: `${eventId}/${actionId}`, actionId, potId: pan, round, atS, act }] : [];
}

/**
 * What was done at the pots, as acts, each when it was told on the pot's clock. A fact that answers a plan is what that plan
 * says of it; one that answers none is what it says itself. With `simulate` it comes to the pot as it really is.
 * @example simulate(start, programOfFacts(foldLive(log)).acts, nowS, kitchen)
 */
export function programOfFacts(state: LiveState): PotProgram {
  const plans = plansOf(state);
  const acts = state.taps.flatMap((tap) => tap.facts.flatMap((fact) => actsOf(plans, tap, fact)));
  const known = plans.flatMap(({ plan }) => plan.program?.pots ?? []);
  const pots = [...new Map([...known, { id: 'main', name: 'pot' }].map((pot) => [pot.id, pot])).values()];
  return { pots, acts: [...acts].sort((a, b) => a.atS - b.atS) };
}

/**
 * What is left of a plan after what has happened: the acts of every step that was not done, moved as late boils and entries
 * move their rounds; least and safe times hold.
 * @param nowS the pot's clock in s
 * @returns none of it where nothing is cooked, or by a plan of before there were programs
 */
export function restOf(state: LiveState, nowS: number): PlannedAct[] {
  const { started } = state;
  if (!started?.plan.program) return [];
  const { simmer, program } = started.plan;
  const steps = liveSteps(simmer);
  const taps = stepTaps(steps, state);
  const done = new Set(taps.map((tap) => tap.step));
  const { dueS } = project(simmer, steps, taps, nowS);
  const stepOf = new Map(steps.flatMap((step) => step.actions.map((action) => [action.id, step] as const)));
  return program.acts
    .flatMap((one) => {
      const step = stepOf.get(one.actionId);
      if (!step || done.has(step.step)) return [];
      return [{ ...one, atS: Math.max(nowS, one.atS + (dueS.get(step.step) ?? step.atS) - step.atS) }];
    })
    .sort((a, b) => a.atS - b.atS);
}
