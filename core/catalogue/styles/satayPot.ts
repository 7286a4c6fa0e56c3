import type { Style } from '../style';
import { aroundSlices, OPEN_AND_DEEP, pours, slot, tool } from './parts';

export const SATAY_POT: Style = {
  id: 'satayPot',
  name: 'Satay pot',
  says: 'A rich fried nut broth in which thin fat beef is swished first, then balls, curd, roots and leaves.',
  services: ['swish', 'rounds'],
  brothMlPerHead: 320,
  brothFormulaId: 'satayBroth',
  seasonAt: 'made',
  dipFormulaIds: ['ownBowls'],
  slots: [
    slot('main', 'beefSlice', 'thin', [120, 150, 180], 'beside', 2),
    slot('ball', 'meatBallReady', 'ball', [40, 50, 60], 'ring', 0),
    slot('tofu', 'friedTofu', 'wedge', [40, 45, 50], 'ring', 1),
    slot('second', 'driedBeanCurd', 'soaked', [10, 12, 15], 'ring', 1),
    slot('root', 'daikon', 'thinQuarter', [30, 40, 45], 'ring', 0),
    slot('root', 'sweetcorn', 'disc', [40, 45, 50], 'ring', 0),
    slot('mushroom', 'shimeji', 'tuft', [25, 30, 35], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [25, 30, 35], 'ring', 1),
    slot('green', 'choySum', 'length', [40, 50, 60], 'top', 2),
    slot('topping', 'lettuce', 'torn', [40, 50, 60], 'top', 3),
  ],
  stages: [
    pours('Broth into the pot', 'it covers the food; stir from the bottom each round, nut paste catches', {
      kind: 'cover',
      at: 'warm',
    }),
    ...aroundSlices('a stick goes through the radish', 'the pink is just gone'),
  ],
  schools: [],
  finishIds: ['noodleCake', 'wheatNoodle'],
  keepsApart: [],
  returns: [],
  vesselFit: OPEN_AND_DEEP,
  kitchenTools: [tool.nets, tool.rawPlate, tool.kettle],
};
