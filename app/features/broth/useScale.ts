import { scaleReadingSchema, type ScaleReading } from '@elixa/contract';
import { useEffect } from 'react';
import { tellDevice, useReadings, type Readings } from '@/features/devices/useReadings';

export interface Scale extends Readings<ScaleReading> {
  tare(): void;
  /** Only the practice scale can be told what lies on it. */
  pour(massG: number): void;
}

const tare = () => tellDevice('scale', 'tare');

/** The kitchen scale, read as a stream while it is used. */
export function useScale(): Scale {
  const readings = useReadings('scale', scaleReadingSchema);
  useEffect(tare, []);
  return { ...readings, tare, pour: (massG) => tellDevice('scale', 'pour', { massG }) };
}
