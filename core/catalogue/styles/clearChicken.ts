import { SEASONING_SCHOOLS } from '../formulas/brothSteps';
import type { SchoolChoice, Style } from '../style';

const TOFU_SCHOOLS: SchoolChoice = {
  id: 'tofu',
  question: 'How the tofu is made ready',
  usual: 'plain',
  options: [
    { id: 'plain', label: 'Cut only', says: 'Soft; it trembles in the broth.' },
    { id: 'pressed', label: 'Pressed', says: 'Twenty minutes under a plate. It takes up more broth.' },
    { id: 'grilled', label: 'Pressed and browned', says: 'Half an hour. It keeps its shape through every round.' },
  ],
};

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
  schools: [SEASONING_SCHOOLS, TOFU_SCHOOLS],
  dipShares: { dipCarriesSalt: 1, drunkAsSoup: 0.6 },
};
