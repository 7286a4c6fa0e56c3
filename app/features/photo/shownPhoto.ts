import { useEffect, useState } from 'react';
import { useAppSelector } from '@/state';
import { photoBytes, type PhotoHere } from '@/state/photos';

type Size = 'small' | 'full';

/** Where a picture is found: on this device, or at the server under the time at which it was put there. */
type Where = { here: string } | { at: string } | undefined;

/** Of what this device did and what the server has, the later holds. */
export function whereOf(here: PhotoHere | undefined, photoAt: string | undefined): Where {
  const isHere = here && (photoAt === undefined || Date.parse(here.changedAt) >= Date.parse(photoAt));
  if (isHere) return here.gone ? undefined : { here: here.changedAt };
  return photoAt === undefined ? undefined : { at: photoAt };
}

/**
 * A time for what is put there now: later than all that is there, whatever this device takes the time to be.
 * @param nowMs by this device
 * @param there times of what is there
 */
export function putAt(nowMs: number, ...there: Array<string | undefined>): string {
  const after = there.map((at) => (at === undefined ? 0 : Date.parse(at) + 1));
  return new Date(Math.max(nowMs, ...after)).toISOString();
}

const addressOf = (id: string, at: string, size: Size) =>
  `/api/evenings/${encodeURIComponent(id)}/photo.jpg?size=${size}&at=${encodeURIComponent(at)}`;

/**
 * What an image shows of the picture of an evening.
 * @param photoAt when the server's was put there, where it has one
 */
export function useShownPhoto(id: string, photoAt: string | undefined, size: Size): string | undefined {
  const here = useAppSelector((state) => state.photos[id]);
  const where = whereOf(here, photoAt);
  const hereAt = where && 'here' in where ? where.here : undefined;
  const [read, setRead] = useState<{ at: string; src: string }>();
  useEffect(() => {
    let isWanted = hereAt !== undefined;
    if (hereAt === undefined) return undefined;
    void photoBytes.read(id).then((bytes) => {
      if (!isWanted || !bytes) return;
      setRead({ at: hereAt, src: `data:image/jpeg;base64,${size === 'small' ? bytes.small : bytes.jpeg}` });
    });
    return () => {
      isWanted = false;
    };
  }, [id, hereAt, size]);
  if (!where) return undefined;
  if ('at' in where) return addressOf(id, where.at, size);
  return read?.at === where.here ? read.src : undefined;
}

/** Whether an image could not be had; it is tried again when the server goes or comes back. */
export function useBroken(src: string | undefined) {
  const trouble = useAppSelector((state) => state.connection.trouble);
  const [broken, setBroken] = useState<string>();
  useEffect(() => setBroken(undefined), [trouble]);
  return { isBroken: src !== undefined && broken === src, onError: () => setBroken(src) };
}
