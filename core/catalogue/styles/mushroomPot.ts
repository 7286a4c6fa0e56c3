import type { Style } from '../style';
import { adds, greensIn, liquidSchools, pours, SKIM, slot, tool } from './parts';

const LIQUID = liquidSchools([
  { id: 'chicken', label: 'Chicken and radish', says: 'Boiled with chicken on the bone, which is eaten from the pot.' },
  { id: 'kelp', label: 'Kelp and dried mushrooms', says: 'Full, and without meat or fish.' },
]);
const CHICKEN = { liquid: 'chicken' } as const;

export const MUSHROOM_POT: Style = {
  id: 'mushroomPot',
  name: 'Mushroom pot',
  says: 'Seven kinds of mushrooms in a light broth that everybody drinks.',
  services: ['rounds', 'allAtOnce'],
  brothMlPerHead: 380,
  brothFormulaId: 'chickenDaikonBroth',
  brothBySchool: { question: LIQUID.id, formulaIds: { chicken: 'chickenDaikonBroth', kelp: 'mushroomKelp' } },
  seasonAt: 'made',
  dipFormulaIds: ['plainFishSauceChilli', 'saltPepperLime'],
  slots: [
    slot('mushroom', 'kingOyster', 'slice', [30, 38, 50], 'ring', 1),
    slot('mushroom', 'shiitake', 'cap', [25, 36, 45], 'ring', 1),
    slot('mushroom', 'shimeji', 'tuft', [25, 32, 40], 'ring', 1),
    slot('mushroom', 'oysterMushroom', 'torn', [25, 32, 40], 'ring', 1),
    slot('mushroom', 'maitake', 'torn', [20, 27, 35], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [20, 25, 35], 'ring', 1),
    slot('mushroom', 'snowFungus', 'torn', [3, 4, 5], 'ring', 1),
    slot('main', 'chickenBoneIn', 'fromStock', [100, 110, 140], 'heart', 0, { when: CHICKEN }),
    slot('root', 'daikon', 'fromStock', [60, 75, 90], 'bed', 0, { when: CHICKEN }),
    slot('tofu', 'firmTofu', 'block', [40, 60, 80], 'ring', 1),
    slot('green', 'scallion', 'length', [15, 20, 25], 'top', 2),
  ],
  stages: [
    pours('Broth into the pot', 'it covers the food', { kind: 'cover', at: 'warm' }),
    adds('chicken', 'hot to the bone: 74 °C inside', ['main', 'root', 'bed', 'starch', 'leaf', 'stem', 'allium'], {
      lid: 'on',
    }),
    SKIM,
    adds('mushrooms', 'limp and glossy, firm kinds first', ['mushroom', 'tofu', 'second', 'ball', 'noodle']),
    greensIn(),
  ],
  schools: [LIQUID],
  finishIds: ['vermicelliInBowl', 'wheatNoodle'],
  keepsApart: [],
  returns: [
    { fromFormulaId: 'chickenDaikonBroth', ingredientId: 'chickenBoneIn', cut: 'fromStock', otherwise: 'chopped' },
    { fromFormulaId: 'chickenDaikonBroth', ingredientId: 'daikon', cut: 'fromStock', otherwise: 'halfMoon' },
  ],
  vesselFit: {
    widthToDepth: [1.5, 6],
    litresPerHead: 0.85,
    needsLid: true,
    takesSear: false,
    divided: true,
  },
  kitchenTools: [tool.ladle, tool.skimmer, tool.scraps],
};
