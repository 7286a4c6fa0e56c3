import type { Evening } from '@elixa/contract';
import { isSame } from '../evening/isSame';

const names = (list: readonly string[]) => list.join(', ');

/**
 * What was changed in an evening since its burner was lit, of what the pot on the fire was planned for. The pot goes on by
 * the old plan: what is in it cannot be planned again for another table or another pot.
 * @returns phrases, none where nothing that matters changed
 * @example changesSince(lit, now) // ['Ines comes too']
 */
export function changesSince(lit: Evening, now: Evening): string[] {
  const there = new Set(lit.diners.map((diner) => diner.name));
  const here = new Set(now.diners.map((diner) => diner.name));
  const more = now.diners.filter((diner) => !there.has(diner.name)).map((diner) => diner.name);
  const gone = lit.diners.filter((diner) => !here.has(diner.name)).map((diner) => diner.name);
  const other = now.diners.filter((diner) => {
    const before = lit.diners.find((one) => one.name === diner.name);
    return before && !isSame(before, diner);
  });
  const differs = (pick: (evening: Evening) => unknown) => !isSame(pick(lit), pick(now));
  return [
    ...(more.length > 0 ? [`${names(more)} ${more.length === 1 ? 'comes' : 'come'} too`] : []),
    ...(gone.length > 0 ? [`${names(gone)} ${gone.length === 1 ? 'does' : 'do'} not come`] : []),
    ...other.map((diner) => `${diner.name} eats otherwise`),
    ...(differs((evening) => evening.vessel) ? ['another pot'] : []),
    ...(differs((evening) => evening.heatSource) ? ['another burner'] : []),
    ...(differs((evening) => [evening.choices, evening.overrides, evening.style, evening.service])
      ? ['something else goes into it']
      : []),
  ];
}
