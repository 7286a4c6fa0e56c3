import type { Simmer, SimmerPiece } from '@elixa/contract';
import type { Pan } from '../diners/table';
import type { AdditionModel, CookWindow, CourseOf } from './additionModel';

/** What going through a plan has shown, for the next plan of the same pot. */
export interface Corrections {
  /** How long each thing is in by the clock, cold spells and all, from its least to its most. */
  windows: ReadonlyMap<string, Omit<CookWindow, 'sign'>>;
  /** What was not ready after so long is not tried with less again: that swings to and fro. */
  floorsS: ReadonlyMap<string, number>;
  /** Seconds by which a pan boils later than the closed form has it. */
  boilsLaterS: ReadonlyMap<Pan, number>;
  /** What each pan loses in each course until the next, most of it as steam, in g. */
  lostG: ReadonlyMap<Pan, readonly number[]>;
  /** Share of its room that the pot is planned with, so that it does not stand over its mark. */
  usableShare: number;
}

export const UNCORRECTED: Corrections = {
  windows: new Map(),
  floorsS: new Map(),
  boilsLaterS: new Map(),
  lostG: new Map(),
  usableShare: 1,
};

/** Nothing is in for less than this, and nothing boils sooner. */
const LEAST_S = 5;

type OfPiece = Pick<SimmerPiece, 'ingredientId' | 'cut' | 'way' | 'pan'>;

export const windowKey = (course: CourseOf, { ingredientId, cut, way, pan }: OfPiece): string =>
  [course, pan, ingredientId, cut, way].join('/');

export const courseOf = ({ readyAtS, platedRounds }: Simmer, round: number): CourseOf =>
  round > readyAtS.length ? 'finish' : round <= platedRounds ? 'first' : 'later';

/** The same model, with windows and the boil put right by what was seen. */
export function corrected(
  model: AdditionModel,
  { windows, boilsLaterS, lostG, usableShare }: Corrections,
): AdditionModel {
  if (windows.size === 0 && boilsLaterS.size === 0) return model;
  return {
    ...model,
    cookWindow(ingredientId, cut, context, way = 'simmered') {
      const usual = model.cookWindow(ingredientId, cut, context, way);
      const { course, pan } = context;
      const own = course && pan ? windows.get(windowKey(course, { ingredientId, cut, way, pan })) : undefined;
      return own ? { ...own, sign: usual.sign, byClock: true } : usual;
    },
    usableShare,
    lostG: (pan) => lostG.get(pan),
    toBoilS: (brothMl, context, start) =>
      Math.max(LEAST_S, model.toBoilS(brothMl, context, start) + (boilsLaterS.get(context.pan ?? 'main') ?? 0)),
  };
}
