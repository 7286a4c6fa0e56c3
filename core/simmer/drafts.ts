import type { Action, SimmerPiece, Units } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Stage } from '../catalogue/style';
import type { Pan } from '../diners/table';
import type { Menu } from '../evening/menu';
import { DRY_WORDS } from '../evening/vesselFit';
import { showMeasure } from '../measures/showMeasure';
import type { TimedPan } from './panRounds';

export interface ActionQuestion {
  menu: Menu;
  /** What goes into the pots, with its stage and the cold spell that it makes. */
  going: ReadonlyArray<{ piece: SimmerPiece; stageId: string; recoveryS: number }>;
  seared: readonly SimmerPiece[];
  swished: readonly SimmerPiece[];
  endsAtS: number;
  /** When each round is ready, and each go of the finish. */
  readyAtS: readonly number[];
  finishReadyAtS: readonly number[];
  /** The round that is the first filling of the pot. */
  firstRound: number;
  pans: readonly TimedPan[];
}

/** An action before it has its step. What is done when the burner is lit shares the step of lighting it. */
export type Draft = Omit<Action, 'step'> & { joinsLight?: boolean };

export const where = (pan: Pan) => (pan === 'aside' ? 'the small pan' : 'the pot');

/** What is done at a stage, said of the pan that it is done in. */
export function saidIn(pan: Pan, says: string): string {
  if (pan === 'main') return says;
  return /into (the pot|its side)/.test(says) ? 'Broth into the small pan' : `${says}, in the small pan`;
}

/** Where a thing goes: into the pot, the small pan, or one of two broths or both. */
export function into({ food, sides }: Menu, { ingredientId, pan }: Pick<SimmerPiece, 'ingredientId' | 'pan'>): string {
  const on = pan === 'main' && sides ? food.find((one) => one.ingredientId === ingredientId)?.where : undefined;
  if (!sides || !on) return where(pan);
  return on === 'both' ? 'both broths' : `the ${sides.names[on].toLowerCase()}`;
}

/** Less than this is not worth a ladle. */
export const WORTH_POURING_ML = 25;
export const isDry = (stage: Stage) => DRY_WORDS.includes(stage.do);
export const shown = (piece: Pick<SimmerPiece, 'ingredientId' | 'cut' | 'massG'>, units: Units) =>
  showMeasure(piece.massG, ingredientById(piece.ingredientId), units, piece.cut).text;

/** What `{in}` stands for, a stage said in tonight's words. */
export function stageSays(stage: Stage, names: readonly string[]): string {
  const list = names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
  const said = stage.says.replace('{in}', list || 'what is left');
  return said.charAt(0).toUpperCase() + said.slice(1);
}

/** What is said of a broth that is poured, and that it is poured boiling where the cook wants it so. */
export const hot = (says: string, { pour }: Pick<Menu, 'pour'>): string =>
  pour.heated ? `${says}, boiling hot` : says;

/** What is done with the lid is done with a baking sheet where there is none. */
export const lidded = (text: string, { vessel }: Menu['evening']): string =>
  vessel.lid ? text : text.replace(/lid on/i, (found) => (found.startsWith('L') ? 'Covered' : 'covered'));
