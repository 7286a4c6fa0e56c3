import type { Evening } from '@elixa/contract';
import { andList, type Catalogue, type PotPreview } from '@elixa/core';
import { lasting } from '@/ui/time';

/** How long it takes tonight. */
export function timeWords({ spanS, attendedS, waitsS }: PotPreview): string {
  if (spanS === undefined || attendedS === undefined || waitsS === undefined) return '';
  const waits = waitsS < 60 ? 'without a wait' : `${lasting(waitsS)} of waiting`;
  return `${lasting(spanS)} from the first cut: ${lasting(attendedS)} of work, ${waits}`;
}

export interface Verdict {
  tone: 'good' | 'warn' | 'bad';
  says: string;
}

/** Whether it suits the pot in the house, with the reason. */
export function vesselVerdict({ suits, vessel, fillings, fault }: PotPreview, evening: Evening): Verdict {
  const own = evening.vessel.name;
  if (suits.verdict === 'refused') {
    const instead = vessel.id === evening.vessel.id ? '' : ` The ${vessel.name} would do.`;
    return { tone: 'bad', says: `Not in the ${own}. ${suits.because[0]}.${instead}` };
  }
  if (fault) return { tone: 'bad', says: `${fault}.` };
  const times = fillings && fillings > 1 ? `, filled ${fillings === 2 ? 'twice' : `${fillings} times`}` : '';
  if (suits.verdict === 'awkward') return { tone: 'warn', says: `In the ${own}${times}. ${suits.because.join('. ')}.` };
  return { tone: 'good', says: `Suits the ${own}${times}.` };
}

const FEW = 4;
const some = (names: readonly string[]) =>
  names.length <= FEW ? andList(names) : `${names.slice(0, FEW).join(', ')} and ${names.length - FEW} more`;

/** How far what the house has would carry it, with what would have to be bought. */
export function houseVerdict({ fromTheHouse }: PotPreview, catalogue: Catalogue): Verdict | undefined {
  if (!fromTheHouse) return undefined;
  const { have, of, missing, usesUp, instead } = fromTheHouse;
  const name = (id: string) => catalogue.byId(id).name.split(',')[0]!;
  const exchanged = instead.map((one) => `${name(one.withIngredientId)} instead of ${name(one.ingredientId)}`);
  const withThese = exchanged.length > 0 ? `With ${some(exchanged)}. ` : '';
  if (missing.length === 0) return { tone: 'good', says: `${withThese}Everything for it is in the house.` };
  const uses = usesUp.length > 0 ? `Uses up the ${some(usesUp)}. ` : '';
  return {
    tone: usesUp.length > 0 ? 'good' : 'warn',
    says: `${withThese}${uses}${have} of ${of} things are in the house; to buy: ${some(missing)}.`,
  };
}

/** Whether it suits the guests. */
export function guestVerdict({ notFor, build }: PotPreview): Verdict | undefined {
  if (!build) return undefined;
  if (notFor.length === 0) return { tone: 'good', says: 'Everybody can eat all of it.' };
  return { tone: 'warn', says: `Something has to be settled for ${andList(notFor)}.` };
}
