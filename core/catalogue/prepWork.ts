import type { Resource } from '../prep/problem';
import type { Family, Ingredient } from './ingredient';

/** The order on the board: plants first, then tofu, raw fish, raw meat; then it is washed. */
export const BOARD_ORDER = ['plants', 'tofu', 'fish', 'meat'] as const;
export type BoardStage = (typeof BOARD_ORDER)[number];

/** Something that is done with an ingredient before it is cut, or after. */
export interface PrepStep {
  says: string;
  lastsMin: number;
  /** With one's hands, or by itself. */
  attended: boolean;
  needs?: ReadonlyArray<Exclude<Resource, 'hands'>>;
}

/** How an ingredient is made ready, and how long that takes two unhurried hands. */
export interface PrepWork {
  says: string;
  fixedMin: number;
  minPer100G: number;
  board?: BoardStage;
  before?: readonly PrepStep[];
  after?: readonly PrepStep[];
  /** It waits so long, covered and cold where it should be, without losing anything. */
  freshMin: number;
  /** What a minute of waiting after that costs, from 0 (nothing) to 5 (it goes off at once). */
  staleness: number;
  /** How long it may stand, covered and cold; sixteen hours and more can be done the day before. */
  keepsMin: number;
  /** It is still worth buying ready cut or cooked when time is short, and what that is called. */
  bought?: string;
}

const HOUR = 60;
const by = (says: string, lastsMin: number, needs?: PrepStep['needs']): PrepStep => ({
  says,
  lastsMin,
  attended: true,
  needs,
});
const alone = (says: string, lastsMin: number, needs?: PrepStep['needs']): PrepStep => ({
  says,
  lastsMin,
  attended: false,
  needs,
});

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
    says: 'Look for bones, cut at an angle with the skin on, back into the fridge',
    fixedMin: 2,
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

const soaked = (says: string, minutes: number, drain: string): Partial<PrepWork> => ({
  before: [by(says, 1), alone('It soaks', minutes)],
  says: drain,
  freshMin: 15,
  staleness: 1.2,
  keepsMin: 40,
});

/** Firming up for slices that are thin enough to be cooked in seconds. Kitchen estimate, 60-90 min. */
const firmed: Partial<PrepWork> = {
  before: [
    by('Flat into the freezer, to firm up for slicing', 1),
    alone('It firms up in the freezer', 70, ['freezer']),
  ],
  says: 'Slice as thin as you can across the grain, back into the fridge',
  minPer100G: 1.6,
  bought: 'sliced by the butcher',
};

/** What differs from its family, by ingredient or by ingredient and cut. */
const SPECIAL: Readonly<Record<string, Partial<PrepWork>>> = {
  napaCabbage: {
    says: 'Leaves apart, wash; stems on the slant, leaves in large pieces, in two bowls',
    minPer100G: 0.5,
  },
  'daikon/grated': { says: 'Peel, grate, press lightly', minPer100G: 2.5, freshMin: 5, staleness: 5, keepsMin: 20 },
  daikon: { says: 'Peel thickly, halve, cut half-moons', minPer100G: 0.7 },
  carrot: { says: 'Peel, cut rounds' },
  longOnion: { says: 'Trim, cut on the slant' },
  shiitake: { says: 'Brush, stalks off', minPer100G: 1.2 },
  enoki: { says: 'Ends off, tear into small tufts', minPer100G: 0.8 },
  mizuna: { says: 'Wash, shake dry, cut in lengths', freshMin: 25, staleness: 1.4, keepsMin: 3 * HOUR },
  beanSprout: { says: 'Wash, pinch the roots off', minPer100G: 2, bought: 'ready trimmed' },
  lotusRoot: {
    says: 'Peel, slice into water',
    after: [alone('It stands in water', 10)],
    staleness: 1,
    keepsMin: 2 * HOUR,
  },
  burdock: {
    says: 'Scrub, shave into water',
    minPer100G: 2.5,
    after: [alone('It stands in water', 5)],
    keepsMin: 2 * HOUR,
  },
  taro: { says: 'Peel, halve, rub with salt, rinse', minPer100G: 1.6 },
  tomato: { says: 'Skin and cut in wedges', minPer100G: 1.2 },
  souredCabbage: { says: 'Rinse, wring, shred', minPer100G: 1 },
  woodEar: { ...soaked('Into warm water', 25, 'Drain, tear'), keepsMin: 20 * HOUR, staleness: 0.2 },
  friedTofu: { says: 'Pour boiling water over it, cut' },
  tofuPouch: { says: 'Pour boiling water over it, press, cut in strips' },
  tinnedPork: { says: 'Open, slice', board: 'meat', fixedMin: 1 },
  chickenMince: { says: 'Knead with salt until it binds', fixedMin: 3, minPer100G: 0.8, board: undefined },
  porkMince: { says: 'Knead with salt until it binds', fixedMin: 3, minPer100G: 0.8, board: undefined },
  beefSlice: firmed,
  lambSlice: firmed,
  porkLoin: firmed,
  duckBreast: firmed,
  'porkBelly/thin': firmed,
  prawn: {
    before: [by('Into cold water, if it is frozen', 1), alone('It thaws', 25)],
    says: 'Pat dry, draw the gut',
    minPer100G: 2,
    bought: 'peeled and drawn',
  },
  clam: {
    before: [by('Into salted water, in the dark', 2), alone('They spit out their sand', 60, ['fridge'])],
    says: 'Rinse; what stays open is thrown away',
    minPer100G: 0.6,
    board: undefined,
  },
  mussel: { says: 'Scrub, pull the beards; what stays open is thrown away', minPer100G: 1.2, board: undefined },
  glassNoodle: soaked('Into warm water', 25, 'Drain, cut once'),
  mungVermicelli: soaked('Into warm water', 15, 'Drain, cut once'),
  riceNoodle: soaked('Into warm water', 25, 'Drain'),
  riceCake: soaked('Into cold water', 15, 'Drain'),
  shirataki: {
    before: [by('Into boiling water', 1, ['burner']), alone('They boil', 3, ['burner'])],
    says: 'Drain, rinse, tie in knots',
    minPer100G: 0.8,
    keepsMin: 20 * HOUR,
    staleness: 0.2,
  },
  cookedRice: {
    before: [
      by('Wash the rice', 3),
      alone('It soaks', 30),
      by('Bring it to the boil, lid on, heat down', 3, ['burner']),
      alone('It cooks', 12, ['burner']),
      alone('It rests, lid on', 10),
    ],
    says: 'Loosen, rinse cold, drain',
    fixedMin: 2,
    keepsMin: 2 * HOUR,
    staleness: 0.4,
    bought: 'cooked, from a packet',
  },
  egg: { says: 'Beat lightly, back into the fridge' },
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
  return { ...BY_FAMILY[what.family], ...SPECIAL[what.id], ...SPECIAL[`${what.id}/${cut}`], ...school?.work };
}
