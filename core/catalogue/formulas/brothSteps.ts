import { schoolOfBroth, schoolOfTaste, type SchoolChoice } from '../school';
import { does, infusion, waits } from './parts';

export const KELP_SCHOOLS: SchoolChoice = {
  id: 'kelp',
  question: 'How the kelp is drawn',
  usual: 'slowHeat',
  options: [
    { id: 'coldSoak', label: 'Cold soak', says: 'Overnight in the fridge. The roundest taste.' },
    { id: 'slowHeat', label: 'Slow heat', says: 'Half an hour from cold, lifted before it boils.' },
    { id: 'hotPour', label: 'Hot soak', says: 'Half an hour in hot water, when time is short.' },
    { id: 'boilingPour', label: 'Boiling pour', says: 'Boiled water over it, 25 minutes. Nothing to watch.' },
    { id: 'quickHeat', label: 'Quick heat', says: 'Twelve minutes from cold on a middling flame. Lighter.' },
  ],
};

export const BONITO_SCHOOLS: SchoolChoice = {
  id: 'bonito',
  question: 'How the flakes are used',
  usual: 'steep',
  options: [
    { id: 'steep', label: 'Steeped', says: 'Two minutes off the heat. Clean and light.' },
    { id: 'simmer', label: 'Simmered', says: 'Five minutes at a bare simmer. Stronger, a little rougher.' },
    { id: 'oneBoil', label: 'One boil', says: 'In as it boils, up once more, skimmed, off. Full and clear.' },
    { id: 'held', label: 'Held hot', says: 'Ten minutes well under a simmer. Deep and mild.' },
  ],
};

export const SEASONING_SCHOOLS = schoolOfBroth('seasoning', 'Where the salt is', [
  { id: 'dipCarriesSalt', label: 'In the dip', says: 'A mild broth; the dip seasons each bite.' },
  { id: 'drunkAsSoup', label: 'In the broth', says: 'A broth to drink from the bowl, less dip.' },
]);

export const MISO_SCHOOLS: SchoolChoice = {
  id: 'miso',
  question: 'When the miso goes in',
  usual: 'nearTheEnd',
  options: [
    { id: 'atTheStart', label: 'At the start', says: 'Everything simmers in it. Deep; stir from the bottom.' },
    { id: 'nearTheEnd', label: 'Near the end', says: 'Strained in last, never boiled. Fragrant.' },
  ],
};

export const BASE_SCHOOLS = schoolOfTaste('base', 'Where its paste comes from', [
  { id: 'fresh', label: 'Made now', says: 'Everything goes in one by one.' },
  { id: 'ahead', label: 'From the jar', says: 'A part of the base made ahead; the rest keeps.' },
]);
/** Of what a numbing base is fried. */
export const FAT_SCHOOLS = schoolOfBroth('fat', 'What it is fried in', [
  { id: 'tallow', label: 'Beef tallow', says: 'Full; what is kept sets and is cut in blocks.' },
  { id: 'plantOil', label: 'Plant oil', says: 'Lighter, and without beef; what is kept is ladled from a jar.' },
]);

/** A paste that is fried tonight, in full or in a hurry. */
export const FRIED = ['fresh', 'quick'] as const;

/** Rice wine that wets a fried paste. In the hot fat it boils off at once; in the broth it has only minutes. */
export const WINE_SCHOOLS = schoolOfBroth(
  'wine',
  'When the wine goes in',
  [
    { id: 'inPaste', label: 'Into the paste', says: 'It hisses off in the hot fat: round, and little alcohol stays.' },
    { id: 'afterStock', label: 'After the stock', says: 'Its scent stays, and more of its alcohol with it.' },
  ],
  { base: FRIED },
);

/** Whole spices have given what they have when the broth is made; bitten on they spoil a mouthful. */
export const SPICE_SCHOOLS = schoolOfBroth(
  'spices',
  'What becomes of the whole spices',
  [
    { id: 'lifted', label: 'Lifted out', says: 'Out with a skimmer when the broth is made: nobody bites on one.' },
    {
      id: 'stay',
      label: 'Left in',
      says: 'They go on giving, and grow bitter after half an hour. Say so to your guests.',
    },
  ],
  { base: FRIED },
);

/** Long wrinkled chillies give colour and scent, short ones heat. */
export const CHILLI_SCHOOLS = schoolOfBroth(
  'chillies',
  'Which dried chillies',
  [
    { id: 'hot', label: 'Hot ones', says: 'One kind, short and sharp.' },
    { id: 'mixed', label: 'Long and short', says: 'Long mild ones for colour and scent, a few short ones for heat.' },
  ],
  { base: 'fresh' },
);

/** A quarter of a dried chilli is seeds and the ribs that come out with them. Kitchen estimate, 20-30 %. */
export const SEED_SCHOOLS = schoolOfBroth(
  'seeds',
  'What becomes of their seeds',
  [
    { id: 'out', label: 'Shaken out', says: 'Milder by a quarter, redder, and nothing bitter or gritty.' },
    { id: 'in', label: 'Left in', says: 'Hotter by a third; burnt seeds turn a paste bitter, so fry it lower.' },
  ],
  { base: 'fresh' },
);

/** What a red sauce for stews is made of. */
export const PASTE_SCHOOLS = schoolOfBroth('paste', 'What makes it red', [
  { id: 'flakesOnly', label: 'Flakes', says: 'Flakes swollen in soy and wine: clean and sharp.' },
  { id: 'withPaste', label: 'Flakes and paste', says: 'Chilli paste as well: thicker and sweeter.' },
]);

