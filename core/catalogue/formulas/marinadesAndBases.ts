import type { Formula } from '../formula';
import { schoolOfTaste, type SchoolChoice } from '../school';
import { CHILLI_SCHOOLS, FAT_SCHOOLS, PASTE_SCHOOLS, SEED_SCHOOLS } from './brothSteps';
import { aroma, body, does, salting, solid, sweetening, waits } from './parts';

const marinade = {
  kind: 'marinade',
  scaledBy: 'mainMass',
  thinnedWith: 'nothing',
  schools: [] as readonly SchoolChoice[],
} as const;
const base = {
  kind: 'base',
  scaledBy: 'head',
  thinnedWith: 'nothing',
  schools: [] as readonly SchoolChoice[],
} as const;
const SAME_DAY = {
  fridgeDays: 1,
  freezerMonths: 1,
  how: 'on the meat, covered, in the fridge; throw away what ran off',
};

const BINDING_SCHOOLS = schoolOfTaste('binding', 'What holds the balls', [
  { id: 'eggWhite', label: 'Egg white', says: 'Springy, and they float sooner.' },
  { id: 'starch', label: 'Starch only', says: 'Softer, and free of egg.' },
]);

/**
 * Marinades, by the kilogram of what lies in them. Their salinity is that of meat and marinade together, so that the
 * meat is seasoned through.
 */
