import { saveBlob } from '@/ui/saveText';

/** Width of a picture that is saved as pixels. */
const WIDTH_PX = 1600;
const PAINTED = ['fill', 'stroke'] as const;

const byte = (share: number) =>
  Math.round(Math.min(1, Math.max(0, share)) * 255)
    .toString(16)
    .padStart(2, '0');

/**
 * A colour as a page computes it, as every program reads one.
 * @example plainColour('color(srgb 1 0.5 0)') // '#ff8000'
 */
export function plainColour(computed: string): string {
  const numbers = [...computed.matchAll(/-?\d*\.?\d+(?:e-?\d+)?/g)].map((one) => Number(one[0]));
  const [r = 0, g = 0, b = 0] = numbers;
  if (computed.startsWith('color(srgb')) return `#${byte(r)}${byte(g)}${byte(b)}`;
  if (computed.startsWith('rgb')) return `#${byte(r / 255)}${byte(g / 255)}${byte(b / 255)}`;
  return computed;
}

/** The drawing by itself: its colours written into it, so that it looks the same outside of this page. */
function alone(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const [own, copied] = [drawn, copy].map((one) => [one, ...one.querySelectorAll<SVGElement>('*')]);
  own!.forEach((element, index) => {
    const style = getComputedStyle(element);
    for (const name of PAINTED) {
      if (element.getAttribute(name)?.includes('(')) copied![index]!.setAttribute(name, plainColour(style[name]));
    }
  });
  const { width, height } = drawn.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(WIDTH_PX));
  copy.setAttribute('height', String(Math.round((WIDTH_PX * height) / width)));
  copy.removeAttribute('style');
  return new XMLSerializer().serializeToString(copy);
}

/** The drawing as pixels. */
async function asPng(svg: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = image.naturalWidth;
  canvas.height = image.naturalHeight;
  canvas.getContext('2d')?.drawImage(image, 0, 0);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!blob) throw new Error('The browser made no picture');
  return blob;
}

/**
 * Hands a drawing to the browser as a file.
 * @param board what it is drawn in
 * @returns what to tell the cook: nothing, or why there is no file
 */
export async function savePicture(board: HTMLElement | null, name: string, type: 'svg' | 'png'): Promise<string> {
  const drawn = board?.querySelector('svg');
  if (!drawn) return 'The drawing is not there yet. Try again in a moment.';
  try {
    const svg = alone(drawn);
    saveBlob(`${name}.${type}`, type === 'svg' ? new Blob([svg], { type: 'image/svg+xml' }) : await asPng(svg));
    return '';
  } catch (error) {
    console.error(`${name} could not be saved as a picture`, error);
    return 'The picture could not be made in this browser.';
  }
}
