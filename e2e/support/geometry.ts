import { expect, type Page } from '@playwright/test';

/** The screens people have: small and usual phones, one on its side, a laptop and a large one. */
const SCREEN_SIZES = [
  { width: 320, height: 640 },
  { width: 390, height: 844 },
  { width: 844, height: 390 },
  { width: 1280, height: 800 },
  { width: 1920, height: 1080 },
] as const;

/** Where large letters have the least room: the smallest phone, one on its side, and where a second column begins. */
export const TIGHTEST = [SCREEN_SIZES[0], SCREEN_SIZES[2], SCREEN_SIZES[3]] as const;

/** Turns the page through sizes of screens, all when left out, and finds nothing out of its place on any. */
export async function expectInPlace(
  page: Page,
  sizes: ReadonlyArray<(typeof SCREEN_SIZES)[number]> = SCREEN_SIZES,
): Promise<void> {
  for (const size of sizes) {
    await page.setViewportSize(size);
    await expect.poll(() => geometryFaults(page), { message: `at ${size.width} by ${size.height}` }).toEqual([]);
  }
}

/**
 * What is wrong with where things stand on the page, as a ruler would find it: what reaches beyond the screen or is
 * cut off by a frame that cannot be scrolled, a page that goes sideways, words broken in the middle, letters on other
 * letters, buttons on other buttons, and a field narrower than what stands in it. What lies under an open sheet is left
 * alone. In pixels of the page.
 * @returns a line for each fault; none when everything has its place
 */
