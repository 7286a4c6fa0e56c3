import type { Catalogue } from '../../catalogue/catalogue';
import type { Helping } from '../../diners/helpings';
import type { FormulaSolution, RunOff } from '../../formula/solution';
import { isCounted } from '../../formula/balance';
import { sum } from '../../measures/sum';

/** Share of a marinade's salt and sugar that runs off into the broth. Kitchen estimate, 0.35-0.65. */
export const RUNS_OFF = 0.5;

/** For a gram of what lies in a marinade, by the slot of it: what runs off into the broth, in g. */
export type RunsOff = ReadonlyMap<string, RunOff>;

/**
 * What runs off for a gram of the things that lie in a marinade.
 * @param on what lies in it
 * @param share of what it brings
 */
export function runOffOf(
  catalogue: Catalogue,
  { parts }: FormulaSolution,
  on: readonly Helping[],
  share = RUNS_OFF,
): Array<[string, RunOff]> {
  const massG = sum(on.map((one) => one.massG));
  const brings = (property: 'saltPct' | 'sweetnessPct') =>
    sum(parts.filter(isCounted).map((part) => (part.massG * catalogue.byId(part.ingredientId)[property]) / 100));
  if (massG <= 0) return [];
  const each = { saltG: (share * brings('saltPct')) / massG, sweetG: (share * brings('sweetnessPct')) / massG };
  return on.map((one) => [one.slotId, each]);
}

/** All that runs off these pieces, in g. */
export const runOffInto = (pieces: readonly Helping[], runsOff: RunsOff): RunOff => ({
  saltG: sum(pieces.map((one) => one.massG * (runsOff.get(one.slotId)?.saltG ?? 0))),
  sweetG: sum(pieces.map((one) => one.massG * (runsOff.get(one.slotId)?.sweetG ?? 0))),
});
