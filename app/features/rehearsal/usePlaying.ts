import { useEffect, useRef, useState } from 'react';
import { deviceMs } from '@/state/clock';

export const RATES = [1, 10, 30, 60] as const;
export type Rate = (typeof RATES)[number];

/** Time that goes on by itself, faster than it does elsewhere, and can be stopped and taken back. Seconds. */
export interface Playing {
  atS: number;
  isOn: boolean;
  rate: Rate;
  toggle(on: boolean): void;
  setRate(rate: Rate): void;
  jump(toS: number): void;
}

/** So often it is looked at, in ms. */
const TICK_MS = 200;

/** @param endsAtS it stops there by itself; none where it goes on */
export function usePlaying(endsAtS: number): Playing {
  const [atS, setAtS] = useState(0);
  const [isOn, toggle] = useState(true);
  const [rate, setRate] = useState<Rate>(10);
  const lastMs = useRef(0);
  useEffect(() => {
    if (!isOn) return undefined;
    lastMs.current = deviceMs();
    const timer = setInterval(() => {
      const now = deviceMs();
      const goneS = ((now - lastMs.current) / 1000) * rate;
      lastMs.current = now;
      setAtS((before) => Math.min(endsAtS, before + goneS));
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [isOn, rate, endsAtS]);
  const jump = (toS: number) => setAtS(Math.min(endsAtS, Math.max(0, toS)));
  return { atS, isOn, rate, toggle, setRate, jump };
}
