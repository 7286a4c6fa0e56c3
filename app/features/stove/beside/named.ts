/** A thing in the pot and what it is called. */
export interface Named {
  id: string;
  name: string;
}

/** What is called the same is one thing to whoever looks into the pot. */
export function byName(things: readonly Named[]): Array<{ name: string; ids: string[] }> {
  const all = new Map<string, string[]>();
  for (const { id, name } of things) all.set(name, [...(all.get(name) ?? []), id]);
  return [...all].map(([name, ids]) => ({ name, ids }));
}
