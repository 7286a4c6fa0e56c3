/** So many of what has no better name: `1 thing`, `3 things`. */
export const things = (count: number) => `${count} ${count === 1 ? 'thing' : 'things'}`;
