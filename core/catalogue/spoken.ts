/** Letters without their marks and in one case, as people type them. */
export const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

/** Whether every word that somebody typed is heard in a text; so it is where nothing was typed. */
export function heardIn(typed: string, ...spoken: readonly string[]): boolean {
  const heard = plain(spoken.join(' '));
  return plain(typed)
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => heard.includes(word));
}
