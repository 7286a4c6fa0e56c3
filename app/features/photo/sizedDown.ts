import { PHOTO } from '@elixa/contract/photo';
import type { PhotoBytes } from '@/state/photos';

/** The browser cannot open it as a picture. */
export class NotAPicture extends Error {}

/** Tried from the best; the first that is light enough is kept. */
const QUALITIES = [0.84, 0.72, 0.6, 0.45];

/**
 * The sides of a picture whose longer one is no longer than that. None is made larger.
 * @example fitted({ width: 4000, height: 3000 }, 1280) // { width: 1280, height: 960 }
 */
export function fitted({ width, height }: { width: number; height: number }, longestPx: number) {
  const scale = Math.min(1, longestPx / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

const bytesIn = (base64: string) => (base64.length * 3) / 4;

/** Drawn anew, it says nothing of where it was taken and by which device. */
function jpegOf(bitmap: ImageBitmap, longestPx: number, mostBytes: number): string {
  const canvas = Object.assign(document.createElement('canvas'), fitted(bitmap, longestPx));
  const context = canvas.getContext('2d')!;
  // What is seen through lies on white: a JPEG would make it black.
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  for (const quality of QUALITIES) {
    const base64 = canvas.toDataURL('image/jpeg', quality).split(',')[1] ?? '';
    if (bytesIn(base64) <= mostBytes) return base64;
  }
  throw new NotAPicture('It stays too large');
}

/**
 * A picture as it is kept: sized down on this device, once for a page and once for a list.
 * @throws NotAPicture where the browser cannot open the file
 */
export async function sizedDown(file: Blob): Promise<Omit<PhotoBytes, 'changedAt'>> {
  const bitmap = await createImageBitmap(file).catch((cause: unknown) => {
    throw new NotAPicture('It cannot be opened', { cause });
  });
  try {
    return {
      jpeg: jpegOf(bitmap, PHOTO.longestPx, PHOTO.mostBytes),
      small: jpegOf(bitmap, PHOTO.smallPx, PHOTO.mostSmallBytes),
    };
  } finally {
    bitmap.close();
  }
}
