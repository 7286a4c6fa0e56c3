import type { Style } from '../style';
import { adds, greensIn, liquidSchools, pours, SKIM, slot, tool } from './parts';

const LIQUID = liquidSchools(
  [
    { id: 'kelpStock', label: 'Kelp and radish', says: 'Light, with a floor under the beef.' },
    { id: 'hotWater', label: 'Hot water', says: 'The marinade makes the broth; soy and fish sauce finish it.' },
  ],
  { ofTaste: undefined },
);

export const BEEF_JEONGOL: Style = {
  id: 'beefJeongol',
  name: 'Marinated-beef jeongol',
  says: 'Marinated beef heaped in the middle of a wide pan of vegetables in sectors; it seasons the broth as it loosens.',
  services: ['allAtOnce'],
  brothMlPerHead: 280,
  brothFormulaId: 'jeongolKelp',
  brothBySchool: { question: LIQUID.id, formulaIds: { kelpStock: 'jeongolKelp', hotWater: 'jeongolWater' } },
  seasonAt: 'afterMeat',
  dipFormulaIds: ['mustardVinegar'],
  slots: [
    slot('main', 'beefSlice', 'bite', [110, 140, 170], 'heart', 2, { marinadeFormulaId: 'beefJeongolMarinade' }),
    slot('leaf', 'napaCabbage', 'chunk', [70, 80, 90], 'ring', 0),
    slot('green', 'bokChoy', 'half', [40, 50, 60], 'ring', 0),
    slot('mushroom', 'kingOyster', 'strip', [35, 42, 50], 'ring', 1),
    slot('mushroom', 'shiitake', 'slice', [25, 32, 38], 'ring', 1),
    slot('root', 'carrot', 'round', [10, 15, 20], 'ring', 1),
    slot('tofu', 'firmTofu', 'slab', [70, 80, 90], 'ring', 1),
    slot('noodle', 'glassNoodle', 'soaked', [20, 25, 30], 'ring', 1),
    slot('green', 'scallion', 'length', [20, 25, 30], 'ring', 1),
  ],
  stages: [
    adds(
      'arrange',
      'each thing in its own sector, the beef heaped in the middle',
      ['leaf', 'stem', 'bed', 'root', 'mushroom', 'tofu', 'noodle', 'allium', 'starch', 'ball', 'second', 'main'],
      { says: '{in} arranged in the cold pan', lid: 'off' },
    ),
    pours('Broth to just under the top', 'the tops stand out of it', { kind: 'underTop', at: 'warm' }),
    {
      id: 'loosen',
      do: 'loosen',
      says: 'Loosen the beef with chopsticks so that it does not set in a lump',
      untilCue: 'every piece lies by itself',
      lid: 'off',
    },
    SKIM,
    greensIn('the stems are clear at the edge'),
    {
      id: 'season',
      do: 'season',
      says: 'Taste, and season now that the meat has given its marinade',
      untilCue: 'no pink is left, and it tastes a little milder than soup',
      lid: 'off',
    },
  ],
  schools: [LIQUID],
  finishIds: ['udon', 'porridge'],
  keepsApart: [],
  returns: [],
  vesselFit: {
    widthToDepth: [3, 7],
    litresPerHead: 0.75,
    needsLid: true,
    takesSear: false,
    divided: false,
  },
  kitchenTools: [tool.ladle, tool.skimmer],
};
