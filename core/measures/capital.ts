/** A phrase at the start of a line or a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The same in the middle of a sentence. */
export const uncapital = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
