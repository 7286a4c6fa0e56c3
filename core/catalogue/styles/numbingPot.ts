import type { Style } from '../style';
import { NUMBING_SALT_SCHOOLS } from '../formulas/brothSteps';
import { aroundSlices, OPEN_AND_DEEP, pours, slot, tool } from './parts';

export const NUMBING_POT: Style = {
  id: 'numbingPot',
  name: 'Numbing-hot oil pot',
  says: 'A red, numbing broth under a layer of fragrant oil; each guest cooks thin slices and vegetables in it.',
  services: ['swish', 'rounds'],
  brothMlPerHead: 350,
  brothFormulaId: 'numbingBroth',
  seasonAt: 'inDip',
  dipFormulaIds: ['garlicOil'],
  dipShares: { question: NUMBING_SALT_SCHOOLS.id, shares: { inDip: 1, inBroth: 0.6 } },
  slots: [
    slot('main', 'beefSlice', 'thin', [60, 75, 90], 'beside', 2),
    slot('main', 'lambSlice', 'thin', [50, 60, 75], 'beside', 2),
    slot('ball', 'fishBall', 'ball', [30, 40, 50], 'ring', 1),
    slot('second', 'driedBeanCurd', 'soaked', [15, 18, 20], 'ring', 1),
    slot('tofu', 'friedTofu', 'wedge', [40, 50, 60], 'ring', 1),
    slot('root', 'lotusRoot', 'slice', [30, 35, 45], 'ring', 1),
    slot('root', 'potato', 'slice', [30, 40, 45], 'ring', 1),
    slot('green', 'choySum', 'length', [40, 50, 60], 'top', 2),
    slot('topping', 'lettuce', 'torn', [40, 50, 60], 'top', 3),
    slot('mushroom', 'enoki', 'tuft', [25, 32, 40], 'ring', 1),
    slot('mushroom', 'woodEar', 'torn', [3, 4, 5], 'ring', 1),
    slot('noodle', 'riceNoodle', 'soaked', [30, 35, 45], 'ring', 1),
  ],
  stages: [
    pours('Broth into the pot', 'two thirds up at most: it foams', { kind: 'cover', at: 'warm' }),
    ...aroundSlices('a stick goes through the potato', 'the colour has turned through'),
  ],
  schools: [NUMBING_SALT_SCHOOLS],
  finishIds: [],
  keepsApart: [],
  returns: [],
  vesselFit: OPEN_AND_DEEP,
  kitchenTools: [tool.nets, tool.rawPlate, tool.kettle, tool.skimmer],
};
