import type { Style } from '../style';
import { adds, greensIn, pours, SKIM, slot, tool } from './parts';

export const EVERYTHING_POT: Style = {
  id: 'everythingPot',
  name: 'Assorted pot, arranged',
  says: 'A section for each thing over shredded cabbage and noodles, boiling stock poured in at the end.',
  services: ['allAtOnce'],
  brothMlPerHead: 370,
  brothFormulaId: 'chickenStock',
  seasonAt: 'made',
  dipFormulaIds: ['vinegarGinger'],
  slots: [
    slot('bed', 'napaCabbage', 'shred', [110, 125, 140], 'bed', 0),
    slot('noodle', 'riceNoodle', 'soaked', [25, 32, 40], 'bed', 1),
    slot('ball', 'fishBall', 'ball', [40, 50, 60], 'ring', 1),
    slot('main', 'prawn', 'whole', [40, 50, 60], 'ring', 2, { marinadeFormulaId: 'velvetPrawn' }),
    slot('tofu', 'friedTofu', 'wedge', [30, 38, 45], 'ring', 1),
    slot('second', 'eggParcel', 'parcel', [30, 38, 45], 'top', 3),
    slot('aromatic', 'curedBacon', 'strip', [8, 10, 12], 'heart', 2),
    slot('mushroom', 'shiitake', 'slice', [20, 25, 30], 'heart', 2),
    slot('starch', 'puffedPorkSkin', 'piece', [4, 6, 8], 'ring', 1),
    slot('green', 'scallion', 'fine', [6, 8, 10], 'top', 4),
  ],
  stages: [
    adds(
      'arrange',
      'a section for each thing, the bacon and mushrooms in the middle',
      ['bed', 'ball', 'tofu', 'aromatic', 'mushroom', 'root', 'leaf', 'stem', 'allium'],
      { says: '{in} arranged in the pot', lid: 'off' },
    ),
    pours('Boiling stock to just under the top layer', 'the top layer stands out of it', {
      kind: 'underTop',
      at: 'boiling',
    }),
    SKIM,
    adds(
      'tender',
      'prawns opaque and just curled, it boils in the middle too',
      ['noodle', 'main', 'second', 'starch'],
      { says: '{in} in, each in its section', lid: 'on' },
    ),
    greensIn('bright'),
  ],
  schools: [],
  finishIds: ['porridge', 'udon'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [2, 4.5],
    litresPerHead: 0.9,
    needsLid: true,
    takesSear: false,
    divided: false,
  },
  kitchenTools: [tool.ladle, tool.skimmer],
};
