import { scaleReadingSchema, type ScaleReading } from '@elixa/contract';
import { useEffect, useState } from 'react';

export interface Scale {
  reading?: ScaleReading;
  /** The stream has ended and has not come back yet. */
  lost: boolean;
  tare(): void;
  /** Only the practice scale can be told what lies on it. */
  pour(massG: number): void;
}

const send = (what: string, body?: object) =>
  void fetch(`/api/devices/scale/${what}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: body ? JSON.stringify(body) : undefined,
  }).catch((error: unknown) => console.warn('The scale does not answer', error));

/** The kitchen scale, read as a stream while it is used. */
export function useScale(): Scale {
  const [reading, setReading] = useState<ScaleReading | undefined>(undefined);
  const [lost, setLost] = useState(false);
  useEffect(() => {
    const stream = new EventSource('/api/devices/scale/readings');
    stream.onmessage = (event: MessageEvent<string>) => {
      setReading(scaleReadingSchema.parse(JSON.parse(event.data)));
      setLost(false);
    };
    stream.onerror = () => setLost(true);
    send('tare');
    return () => stream.close();
  }, []);
  return { reading, lost, tare: () => send('tare'), pour: (massG) => send('pour', { massG }) };
}
