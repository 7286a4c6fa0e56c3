import type { Vessel } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import { ASIDE_PANS } from '../catalogue/vessels';
import type { Helping } from '../diners/helpings';
import { usableVolumeMl } from './vesselShape';

/** Least share of a filled pot that is liquid: the gaps between pieces. Kitchen estimate, 0.3-0.4. */
export const LEAST_LIQUID_SHARE = 0.35;

/** Volume of food as it settles under the broth, in ml. */
export function settledVolumeMl(helpings: readonly Helping[]): number {
  return helpings.reduce((sum, one) => sum + one.massG / ingredientById(one.ingredientId).settledDensityGPerMl, 0);
}

/** Rounds that so much food has to be cooked in, so that a third of the filled pot stays liquid. */
export const roundsFor = (solidsMl: number, usableMl: number) =>
  Math.max(1, Math.ceil(solidsMl / (usableMl * (1 - LEAST_LIQUID_SHARE)) - 1e-9));

/** How one pan is filled in each of the rounds. */
export interface PanFit {
  vessel: Vessel;
  usableMl: number;
  /** All of the food, over all rounds. */
  solidsMl: number;
  potBrothMl: number;
  reserveMl: number;
  /** What the gaps between the food of one round take: with less, the food stands out of the broth. */
  coveringMl: number;
}

export interface Fit extends PanFit {
  rounds: number;
  /** The pan of those who eat apart. */
  aside?: PanFit;
}

function fill(vessel: Vessel, solidsMl: number, rounds: number, brothMl: number): PanFit {
  const usableMl = usableVolumeMl(vessel);
  const onceMl = solidsMl / rounds;
  const potBrothMl = Math.min(brothMl, usableMl - onceMl);
  const coveringMl = (onceMl * LEAST_LIQUID_SHARE) / (1 - LEAST_LIQUID_SHARE);
  return { vessel, usableMl, solidsMl, potBrothMl, reserveMl: brothMl - potBrothMl, coveringMl };
}

/** The smallest pan that those who eat apart can be cooked for in so many rounds, or else the largest. */
function asidePan(solidsMl: number, rounds: number): Vessel {
  const enough = ASIDE_PANS.find((vessel) => roundsFor(solidsMl, usableVolumeMl(vessel)) <= rounds);
  return enough ?? ASIDE_PANS[ASIDE_PANS.length - 1]!;
}

/**
 * How many rounds the food is cooked in, and how much of the broth goes into the pot first, so that food and broth
 * together never pass the usable volume. The pan of those who eat apart is filled by the same rule, and in the same
 * rounds, so that all eat together.
 * @param brothMl broth that there is for this pot
 * @param aside food and broth of those who eat apart
 * @example fitPot(clayPot, pieces, 1200).rounds // 2
 */
export function fitPot(
  vessel: Vessel,
  pieces: readonly Helping[],
  brothMl: number,
  aside?: { pieces: readonly Helping[]; brothMl: number },
): Fit {
  const solidsMl = settledVolumeMl(pieces);
  const potRounds = roundsFor(solidsMl, usableVolumeMl(vessel));
  if (!aside) return { rounds: potRounds, ...fill(vessel, solidsMl, potRounds, brothMl) };
  const asideMl = settledVolumeMl(aside.pieces);
  const pan = asidePan(asideMl, potRounds);
  const rounds = Math.max(potRounds, roundsFor(asideMl, usableVolumeMl(pan)));
  return {
    rounds,
    ...fill(vessel, solidsMl, rounds, brothMl),
    aside: fill(pan, asideMl, rounds, aside.brothMl),
  };
}
