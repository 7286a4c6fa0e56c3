import { hobReportSchema, type ActOf, type Fact } from '@elixa/contract';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { tellDevice, useIsPractice, useReadings, type DeviceStatus } from './useReadings';
import { isOtherFire } from './worthTelling';

export interface Hob {
  isOn: boolean;
  isPractice: boolean;
  share?: number;
  status: DeviceStatus;
  connect(): void;
  leave(): void;
  take(): void;
  /** Only the practice hob's knob can be turned from here. */
  turn(share: number): void;
}

/** So many reports in a row say the same before they are believed. */
const BELIEVED_AFTER = 3;

/**
 * A hob that tells of its fire by itself, while it is wanted. What the cook taps turns it down, never up.
 * @param told what was last told of the fire
 */
export function useHob(told: ActOf<'heat'> | undefined, onFact: (fact: Fact) => void): Hob {
  const [isOn, setOn] = useState(false);
  const same = useRef({ share: -1, count: 0 });
  const { reading, status, take } = useReadings('hob', hobReportSchema, isOn);
  const onReport = useEffectEvent((share: number) => {
    const { current } = same;
    same.current = { share, count: current.share === share ? current.count + 1 : 1 };
    if (same.current.count !== BELIEVED_AFTER || !isOtherFire(share, told)) return;
    onFact({ potId: 'main', act: { is: 'heat', share } });
  });
  useEffect(() => {
    if (reading) onReport(reading.share);
  }, [reading]);
  const now = reading?.share;
  const lower = useEffectEvent((share: number) => {
    if (now !== undefined && share < now) tellDevice('hob', 'set', { share });
  });
  const isPractice = useIsPractice('hob', isOn);
  const share = told?.share ?? 0;
  const isHeld = told?.holds !== undefined;
  useEffect(() => {
    if (!isOn || isPractice === undefined) return;
    // At a stand-in the hand that taps is the hand at the knob.
    if (isPractice) tellDevice('hob', 'turn', { share });
    else if (!isHeld) lower(share);
  }, [isOn, isPractice, share, isHeld]);
  return {
    isOn,
    isPractice: isPractice === true,
    share: now,
    status,
    take,
    connect: () => setOn(true),
    leave: () => setOn(false),
    turn: (share) => tellDevice('hob', 'turn', { share }),
  };
}
