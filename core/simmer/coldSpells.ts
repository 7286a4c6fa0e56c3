import type { Action, Simmer, Trace, Unsatisfied } from '@elixa/contract';
import type { Fit } from '../arrange/fit';
import type { Menu } from '../evening/menu';
import { showVolume } from '../measures/showMeasure';
import { showWeight } from '../measures/showSize';
import { sum } from '../measures/sum';
import { coldSpellS } from './traceAt';

/** What takes the fire away from under a pot. */
const FIRE_DOWN: ReadonlyArray<Action['kind']> = ['enrich', 'rest', 'serve', 'off'];
/** Cold food that stops the boil for longer than this is told apart; each step says how long it stops it. */
export const LONG_COLD_S = 240;
const OF_COLD = 'load-main';

/** It tells of cold food that stops the boil of the pot. */
export const isOfCold = ({ id }: Pick<Unsatisfied, 'id'>): boolean => id === OF_COLD;

/**
 * Actions of the pot with how long it really does not simmer after what goes in. Where the fire is turned down before it
 * would simmer again, nobody is told to wait for that: the lid stays on, if it was put on.
 */
export function coldSpells({ actions, boilingPointC, endsAtS }: Simmer, trace: Trace): Action[] {
  return actions.map((action) => {
    const { recoveryS, lidThen, ...others } = action;
    if (recoveryS === undefined || action.pan !== 'main') return action;
    const down = actions.find((one) => one.pan === 'main' && one.atS > action.atS && FIRE_DOWN.includes(one.kind));
    const untilS = down?.atS ?? endsAtS;
    const coldS = coldSpellS(trace, boilingPointC, action.atS, untilS);
    if (coldS < untilS - action.atS - 1) return { ...action, recoveryS: Math.round(coldS) };
    return lidThen ? { ...others, lidThen: 'on' as const } : others;
  });
}

/** The longest that cold food stops the boil of the pot, in s. */
export const longestColdS = (actions: readonly Action[]): number =>
  Math.max(0, ...actions.filter((one) => one.pan === 'main').map((one) => one.recoveryS ?? 0));

/** So much cold food at once that the pot does not simmer for long, as the model has it; what mends it is worked out apart. */
export function coldProblem({ evening }: Menu, fit: Fit, actions: readonly Action[]): Unsatisfied[] {
  const coldS = longestColdS(actions);
  if (coldS <= LONG_COLD_S) return [];
  const first = actions.find((one) => one.pan === 'main' && one.recoveryS === coldS)!;
  const together = actions.filter((one) => one.step === first.step);
  const massG = sum(together.map((one) => one.massG ?? 0));
  return [
    {
      id: OF_COLD,
      text: `So much goes in at once that the boil stops for ${Math.round(coldS / 60)} minutes`,
      because: `${showWeight(massG, evening.units)} of cold food go into ${showVolume(fit.potBrothMl, evening.units)}. The plan gives everything that much longer; nothing is lifted out before it is done.`,
      remedies: [],
    },
  ];
}
