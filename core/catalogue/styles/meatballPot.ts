import type { Style } from '../style';
import { adds, greensIn, liquidSchools, pours, SKIM, slot, tool } from './parts';

const LIQUID = liquidSchools([
  { id: 'chicken', label: 'Chicken broth', says: 'Clear and round.' },
  { id: 'miso', label: 'Miso broth', says: 'Dashi with two kinds of miso: deeper.' },
]);

export const MEATBALL_POT: Style = {
  id: 'meatballPot',
  name: 'Pot with kneaded balls',
  says: 'Kneaded chicken balls dropped one by one into the simmering broth over a bed of cabbage.',
  services: ['allAtOnce', 'rounds'],
  brothMlPerHead: 320,
  brothFormulaId: 'chickenStock',
  brothBySchool: { question: LIQUID.id, formulaIds: { chicken: 'chickenStock', miso: 'misoDashi' } },
  seasonAt: 'made',
  dipFormulaIds: ['citrusSoy'],
  slots: [
    slot('ball', 'chickenMince', 'ball', [110, 140, 170], 'heart', 1, { marinadeFormulaId: 'kneadedBalls' }),
    slot('leaf', 'napaCabbage', 'chunk', [110, 125, 140], 'bed', 0),
    slot('root', 'carrot', 'round', [20, 25, 30], 'bed', 0),
    slot('allium', 'longOnion', 'slant', [30, 35, 40], 'ring', 1),
    slot('mushroom', 'shiitake', 'cap', [20, 27, 36], 'ring', 1),
    slot('mushroom', 'shimeji', 'tuft', [20, 25, 30], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [15, 20, 25], 'ring', 1),
    slot('tofu', 'firmTofu', 'block', [70, 80, 90], 'ring', 1),
    slot('second', 'tofuPouch', 'strip', [12, 15, 18], 'ring', 1),
    slot('green', 'garlandGreens', 'length', [30, 35, 40], 'top', 2),
  ],
  stages: [
    pours('Broth into the pot', 'two thirds up: the bed and the balls need their room', { kind: 'cover', at: 'warm' }),
    adds('bed', 'it simmers all over', ['root', 'leaf', 'stem', 'bed', 'starch']),
    adds('balls', 'white all round, and they float; nothing else before that', ['ball', 'main'], {
      says: '{in} dropped in one by one',
      lid: 'off',
      apart: true,
    }),
    SKIM,
    adds('bunches', 'each thing in its own bunch', ['allium', 'mushroom', 'tofu', 'second', 'noodle']),
    greensIn(),
  ],
  schools: [LIQUID],
  riceBeside: true,
  finishIds: ['udon', 'riceCakes'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [1.8, 5.5],
    litresPerHead: 0.75,
    needsLid: true,
    takesSear: false,
    divided: true,
  },
  kitchenTools: [tool.ladle, tool.skimmer],
};
