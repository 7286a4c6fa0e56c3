import type { Style } from '../style';
import { adds, greensIn, liquidSchools, pours, SKIM, slot, STEM_AND_LEAF, tool } from './parts';

const LIQUID = liquidSchools([
  { id: 'kelpWater', label: 'Kelp water', says: 'A little of the sea under everything.' },
  {
    id: 'inThePot',
    label: 'Kelp, in the pot',
    says: 'Drawn in the table pot as the roots heat up; lifted before it boils.',
  },
  {
    id: 'ownBroth',
    label: 'Its own chicken',
    says: 'Chicken on the bone boiled beforehand; its broth and its pieces go in.',
  },
  { id: 'water', label: 'Bare water', says: 'Nothing to draw: the pot makes all of its broth.' },
]);
const BONED = { liquid: ['kelpWater', 'inThePot', 'water'] } as const;

export const PLAIN_WATER_CHICKEN: Style = {
  id: 'plainWaterChicken',
  name: 'Plain-water chicken pot',
  says: 'Chicken, roots and leaves make the broth themselves in little more than water; a strong dip carries the salt.',
  services: ['rounds', 'allAtOnce'],
  brothMlPerHead: 320,
  brothFormulaId: 'kelpWater',
  brothBySchool: {
    question: LIQUID.id,
    formulaIds: { kelpWater: 'kelpWater', inThePot: 'kelpInPot', ownBroth: 'plainChickenBroth', water: 'plainWater' },
  },
  seasonAt: 'inDip',
  dipFormulaIds: ['soyScallion'],
  slots: [
    slot('main', 'chickenThigh', 'chunk', [150, 180, 200], 'heart', 1, { when: BONED }),
    slot('main', 'chickenBoneIn', 'fromStock', [220, 240, 300], 'heart', 1, { when: { liquid: 'ownBroth' } }),
    slot('root', 'daikon', 'halfMoon', [50, 70, 90], 'bed', 0),
    slot('root', 'carrot', 'round', [20, 30, 45], 'bed', 0),
    { ingredientId: 'napaCabbage', role: 'leaf', rangeG: [80, 110, 140], cuts: STEM_AND_LEAF, place: 'ring', layer: 1 },
    slot('tofu', 'firmTofu', 'block', [80, 100, 120], 'ring', 1),
    slot('mushroom', 'shimeji', 'tuft', [20, 30, 40], 'ring', 1),
    slot('mushroom', 'oysterMushroom', 'torn', [20, 25, 35], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [15, 20, 30], 'ring', 1),
    slot('allium', 'longOnion', 'slant', [20, 30, 40], 'ring', 1),
    slot('leaf', 'kelp', 'square', [3, 3.2, 4], 'ring', 1, {
      optional: true,
      when: { liquid: 'kelpWater' },
    }),
    slot('green', 'spinach', 'length', [40, 55, 70], 'beside', 2),
  ],
  stages: [
    {
      id: 'bed',
      do: 'add',
      says: '{in} into the cold pot',
      untilCue: 'they cover the bottom',
      lid: 'off',
      items: [{ ingredientId: 'daikon', share: 1 }],
    },
    pours('The liquid over what lies on the bottom', 'it stands a finger over it', { kind: 'cover', at: 'cold' }),
    {
      id: 'liftKelp',
      do: 'lift',
      says: 'Lift the kelp out; cut in squares it goes back with a later round',
      untilCue: 'small bubbles cling to it; it must not boil',
      lid: 'off',
      beforeBoil: true,
      rounds: 'first',
      when: { liquid: 'inThePot' },
    },
    adds('slow', 'chicken plump and round, a chopstick goes through the radish', [
      'root',
      'stem',
      'leaf',
      'bed',
      'main',
      'second',
      'ball',
      'tofu',
      'mushroom',
      'allium',
      'noodle',
      'starch',
    ]),
    SKIM,
    greensIn('limp but still green'),
  ],
  schools: [LIQUID],
  finishIds: ['porridge', 'udon'],
  keepsApart: [],
  returns: [
    { fromFormulaId: 'kelpWater', ingredientId: 'kelp', cut: 'square', otherwise: 'soaked' },
    { fromFormulaId: 'plainChickenBroth', ingredientId: 'chickenBoneIn', cut: 'fromStock', otherwise: 'chopped' },
  ],
  vesselFit: {
    widthToDepth: [1.8, 5.5],
    litresPerHead: 0.75,
    needsLid: true,
    takesSear: false,
    divided: true,
  },
  kitchenTools: [tool.ladle, tool.skimmer, tool.scraps],
};
