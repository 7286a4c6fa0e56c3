import type { Advice, Evening, Unsatisfied, Vessel } from '@elixa/contract';
import { LEAST_LIQUID_SHARE, roundsFor, type PanFit } from '../arrange/fit';
import { usableVolumeMl } from '../arrange/vesselShape';
import { standsOn } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { potsInWords, potsOf } from '../evening/eachPot';
import { vesselSuits } from '../evening/vesselFit';
import { showVolume } from '../measures/showMeasure';
import type { SimmerQuestion } from './panRounds';

/** More rounds than this are a long evening, and more than that are none. */
const MANY_ROUNDS = 3;
const MOST_ROUNDS = 4;
/** Nobody sits longer over one pot, in s; slices that everybody holds alone are another evening. */
const MOST_TABLE_S = 2.5 * 3600;
/** No table has more pots than these. */
const MOST_POTS = 4;

const roundWords = (rounds: number) => (rounds === 1 ? 'all at once' : `${rounds} rounds`);

/**
 * Hours and minutes that stay on one line.
 * @example hours(8400) // '2 h 20'
 */
function hours(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  return minutes < 60
    ? `${minutes} min`
    : [`${Math.floor(minutes / 60)}\u00a0h`, minutes % 60 || ''].join('\u00a0').trim();
}

/** In how many rounds all of the food is cooked in so many of a pot. */
const roundsIn = ({ menu, fit }: SimmerQuestion, vessel: Vessel, pots: number): number =>
  roundsFor((fit.solidsMl * potsOf(menu.evening)) / pots, usableVolumeMl(vessel, menu.pour.headroomShare), menu.pour);

/** The rounds that a way out should come to at most. */
const wantedRounds = ({ menu, fit }: Pick<SimmerQuestion, 'menu' | 'fit'>): number =>
  menu.evening.service === 'allAtOnce' ? 1 : Math.max(1, Math.min(MANY_ROUNDS, fit.rounds - 1));

/** Larger pots of the catalogue that stand on this burner: what suits it before what only bears it. */
function largerPots({ menu }: SimmerQuestion): Vessel[] {
  const { evening, style } = menu;
  const against = (vessel: Vessel) =>
    Number(vesselSuits(evening, style, vessel).verdict !== 'suits') + Number(vessel.divided && !evening.vessel.divided);
  return VESSELS.filter(
    (vessel) =>
      usableVolumeMl(vessel) > usableVolumeMl(evening.vessel) &&
      standsOn(vessel, evening.heatSource) &&
      vesselSuits(evening, style, vessel).verdict !== 'refused',
  ).sort((a, b) => against(a) - against(b) || usableVolumeMl(a) - usableVolumeMl(b));
}

/** A larger pot: the first that is enough, or else the one that comes nearest to it. */
function roomierPots(question: SimmerQuestion): Advice[] {
  const { menu, fit } = question;
  const pots = potsOf(menu.evening);
  const wanted = wantedRounds(question);
  const found = largerPots(question)
    .map((vessel) => ({ vessel, rounds: roundsIn(question, vessel, pots) }))
    .filter(({ rounds }) => rounds < fit.rounds);
  const enough = found.find(({ rounds }) => rounds <= wanted);
  const best = enough ?? [...found].sort((a, b) => a.rounds - b.rounds)[0];
  return best
    ? [
        {
          text: `Use the ${best.vessel.name}: ${roundWords(best.rounds)}`,
          edit: { kind: 'vesselChosen', vessel: best.vessel },
        },
      ]
    : [];
}

/** More pots of the same kind at once; larger ones where these are too small however many there are. */
function morePots(question: SimmerQuestion): Advice[] {
  const { menu, fit } = question;
  const now = potsOf(menu.evening);
  const wanted = wantedRounds(question);
  const more = Array.from({ length: MOST_POTS - now }, (_, index) => now + index + 1);
  const same = more
    .map((pots) => ({ pots, rounds: roundsIn(question, menu.evening.vessel, pots) }))
    .find(({ rounds }) => rounds <= wanted);
  if (same) {
    const text = `Cook in ${potsInWords(same.pots)} pots like it at once, from one stock: ${roundWords(same.rounds)}`;
    return [{ text, edit: { kind: 'potsSet', pots: same.pots } }];
  }
  const larger = more
    .flatMap((pots) =>
      largerPots(question).map((vessel) => ({ pots, vessel, rounds: roundsIn(question, vessel, pots) })),
    )
    .filter(({ rounds }) => rounds < fit.rounds);
  const both = larger.find(({ rounds }) => rounds <= wanted) ?? [...larger].sort((a, b) => a.rounds - b.rounds)[0];
  if (!both) return [];
  const text = `Cook in ${potsInWords(both.pots)} pots at once, from one stock, each a ${both.vessel.name}: ${roundWords(both.rounds)}`;
  return [{ text, edit: { kind: 'vesselChosen', vessel: both.vessel, pots: both.pots } }];
}

