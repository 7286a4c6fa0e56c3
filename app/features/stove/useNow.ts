import { useEffect, useState } from 'react';

/** The wall clock in ms, while `running`: four times a second, or as seldom as is enough. */
export function useNow(running: boolean, everyMs = 250): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    setNow(Date.now());
    if (!running) return undefined;
    const timer = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [running, everyMs]);
  return now;
}
