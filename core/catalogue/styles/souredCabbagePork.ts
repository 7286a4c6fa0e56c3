import type { Style } from '../style';
import { adds, greensIn, pours, SKIM, slot, tool } from './parts';

export const SOURED_CABBAGE_PORK: Style = {
  id: 'souredCabbagePork',
  name: 'Soured cabbage and pork',
  says: 'Poached, sliced pork belly over soured cabbage that was fried dry, in the broth that poached it.',
  services: ['allAtOnce', 'rounds'],
  brothMlPerHead: 320,
  brothFormulaId: 'poachedPork',
  seasonAt: 'nearEnd',
  dipFormulaIds: ['vinegarGinger'],
  slots: [
    slot('main', 'porkBelly', 'poachedSlice', [110, 140, 170], 'heart', 2),
    slot('bed', 'souredCabbage', 'shred', [120, 150, 180], 'ring', 0),
    slot('noodle', 'mungVermicelli', 'soaked', [20, 25, 30], 'ring', 1),
    slot('tofu', 'firmTofu', 'block', [60, 70, 80], 'ring', 1),
    slot('mushroom', 'woodEar', 'torn', [4, 5, 6], 'ring', 1),
  ],
  stages: [
    pours('Boiling broth into the pot', 'no higher than where the pork will lie', { kind: 'cover', at: 'boiling' }),
    adds('cabbage', 'soft, the sourness rounder', [
      'bed',
      'root',
      'leaf',
      'stem',
      'allium',
      'starch',
      'tofu',
      'mushroom',
    ]),
    adds('pork', 'tender and hot through, no pink; the noodles are clear', ['main', 'noodle', 'second', 'ball'], {
      says: '{in} fanned over the top',
      lid: 'on',
    }),
    SKIM,
    greensIn(),
  ],
  schools: [],
  riceBeside: true,
  finishIds: ['glassNoodles', 'udon'],
  keepsApart: [],
  returns: [{ fromFormulaId: 'poachedPork', ingredientId: 'porkBelly', cut: 'poachedSlice', otherwise: 'thin' }],
  vesselFit: {
    widthToDepth: [1.8, 5.5],
    litresPerHead: 0.75,
    needsLid: true,
    takesSear: false,
    divided: false,
  },
  kitchenTools: [tool.ladle],
};
