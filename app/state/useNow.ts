import { useEffect, useState } from 'react';
import { nowMs } from './clock';

/** Looks at the clock four times a second while `running`, and draws anew only when a second has passed. */
export function useSecond(running: boolean): void {
  const [, setSecond] = useState(0);
  useEffect(() => {
    if (!running) return undefined;
    let shown = Math.floor(nowMs() / 1000);
    const timer = setInterval(() => {
      const second = Math.floor(nowMs() / 1000);
      if (second === shown) return;
      shown = second;
      setSecond(second);
    }, 250);
    return () => clearInterval(timer);
  }, [running]);
}

/** The time in ms, while `running`: four times a second, or as seldom as is enough. */
export function useNow(running: boolean, everyMs = 250): number {
  const [now, setNow] = useState(nowMs);
  useEffect(() => {
    setNow(nowMs());
    if (!running) return undefined;
    const timer = setInterval(() => setNow(nowMs()), everyMs);
    return () => clearInterval(timer);
  }, [running, everyMs]);
  return now;
}
