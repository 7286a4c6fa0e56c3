/** The name that the page came with, before anything was drawn over it: the evening's, or the application's. */
export const OPENING_TITLE =
  (typeof document === 'undefined' ? undefined : document.getElementById('opening-title')?.textContent) ?? 'Elixa';

const OPENED_AT = typeof location === 'undefined' ? '' : location.pathname;

/** What is called out while an evening is opened whose name is not known yet. */
export const titleWhileOpening = (eveningId: string) =>
  OPENED_AT.startsWith(`/evening/${encodeURIComponent(eveningId)}`) ? OPENING_TITLE : 'Elixa';
