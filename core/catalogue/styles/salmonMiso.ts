import type { Style } from '../style';
import { adds, greensIn, pours, SKIM, slot, tool } from './parts';

export const SALMON_MISO: Style = {
  id: 'salmonMiso',
  name: 'Salmon, potato and cabbage miso pot',
  says: 'Potatoes and cabbage first, salmon laid over the middle last, in a miso broth that never boils hard.',
  services: ['allAtOnce', 'rounds'],
  brothMlPerHead: 320,
  brothFormulaId: 'misoDashi',
  seasonAt: 'made',
  dipFormulaIds: [],
  slots: [
    slot('main', 'salmonFillet', 'slice', [120, 150, 180], 'heart', 2),
    slot('root', 'potato', 'chunk', [60, 80, 110], 'bed', 0),
    slot('allium', 'onion', 'wedge', [40, 50, 60], 'bed', 0),
    slot('leaf', 'whiteCabbage', 'torn', [70, 90, 120], 'ring', 1),
    slot('mushroom', 'shiitake', 'cap', [20, 25, 30], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [20, 25, 30], 'ring', 1),
    slot('tofu', 'firmTofu', 'block', [60, 70, 80], 'ring', 1),
    slot('noodle', 'potatoNoodle', 'soaked', [10, 12, 15], 'ring', 1),
    slot('green', 'spinach', 'length', [40, 48, 55], 'top', 3),
  ],
  stages: [
    pours('Miso broth into the pot', 'so much that it will cover the roots', { kind: 'cover', at: 'warm' }),
    adds('roots', 'a stick just enters the potato', ['root', 'allium', 'leaf', 'stem', 'bed', 'starch']),
    adds('bunches', 'each thing in its own bunch', ['mushroom', 'tofu', 'second', 'ball']),
    adds('fish', 'pale through, a flake lifts', ['main', 'noodle'], {
      says: '{in} over the middle',
      lid: 'on',
    }),
    SKIM,
    greensIn(),
  ],
  schools: [],
  finishIds: ['udon', 'wheatNoodle'],
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
