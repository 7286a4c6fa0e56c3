/** A table without one of its rows. */
export const without = <Value>(table: Readonly<Record<string, Value>> | undefined, id: string): Record<string, Value> =>
  Object.fromEntries(Object.entries(table ?? {}).filter(([key]) => key !== id));
