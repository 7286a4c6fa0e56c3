import type { Style } from '../style';
import { aroundSlices, OPEN_AND_DEEP, pours, slot, tool } from './parts';

export const DIVIDED_POT: Style = {
  id: 'dividedPot',
  name: 'One hot side, one mild',
  says: 'A wall through the pot: numbing and red on one side, mushrooms and sweetcorn on the other; each guest chooses.',
  services: ['swish', 'rounds'],
  brothMlPerHead: 360,
  brothFormulaId: 'numbingBroth',
  seasonAt: 'inDip',
  dipFormulaIds: ['ownBowls'],
  otherHalfFormulaId: 'mildMushroomStock',
  meatFreeSide: 'second',
  slots: [
    slot('main', 'beefSlice', 'thin', [60, 75, 90], 'beside', 2),
    slot('second', 'fishBall', 'ball', [30, 40, 50], 'ring', 1),
    slot('ball', 'driedBeanCurd', 'soaked', [15, 18, 20], 'ring', 1),
    slot('tofu', 'firmTofu', 'block', [50, 60, 70], 'ring', 1),
    slot('root', 'lotusRoot', 'slice', [30, 35, 45], 'ring', 1),
    slot('root', 'sweetcorn', 'disc', [30, 40, 45], 'ring', 1),
    slot('leaf', 'napaCabbage', 'chunk', [40, 50, 60], 'ring', 1),
    slot('mushroom', 'shiitake', 'cap', [20, 27, 36], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [25, 32, 40], 'ring', 1),
    slot('noodle', 'glassNoodle', 'soaked', [20, 25, 30], 'ring', 1),
    slot('green', 'choySum', 'length', [40, 50, 60], 'top', 2),
    slot('topping', 'lettuce', 'torn', [40, 50, 60], 'top', 3),
  ],
  stages: [
    pours('Each broth into its side', 'two thirds up at most: the hot one foams, and neither may run over the wall', {
      kind: 'cover',
      at: 'warm',
    }),
    ...aroundSlices('the layers of the cabbage part', 'the pink is just gone', '{in} into the two sides'),
  ],
  schools: [],
  finishIds: ['wheatNoodle'],
  keepsApart: [],
  returns: [],
  vesselFit: { ...OPEN_AND_DEEP, needsWall: true },
  kitchenTools: [tool.nets, tool.rawPlate, tool.kettle, tool.ladle],
};
