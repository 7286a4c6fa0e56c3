import { deviceListSchema, type DeviceId } from '@elixa/contract';
import { useEffect, useState } from 'react';
import type { z } from 'zod';
import { deviceMs } from '@/state/clock';
import { newId } from '@/state/newId';

/** How it stands with a device: it was told nothing yet, it reads, it does not answer, or another tab reads it. */
export type DeviceStatus = 'off' | 'waiting' | 'reading' | 'lost' | 'taken';

export interface Readings<Reading> {
  reading?: Reading;
  status: DeviceStatus;
  /** Takes it from whoever reads it. */
  take(): void;
}

/** This tab, for a device that one reads at a time. */
const TAB = newId();
/** A device that was silent for so long does not answer, in ms: longer than it drops out now and then. */
const LOST_MS = 12_000;
const LOOKED_EVERY_MS = 2_000;

/** The readings of a device, as a stream, while it is wanted. */
export function useReadings<Schema extends z.ZodType>(
  device: DeviceId,
  schema: Schema,
  isOn = true,
): Readings<z.output<Schema>> {
  const [reading, setReading] = useState<z.output<Schema>>();
  const [status, setStatus] = useState<DeviceStatus>('off');
  const [byForce, setByForce] = useState(false);
  useEffect(() => {
    if (!isOn) return undefined;
    setStatus('waiting');
    let heardAtMs = deviceMs();
    const stream = new EventSource(`/api/devices/${device}/readings?by=${TAB}${byForce ? '&take=1' : ''}`);
    const watch = setInterval(() => {
      if (deviceMs() - heardAtMs > LOST_MS) setStatus('lost');
    }, LOOKED_EVERY_MS);
    const end = () => {
      clearInterval(watch);
      stream.close();
    };
    stream.onmessage = (event: MessageEvent<string>) => {
      heardAtMs = deviceMs();
      setReading(schema.parse(JSON.parse(event.data)));
      setStatus('reading');
    };
    stream.onerror = () => setStatus('lost');
    stream.addEventListener('taken', () => {
      end();
      setByForce(false);
      setStatus('taken');
    });
    return () => {
      end();
      setStatus('off');
      setReading(undefined);
    };
  }, [device, schema, isOn, byForce]);
  return { reading, status, take: () => setByForce(true) };
}

/** Tells a device something. */
export function tellDevice(device: DeviceId, what: string, body?: object): void {
  void fetch(`/api/devices/${device}/${what}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: body ? JSON.stringify(body) : undefined,
  }).catch((error: unknown) => console.warn(`The ${device} does not answer`, error));
}

/** Whether a device is a stand-in, once that is known. */
export function useIsPractice(device: DeviceId, isOn: boolean): boolean | undefined {
  const [isPractice, setPractice] = useState<boolean>();
  useEffect(() => {
    if (!isOn) return undefined;
    let isHere = true;
    const ask = async () => {
      const { devices } = deviceListSchema.parse(await (await fetch('/api/devices')).json());
      if (isHere) setPractice(devices.find(({ id }) => id === device)?.isPractice);
    };
    ask().catch((error: unknown) => console.warn('The devices are not known', error));
    return () => {
      isHere = false;
    };
  }, [device, isOn]);
  return isPractice;
}
