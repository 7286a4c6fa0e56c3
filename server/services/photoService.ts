import type { Photo, PhotoMark } from '@elixa/contract';
import type { EveningStore } from '../store/eveningStore';
import type { PhotoStore } from '../store/photoStore';
import { invalid, notFound } from '../failures';
import { mustFind } from './mustFind';

/** How every JPEG begins. */
const START_OF_IMAGE = Buffer.from([0xff, 0xd8, 0xff]);

/** @throws Failure that names the field, where it is no JPEG */
function jpegIn(field: 'jpeg' | 'small', base64: string): Buffer {
  const bytes = Buffer.from(base64, 'base64');
  if (bytes.subarray(0, START_OF_IMAGE.length).equals(START_OF_IMAGE)) return bytes;
  throw invalid([{ field, message: 'is no JPEG', fix: 'Send the picture as a JPEG, in base64.' }]);
}

/** What can be done with the picture of an evening's pot. */
export function photoService(evenings: EveningStore, photos: PhotoStore) {
  const mark = async (eveningId: string): Promise<PhotoMark> => ({
    photoAt: (await photos.at(eveningId))?.toISOString(),
  });
  return {
    /** It may come twice and after a later one: the latest holds. @returns which one is there now */
    async keep(eveningId: string, photo: Photo): Promise<PhotoMark> {
      await mustFind(evenings, eveningId);
      const bytes =
        'gone' in photo
          ? { jpeg: null, small: null }
          : { jpeg: jpegIn('jpeg', photo.jpeg), small: jpegIn('small', photo.small) };
      await photos.keep(eveningId, new Date(photo.changedAt), bytes);
      return mark(eveningId);
    },
    async mark(eveningId: string): Promise<PhotoMark> {
      await mustFind(evenings, eveningId);
      return mark(eveningId);
    },
    async read(eveningId: string, size: 'small' | 'full'): Promise<{ bytes: Uint8Array; changedAt: Date }> {
      await mustFind(evenings, eveningId);
      const found = await photos.read(eveningId, size === 'small' ? 'small' : 'jpeg');
      if (!found) throw notFound(`picture of evening "${eveningId}"`);
      return found;
    },
  };
}

export type PhotoService = ReturnType<typeof photoService>;
