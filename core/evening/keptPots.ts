import type { HousePot } from '@elixa/contract';

/** Two lists of pots of the house put together: of each pot the later one holds, by name. Order makes no difference. */
export function mergePots(a: readonly HousePot[], b: readonly HousePot[]): HousePot[] {
  const merged = new Map<string, HousePot>();
  for (const pot of [...a, ...b]) {
    const known = merged.get(pot.id);
    if (!known || Date.parse(pot.changedAt) > Date.parse(known.changedAt)) merged.set(pot.id, pot);
  }
  return [...merged.values()].sort(
    (one, other) => one.name.localeCompare(other.name) || one.id.localeCompare(other.id),
  );
}

/** Those that are there. */
export const keptPots = (pots: readonly HousePot[]) => pots.filter((pot) => !pot.gone);
