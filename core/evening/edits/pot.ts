import type { EditOf, Evening, Vessel } from '@elixa/contract';
import { belongsTo, HEAT_SOURCES, standsOn } from '../../catalogue/heatSources';
import { usualAgain } from './styleChosen';

/** The burner that a pot is moved to: a pan that heats itself brings its own, and leaves none behind. */
const burnerFor = (vessel: Vessel, { heatSource: now }: Evening) =>
  belongsTo(vessel, now) ? now : HEAT_SOURCES.find((one) => standsOn(vessel, one))!;

function withPots(evening: Evening, pots: number): Evening {
  const { pots: _before, ...choices } = evening.choices;
  return { ...evening, choices: pots > 1 ? { ...choices, pots } : choices };
}

/** The evening in another pot: what only a divided one can hold goes, and a way that only this one bears is back. */
export function vesselChosen(before: Evening, { vessel, pots }: { vessel: Vessel; pots?: number }): Evening {
  const evening = pots === undefined ? before : withPots(before, pots);
  const { liquids } = evening.choices;
  const others = Object.entries(liquids ?? {}).filter(([key]) => vessel.divided || key !== 'otherHalf');
  const choices = liquids ? { ...evening.choices, liquids: Object.fromEntries(others) } : evening.choices;
  return usualAgain(evening, { ...evening, vessel, choices, heatSource: burnerFor(vessel, evening) });
}

export const heatSourceChosen = (evening: Evening, { heatSource: chosen }: EditOf<'heatSourceChosen'>): Evening => ({
  ...evening,
  heatSource: chosen,
});

export const potsSet = (evening: Evening, { pots }: EditOf<'potsSet'>): Evening => withPots(evening, pots);

export const serviceChosen = (evening: Evening, { service: chosen }: EditOf<'serviceChosen'>): Evening => ({
  ...evening,
  service: chosen,
});

/** Where things lie in the pot; nothing where that is left to the solver again. */
export const bunchesLaid = (evening: Evening, { laid }: EditOf<'bunchesLaid'>): Evening => ({
  ...evening,
  choices: { ...evening.choices, laid: laid.length > 0 ? laid : undefined },
});

export const riceBesideSet = (evening: Evening, { on }: EditOf<'riceBesideSet'>): Evening => ({
  ...evening,
  choices: { ...evening.choices, riceBeside: on },
});

export const finishChosen = (evening: Evening, { finishId }: EditOf<'finishChosen'>): Evening => ({
  ...evening,
  choices: { ...evening.choices, finish: finishId },
});