export const MARINADES: readonly Formula[] = [
  {
    ...marinade,
    id: 'beefJeongolMarinade',
    name: 'Sweet soy marinade for beef',
    named: { of: ['asianPear', ['darkSoy', 'lightSoy', 'tamari']], otherwise: 'Sweet marinade for beef' },
    families: ['beefJeongol'],
    needs: 'beef',
    purpose: 'Sugar first so that it soaks in, then soy; pear softens; oil last.',
    parts: [
      body('asianPear', 90, { in: 'sugar', note: 'grated', cut: 'grated' }),
      salting('darkSoy', 1, { in: 'soy' }),
      sweetening('brownSugar', 0.7, { in: 'sugar' }),
      sweetening('honey', 0.3, { in: 'sugar' }),
      body('riceWine', 50, { in: 'soy' }),
      body('sesameOil', 14),
      solid('garlic', 16, { in: 'soy', exponent: 0.8, cut: 'minced' }),
      solid('ginger', 3, { in: 'soy', exponent: 0.8, cut: 'grated' }),
      solid('sesameSeed', 8),
      solid('blackPepper', 1, { in: 'soy', exponent: 0.8 }),
    ],
    target: { salinityPct: [0.9, 1.05, 1.2], sweetnessPct: [3, 4, 5] },
    steps: [
      does('dry', 'Pat the meat dry', 2),
      does('sugar', '{in} over it first', 3),
      waits('soak', 'Leave it', 10),
      does('soy', '{in} in; work it through by hand', 3),
      does('oil', '{in} last', 1),
      waits('rest', 'Into the fridge', 30, { tempC: 5, lookFor: 'no liquid stands in the bowl' }),
    ],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'saltPepperBeef',
    name: 'Salt and pepper for sliced beef',
    named: { of: ['blackPepper'], otherwise: 'Salt for sliced beef' },
    families: ['layered'],
    needs: 'beef',
    purpose: 'A little salt on the slices before they are stacked; the dip carries the rest.',
    parts: [salting('salt', 1), solid('blackPepper', 0.5, { exponent: 0.8 })],
    target: { salinityPct: [0.4, 0.45, 0.5] },
    steps: [does('dry', 'Pat the slices dry, lay them out', 3), does('salt', 'Strew {in} over them from a height', 1)],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'saltedChicken',
    name: 'Salted poultry',
    families: ['plainWater', 'clear', 'coconut', 'miso', 'soyMilk', 'mushroom', 'staged'],
    needs: 'poultry',
    purpose: 'Salt hours to a day ahead: plump, and seasoned to the bone.',
    parts: [salting('salt', 1), body('sake', 20), body('sugar', 3)],
    target: { salinityPct: [0.8, 0.95, 1.1] },
    steps: [
      does('dry', 'Pat it dry', 2),
      does('salt', 'Rub {in} in', 3),
      waits('rest', 'Into the fridge, from two hours to a day', 240, { tempC: 5 }),
    ],
    keeps: { fridgeDays: 1, freezerMonths: 1, how: 'in the fridge; it grows too salty after a day' },
  },
  {
    ...marinade,
    id: 'saltedFish',
    name: 'Salted fish',
    families: ['miso', 'clear', 'plainWater', 'staged', 'everything'],
    needs: 'fish',
    purpose: 'A quarter of an hour under salt: the slices firm up and hold, and what smells of fish runs off.',
    // What it draws is wiped off, and takes salt with it.
    runsOff: 0.3,
    parts: [salting('salt', 1)],
    target: { salinityPct: [0.5, 0.65, 0.8] },
    steps: [
      does('dry', 'Pat the slices dry, lay them side by side', 2),
      does('salt', 'Strew {in} over both sides from a height', 1),
      waits('rest', 'Into the fridge', 15, { tempC: 5, lookFor: 'drops stand on the flesh' }),
      does('wipe', 'Wipe every slice dry; throw away what ran off', 2),
    ],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'velvetPrawn',
    name: 'Egg white and starch for prawns',
    named: { of: ['eggWhite', ['potatoStarch', 'cornStarch']], otherwise: 'Starch coat for prawns' },
    families: ['everything', 'satay'],
    needs: 'crustacean',
    purpose: 'Keeps prawns crisp: egg white, starch and a trace of soda.',
    parts: [
      salting('salt', 1),
      body('eggWhite', 60),
      body('potatoStarch', 25),
      body('riceWine', 15),
      body('bakingSoda', 2),
      body('sugar', 10),
      solid('whitePepper', 1, { exponent: 0.8 }),
      body('neutralOil', 10, { in: 'oil' }),
    ],
    target: { salinityPct: [0.8, 1, 1.2] },
    steps: [
      does('dry', 'Rinse the prawns in salt water, dry them well', 4),
      does('coat', '{in} over them, one after another; stir one way', 3, {
        lookFor: 'it clings and is not wet',
      }),
      does('oil', '{in} last', 1, { lookFor: 'they slide apart' }),
      waits('rest', 'Into the fridge', 15, { tempC: 5 }),
    ],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'velvetBeef',
    name: 'Wine and starch for sliced beef',
    named: { of: [['riceWine', 'sake'], 'potatoStarch'], otherwise: 'Starch coat for sliced beef' },
    families: ['numbing', 'satay', 'everything'],
    needs: 'beef',
    purpose: 'Keeps thin slices soft and loose in a hot broth.',
    parts: [
      salting('lightSoy', 0.7, { in: 'mix' }),
      salting('oysterSauce', 0.3, { in: 'mix' }),
      body('riceWine', 25, { in: 'mix' }),
      body('sugar', 6, { in: 'mix' }),
      body('potatoStarch', 22),
      body('neutralOil', 20),
      solid('whitePepper', 0.6, { in: 'mix', exponent: 0.8 }),
    ],
    target: { salinityPct: [0.8, 0.95, 1.1] },
    steps: [
      does('mix', '{in} into the meat', 2),
      does('starch', '{in} in last', 2, { lookFor: 'the slices slide apart' }),
      waits('rest', 'Into the fridge', 20, { tempC: 5 }),
    ],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'chilliPork',
    name: 'Chilli paste marinade for pork',
    named: { of: ['gochujang', ['chilliFlakes', 'driedChilli']], otherwise: 'Red marinade for pork' },
    families: ['spicyStew', 'sukiyakiWest'],
    needs: 'pork',
    purpose: 'Sweet and hot, for thin pork.',
    parts: [
      body('asianPear', 60, { in: 'sweet', note: 'grated', cut: 'grated' }),
      body('gochujang', 55, { in: 'rest1' }),
      salting('darkSoy', 1, { in: 'rest1' }),
      sweetening('riceSyrup', 1, { in: 'sweet' }),
      solid('chilliFlakes', 10, { in: 'rest1', exponent: 0.8 }),
      solid('garlic', 18, { in: 'rest1', exponent: 0.8, cut: 'minced' }),
      solid('ginger', 6, { in: 'rest1', exponent: 0.8, cut: 'grated' }),
      body('sesameOil', 10),
    ],
    target: { salinityPct: [0.9, 1.1, 1.3], sweetnessPct: [2.5, 3.5, 4.5], heat: [1, 4] },
    steps: [
      does('sweet', '{in} over the meat first', 2),
      does('rest1', 'Then {in}, worked in by hand', 3),
      does('oil', '{in} last', 1),
      waits('rest', 'Into the fridge', 40, { tempC: 5 }),
    ],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'kneadedBalls',
    name: 'Seasoning for kneaded balls',
    families: ['meatball'],
    purpose: 'Salt first: kneaded with it the mince binds, and the balls hold.',
    // It is kneaded in, and most of it stays.
    runsOff: 0.2,
    kneads: true,
    parts: [
      salting('salt', 0.6, { in: 'salt' }),
      salting('lightSoy', 0.4, { in: 'rest1' }),
      body('sake', 25, { in: 'rest1' }),
      body('eggWhite', 40, { in: 'rest1', when: { binding: 'eggWhite' } }),
      body('potatoStarch', 25, { in: 'rest1', when: { binding: 'eggWhite' } }),
      body('potatoStarch', 40, { in: 'rest1', when: { binding: 'starch' } }),
      solid('ginger', 10, { exponent: 0.8, cut: 'grated' }),
      solid('garlic', 8, { exponent: 0.8, cut: 'minced' }),
      solid('longOnion', 80, { note: 'minced', cut: 'minced' }),
    ],
    target: { salinityPct: [0.75, 0.9, 1.05] },
    schools: [BINDING_SCHOOLS],
    steps: [
      does('salt', '{in} into the mince; knead until it sticks to the bowl', 4, {
        bare: 'Knead the mince until it sticks to the bowl',
        lookFor: 'it pulls threads',
      }),
      does('rest1', '{in} in, knead again', 3),
      does('onion', '{in} folded in last', 1),
      waits('rest', 'Into the fridge', 20, { tempC: 5 }),
      does('shape', 'Shape it in balls with two wet spoons, onto an oiled plate, back into the fridge', 6, {
        lookFor: 'all of one size, so that all are done at once',
      }),
    ],
    keeps: SAME_DAY,
  },
  {
    ...marinade,
    id: 'sukiyakiPan',
    name: 'Sugar and soy in the pan',
    named: { of: ['sugar', ['darkSoy', 'lightSoy', 'tamari']], otherwise: 'Seasoning in the pan' },
    families: ['sukiyakiWest'],
    needs: 'beef',
    purpose: 'No sauce is mixed: sugar and soy go on the beef as it sears.',
    parts: [salting('darkSoy', 1, { in: 'sear' }), sweetening('sugar', 1, { in: 'sear' }), body('sake', 60)],
    target: { salinityPct: [1.2, 1.5, 1.8], sweetnessPct: [3.5, 4.5, 6] },
    steps: [
      does('sear', '{in} over the beef as it browns in the pan', 1, {
        tempC: 120,
        whenServed: true,
        bare: 'Nothing over the beef',
      }),
      does('wet', '{in} where the pan runs dry', 1, {
        whenServed: true,
        bare: 'A splash of water where the pan runs dry',
      }),
    ],
    keeps: { fridgeDays: 0, freezerMonths: 0, how: 'made in the pan' },
  },
];

