import type { SchoolChoice } from '../school';
import type { Style } from '../style';
import { adds, greensIn, pours, SKIM, slot, STEM_AND_LEAF, tool } from './parts';

const MAIN_SCHOOLS: SchoolChoice = {
  id: 'mildMain',
  question: 'What is in it beside the vegetables',
  usual: 'pork',
  ofTaste: true,
  options: [
    { id: 'pork', label: 'Thin pork loin', says: 'Done in two minutes, mild.' },
    { id: 'chicken', label: 'Thin chicken', says: 'White and firm; a little longer.' },
    { id: 'none', label: 'No meat', says: 'Tofu, mushrooms and greens carry it.' },
  ],
};

export const SOY_MILK_MILD: Style = {
  id: 'soyMilkMild',
  name: 'Soy milk pot, mild',
  says: 'Everything simmers in kelp broth with white miso; the soy milk goes in last and never boils.',
  services: ['allAtOnce', 'rounds'],
  brothMlPerHead: 280,
  brothFormulaId: 'soyMilkMiso',
  seasonAt: 'made',
  dipFormulaIds: [],
  slots: [
    slot('main', 'porkLoin', 'thin', [100, 115, 130], 'heart', 1, { when: { mildMain: 'pork' } }),
    slot('main', 'chickenThigh', 'thin', [100, 115, 130], 'heart', 1, { when: { mildMain: 'chicken' } }),
    slot('tofu', 'silkenTofu', 'block', [60, 70, 80], 'ring', 1),
    slot('leaf', 'napaCabbage', 'stem', [100, 110, 120], 'ring', 1, { cuts: STEM_AND_LEAF }),
    slot('mushroom', 'shimeji', 'tuft', [30, 37, 45], 'ring', 1),
    slot('mushroom', 'enoki', 'tuft', [25, 32, 40], 'ring', 1),
    slot('root', 'carrot', 'thin', [15, 20, 25], 'bed', 0),
    slot('green', 'bokChoy', 'quarter', [40, 50, 60], 'top', 2),
  ],
  stages: [
    pours('Kelp broth into the pot', 'well under the mark: room is left for the soy milk', {
      kind: 'cover',
      at: 'warm',
    }),
    adds('slow', 'the cabbage is clear at the edge', [
      'root',
      'leaf',
      'stem',
      'allium',
      'tofu',
      'mushroom',
      'noodle',
      'starch',
      'bed',
      'second',
      'ball',
    ]),
    adds('meat', 'no pink is left', ['main'], { says: '{in} laid in one by one', lid: 'off' }),
    SKIM,
    greensIn(),
  ],
  schools: [MAIN_SCHOOLS],
  finishIds: ['wheatApart', 'vermicelliInBowl'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [1.8, 5.5],
    litresPerHead: 0.8,
    needsLid: false,
    takesSear: false,
    divided: false,
  },
  kitchenTools: [tool.ladle, tool.skimmer, tool.sieve],
};
