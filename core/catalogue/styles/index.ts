import { schoolOf } from '../school';
import type { Style } from '../style';
import { CLEAR_CHICKEN } from './clearChicken';
import { CLEAR_DUCK_SWISH } from './clearDuckSwish';
import { LAYERED_BEEF_CABBAGE } from './layeredBeefCabbage';
import { SUKIYAKI_EAST } from './sukiyakiEast';

export const STYLES: readonly Style[] = [CLEAR_CHICKEN, SUKIYAKI_EAST, LAYERED_BEEF_CABBAGE, CLEAR_DUCK_SWISH];

/** The style with this id, or undefined. */
export const styleById = (id: string): Style | undefined => STYLES.find((style) => style.id === id);

/** The schools that are followed for the questions of a style. */
export const schoolsOfStyle = (
  style: Style,
  chosen: Readonly<Record<string, string>>,
): Readonly<Record<string, string>> =>
  Object.fromEntries(style.schools.map((choice) => [choice.id, schoolOf(choice, chosen)]));
