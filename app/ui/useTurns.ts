import { useEffect, useState } from 'react';

/**
 * Draws a page for the first time in parts, each in a turn of its own, so that a tap in between is answered.
 * @param parts how many there are
 * @param isReady whether there is anything to draw yet
 * @returns how many of them are to be drawn by now
 */
export function useTurns(parts: number, isReady: boolean): number {
  const [drawn, setDrawn] = useState(0);
  useEffect(() => {
    if (!isReady || drawn >= parts) return undefined;
    const timer = setTimeout(() => setDrawn(drawn + 1));
    return () => clearTimeout(timer);
  }, [parts, isReady, drawn]);
  return drawn;
}
