import type { Evening } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Formula } from '../catalogue/formula';
import type { Finish, Pour, Stage, Style } from '../catalogue/style';
import type { ChosenLiquids } from './chosenLiquids';
import type { Helping, TonightsSlots } from '../diners/helpings';
import type { Sides } from '../diners/sides';
import type { Table } from '../diners/table';

/**
 * An evening with everything looked up once: its style and schools, its liquids, who sits where, and what everything has
 * become for them. All that follows takes this, and nothing of it has to be looked for again.
 */
export interface Menu {
  /** The document, with every school that is followed written into it. */
  evening: Evening;
  /** All that can be in it, the cook's own things too. */
  catalogue: Catalogue;
  style: Style;
  slots: TonightsSlots;
  table: Table;
  /** The two sides of a pot with two broths. */
  sides?: Sides;
  /** Everything that is cooked, by pan. */
  food: readonly Helping[];
  chosen: ChosenLiquids;
  /** Marinades with what they lie on. */
  marinades: ReadonlyMap<Formula, readonly Helping[]>;
  stages: readonly Stage[];
  pour: Pour;
  finish: Finish | undefined;
}
