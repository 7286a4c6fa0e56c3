import type { Diner } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import { PERILS, type PerilRow } from '../catalogue/perils';
import { chokesEasily, isBaby, isDelicate } from '../diners/care';
import { anywhere, guests, inDips, inFood, inLiquids, type CautionRule } from './situation';

const LOOK = { food: inFood, liquids: inLiquids, dips: inDips, anywhere } as const;

const ONLY_FOR: Record<NonNullable<PerilRow['onlyFor']>, (diner: Diner) => boolean> = {
  smallAndFrail: chokesEasily,
  delicate: isDelicate,
  baby: isBaby,
  careful: (diner) => diner.avoids.length > 0,
};

const isMeant =
  ({ peril, kinds, notKinds, without }: PerilRow) =>
  (what: Ingredient): boolean =>
    what.perils.includes(peril) &&
    !(without && what.perils.includes(without)) &&
    (!kinds || what.kinds.some((kind) => kinds.includes(kind))) &&
    !what.kinds.some((kind) => notKinds?.includes(kind));

/** What is said of a peril: because of the things that have it, and of the guests that it is said for. */
export const perilRule = (row: PerilRow): CautionRule => {
  const { id, severity, text, where, onlyFor, forDelicate } = row;
  const isMeantHere = isMeant(row);
  return {
    id,
    severity: (situation) =>
      forDelicate && guests(situation, isDelicate).length > 0 ? forDelicate.severity : severity,
    text: (situation) => (forDelicate && guests(situation, isDelicate).length > 0 ? forDelicate.text : text),
    because: (situation) => {
      const things = LOOK[where](situation, isMeantHere);
      if (things.length === 0) return [];
      if (forDelicate) return [...things, ...guests(situation, isDelicate)];
      if (!onlyFor) return things;
      const whom = guests(situation, ONLY_FOR[onlyFor]);
      return whom.length > 0 ? [...things, ...whom] : [];
    },
  };
};

export const PERIL_RULES: readonly CautionRule[] = PERILS.map(perilRule);
