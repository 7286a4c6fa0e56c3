import { isRaw } from './evening1to2';

/** Changes that had other names in plans of before. */
const NOW_CALLED: Readonly<Record<string, string>> = {
  service: 'serviceChosen',
  gramsPerHead: 'amountSet',
  lessFood: 'foodCutDown',
  brothMlPerHead: 'brothSet',
  meatFreeSide: 'meatFreeSideChosen',
  riceBeside: 'riceBesideSet',
};

/** They named a pot or a burner by an id of the catalogue of that day: the advice stays, its tap goes. */
const GONE: readonly string[] = ['vessel', 'heatSource'];

/** A part of an older plan in which advice has the changes of today; the same where it has none of those of before. */
export function editsRenamed(part: unknown): unknown {
  if (Array.isArray(part)) return part.map(editsRenamed);
  if (!isRaw(part)) return part;
  return Object.fromEntries(
    Object.entries(part).flatMap(([key, value]) => {
      const kind = key === 'edit' && isRaw(value) ? String(value.kind) : '';
      if (GONE.includes(kind)) return [];
      const now = NOW_CALLED[kind];
      return [[key, now ? { ...(value as object), kind: now } : editsRenamed(value)]];
    }),
  );
}
