import { useLayoutEffect, useRef } from 'react';
import { deviceMs } from './clock';

/** So long after a button came to mean something else a press on it is the end of the one before, in ms. */
export const GUARD_MS = 1000;

/**
 * A big button that means one thing after the other: a wet thumb that strikes twice does not do the next one too. It is the
 * same for keys and for devices that press it.
 * @param meaning what a press does now
 * @param isNew it stands where another button stood, so that it is deaf when it is first seen, too
 * @returns the same act, deaf for a second after its meaning changed
 */
export function useGuard(meaning: string | number, act: () => void, isNew = true): () => void {
  const changedAtMs = useRef(0);
  const before = useRef(isNew ? undefined : meaning);
  useLayoutEffect(() => {
    if (before.current !== meaning) changedAtMs.current = deviceMs();
    before.current = meaning;
  }, [meaning]);
  return () => {
    if (deviceMs() - changedAtMs.current >= GUARD_MS) act();
  };
}
