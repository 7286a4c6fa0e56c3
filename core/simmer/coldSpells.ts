import type { Action, PlannedAct, PotProgram, Simmer, Units, Unsatisfied } from '@elixa/contract';
import type { Fit } from '../arrange/fit';
import type { Menu } from '../evening/menu';
import { showVolume } from '../measures/showMeasure';
import { showWeight } from '../measures/showSize';
import { sum } from '../measures/sum';
import type { PotCourse } from '../pot/state';
import { coldSpellS } from './traceAt';

/** What takes the fire away from under a pot. */
const FIRE_DOWN: ReadonlyArray<Action['kind']> = ['enrich', 'rest', 'serve', 'off'];
/** Cold food that stops the boil for longer than this is told apart; each step says how long it stops it. */
export const LONG_COLD_S = 240;
const OF_COLD = 'load-main';

/** It tells of cold food that stops the boil of the pot. */
export const isOfCold = ({ id }: Pick<Unsatisfied, 'id'>): boolean => id === OF_COLD;

interface Spell {
  action: Action;
  coldS: number;
  /** When the fire is turned down, or the evening ends. */
  untilS: number;
  /** It simmers again before that. */
  isBack: boolean;
}

/** For how long the pot does not simmer after each thing that goes in, and before its fire is turned down. */
function spellsOf({ actions, pieces, boilingPointC, endsAtS, trace }: Simmer): Spell[] {
  if (!trace) return [];
  const mine = actions.filter((one) => one.pan === 'main');
  // What lies in the pot from before the boil stops none.
  const intoBoil = new Set(pieces.filter((one) => one.countsFromS === one.inAtS).map((one) => one.id));
  return mine
    .filter((one) => one.kind === 'add' && intoBoil.has(one.pieceId ?? ''))
    .map((action) => {
      const down = mine.find((one) => one.atS > action.atS && FIRE_DOWN.includes(one.kind));
      const untilS = down?.atS ?? endsAtS;
      const coldS = coldSpellS(trace, boilingPointC, action.atS, untilS);
      return { action, coldS, untilS, isBack: coldS < untilS - action.atS - 1 };
    });
}

/**
 * Actions of the pot with how long it really does not simmer after what goes in. Where the fire is turned down before it
 * would simmer again, nobody is told to wait for that: the lid stays on, if it was put on.
 * @param boils when the pot was seen to boil: for a moment is enough to take the lid off
 */
export function coldSpells(
  simmer: Simmer,
  program: PotProgram,
  boils: PotCourse['boils'],
): { actions: Action[]; program: PotProgram } {
  const spells = new Map(spellsOf(simmer).map((one) => [one.action, one]));
  const stays = new Set<string>();
  const actions = simmer.actions.map((action): Action => {
    const spell = spells.get(action);
    const { recoveryS, lidThen, ...others } = action;
    if (recoveryS === undefined || !spell) return action;
    if (spell.isBack) return { ...action, recoveryS: Math.round(spell.coldS) };
    if (!lidThen) return others;
    const back = boils.find(({ fromS }) => fromS > action.atS && fromS < spell.untilS);
    if (back) return { ...action, recoveryS: Math.round(back.fromS - action.atS) };
    stays.add(action.id);
    return { ...others, lidThen: 'on', fire: 'Lid on' };
  });
  const acts = program.acts.map((one): PlannedAct =>
    stays.has(one.actionId) && one.act.is === 'lid' ? { ...one, act: { is: 'lid', lid: 'on' } } : one,
  );
  return { actions, program: { ...program, acts } };
}

/** The longest that cold food stops the boil of the pot before its fire is turned down, in s. */
export const longestColdS = (simmer: Simmer): number => Math.max(0, ...spellsOf(simmer).map(({ coldS }) => coldS));

/** Cold food that stops the boil for long, as it is told; the time for it is in the plan. */
export const stopsBoil = (
  id: string,
  { coldS, massG, brothMl, units }: { coldS: number; massG: number; brothMl: number; units: Units },
): Unsatisfied => ({
  id,
  text: `So much goes in at once that the boil stops for ${Math.round(coldS / 60)} minutes`,
  because: `${showWeight(massG, units)} of cold food go into ${showVolume(brothMl, units)}. The plan gives everything that much longer; nothing is lifted out before it is done.`,
  remedies: [],
});

/** So much cold food at once that the pot does not simmer for long, as the model has it; what mends it is worked out apart. */
export function coldProblem({ evening, pour }: Menu, fit: Fit, simmer: Simmer): Unsatisfied[] {
  const [worst] = spellsOf(simmer).sort((a, b) => b.coldS - a.coldS);
  // A few ladles are no boil that could be stopped.
  if (!worst || worst.coldS <= LONG_COLD_S || pour.kind === 'ladles') return [];
  const together = simmer.actions.filter((one) => one.step === worst.action.step);
  const massG = sum(together.map((one) => one.massG ?? 0));
  return [stopsBoil(OF_COLD, { coldS: worst.coldS, massG, brothMl: fit.potBrothMl, units: evening.units })];
}
