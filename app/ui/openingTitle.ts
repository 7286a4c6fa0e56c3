/** The name that the page came with, before anything was drawn over it: the evening's, or the application's. */
export const OPENING_TITLE =
  (typeof document === 'undefined' ? undefined : document.getElementById('opening-title')?.textContent) ?? 'Elixa';
