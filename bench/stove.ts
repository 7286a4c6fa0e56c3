import { LIVE_EVENT_VERSION, type LiveEvent } from '@elixa/contract';
import {
  CATALOGUE,
  doneAtS,
  doneLines,
  estimate,
  factsOf,
  foldLive,
  liveSteps,
  planFrom,
  planHashOf,
  potsNow,
  programOfFacts,
  rehearseEvening,
  rehearsedOf,
  sightingsOf,
  simulate,
} from '@elixa/core';
import { priorOf } from '@elixa/core/live/estimate';
import { emptyPot } from '@elixa/core/simmer/rehearse';
import { practice } from './household';
import { ms, row, timed, type Row } from './row';

const MINUTES = 90;
const LATE_S = 180;

/** Practice night on the fire, tapped as planned but for a boil that came late, up to a moment. */
function cooking(untilS: number) {
  const pot = rehearsedOf(practice());
  const { plan, menu } = pot;
  const startMs = Date.parse(plan.simmer.litAt);
  const planHash = planHashOf(plan);
  const steps = liveSteps(CATALOGUE, plan.simmer);
  const id = (at: number) => `00000000-0000-4000-8000-${String(at).padStart(12, '0')}`;
  const late = steps.findIndex(({ kind }) => kind === 'boil');
  const news = [
    { atS: 0, type: 'planAdopted', evening: menu.evening, planHash },
    ...steps.map((step, index) => ({
      atS: step.atS + (index >= late ? LATE_S : 0),
      type: 'happened',
      facts: factsOf(step, plan, id(1)),
    })),
  ].filter(({ atS }) => atS <= untilS);
  const events = news.map(
    ({ atS, ...one }, index) =>
      ({
        ...one,
        v: LIVE_EVENT_VERSION,
        id: id(index + 1),
        at: new Date(startMs + atS * 1000).toISOString(),
        device: 'bench-phone',
        clock: index + 1,
      }) as LiveEvent,
  );
  return { pot, state: foldLive({ plans: { [planHash]: plan }, events }), boilS: steps[late]!.atS + LATE_S };
}

/** What the stove asks of a phone after a tap, beside ninety minutes of the same pot gone through once. */
export function timeToWatch(): Row[] {
  const whole = cooking(MINUTES * 60);
  const { pot } = whole;
  const { menu, fit } = pot;
  const acts = programOfFacts(whole.state).acts.filter(({ potId }) => potId === 'main');
  const start = emptyPot(menu, fit, 'main', 0)!;
  const once = timed(() => void simulate(start, acts, MINUTES * 60), 9);
  const seen = sightingsOf(whole.state);
  const estimated = timed(() => void estimate(start, acts, seen, MINUTES * 60, priorOf(menu.evening.heatSource)), 5);
  const boiled = cooking(0);
  const { state } = cooking(boiled.boilS + 1);
  const nowS = boiled.boilS + 5;
  const pots = potsNow(state, pot, nowS);
  const done = doneAtS(doneLines(state));
  const again = timed(() => void planFrom({ pot, pots, told: state.started!.plan, done, nowS, soonest: true }), 5);
  const rehearsed = timed(() => void rehearseEvening(pot, 1, ['weakBurner']), 3);
  const hours = rehearseEvening(pot, 1, ['weakBurner']).endsAtS / 3600;
  const of = `simulating ${MINUTES} min of it`;
  return [
    row('estimating the pot after 90 min (12 at most)', estimated, of, once, ms),
    row('planning again, all that is left (25 at most)', again, of, once, ms),
    row('rehearsing an hour', rehearsed / hours, of, once, ms),
  ];
}
