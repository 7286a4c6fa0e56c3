import { schoolOf } from '../school';
import type { Style } from '../style';
import { CLEAR_CHICKEN } from './clearChicken';
import { CLEAR_DUCK_SWISH } from './clearDuckSwish';
import { LAYERED_BEEF_CABBAGE } from './layeredBeefCabbage';
import { PLAIN_WATER_CHICKEN } from './plainWaterChicken';
import { WHITE_MISO_CHICKEN_PRAWN } from './whiteMisoChickenPrawn';
import { SALMON_MISO } from './salmonMiso';
import { BARLEY_MISO_MIXED } from './barleyMisoMixed';
import { SUKIYAKI_WEST } from './sukiyakiWest';
import { BEEF_JEONGOL } from './beefJeongol';
import { FISH_CAKE_JEONGOL } from './fishCakeJeongol';
import { SPICY_STEW } from './spicyStew';
import { MEATBALL_POT } from './meatballPot';
import { MUSHROOM_POT } from './mushroomPot';
import { NUMBING_POT } from './numbingPot';
import { DIVIDED_POT } from './dividedPot';
import { SOURED_CABBAGE_PORK } from './souredCabbagePork';
import { SOY_MILK_MILD } from './soyMilkMild';
import { SOY_MILK_PORK } from './soyMilkPork';
import { COCONUT_CHICKEN } from './coconutChicken';
import { SATAY_POT } from './satayPot';
import { EVERYTHING_POT } from './everythingPot';
import { STAGED_ONE_POT } from './stagedOnePot';
import { SUKIYAKI_EAST } from './sukiyakiEast';

export const STYLES: readonly Style[] = [
  CLEAR_CHICKEN,
  PLAIN_WATER_CHICKEN,
  WHITE_MISO_CHICKEN_PRAWN,
  SALMON_MISO,
  BARLEY_MISO_MIXED,
  SUKIYAKI_EAST,
  SUKIYAKI_WEST,
  LAYERED_BEEF_CABBAGE,
  CLEAR_DUCK_SWISH,
  BEEF_JEONGOL,
  FISH_CAKE_JEONGOL,
  SPICY_STEW,
  MEATBALL_POT,
  MUSHROOM_POT,
  NUMBING_POT,
  DIVIDED_POT,
  SOY_MILK_MILD,
  SOY_MILK_PORK,
  SOURED_CABBAGE_PORK,
  COCONUT_CHICKEN,
  SATAY_POT,
  EVERYTHING_POT,
  STAGED_ONE_POT,
];

/** The style with this id, or undefined. */
export const styleById = (id: string): Style | undefined => STYLES.find((style) => style.id === id);

/** The schools that are followed for the questions of a style. */
export const schoolsOfStyle = (
  style: Style,
  chosen: Readonly<Record<string, string>>,
): Readonly<Record<string, string>> =>
  Object.fromEntries(style.schools.map((choice) => [choice.id, schoolOf(choice, chosen)]));

/** The formula of what simmers in a pot of this style, by the schools that are followed; none where it is without. */
export function brothIdOf(style: Style, chosen: Readonly<Record<string, string>>): string | undefined {
  const { question, formulaIds = {} } = style.brothBySchool ?? {};
  return (question && formulaIds[schoolsOfStyle(style, chosen)[question] ?? '']) ?? style.brothFormulaId;
}
