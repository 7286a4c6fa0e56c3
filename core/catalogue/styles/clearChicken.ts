import type { Style } from '../style';

const whole = (cut: string) => [{ cut, share: 1 }];

export const CLEAR_CHICKEN: Style = {
  id: 'clearChicken',
  name: 'Clear chicken pot',
  says: 'Chicken, roots, cabbage and tofu in a clear kelp and bonito broth, with a soy and scallion dip.',
  services: ['rounds', 'allAtOnce'],
  usualService: 'rounds',
  brothMlPerHead: 300,
  brothFormulaId: 'clearDashi',
  dipFormulaIds: ['soyScallion'],
  items: [
    { ingredientId: 'chickenThigh', gramsPerHead: 150, cuts: whole('chunk'), zone: 'heart', purpose: 'pot' },
    { ingredientId: 'daikon', gramsPerHead: 50, cuts: whole('halfMoon'), zone: 'ring', purpose: 'pot' },
    { ingredientId: 'carrot', gramsPerHead: 30, cuts: whole('round'), zone: 'ring', purpose: 'pot' },
    {
      ingredientId: 'napaCabbage',
      gramsPerHead: 120,
      cuts: [
        { cut: 'stem', share: 0.45 },
        { cut: 'leaf', share: 0.55 },
      ],
      zone: 'ring',
      purpose: 'pot',
    },
    { ingredientId: 'firmTofu', gramsPerHead: 85, cuts: whole('block'), zone: 'ring', purpose: 'pot' },
    { ingredientId: 'longOnion', gramsPerHead: 30, cuts: whole('slant'), zone: 'ring', purpose: 'pot' },
    { ingredientId: 'shiitake', gramsPerHead: 27, cuts: whole('cap'), zone: 'ring', purpose: 'pot' },
    { ingredientId: 'enoki', gramsPerHead: 25, cuts: whole('tuft'), zone: 'ring', purpose: 'pot' },
    { ingredientId: 'mizuna', gramsPerHead: 25, cuts: whole('length'), zone: 'ring', purpose: 'pot' },
    { ingredientId: 'cookedRice', gramsPerHead: 100, cuts: whole('loose'), zone: 'heart', purpose: 'finish' },
    { ingredientId: 'egg', gramsPerHead: 25, cuts: whole('beaten'), zone: 'heart', purpose: 'finish' },
  ],
  schools: [
    {
      id: 'kelp',
      question: 'How the kelp is drawn',
      usual: 'slowHeat',
      options: [
        { id: 'coldSoak', label: 'Cold soak', says: 'Overnight in the fridge. The roundest taste.' },
        { id: 'slowHeat', label: 'Slow heat', says: 'Half an hour from cold, lifted before it boils.' },
        { id: 'hotPour', label: 'Hot soak', says: 'Half an hour in hot water, when time is short.' },
      ],
    },
    {
      id: 'bonito',
      question: 'How the flakes are used',
      usual: 'steep',
      options: [
        { id: 'steep', label: 'Steeped', says: 'Two minutes off the heat. Clean and light.' },
        { id: 'simmer', label: 'Simmered', says: 'Four minutes at a bare simmer. Stronger, a little rougher.' },
      ],
    },
    {
      id: 'seasoning',
      question: 'Where the salt is',
      usual: 'dipCarriesSalt',
      options: [
        { id: 'dipCarriesSalt', label: 'In the dip', says: 'A mild broth; the dip seasons each bite.' },
        { id: 'drunkAsSoup', label: 'In the broth', says: 'A broth to drink from the bowl, less dip.' },
      ],
    },
  ],
  salinityBands: { dipCarriesSalt: [0.3, 0.5], drunkAsSoup: [0.8, 0.9] },
  dipShares: { dipCarriesSalt: 1, drunkAsSoup: 0.6 },
};