export async function geometryFaults(page: Page): Promise<string[]> {
  return page.evaluate(async () => {
    // What follows the size of the window is laid out in the frame after next.
    await new Promise<void>((done) => requestAnimationFrame(() => requestAnimationFrame(() => done())));
    interface Box {
      left: number;
      top: number;
      right: number;
      bottom: number;
    }
    const SLACK = 2;
    /** What stands in the fields that a browser draws itself, and its button and margins beside it. */
    const DRAWN: Record<string, { letters: number; besidePx: number }> = {
      date: { letters: 10, besidePx: 55 },
      time: { letters: 8, besidePx: 40 },
    };
    const root = document.querySelector('[aria-modal=true]') ?? document.body;
    const faults = new Set<string>();
    const short = (words: string) => words.trim().replace(/\s+/g, ' ').slice(0, 50);
    const clips = (style: string) => style !== 'visible';

    interface Frame {
      x: string;
      y: string;
      edge: DOMRect;
    }
    const framesOf = new Map<Element, Frame[]>();
    /** What takes away of an element, from itself outwards; what is fixed is in no frame but its own. */
    function frames(element: Element): Frame[] {
      const known = framesOf.get(element);
      if (known) return known;
      const style = getComputedStyle(element);
      const own =
        (clips(style.overflowX) || clips(style.overflowY)) && !(element.closest('svg') && element.tagName !== 'svg')
          ? [{ x: style.overflowX, y: style.overflowY, edge: element.getBoundingClientRect() }]
          : [];
      const parent = element.parentElement;
      const isOutermost = !parent || parent === document.body || (own.length > 0 && style.position === 'fixed');
      const all = isOutermost ? own : [...own, ...frames(parent)];
      framesOf.set(element, all);
      return all;
    }

    /** The part of a box that can be seen, and whether a frame without scrolling takes some of it away. */
    function seen(element: Element, box: DOMRect): { box: Box; cut: boolean } {
      const part: Box = { left: box.left, top: box.top, right: box.right, bottom: box.bottom };
      let cut = false;
      for (const { x, y, edge } of frames(element)) {
        if (clips(x)) {
          if (x === 'hidden') cut ||= part.right > edge.right + SLACK || part.left < edge.left - SLACK;
          part.left = Math.max(part.left, edge.left);
          part.right = Math.min(part.right, edge.right);
        }
        if (clips(y)) {
          // Letters reach a little over a tight line; half a line gone is what a reader misses.
          if (y === 'hidden') cut ||= part.bottom > edge.bottom + box.height / 3;
          part.top = Math.max(part.top, edge.top);
          part.bottom = Math.min(part.bottom, edge.bottom);
        }
      }
      return { box: part, cut };
    }

    const hidden = (element: Element) => {
      const style = getComputedStyle(element);
      return (
        style.visibility === 'hidden' ||
        Number(style.opacity) === 0 ||
        style.clipPath !== 'none' ||
        Boolean(element.closest('[inert]'))
      );
    };
    const both = (a: Box, b: Box) => ({
      wide: Math.min(a.right, b.right) - Math.max(a.left, b.left),
      high: Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top),
    });

    for (const element of root.querySelectorAll('*:not(svg *)')) {
      const box = element.getBoundingClientRect();
      if (box.width === 0 || box.height === 0 || hidden(element)) continue;
      const part = seen(element, box).box;
      if (part.right <= part.left) continue;
      if (part.right > window.innerWidth + 1 || part.left < -1)
        faults.add(`beyond the screen: ${element.tagName} “${short(element.textContent)}”`);
      const style = getComputedStyle(element);
      // What a browser draws in these fields cannot be measured: a day, or a time, and the button of its picker.
      const drawn = element instanceof HTMLInputElement ? DRAWN[element.type] : undefined;
      if (drawn && box.width < drawn.letters * 0.6 * Number.parseFloat(style.fontSize) + drawn.besidePx)
        faults.add(`field too narrow for a ${(element as HTMLInputElement).type}`);
      if (element instanceof HTMLInputElement && element.scrollWidth > element.clientWidth + 1)
        faults.add(`field too narrow for “${element.value}”: ${element.getAttribute('aria-label')}`);
      if (style.overflowX === 'auto' || style.overflowX === 'scroll')
        if (element.scrollWidth > element.clientWidth + 1)
          faults.add(`goes sideways: ${element.tagName} “${short(element.textContent)}”`);
    }
    if (document.documentElement.scrollWidth > window.innerWidth + 1) faults.add('the page goes sideways');

    const lines: { box: Box; words: string; element: Element }[] = [];
    const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement;
      const text = node.textContent ?? '';
      if (!element || !text.trim() || /^(SCRIPT|STYLE|NOSCRIPT|TITLE|DESC)$/i.test(element.tagName)) continue;
      if (hidden(element)) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const rects = range.getClientRects();
      for (const rect of rects) {
        if (rect.width < 1) continue;
        const { box, cut } = seen(element, rect);
        if (cut) faults.add(`cut off: “${short(text)}”`);
        // The box of a font is taller than its letters: these keep within two fifths of their size around the middle.
        const middle = (rect.top + rect.bottom) / 2;
        const reach = Number.parseFloat(getComputedStyle(element).fontSize) * 0.4;
        box.top = Math.max(box.top, middle - reach);
        box.bottom = Math.min(box.bottom, middle + reach);
        if (box.right - box.left > 1 && box.bottom - box.top > 1) lines.push({ box, words: text, element });
      }
      // What stands in one line is broken nowhere.
      for (const { 0: word, index } of rects.length > 1 ? text.matchAll(/[\p{L}\p{N}]+/gu) : []) {
        range.setStart(node, index);
        range.setEnd(node, index + word.length);
        const [first, ...others] = range.getClientRects();
        if (first && others.some((rect) => rect.top > first.top + rect.height / 2))
          faults.add(`broken in the middle of a word: “${short(text)}” at “${word}”`);
      }
    }
    // From above: what begins below a line, and all after it, lies on it nowhere.
    lines.sort((a, b) => a.box.top - b.box.top);
    for (const [at, one] of lines.entries())
      for (let next = at + 1; next < lines.length && lines[next]!.box.top < one.box.bottom; next += 1) {
        const other = lines[next]!;
        if (one.element === other.element) continue;
        const { wide, high } = both(one.box, other.box);
        if (wide > SLACK && high > SLACK) faults.add(`overlap: “${short(one.words)}” and “${short(other.words)}”`);
      }

    const buttons = [...root.querySelectorAll('button, a[href], [role=button], [role=radio], [role=checkbox]')]
      // What only keys reach takes no finger: nobody hits its neighbour instead.
      .filter((button) => !hidden(button) && getComputedStyle(button).pointerEvents !== 'none')
      .map((button) => ({ button, box: seen(button, button.getBoundingClientRect()).box }))
      .filter(({ box }) => box.right > box.left && box.bottom > box.top);
    for (const [at, one] of buttons.entries())
      for (const other of buttons.slice(at + 1)) {
        if (one.button.contains(other.button) || other.button.contains(one.button)) continue;
        const { wide, high } = both(one.box, other.box);
        if (wide > SLACK && high > SLACK)
          faults.add(`buttons overlap: “${short(one.button.textContent)}” and “${short(other.button.textContent)}”`);
      }
    return [...faults];
  });
}