export const NUMBING_SALT_SCHOOLS = schoolOfBroth('salt', 'Where the salt is', [
  { id: 'inDip', label: 'In the dip', says: 'A broth low in salt; the dip seasons each bite.' },
  { id: 'inBroth', label: 'In the broth', says: 'A seasoned broth, less dip.' },
]);

/** Parts and steps of a broth whose paste is made now, and of one whose paste comes from the jar. */
export const FRESH_PASTE = { when: { base: 'fresh' } } as const;
export const FROM_JAR = { when: { base: 'ahead' } } as const;

/** Small dried fish are looked through before they are boiled: one that is yellow or soft turns a whole stock. */
export const pickOver = does(
  'pickOver',
  'Pick over the anchovies: the heads stay on, any gut that is left comes out, what is yellow, soft or broken is thrown away',
  3,
  { beside: true, ifUses: 'driedAnchovy', lookFor: 'silver, dry, and smelling of the sea' },
);

/** Drawing kelp, whichever school; it is always lifted before the boil. */
export const drawKelp = [
  waits('soakCold', '{in} into the cold water, into the fridge', 600, {
    tempC: 5,
    lookFor: 'the kelp has swollen to twice its width',
    when: { kelp: 'coldSoak' },
    ifUses: 'kelp',
  }),
  does('warmAfterSoak', 'Heat gently with what soaks in it', 15, {
    tempC: 60,
    steam: 'hot',
    when: { kelp: 'coldSoak' },
    ifUses: 'kelp',
  }),
  waits('slowHeat', '{in} into the cold water, heat as low as it goes', 30, {
    tempC: 65,
    steam: 'hot',
    lookFor: 'small bubbles cling to the kelp; it never boils',
    when: { kelp: 'slowHeat' },
    ifUses: 'kelp',
  }),
  waits('hotSoak', 'Heat the water to 70 °C, {in} in, off the heat', 30, {
    tempC: 70,
    steam: 'hot',
    lookFor: 'the kelp has unrolled',
    when: { kelp: 'hotPour' },
    ifUses: 'kelp',
  }),
  waits('boilingPour', 'Boil the water and pour it over {in}', 25, {
    tempC: 78,
    steam: 'hot',
    lookFor: 'the kelp has unrolled and is soft',
    when: { kelp: 'boilingPour' },
    ifUses: 'kelp',
  }),
  does('quickHeat', '{in} into the cold water, medium heat', 12, {
    tempC: 58,
    steam: 'hot',
    lookFor: 'it smells of the sea, small bubbles at the wall',
    when: { kelp: 'quickHeat' },
    ifUses: 'kelp',
  }),
  does('liftKelp', 'Lift the {out} out now, before it boils', 1, {
    tempC: 80,
    steam: 'hot',
    lookFor: 'the first bubbles rise from the bottom',
    ifUses: 'kelp',
  }),
];

export const steepFlakes = [
  does('heatForFlakes', 'Bring it just to the boil', 5, { tempC: 92, steam: 'hot', ifUses: 'bonitoFlakes' }),
  does('steepFlakes', 'Off the heat, {in} in, leave them alone', 2, {
    tempC: 88,
    steam: 'hot',
    lookFor: 'the flakes sink',
    when: { bonito: 'steep' },
    ifUses: 'bonitoFlakes',
  }),
  does('simmerFlakes', '{in} in, hold at a bare simmer', 5, {
    tempC: 92,
    steam: 'hot',
    lookFor: 'skim what rises',
    when: { bonito: 'simmer' },
    ifUses: 'bonitoFlakes',
  }),
  does('oneBoilFlakes', '{in} in, let it boil up once, skim, off the heat', 3, {
    tempC: 93,
    steam: 'hot',
    lookFor: 'the flakes sink',
    when: { bonito: 'oneBoil' },
    ifUses: 'bonitoFlakes',
  }),
  waits('holdFlakes', '{in} in, keep it hot without a bubble', 10, {
    tempC: 82,
    steam: 'hot',
    lookFor: 'it only trembles',
    when: { bonito: 'held' },
    ifUses: 'bonitoFlakes',
  }),
];

export const strain = does('strain', 'Strain through a cloth; press lightly', 3, { tempC: 80, lifts: true });
export const season = does('season', 'Season with {in}: half first, taste, then the rest', 3, {
  tempC: 80,
  lookFor: 'stronger now than it will be at the table: the food lets it down',
});

/** Bones into cold water, slowly up. */
export const bringUp = does('start', '{in} into cold water; bring up slowly and skim', 15, {
  bare: 'Bring the water up slowly',
  tempC: 80,
  steam: 'hot',
  lookFor: 'grey foam gathers: take it off before it boils',
});
export const STOCK_KEEPS = {
  fridgeDays: 3,
  freezerMonths: 3,
  how: 'cooled quickly, the fat lifted off when it has set',
};

export const kelp = (grams: number) => infusion('kelp', grams, { out: 'liftKelp', note: 'wiped, not washed' });
export const flakes = (grams: number) =>
  infusion('bonitoFlakes', grams, {
    in: ['steepFlakes', 'simmerFlakes', 'oneBoilFlakes', 'holdFlakes'],
    out: 'strain',
    note: 'in a cloth bag',
  });

export const FRESH = {
  fridgeDays: 2,
  freezerMonths: 2,
  how: 'strained and cooled quickly; into the fridge within two hours',
};
export const DAIRYLIKE = {
  fridgeDays: 1,
  freezerMonths: 0,
  how: 'splits when frozen; eat it the day after, warmed gently',
};
