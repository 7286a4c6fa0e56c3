import type { Evening } from '@elixa/contract';
import type { Fit, PanFit } from '../build/fit';
import type { Helping } from '../diners/helpings';
import type { Pan } from '../diners/table';
import type { AdditionModel, PanContext } from './additionModel';
import type { Level } from './levels';
import type { RoundGroup } from './planRound';

export interface SimmerQuestion {
  evening: Evening;
  helpings: readonly Helping[];
  fit: Fit;
  model: AdditionModel;
}

/** One pan over the evening. */
export interface PanRounds {
  pan: Pan;
  context: PanContext;
  fit: PanFit;
  /** The additions of each round, and of each go of the finish. */
  rounds: RoundGroup[][];
  finishes: RoundGroup[][];
  levels: Level[];
}
