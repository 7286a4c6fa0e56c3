import type { Vessel } from '@elixa/contract';
import type { Pour } from '../catalogue/style';
import { ASIDE_PANS } from '../catalogue/vessels';
import type { Helping } from '../diners/helpings';
import type { Side } from '../diners/sides';
import { headroomMm, heightAtMm, usableVolumeMl, volumeBelowMl } from './vesselShape';

/**
 * Least share of a filled pot that is liquid, by the way it is poured: the gaps between loose pieces (kitchen estimate,
 * 0.3-0.4), fewer where things stand packed or lie in a shallow pan and are not to be covered (0.1-0.25).
 */
export const LEAST_LIQUID_SHARE: Record<Pour['kind'], number> = {
  cover: 0.35,
  underTop: 0.3,
  share: 0.15,
  ladles: 0.2,
  none: 0.1,
};

/** What a pan is poured, and for how many. */
export interface Poured {
  pour: Pour;
  heads: number;
  /** Share of the broth that goes in last, when everything is cooked. */
  heldShare?: number;
}

/** Volume of food as it settles under the broth, in ml. */
export function settledVolumeMl(helpings: readonly Helping[]): number {
  return helpings.reduce((sum, one) => sum + one.massG / one.what.settledDensityGPerMl, 0);
}

/**
 * The same in a pot with two broths: twice what the fuller side holds, since neither side can lend the other any room.
 */
export function filledVolumeMl(helpings: readonly Helping[]): number {
  if (!helpings.some((one) => one.where)) return settledVolumeMl(helpings);
  const on = (side: Side) =>
    settledVolumeMl(helpings.filter((one) => one.where === side)) +
    settledVolumeMl(helpings.filter((one) => one.where === undefined || one.where === 'both')) / 2;
  return 2 * Math.max(on('first'), on('second'));
}

/** Rounds that so much food has to be cooked in, so that enough of the filled pot stays liquid. */
export const roundsFor = (solidsMl: number, usableMl: number, { kind }: Pour) =>
  Math.max(1, Math.ceil(solidsMl / (usableMl * (1 - LEAST_LIQUID_SHARE[kind])) - 1e-9));

/** How one pan is filled in each of the rounds. */
export interface PanFit {
  vessel: Vessel;
  usableMl: number;
  /** All of the food, over all rounds. */
  solidsMl: number;
  potBrothMl: number;
  /** The part of that which goes in last, when everything is cooked. */
  heldMl: number;
  reserveMl: number;
  /** What the gaps between the food of one round take, where it is to be covered: with less it stands out of the broth. */
  coveringMl: number;
}

export interface Fit extends PanFit {
  rounds: number;
  /** The pan of those who eat apart. */
  aside?: PanFit;
}

/** Share of the space between loose food that liquid fills. Kitchen estimate, 0.3-0.45. */
const GAPS_SHARE = 0.35;

/** Share of the pot that is free between the food of one round: less where blocks stand packed. */
const gapsOf = (kind: Pour['kind'], onceMl: number, usableMl: number): number =>
  kind === 'share' ? Math.max(LEAST_LIQUID_SHARE.share, 1 - onceMl / usableMl) : GAPS_SHARE;

/** Height at which the liquid stands between the food, in mm: at its top where it covers, below that where it does not. */
export function standsMm({ vessel, usableMl, solidsMl, potBrothMl, coveringMl }: PanFit, rounds: number, pour: Pour) {
  const onceMl = solidsMl / rounds;
  const fillMm = heightAtMm(vessel, potBrothMl + onceMl);
  if (coveringMl > 0) return fillMm;
  return Math.min(fillMm, heightAtMm(vessel, potBrothMl / gapsOf(pour.kind, onceMl, usableMl)));
}

/**
 * Liquid that stands a share of the way up the food, between it. Where that is less than the least a head it stands
 * higher, but no higher than the most: food that stands packed gives its own water as it falls in.
 */
