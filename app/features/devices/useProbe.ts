import { probeReadingSchema, type Fact } from '@elixa/contract';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { deviceMs } from '@/state/clock';
import { tellDevice, useReadings, type DeviceStatus } from './useReadings';
import { isWorthTelling, type Told } from './worthTelling';

/** What a probe is stuck into: the broth where it is no thing. */
export interface ProbedAt {
  name: string;
  pieceId?: string;
}

export interface Probe {
  at?: ProbedAt;
  tempC?: number;
  status: DeviceStatus;
  putInto(at: ProbedAt): void;
  takeOut(): void;
  take(): void;
}

/** A probe that tells of the pot by itself, while it is wanted. @param onFact what is worth a line of the log */
export function useProbe(eveningId: string, onFact: (fact: Fact) => void): Probe {
  const [at, setAt] = useState<ProbedAt>();
  const sinceMs = useRef(0);
  const last = useRef<Told>(undefined);
  const { reading, status, take } = useReadings('probe', probeReadingSchema, at !== undefined);
  const pieceId = at?.pieceId;
  const onReading = useEffectEvent((tempC: number) => {
    const now = { tempC, atMs: deviceMs() };
    if (!isWorthTelling(now, last.current, sinceMs.current)) return;
    last.current = now;
    onFact({ potId: 'main', saw: { is: 'probe', tempC, read: true, ...(pieceId ? { pieceId } : {}) } });
  });
  useEffect(() => {
    if (reading) onReading(reading.tempC);
  }, [reading]);
  return {
    at,
    tempC: reading?.tempC,
    status,
    take,
    putInto(into) {
      sinceMs.current = deviceMs();
      last.current = undefined;
      setAt(into);
      // Only a stand-in has to be told; a real probe is where the cook put it.
      tellDevice('probe', 'place', { eveningId, ...(into.pieceId ? { pieceId: into.pieceId } : {}) });
    },
    takeOut: () => setAt(undefined),
  };
}
