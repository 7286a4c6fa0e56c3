import { MAIN_ID } from './SkipLink';

/** The place in a page where the work goes on, where that is not simply what comes first. */
export const GOES_ON_ID = 'goes-on';

/** How many steps back the focus finds the way from a sheet that was opened from another. */
const MOST_REMEMBERED = 12;
/** Not fields: a keyboard must not rise on a phone because a row has gone. */
const TAKES_FOCUS = 'button:not([disabled]), [role=button]:not([aria-disabled=true]), [role=checkbox], a[href]';

interface Stop {
  element: HTMLElement;
  /** What it stood in within the page, from the inside out; empty in a sheet, which hangs outside the page. */
  around: Element[];
}

function stopAt(element: HTMLElement): Stop {
  const around: Element[] = [];
  const main = document.getElementById(MAIN_ID);
  for (let part = element.parentElement; part && part !== main; part = part.parentElement) around.push(part);
  return { element, around: main?.contains(element) ? around : [] };
}

/** What took the place of something that has gone from the page. */
function beside({ around }: Stop): HTMLElement | null {
  const found = around
    .filter((part) => part.isConnected)
    .map((part) => part.querySelector<HTMLElement>(`#${GOES_ON_ID}`) ?? part.querySelector<HTMLElement>(TAKES_FOCUS))
    .find((one) => one !== null);
  return found ?? document.getElementById(GOES_ON_ID) ?? document.getElementById(MAIN_ID);
}

/** Where the work goes on after the last stop has gone. */
function afterGone(stops: readonly Stop[]): HTMLElement | null {
  const last = stops.at(-1);
  if (!last) return null;
  const isSheet = last.around.length === 0;
  const opener = isSheet ? stops.findLast((stop) => stop.around.length > 0) : last;
  if (opener?.element.isConnected) return opener.element;
  return beside(opener ?? last);
}

/**
 * Keeps the focus where the work goes on: when what had it is taken from the page (a task that is done, a sheet that is
 * closed), it goes to what took its place, or to what opened the sheet, and not to the top of the page.
 * @returns how to end it
 */
export function keepFocus(): () => void {
  let stops: Stop[] = [];
  let isWaiting = false;
  const remember = ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement) || target === document.body) return;
    stops = [...stops, stopAt(target)].slice(-MOST_REMEMBERED);
    isWaiting &&= target.id === MAIN_ID;
  };
  const watch = new MutationObserver(() => {
    const isLost = stops.at(-1)?.element.isConnected === false && document.activeElement === document.body;
    // What takes the place of something may be a while in coming: until then the page itself has the focus.
    const next = isLost ? afterGone(stops) : isWaiting ? document.getElementById(GOES_ON_ID) : null;
    isWaiting = next ? next.id === MAIN_ID : isWaiting;
    next?.focus({ preventScroll: true });
  });
  document.addEventListener('focusin', remember);
  watch.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', remember);
    watch.disconnect();
  };
}
