import type { BrothFormula, DipFormula } from './formula';

export const BROTH_FORMULAS: readonly BrothFormula[] = [
  {
    id: 'clearDashi',
    name: 'Clear kelp and bonito broth',
    kind: 'broth',
    parts: [
      { ingredientId: 'kelp', role: 'infusion', grams: 10, note: 'wiped, not washed' },
      { ingredientId: 'bonitoFlakes', role: 'infusion', grams: 20, note: 'in a cloth bag' },
      { ingredientId: 'sake', role: 'seasoning', grams: 20 },
      { ingredientId: 'mirin', role: 'seasoning', grams: 12 },
      { ingredientId: 'lightSoy', role: 'salting', share: 0.65 },
      { ingredientId: 'salt', role: 'salting', share: 0.35 },
    ],
    steps: [
      {
        id: 'soakCold',
        says: 'Kelp into the cold water, into the fridge',
        minutes: 600,
        attended: false,
        tempC: 5,
        lookFor: 'the kelp has swollen to twice its width',
        when: { kelp: 'coldSoak' },
      },
      {
        id: 'warmAfterSoak',
        says: 'Heat gently with the kelp in',
        minutes: 15,
        attended: true,
        tempC: 60,
        when: { kelp: 'coldSoak' },
      },
      {
        id: 'slowHeat',
        says: 'Kelp into the cold water, heat as low as it goes',
        minutes: 30,
        attended: false,
        tempC: 65,
        lookFor: 'small bubbles cling to the kelp; it never boils',
        when: { kelp: 'slowHeat' },
      },
      {
        id: 'hotSoak',
        says: 'Heat the water to 70 °C, kelp in, off the heat',
        minutes: 30,
        attended: false,
        tempC: 70,
        lookFor: 'the kelp has unrolled',
        when: { kelp: 'hotPour' },
      },
      {
        id: 'liftKelp',
        says: 'Lift the kelp out now, before it boils',
        minutes: 1,
        attended: true,
        tempC: 80,
        lookFor: 'the first bubbles rise from the bottom',
      },
      {
        id: 'heatForFlakes',
        says: 'Bring it just to the boil',
        minutes: 5,
        attended: true,
        tempC: 92,
        ifUses: 'bonitoFlakes',
      },
      {
        id: 'steepFlakes',
        says: 'Off the heat, flakes in, leave them alone',
        minutes: 2,
        attended: true,
        tempC: 88,
        lookFor: 'the flakes sink',
        when: { bonito: 'steep' },
        ifUses: 'bonitoFlakes',
      },
      {
        id: 'simmerFlakes',
        says: 'Flakes in, hold at a bare simmer',
        minutes: 4,
        attended: true,
        tempC: 92,
        lookFor: 'skim what rises',
        when: { bonito: 'simmer' },
        ifUses: 'bonitoFlakes',
      },
      { id: 'strain', says: 'Strain through a cloth; press lightly', minutes: 3, attended: true },
      {
        id: 'season',
        says: 'Season with half, taste, then the rest',
        minutes: 3,
        attended: true,
        lookFor: 'a little milder than you want it: it grows stronger in the pot',
      },
    ],
  },
];

export const DIP_FORMULAS: readonly DipFormula[] = [
  {
    id: 'soyScallion',
    name: 'Soy and scallion dip',
    kind: 'sauce',
    mlPerHead: 45,
    targetSalinityPct: 5,
    salinityBand: [3, 8],
    parts: [
      { ingredientId: 'darkSoy', role: 'salting', share: 1 },
      { ingredientId: 'riceVinegar', role: 'seasoning', grams: 4 },
      { ingredientId: 'sugar', role: 'seasoning', grams: 1.5 },
      { ingredientId: 'sesameOil', role: 'body', grams: 1.6 },
      { ingredientId: 'scallion', role: 'body', grams: 16, note: 'more than seems right' },
    ],
    steps: [
      { id: 'cut', says: 'Cut the scallion into fine rings', minutes: 4, attended: true },
      {
        id: 'mix',
        says: 'Stir soy, vinegar, sugar and oil over the scallion',
        minutes: 1,
        attended: true,
      },
      {
        id: 'rest',
        says: 'Leave it to collapse',
        minutes: 10,
        attended: false,
        lookFor: 'the heap has sunk to half',
      },
      { id: 'thin', says: 'At the table, thin each bowl with hot broth from the pot', minutes: 1, attended: true },
    ],
  },
];

export const brothFormulaById = (id: string) => BROTH_FORMULAS.find((one) => one.id === id);
export const dipFormulaById = (id: string) => DIP_FORMULAS.find((one) => one.id === id);
