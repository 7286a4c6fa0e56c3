import type { Catalogue } from './catalogue';
import { formulaById } from './formulas';

/** What an ingredient, a thing of the cook's own or a liquid is called; its id where nobody knows it. */
export const nameOf = (catalogue: Catalogue, id: string): string =>
  catalogue.has(id) ? catalogue.byId(id).name : (formulaById(id)?.name ?? id);
