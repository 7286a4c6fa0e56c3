import type { Edit, Evening } from '@elixa/contract';
import { createContext, useContext } from 'react';
import type { PlanShown } from './usePlanning';

export interface OpenEvening extends PlanShown {
  evening: Evening;
  /** Makes one named change; it can be taken back. */
  edit(...edits: Edit[]): void;
  /** Takes the last change back, and makes it again; nothing where there is none. */
  undo?(): void;
  redo?(): void;
}

const Context = createContext<OpenEvening | undefined>(undefined);
export const EveningProvider = Context.Provider;

/** The evening whose pages are open. @throws Error outside of them */
export function useEvening(): OpenEvening {
  const open = useContext(Context);
  if (!open) throw new Error('useEvening belongs inside an evening');
  return open;
}