/** So much less food that it takes a round less, where that leaves people something to eat. */
function lessFood({ menu, fit }: SimmerQuestion): Advice[] {
  const { pour } = menu;
  const wanted = wantedRounds({ menu, fit });
  const share = (wanted * fit.usableMl * (1 - LEAST_LIQUID_SHARE[pour.kind])) / fit.solidsMl;
  // Whole grams round up, so a little less than just fits.
  const rounded = Math.floor(share * 98) / 100;
  if (rounded < 0.5 || rounded >= 1) return [];
  return [
    {
      text: `Take ${Math.round((1 - rounded) * 100)} % less of everything: ${wanted === 1 ? 'all at once' : `${wanted} rounds`}`,
      edit: { kind: 'foodCutDown', share: rounded },
    },
  ];
}

const ROOM_IDS: readonly string[] = ['allAtOnce', 'asideRounds', 'manyRounds', 'tooManyRounds'];

/** What there is no room for in the pot or the small pan at once. */
export const isOfRoom = ({ id }: Pick<Unsatisfied, 'id'>): boolean => ROOM_IDS.includes(id);

function roomWords(evening: Evening, { solidsMl, usableMl }: PanFit, name: string): string {
  const food = showVolume(solidsMl * (name === 'pot' ? potsOf(evening) : 1), evening.units);
  const takes = potsOf(evening) > 1 && name === 'pot' ? `each ${name} takes` : `the ${name} takes`;
  return `There is ${food} of food. Food and broth together, ${takes} ${showVolume(usableMl, evening.units)}.`;
}

/** So many fillings, or so long, that nobody would still be at the table. */
const isTooMany = ({ menu, fit }: SimmerQuestion, tableS: number): boolean =>
  fit.rounds > MOST_ROUNDS || (fit.rounds > 1 && menu.evening.service !== 'swish' && tableS > MOST_TABLE_S);

/**
 * What there is no room for, with what mends it.
 * @param tableS from the first food to the end, in s
 */
export function ofRoom(question: SimmerQuestion, tableS: number): Unsatisfied[] {
  const { fit, menu } = question;
  const { evening, style, pour } = menu;
  const ofPot = roundsFor(fit.solidsMl, fit.usableMl, pour);
  if (fit.aside && ofPot < fit.rounds) {
    const name = fit.aside.vessel.name;
    const text = `The ${name} needs ${fit.rounds} rounds, where the pot alone needs ${ofPot}`;
    const ids = evening.choices.swaps.filter((swap) => swap.scope === 'aside').map((swap) => swap.ingredientId);
    const swapAll: Advice = {
      text: 'Exchange it for everyone instead',
      edit: ids.length > 0 ? { kind: 'swapForEveryone', ingredientIds: ids } : undefined,
    };
    return [{ id: 'asideRounds', text, because: roomWords(evening, fit.aside, name), remedies: [swapAll] }];
  }
  const because = roomWords(evening, fit, 'pot');
  const ways = () => [...roomierPots(question), ...morePots(question), ...lessFood(question)];
  if (isTooMany(question, tableS)) {
    const text = `${fit.rounds} fillings of this pot take ${hours(tableS)} at the table: that does not work`;
    return [{ id: 'tooManyRounds', refused: true, text, because, remedies: ways() }];
  }
  if (evening.service === 'allAtOnce' && fit.rounds > 1) {
    const text = `It does not fit at once: it is planned in ${fit.rounds} rounds`;
    const inRounds: Advice[] = style.services.includes('rounds')
      ? [{ text: 'Eat it in rounds', edit: { kind: 'serviceChosen', service: 'rounds' } }]
      : [];
    return [{ id: 'allAtOnce', text, because, remedies: [...ways(), ...inRounds] }];
  }
  if (fit.rounds <= MANY_ROUNDS) return [];
  const text = `${fit.rounds} rounds is a long evening for this pot`;
  return [{ id: 'manyRounds', text, because, remedies: ways() }];
}
