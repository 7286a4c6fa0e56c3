import type { Evening } from '@elixa/contract';
import type { Family } from './family';
import type { Ingredient } from './ingredient';
import { styleById } from './styles';
import { alone, by, HOUR, type PrepWork } from './work';

/**
 * By family; minutes are kitchen estimates for a home cook with a sharp knife, good to two fifths either way. The evening
 * may set a pace.
 */
const BY_FAMILY: Record<Family, PrepWork> = {
  leaf: {
    says: 'Wash and shake dry, cut',
    fixedMin: 1,
    minPer100G: 0.4,
    board: 'plants',
    freshMin: 45,
    staleness: 0.8,
    keepsMin: 6 * HOUR,
  },
  root: {
    says: 'Peel and cut',
    fixedMin: 1,
    minPer100G: 0.9,
    board: 'plants',
    freshMin: 120,
    staleness: 0.3,
    keepsMin: 20 * HOUR,
  },
  allium: {
    says: 'Trim and cut',
    fixedMin: 1,
    minPer100G: 0.8,
    board: 'plants',
    freshMin: 60,
    staleness: 0.5,
    keepsMin: 8 * HOUR,
  },
  mushroom: {
    says: 'Brush, do not wash; ends off',
    fixedMin: 0.5,
    minPer100G: 0.8,
    board: 'plants',
    freshMin: 60,
    staleness: 0.4,
    keepsMin: 10 * HOUR,
  },
  seaweed: {
    says: 'Soak five minutes, drain, cut',
    fixedMin: 1,
    minPer100G: 1,
    board: 'plants',
    freshMin: 120,
    staleness: 0.2,
    keepsMin: 20 * HOUR,
  },
  tofu: {
    says: 'Drain and cut',
    fixedMin: 1,
    minPer100G: 0.3,
    board: 'tofu',
    freshMin: 60,
    staleness: 0.6,
    keepsMin: 6 * HOUR,
  },
  egg: { says: 'Into a bowl', fixedMin: 1, minPer100G: 0.2, freshMin: 25, staleness: 1.5, keepsMin: 2 * HOUR },
  fish: {
    says: 'Feel for bones and pull them; trim the thin belly and the dark line; slice on the slant along the grain, the skin on, one long pull of the knife for each; back into the fridge',
    fixedMin: 3,
    minPer100G: 0.8,
    board: 'fish',
    freshMin: 25,
    staleness: 2,
    keepsMin: 3 * HOUR,
    bought: 'cut by the fishmonger',
  },
  shellfish: {
    says: 'Rinse and make ready, back into the fridge',
    fixedMin: 2,
    minPer100G: 1.2,
    board: 'fish',
    freshMin: 25,
    staleness: 2,
    keepsMin: 3 * HOUR,
    bought: 'ready to cook',
  },
  poultry: {
    says: 'Pat dry and cut, back into the fridge',
    fixedMin: 2,
    minPer100G: 0.8,
    board: 'meat',
    freshMin: 45,
    staleness: 1.5,
    keepsMin: 12 * HOUR,
    bought: 'cut by the butcher',
  },
  meat: {
    says: 'Cut, back into the fridge',
    fixedMin: 2,
    minPer100G: 0.8,
    board: 'meat',
    freshMin: 45,
    staleness: 1.5,
    keepsMin: 12 * HOUR,
    bought: 'ready cut',
  },
  grain: { says: 'Loosen', fixedMin: 1, minPer100G: 0.2, freshMin: 40, staleness: 0.6, keepsMin: 3 * HOUR },
  seasoning: { says: 'Measure', fixedMin: 0.5, minPer100G: 0.5, freshMin: 180, staleness: 0.1, keepsMin: 20 * HOUR },
};

/** Ways of preparing an ingredient that cooks choose between, by question and option. */
export const PREP_SCHOOLS: Readonly<Record<string, Readonly<Record<string, { of: string; work: Partial<PrepWork> }>>>> =
  {
    tofu: {
      pressed: {
        of: 'firmTofu',
        work: {
          before: [by('Wrap in a cloth, a plate on top', 2), alone('It is pressed', 20)],
          says: 'Unwrap and cut',
        },
      },
      grilled: {
        of: 'firmTofu',
        work: {
          before: [by('Wrap in a cloth, a plate on top', 2), alone('It is pressed', 20)],
          says: 'Cut',
          after: [by('Brown it on both sides in a dry pan', 8, ['burner'])],
        },
      },
    },
  };

/**
 * How an ingredient is made ready for the pot.
 * @param schools the ways that the evening follows
 */
export function prepWorkOf(what: Ingredient, cut: string, schools: Readonly<Record<string, string>> = {}): PrepWork {
  const school = Object.entries(PREP_SCHOOLS)
    .map(([question, options]) => options[schools[question] ?? ''])
    .find((one) => one?.of === what.id);
  return { ...BY_FAMILY[what.family], ...what.work, ...what.cuts[cut]?.work, ...school?.work };
}

/** Whether a cut is bought ready where nobody says otherwise: as shops sell it, or since its pot is a quick one. */
export const isUsuallyBought = (
  style: Pick<Evening['style'], 'id' | 'schools'>,
  what: Ingredient,
  cut: string,
): boolean =>
  prepWorkOf(what, cut, style.schools).sold === true || (styleById(style.id)?.boughtReady?.includes(what.id) ?? false);

/** Whether a cut is bought ready tonight. */
export const isBoughtReady = ({ choices, style }: Evening, what: Ingredient, cut: string): boolean =>
  choices.bought?.includes(what.id) || (isUsuallyBought(style, what, cut) && !choices.cutAtHome?.includes(what.id));
