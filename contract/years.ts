/** Years that an evening may lie in. */
export const YEARS = { first: 2000, last: 2099 };