/** A base is always fried: its questions hang on no other. */
const ofBase = ({ when: _when, ...choice }: SchoolChoice): SchoolChoice => choice;

/** Dried chillies of a base, in g a head, by the school of their seeds. */
const soakedChillies = (seeds: 'out' | 'in', grams: { hot: number; long: number; short: number }) => {
  const note = seeds === 'out' ? 'snipped, the seeds shaken out' : 'snipped, with their seeds';
  const one = (id: string, g: number, chillies: 'hot' | 'mixed') =>
    solid(id, g, { in: 'soak', exponent: 0.8, note, when: { chillies, seeds } });
  return [
    one('driedChilli', grams.hot, 'hot'),
    one('longDriedChilli', grams.long, 'mixed'),
    one('driedChilli', grams.short, 'mixed'),
  ];
};

/** Bases made ahead in a larger batch: half is used, half is kept. */
export const BASES: readonly Formula[] = [
  {
    ...base,
    id: 'numbingBase',
    name: 'Numbing chilli base',
    named: { of: ['sichuanPepper', ['driedChilli', 'chilliFlakes']], otherwise: 'Red oil base' },
    families: ['numbing', 'divided'],
    purpose: 'Made a day ahead, twice what tonight takes; it keeps in portions, one for each pot.',
    mlPerHead: 110,
    parts: [
      body('beefTallow', 40, { in: 'infuse', exponent: 0.9, when: { fat: 'tallow' } }),
      body('neutralOil', 20, { in: 'infuse', exponent: 0.9, when: { fat: 'tallow' } }),
      body('neutralOil', 60, { in: 'infuse', exponent: 0.9, when: { fat: 'plantOil' } }),
      salting('doubanjiang', 0.85, { in: 'beans' }),
      salting('blackBean', 0.15, { in: 'beans' }),
      body('riceWine', 10, { in: 'wine' }),
      body('rockSugar', 2, { in: 'last' }),
      ...soakedChillies('out', { hot: 12.4, long: 11, short: 5.5 }),
      ...soakedChillies('in', { hot: 16.5, long: 14.5, short: 7.5 }),
      solid('sichuanPepper', 2, { in: 'last', exponent: 0.8 }),
      aroma('ginger', 4, { in: 'infuse' }),
      aroma('onion', 12, { in: 'infuse' }),
      aroma('longOnion', 6, { in: 'infuse' }),
      aroma('coriander', 3, { in: 'infuse', note: 'the stems' }),
      aroma('starAnise', 0.6, { in: 'wine' }),
      aroma('cassia', 0.6, { in: 'wine' }),
      aroma('blackCardamom', 0.5, { in: 'wine' }),
      aroma('fennelSeed', 0.4, { in: 'wine' }),
      aroma('bayLeaf', 0.2, { in: 'wine' }),
    ],
    target: { salinityPct: [2.2, 2.7, 3.3], heat: [3.5, 5] },
    schools: [FAT_SCHOOLS, ofBase(CHILLI_SCHOOLS), ofBase(SEED_SCHOOLS)],
    steps: [
      waits('soak', '{in} into boiling water', 25),
      does('grind', 'Drain what was soaked and grind it coarse', 5),
      does('wine', 'Wet {in} together; drain the spices before they go into fat: wet ones spit', 2),
      does('infuse', 'Fry {in} together, low, until brown and dry; lift out what floats', 15, {
        tempC: 130,
        lookFor: 'nothing sizzles any more',
      }),
      does('fry', 'Heat down; the ground chillies and the drained spices in', 11, {
        tempC: 110,
        lookFor: 'the oil is red and smells of them; nothing blackens. Air the room: the fumes bite',
      }),
      does('beans', '{in} in, low, stirring all the time', 8, {
        tempC: 110,
        lookFor: 'it no longer tastes raw',
      }),
      does('last', '{in} last', 2, { tempC: 105 }),
      waits('set', 'Pour into a tray, the whole spices on top; cool, into the fridge overnight', 600, {
        tempC: 5,
        lookFor: 'it cuts like butter: one block for each pot, dated',
        when: { fat: 'tallow' },
      }),
      waits('cool', 'Cool, pour into a clean jar, into the fridge overnight', 600, {
        tempC: 5,
        lookFor: 'red oil stands over it: stir before you ladle',
        when: { fat: 'plantOil' },
      }),
    ],
    keeps: { fridgeDays: 14, freezerMonths: 6, how: 'in portions, labelled' },
  },
  {
    ...base,
    id: 'chilliSauce',
    name: 'Chilli sauce for stews',
    named: { of: [['chilliFlakes', 'driedChilli']], otherwise: 'Red sauce for stews' },
    families: ['spicyStew', 'fishCakeJeongol'],
    purpose: 'A larger batch: half for tonight, half kept. Better after a day.',
    mlPerHead: 50,
    parts: [
      body('gochujang', 13, { when: { paste: 'withPaste' } }),
      body('riceSyrup', 5, { when: { paste: 'withPaste' } }),
      solid('ginger', 1.3, { exponent: 0.8, cut: 'grated', when: { paste: 'withPaste' } }),
      body('doenjang', 3, { when: { paste: 'flakesOnly' } }),
      body('sugar', 4, { when: { paste: 'flakesOnly' } }),
      salting('lightSoy', 0.6),
      salting('fishSauce', 0.4),
      body('riceWine', 10),
      solid('chilliFlakes', 11, { exponent: 0.8, when: { paste: 'flakesOnly' } }),
      solid('chilliFlakes', 9, { exponent: 0.8, when: { paste: 'withPaste' } }),
      solid('garlic', 12, { exponent: 0.8, cut: 'minced' }),
      solid('blackPepper', 0.6, { exponent: 0.8 }),
    ],
    target: { salinityPct: [7.5, 8.4, 9.5], heat: [3, 5] },
    schools: [PASTE_SCHOOLS],
    steps: [
      does('mix', 'Stir {in} together', 5),
      waits('rest', 'Leave it so that the flakes swell', 30, { lookFor: 'thick and glossy' }),
    ],
    keeps: { fridgeDays: 14, freezerMonths: 3, how: 'in a clean jar' },
  },
  {
    ...base,
    id: 'satayPaste',
    name: 'Fried peanut and sesame paste',
    named: { of: ['peanutPaste', 'sesamePaste'], otherwise: 'Fried nutty paste' },
    families: ['satay'],
    purpose: 'Fried before any liquid; it keeps, and a broth is ten minutes away.',
    mlPerHead: 55,
    parts: [
      body('neutralOil', 12, { in: 'aromatics', exponent: 0.9 }),
      body('peanutPaste', 16, { in: 'pastes' }),
      body('sesamePaste', 6, { in: 'pastes' }),
      salting('oysterSauce', 0.5),
      salting('shrimpPaste', 0.5),
      body('brownSugar', 4),
      solid('onion', 14, { in: 'aromatics', exponent: 0.8, cut: 'minced' }),
      solid('garlic', 4, { in: 'aromatics', exponent: 0.8, cut: 'minced' }),
      solid('curryPowder', 2, { in: 'spices', exponent: 0.8 }),
      solid('chilliFlakes', 1.5, { in: 'spices', exponent: 0.8 }),
    ],
    target: { salinityPct: [2.2, 2.8, 3.4], heat: [1, 4.5] },
    steps: [
      does('aromatics', 'Fry {in} until golden, the oil first', 8, { tempC: 120 }),
      does('spices', '{in} in', 1, { tempC: 110, lookFor: 'they smell; they must not blacken' }),
      does('pastes', '{in} in, fry until the oil parts', 6, { tempC: 105 }),
      does('season', '{in} in', 2),
    ],
    keeps: { fridgeDays: 14, freezerMonths: 3, how: 'under its own oil, in portions' },
  },
];
