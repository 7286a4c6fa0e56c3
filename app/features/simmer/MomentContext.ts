import type { PotPlan } from '@elixa/contract';
import { createContext, useContext } from 'react';

/** A moment of a round that is looked at, in the evening's own plan or in one that is tried out. */
export interface MomentShown {
  plan: PotPlan;
  round: number;
  atS: number;
}

interface Moment {
  shown?: MomentShown;
  show(moment: MomentShown | undefined): void;
}

const Context = createContext<Moment>({ show: () => undefined });
export const MomentProvider = Context.Provider;

/** What is looked at on the page of the simmer plan, for the pot that stands beside it on a wide screen. */
export const useMoment = (): Moment => useContext(Context);
