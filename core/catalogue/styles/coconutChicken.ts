import { schoolOfTaste } from '../school';
import type { Style } from '../style';
import { adds, greensIn, pours, SKIM, slot, tool } from './parts';

const CHICKEN_SCHOOLS = schoolOfTaste('chicken', 'Which chicken', [
  { id: 'boned', label: 'Boned thigh', says: 'Ten minutes, and nothing to pick out.' },
  { id: 'onTheBone', label: 'On the bone', says: 'Twenty-five minutes and more; it gives the broth more.' },
]);

export const COCONUT_CHICKEN: Style = {
  id: 'coconutChicken',
  name: 'Coconut chicken pot',
  says: 'Chicken boiled in coconut water; the sweet broth is drunk first, then come mushrooms and leaves.',
  services: ['rounds', 'allAtOnce'],
  brothMlPerHead: 380,
  brothFormulaId: 'coconutChicken',
  seasonAt: 'inDip',
  dipFormulaIds: ['gingerLimeChilli'],
  slots: [
    slot('main', 'chickenThigh', 'chunk', [150, 165, 180], 'heart', 0, { when: { chicken: 'boned' } }),
    slot('main', 'chickenBoneIn', 'chopped', [220, 240, 260], 'heart', 0, { when: { chicken: 'onTheBone' } }),
    slot('second', 'coconutFlesh', 'slice', [30, 38, 45], 'heart', 0),
    slot('root', 'taro', 'half', [40, 50, 60], 'ring', 0),
    slot('stem', 'sweetcorn', 'disc', [40, 50, 60], 'ring', 0),
    slot('mushroom', 'buttonMushroom', 'slice', [30, 35, 40], 'ring', 1),
    slot('mushroom', 'shimeji', 'tuft', [30, 35, 40], 'ring', 1),
    slot('tofu', 'silkenTofu', 'block', [50, 60, 70], 'ring', 1),
    slot('green', 'bokChoy', 'quarter', [60, 70, 80], 'top', 2),
  ],
  stages: [
    pours('Coconut broth into the pot', 'it covers the food', { kind: 'cover', at: 'warm' }),
    adds('chicken', 'plump, no pink at the thickest; 74 °C inside', ['main', 'second', 'root', 'ball', 'starch'], {
      lid: 'ajar',
    }),
    SKIM,
    {
      id: 'drink',
      do: 'lift',
      says: 'Broth into cups, for everybody before anything else goes in',
      untilCue: 'everybody has drunk',
      lid: 'off',
      rounds: 'first',
      drinksMlPerHead: 90,
    },
    adds('vegetables', 'limp and glossy', ['stem', 'mushroom', 'tofu', 'leaf', 'bed', 'allium', 'noodle'], {
      lid: 'off',
    }),
    greensIn('the stem is clear at the edge'),
  ],
  schools: [CHICKEN_SCHOOLS],
  finishIds: ['vermicelliInBowl'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [1.5, 5.5],
    litresPerHead: 0.9,
    needsLid: true,
    takesSear: false,
    divided: true,
  },
  kitchenTools: [tool.ladle, tool.skimmer],
};
