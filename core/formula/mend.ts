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
}

/** What mends it: what to pour in, and what to ladle out first where there is no room. */
export interface Mend {
  addWaterMl: number;
  addSaltG: number;
  addSugarG: number;
  ladleOutMl: number;
  salinityPct: number;
  /** What it was thought to be; a tongue that disagrees is believed. */
  believedPct: number;
}

/** A tongue that finds a pot too salty or too weak is believed to be off by at least this share. Kitchen estimate. */
const LEAST_OFF = 0.12;
/** Sugar that rounds a gram of acid off. Kitchen estimate, 2-4. */
const SUGAR_FOR_ACID = 3;

/**
 * How much water, salt or sugar mends the broth in the pot. Salt stays while water is added or ladled out at its present
 * strength: c₂ = c₁·(V − out) / (V − out + in). Where the model finds the pot right and the tongue does not, the tongue is
 * believed by an eighth.
 * @param now level in ml and strength in % by mass; a millilitre of broth is taken as a gram
 * @param target least, best and most salinity
 * @returns amounts in ml and g, zero or more
 * @example mendPot('tooSalty', { volumeMl: 1000, salinityPct: 1.2, acidPct: 0, roomMl: 500 }, [0.7, 0.8, 0.9]) // addWaterMl: 500
 */
export function mendPot(complaint: Complaint, now: PotNow, target: Band): Mend {
  const [, best] = target;
  const { volumeMl } = now;
  const nothing = { addWaterMl: 0, addSaltG: 0, addSugarG: 0, ladleOutMl: 0 };
  if (complaint === 'tooSour') {
    return {
      ...nothing,
      addSugarG: Math.max(0.002 * volumeMl, (now.acidPct / 100) * volumeMl * LEAST_OFF * SUGAR_FOR_ACID),
      salinityPct: now.salinityPct,
      believedPct: now.salinityPct,
    };
  }
  if (complaint === 'tooWeak') {
    const believedPct = Math.min(now.salinityPct, best * (1 - LEAST_OFF));
    return { ...nothing, addSaltG: ((best - believedPct) / 100) * volumeMl, salinityPct: best, believedPct };
  }
  const believedPct = Math.max(now.salinityPct, best * (1 + LEAST_OFF));
  // Full strength times what stays = best times what there is in the end; more than the room is ladled out first.
  const wantedMl = volumeMl * (believedPct / best - 1);
  if (wantedMl <= now.roomMl) return { ...nothing, addWaterMl: wantedMl, salinityPct: best, believedPct };
  const endMl = volumeMl + now.roomMl;
  const staysMl = (endMl * best) / believedPct;
  return {
    ...nothing,
    addWaterMl: endMl - staysMl,
    ladleOutMl: volumeMl - staysMl,
    salinityPct: best,
    believedPct,
  };
}
