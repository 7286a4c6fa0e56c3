/** The first stop of a keyboard: past what is the same on every page. Seen only while it has the focus. */
export const SkipLink = () => (
  <a className="skip-link" href={`#${MAIN_ID}`}>
    To the page itself
  </a>
);

/** The part of a page that is its own. */
export const MAIN_ID = 'main';
