/** The sum of some numbers. @example sum([1, 2]) // 3 */
export const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);
