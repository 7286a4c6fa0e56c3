import type { Build, Laid } from '@elixa/contract';
import { laidOf, relaid, resolveMenu } from '@elixa/core';
import { useCallback, useMemo, useState } from 'react';
import { useEvening } from '@/features/evening/EveningContext';

/** The pot as it is laid, and a way to lay it otherwise. */
export interface Laying {
  /** As it lies now, with what a finger holds where the finger has it. */
  build: Build;
  /** Everything where it lies, as a change starts from. */
  laid: Laid[];
  /** Something is where the cook put it. */
  isByHand: boolean;
  /** Shows a change while it is made, or what is kept again; nothing of it is kept. */
  show(laid: Laid[] | undefined): void;
  /** Keeps a change; it can be taken back like any other. */
  keep(laid: Laid[]): void;
}

/**
 * The build of an evening that follows a hand: what is moved is laid out at once here, and the plan follows when it has been
 * worked out.
 */
export function useLaying(planned: Build): Laying {
  const { evening, edit } = useEvening();
  const [held, setHeld] = useState<Laid[]>();
  const menu = useMemo(() => resolveMenu(evening).menu, [evening]);
  const kept = evening.choices.laid;
  const build = useMemo(() => (menu ? relaid(menu, planned, held ?? kept) : planned), [menu, planned, held, kept]);
  const laid = useMemo(() => laidOf(build.placements), [build]);
  const keep = useCallback(
    (next: Laid[]) => {
      setHeld(undefined);
      edit({ kind: 'bunchesLaid', laid: next });
    },
    [edit],
  );
  return { build, laid, isByHand: (kept?.length ?? 0) > 0, show: setHeld, keep };
}
