const list = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** Words as they are listed in a sentence. @example andList(['a', 'b', 'c']) // 'a, b and c' */
export const andList = (words: readonly string[]): string => list.format(words);
