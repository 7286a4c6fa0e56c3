import type { Edit, Evening } from '@elixa/contract';
import { createContext, useContext } from 'react';
import type { PrepState } from '@/features/prep/usePrep';
import type { PlanState } from './usePlan';

export interface OpenEvening extends PlanState {
  evening: Evening;
  /** Makes one named change; it can be taken back. */
  edit(edit: Edit): void;
  /** Takes the last change back, and makes it again; nothing where there is none. */
  undo?(): void;
  redo?(): void;
  /** What is left of the preparation, as far as it has been planned. */
  prepState: PrepState;
}

const Context = createContext<OpenEvening | undefined>(undefined);
export const EveningProvider = Context.Provider;

/** The evening whose pages are open. @throws Error outside of them */
export function useEvening(): OpenEvening {
  const open = useContext(Context);
  if (!open) throw new Error('useEvening belongs inside an evening');
  return open;
}
