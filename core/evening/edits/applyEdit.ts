import type { Edit, EditKind, EditOf, Evening } from '@elixa/contract';

import * as amounts from './amounts';
import * as choices from './choices';
import * as own from './own';
import * as pot from './pot';
import * as simmering from './simmering';
import { styleChosen } from './styleChosen';
import * as table from './table';

/** Every named change, by its name. */
const EDITS: { [Kind in EditKind]: (evening: Evening, edit: EditOf<Kind>) => Evening } = {
  ...amounts,
  ...choices,
  ...own,
  ...pot,
  ...simmering,
  ...table,
  styleChosen: (evening, { styleId }) => styleChosen(evening, styleId),
};

/**
 * The evening after a named change. A pure function; the evening given is not changed.
 * @throws RangeError when the change names a style that does not exist
 * @example applyEdit(evening, { kind: 'brothSet', ml: 300 }).overrides.brothMlPerHead // 300
 */
export const applyEdit = <Kind extends EditKind>(evening: Evening, edit: EditOf<Kind>): Evening =>
  (EDITS[edit.kind] as (evening: Evening, edit: Edit) => Evening)(evening, edit);

/** The same for changes one on top of the other. */
export const applyEdits = (evening: Evening, edits: readonly Edit[]): Evening =>
  edits.reduce((changed, edit) => applyEdit(changed, edit), evening);
