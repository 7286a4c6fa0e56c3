/** Letters without their marks and in one case, as people type them. */
export const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

/** A word as it was typed, and as it is where one of them is meant: leeks, radishes. */
const oneOf = (word: string): string[] => [
  word,
  ...(word.length > 3 && word.endsWith('s') ? [word.slice(0, -1)] : []),
  ...(word.length > 4 && word.endsWith('es') ? [word.slice(0, -2)] : []),
];

/** The same words, of one thing or of several. */
export const isSameWords = (a: string, b: string): boolean => {
  const [one, other] = [plain(a.trim()), plain(b.trim())];
  return oneOf(one).includes(other) || oneOf(other).includes(one);
};

/** Whether every word that somebody typed is heard in a text; so it is where nothing was typed. */
export function heardIn(typed: string, ...spoken: readonly string[]): boolean {
  const heard = plain(spoken.join(' '));
  return plain(typed)
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => oneOf(word).some((one) => heard.includes(one)));
}
