import type { Style } from '../style';
import { adds, pours, SKIM, slot, tool } from './parts';

export const WHITE_MISO_CHICKEN_PRAWN: Style = {
  id: 'whiteMisoChickenPrawn',
  name: 'Sweet white miso pot',
  says: 'Chicken and prawns over a bed of cabbage stems in a pale, sweet miso broth.',
  services: ['allAtOnce', 'rounds'],
  brothMlPerHead: 300,
  brothFormulaId: 'whiteMisoBroth',
  seasonAt: 'made',
  dipFormulaIds: ['citrusChilliDab'],
  slots: [
    slot('main', 'chickenThigh', 'chunk', [90, 110, 140], 'heart', 1),
    slot('second', 'prawn', 'whole', [40, 60, 80], 'ring', 2),
    slot('leaf', 'napaCabbage', 'chunk', [120, 135, 150], 'bed', 0),
    slot('root', 'daikon', 'thinQuarter', [40, 50, 60], 'bed', 0),
    slot('root', 'carrot', 'round', [20, 25, 30], 'bed', 0),
    slot('tofu', 'firmTofu', 'block', [80, 90, 100], 'ring', 1),
    slot('mushroom', 'kingOyster', 'slice', [30, 38, 45], 'ring', 1),
    slot('aromatic', 'ginger', 'threads', [4, 6, 10], 'heart', 2),
    slot('green', 'bokChoy', 'quarter', [40, 50, 60], 'top', 2),
  ],
  stages: [
    adds(
      'bed',
      'the stems at the bottom, the radish on them',
      ['root', 'stem', 'leaf', 'bed', 'main', 'allium', 'starch', 'ball', 'aromatic'],
      { says: '{in} laid in, the stems lowest', lid: 'off' },
    ),
    pours(
      'Miso broth to just over the stems',
      'it stands just under the top; stir from the bottom now and then, miso catches',
      { kind: 'underTop', at: 'warm' },
    ),
    SKIM,
    adds('soft', 'the tofu trembles', ['tofu', 'mushroom', 'noodle']),
    adds('last', 'prawns opaque and just curled, the chicken 74 °C inside', ['second', 'green', 'topping'], {
      lid: 'on',
    }),
  ],
  schools: [],
  finishIds: ['udon', 'porridge'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [1.8, 5.5],
    litresPerHead: 0.75,
    needsLid: true,
    takesSear: false,
    divided: false,
  },
  kitchenTools: [tool.ladle, tool.sieve, tool.scraps],
};
