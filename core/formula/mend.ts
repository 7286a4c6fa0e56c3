import type { Liquid } from '@elixa/contract';
import type { Band } from '../catalogue/formula';

/** What a tongue says of the pot. */
export type Complaint = 'tooSalty' | 'tooWeak' | 'tooSour';

export interface PotNow {
  /** Broth in the pot, in ml. */
  volumeMl: number;
  salinityPct: number;
  acidPct: number;
  /** What may still be poured in before the pot is too full, in ml. */
  roomMl: number;
  /** The same broth kept hot beside the pot, not yet let down by the food. */
  reserve?: { volumeMl: number; salinityPct: number };
}

/**
 * What mends it: what to pour in, and what to ladle out first where there is no room. Sourness is let down by water and
 * the salt that goes with it, or rounded by sugar alone.
 */
export interface Mend {
  addWaterMl: number;
  addReserveMl: number;
  addSaltG: number;
  orSugarG: number;
  ladleOutMl: number;
  salinityPct: number;
  /** What it was thought to be; a tongue that disagrees is believed. */
  believedPct: number;
}

/** A tongue that finds a pot too salty or too weak is believed to be off by at least this share. Kitchen estimate. */
const LEAST_OFF = 0.12;
/** Sugar that rounds a gram of acid off. Kitchen estimate, 2-4. */
const SUGAR_FOR_ACID = 3;

/** A reserve that is no stronger than this by the target would only fill the pot. */
const WORTH_POURING = 1.03;

/** Salinity in % of a broth as it was made, before the food let it down. */
export function strengthAsMade({ salt, madeMl }: Pick<Liquid, 'salt' | 'madeMl'>): number {
  return madeMl > 0 ? ((salt.addedG + salt.extractedG) / madeMl) * 100 : 0;
}

/**
 * What is poured in to bring one strength to another, within the room: c₂ = c₁·(V − out) / (V − out + in). More than the
 * room takes is ladled out first, at its present strength.
 */
function letDown(fromShare: number, { volumeMl, roomMl }: PotNow): { addWaterMl: number; ladleOutMl: number } {
  const wantedMl = volumeMl * (1 / fromShare - 1);
  if (wantedMl <= roomMl) return { addWaterMl: wantedMl, ladleOutMl: 0 };
  const endMl = volumeMl + roomMl;
  return { addWaterMl: endMl * (1 - fromShare), ladleOutMl: volumeMl - endMl * fromShare };
}

/** Broth from the reserve first, as far as it, the room and its strength reach; salt for the rest. */
function strengthen(believedPct: number, best: number, now: PotNow): { addReserveMl: number; addSaltG: number } {
  const { volumeMl, roomMl, reserve } = now;
  const isWorthIt = reserve && reserve.salinityPct > best * WORTH_POURING;
  const addReserveMl = isWorthIt
    ? Math.min(roomMl, reserve.volumeMl, (volumeMl * (best - believedPct)) / (reserve.salinityPct - best))
    : 0;
  const endMl = volumeMl + addReserveMl;
  const broughtG = (volumeMl * believedPct + addReserveMl * (reserve?.salinityPct ?? 0)) / 100;
  return { addReserveMl, addSaltG: Math.max(0, (best / 100) * endMl - broughtG) };
}

/**
 * How much water, reserve, salt or sugar mends the broth in the pot. Where the model finds the pot right and the tongue
 * does not, the tongue is believed by an eighth.
 * @param now level in ml and strength in % by mass; a millilitre of broth is taken as a gram
 * @param target least, best and most salinity
 * @returns amounts in ml and g, zero or more
 * @example mendPot('tooSalty', { volumeMl: 1000, salinityPct: 1.2, acidPct: 0, roomMl: 500 }, [0.7, 0.8, 0.9]) // addWaterMl: 500
 */
export function mendPot(complaint: Complaint, now: PotNow, target: Band): Mend {
  const [, best] = target;
  const { volumeMl, salinityPct } = now;
  const nothing = { addWaterMl: 0, addReserveMl: 0, addSaltG: 0, orSugarG: 0, ladleOutMl: 0 };
  if (complaint === 'tooSour') {
    const { addWaterMl, ladleOutMl } = letDown(1 - LEAST_OFF, now);
    return {
      ...nothing,
      addWaterMl,
      ladleOutMl,
      addSaltG: (salinityPct / 100) * addWaterMl,
      orSugarG: Math.max(0.002 * volumeMl, (now.acidPct / 100) * volumeMl * LEAST_OFF * SUGAR_FOR_ACID),
      salinityPct,
      believedPct: salinityPct,
    };
  }
  if (complaint === 'tooWeak') {
    const believedPct = Math.min(salinityPct, best * (1 - LEAST_OFF));
    return { ...nothing, ...strengthen(believedPct, best, now), salinityPct: best, believedPct };
  }
  const believedPct = Math.max(salinityPct, best * (1 + LEAST_OFF));
  return { ...nothing, ...letDown(best / believedPct, now), salinityPct: best, believedPct };
}
