import { useEffect, useState } from 'react';

/**
 * A press that comes while something is still worked out is not lost: what was asked for is done as soon as it is ready.
 * @returns whether it was asked for and is waited for, and how to ask
 */
export function useOnceReady(isReady: boolean, act: () => void): { isAsked: boolean; ask: () => void } {
  const [isAsked, setAsked] = useState(false);
  useEffect(() => {
    if (!isAsked || !isReady) return;
    setAsked(false);
    act();
  }, [isAsked, isReady, act]);
  return { isAsked, ask: () => (isReady ? act() : setAsked(true)) };
}
