import { schoolOfTaste } from '../school';
import type { Style } from '../style';
import { adds, pours, SKIM, slot, tool } from './parts';

const CHEESE_SCHOOLS = schoolOfTaste('cheese', 'Cheese and beans on top', [
  { id: 'with', label: 'With', says: 'A slice of cheese and a spoon of beans: rounder and milder.' },
  { id: 'without', label: 'Without', says: 'Sharper, and free of milk.' },
]);

const MEAT_SCHOOLS = schoolOfTaste('meats', 'Which meats are in it', [
  { id: 'pork', label: 'Pork', says: 'Tinned pork, frankfurters and sausage meat.' },
  { id: 'poultry', label: 'Poultry', says: 'Tinned chicken and chicken mince: for a table without pork.' },
]);
const PORK = { when: { meats: 'pork' } } as const;
const POULTRY = { when: { meats: 'poultry' } } as const;

export const SPICY_STEW: Style = {
  id: 'spicyStew',
  name: 'Spicy mixed stew at the table',
  says: 'Kimchi, tinned meat, sausage, tofu and noodles in sectors under a spoon of chilli sauce that is stirred in at the boil.',
  services: ['allAtOnce'],
  brothMlPerHead: 330,
  brothFormulaId: 'spicyStock',
  seasonAt: 'nearEnd',
  dipFormulaIds: [],
  slots: [
    slot('bed', 'kimchi', 'square', [45, 60, 80], 'bed', 0),
    slot('main', 'tinnedPork', 'slice', [35, 42, 50], 'ring', 1, PORK),
    slot('second', 'frankfurter', 'slant', [25, 32, 40], 'ring', 1, PORK),
    slot('ball', 'sausageMeat', 'crumbled', [25, 32, 40], 'ring', 1, PORK),
    slot('main', 'tinnedPoultry', 'slice', [50, 60, 75], 'ring', 1, POULTRY),
    slot('ball', 'chickenMince', 'crumbled', [35, 45, 55], 'ring', 1, POULTRY),
    slot('tofu', 'firmTofu', 'slice', [40, 50, 60], 'ring', 1),
    slot('starch', 'riceCake', 'slice', [15, 20, 25], 'ring', 1),
    slot('noodle', 'glassNoodle', 'soaked', [20, 25, 30], 'heart', 1),
    slot('mushroom', 'enoki', 'tuft', [25, 32, 40], 'ring', 1),
    slot('allium', 'scallion', 'length', [15, 20, 25], 'ring', 1),
    slot('topping', 'bakedBeans', 'whole', [8, 10, 12], 'top', 3, { when: { cheese: 'with' } }),
    slot('green', 'cheeseSlice', 'slice', [4, 5, 6], 'top', 3, { when: { cheese: 'with' } }),
  ],
  stages: [
    adds(
      'arrange',
      'each thing in its own sector, the kimchi at the bottom',
      ['bed', 'main', 'second', 'ball', 'tofu', 'starch', 'mushroom', 'allium', 'root', 'leaf', 'stem', 'noodle'],
      { says: '{in} arranged in the cold pan', lid: 'off' },
    ),
    pours('Stock to just under the top', 'the tops stand out of it', { kind: 'underTop', at: 'warm' }),
    SKIM,
    {
      id: 'stirSauce',
      do: 'stir',
      says: 'Stir the sauce through; taste, and add more of it or of the stock',
      untilCue: 'red all over, the crumbled meat grey through',
      lid: 'off',
    },
    adds('top', 'the cheese has melted', ['green', 'topping'], { says: '{in} on top', lid: 'off' }),
  ],
  schools: [CHEESE_SCHOOLS, MEAT_SCHOOLS],
  riceBeside: true,
  finishIds: ['noodleCake', 'friedRice'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [3, 7],
    litresPerHead: 0.8,
    needsLid: true,
    takesSear: false,
    divided: false,
  },
  kitchenTools: [tool.ladle],
};