function shareMl(vessel: Vessel, onceMl: number, usableMl: number, { pour, heads }: Poured): number {
  const foodMm = vessel.innerDepthMm - headroomMm(vessel, pour.headroomShare);
  const gaps = gapsOf('share', onceMl, usableMl);
  const upTo = (share: number) => volumeBelowMl(vessel, foodMm * share) * gaps;
  const { share = 0, shareMost = share } = pour;
  return Math.max(upTo(share), Math.min(upTo(shareMost), (pour.mlPerHeadFirst ?? 0) * heads));
}

/** What is wanted in the pot before the food has given any water; all that fits where it is to be covered. */
function wantedMl(vessel: Vessel, onceMl: number, usableMl: number, rounds: number, poured: Poured): number {
  const { pour, heads } = poured;
  switch (pour.kind) {
    case 'cover':
    case 'underTop':
      return usableMl - onceMl;
    case 'share':
      return shareMl(vessel, onceMl, usableMl, { pour, heads: heads / rounds });
    case 'ladles':
      return ((pour.mlPerHeadFirst ?? 0) * heads) / rounds;
    case 'none':
      return 0;
  }
}

function fill(vessel: Vessel, solidsMl: number, rounds: number, brothMl: number, poured: Poured): PanFit {
  const usableMl = usableVolumeMl(vessel, poured.pour.headroomShare);
  const onceMl = solidsMl / rounds;
  const leastShare = LEAST_LIQUID_SHARE[poured.pour.kind];
  const isCovered = poured.pour.kind === 'cover' || poured.pour.kind === 'underTop';
  const wanted = wantedMl(vessel, onceMl, usableMl, rounds, poured);
  // Of what is made for fillings that are each poured anew, every one has its share.
  const ownMl = poured.pour.anew ? brothMl / rounds : brothMl;
  const potBrothMl = Math.max(0, Math.min(ownMl, usableMl - onceMl, wanted));
  const coveringMl = isCovered ? (onceMl * leastShare) / (1 - leastShare) : 0;
  const heldMl = potBrothMl * (poured.heldShare ?? 0);
  return { vessel, usableMl, solidsMl, potBrothMl, heldMl, reserveMl: brothMl - potBrothMl, coveringMl };
}

/** The smallest pan that those who eat apart can be cooked for in so many rounds, or else the largest. */
function asidePan(solidsMl: number, rounds: number, pour: Pour): Vessel {
  const enough = ASIDE_PANS.find(
    (vessel) => roundsFor(solidsMl, usableVolumeMl(vessel, pour.headroomShare), pour) <= rounds,
  );
  return enough ?? ASIDE_PANS[ASIDE_PANS.length - 1]!;
}

/**
 * How many rounds the food is cooked in, and how much of the broth goes into the pot first, so that food and broth
 * together never pass the usable volume. The pan of those who eat apart is filled by the same rule, and in the same
 * rounds, so that all eat together.
 * @param brothMl broth that there is for this pot
 * @param poured how it is poured, and for how many
 * @param aside food and broth of those who eat apart
 * @example fitPot(clayPot, pieces, 1200, { pour: { kind: 'cover', at: 'warm' }, heads: 4 }).rounds // 2
 */
export function fitPot(
  vessel: Vessel,
  pieces: readonly Helping[],
  brothMl: number,
  poured: Poured,
  aside?: { pieces: readonly Helping[]; brothMl: number; heads: number; heldShare?: number },
): Fit {
  const { pour } = poured;
  const solidsMl = filledVolumeMl(pieces);
  const potRounds = roundsFor(solidsMl, usableVolumeMl(vessel, pour.headroomShare), pour);
  if (!aside) return { rounds: potRounds, ...fill(vessel, solidsMl, potRounds, brothMl, poured) };
  const asideMl = settledVolumeMl(aside.pieces);
  const pan = asidePan(asideMl, potRounds, pour);
  const rounds = Math.max(potRounds, roundsFor(asideMl, usableVolumeMl(pan, pour.headroomShare), pour));
  return {
    rounds,
    ...fill(vessel, solidsMl, rounds, brothMl, poured),
    aside: fill(pan, asideMl, rounds, aside.brothMl, { pour, heads: aside.heads, heldShare: aside.heldShare }),
  };
}
