import type { PlannedAct, PotProgram, Sighting } from '@elixa/contract';
import type { LiveState } from './foldLive';

/**
 * What was done at the pots, as acts, each when it was told on the pot's clock. With `simulate` it comes to the pot as it
 * really is.
 * @example simulate(start, programOfFacts(foldLive(log)).acts, nowS, kitchen)
 */
export function programOfFacts({ taps, started }: Pick<LiveState, 'taps' | 'started'>): PotProgram {
  const plans = started ? [...started.earlier, started].map(({ plan }) => plan) : [];
  const lineOf = new Map(plans.flatMap(({ program }) => program.acts.map((one) => [one.id, one.actionId] as const)));
  const acts = taps.flatMap(({ eventId, facts, atS }) =>
    facts.flatMap(({ potId, round = 1, act, answers }, index): PlannedAct[] =>
      act
        ? [
            {
              id: `${eventId}/${index}`,
              actionId: (answers && lineOf.get(answers.actId)) ?? eventId,
              potId,
              round,
              atS,
              act,
            },
          ]
        : [],
    ),
  );
  const known = plans.flatMap(({ program }) => program.pots);
  const others = acts.map(({ potId }) => ({ id: potId, name: potId }));
  const pots = [...new Map([...others, { id: 'main', name: 'pot' }, ...known].map((pot) => [pot.id, pot])).values()];
  return { pots, acts: acts.sort((a, b) => a.atS - b.atS) };
}

/** Something that was seen at a pot, on the pot's clock in seconds. */
export interface SightingAt {
  atS: number;
  potId: string;
  saw: Sighting;
  /** The act of a plan that was waited for. */
  actId?: string;
}

/** What was seen, tasted and measured at the pots, in order. */
export const sightingsOf = ({
  taps,
  notYet,
  readings,
}: Pick<LiveState, 'taps' | 'notYet' | 'readings'>): SightingAt[] =>
  [...taps, ...notYet, ...readings]
    .flatMap(({ facts, atS }) =>
      facts.flatMap(({ potId, saw, answers }) =>
        saw ? [{ atS, potId, saw, ...(answers ? { actId: answers.actId } : {}) }] : [],
      ),
    )
    .sort((a, b) => a.atS - b.atS);
