import { readFileSync } from 'node:fs';
import path from 'node:path';
import { mustReadEvening, type Diner, type Evening } from '@elixa/contract';
import { VESSELS } from '../catalogue/vessels';
import { styleChosen } from '../evening/edits/styleChosen';
import { checkEvening } from '../evening/resolveMenu';

/** The household's evenings, as the examples hold them. For tests only. */
export function example(name: 'practice-night' | 'first-frost' | 'muffled-peal'): Evening {
  const file = path.join(import.meta.dirname, '..', '..', 'examples', `${name}.json`);
  return mustReadEvening(JSON.parse(readFileSync(file, 'utf8')));
}

/** So many regular guests who eat everything. */
export const guests = (count: number): Diner[] =>
  Array.from({ length: count }, (_, index) => ({
    name: `Ringer ${index + 1}`,
    appetite: 'regular',
    diets: [],
    avoids: [],
    child: false,
  }));

/** A plain evening for so many regular guests, with what a test wants different. */
export const eveningFor = (count: number, more: Partial<Evening> = {}): Evening => ({
  ...example('practice-night'),
  diners: guests(count),
  choices: { swaps: [], leaveOut: [] },
  ...more,
});

/** The same evening with another pot, in each of the first vessels that carry it, its own before the catalogue's. */
export function inVessels(evening: Evening, styleId: string, most: number): Evening[] {
  const chosen = styleChosen(evening, styleId);
  return [chosen.vessel, ...VESSELS.filter((one) => one.id !== chosen.vessel.id)]
    .map((vessel) => ({ ...chosen, vessel }))
    .filter((one) => checkEvening(one).length === 0)
    .slice(0, most);
}

/** The same evening with another pot, in a vessel that carries it. */
export function suited(evening: Evening, styleId: string): Evening {
  const [first] = inVessels(evening, styleId, 1);
  if (!first) throw new RangeError(`No vessel of the catalogue carries "${styleId}"`);
  return first;
}
