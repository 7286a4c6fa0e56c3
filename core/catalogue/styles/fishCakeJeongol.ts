import type { Style } from '../style';
import { adds, greensIn, pours, SKIM, slot, tool } from './parts';

export const FISH_CAKE_JEONGOL: Style = {
  id: 'fishCakeJeongol',
  name: 'Fish-cake skewers in anchovy stock',
  says: 'Folded fish cakes on skewers that lean on the rim of a wide pot of long-simmered anchovy and radish stock.',
  services: ['allAtOnce'],
  brothMlPerHead: 400,
  brothFormulaId: 'anchovyStock',
  seasonAt: 'made',
  dipFormulaIds: ['fishCakeDip'],
  slots: [
    slot('main', 'fishCake', 'skewer', [100, 140, 180], 'skewer', 2),
    slot('root', 'daikon', 'fromStock', [60, 68, 75], 'bed', 0),
    slot('starch', 'riceCake', 'stick', [20, 28, 35], 'ring', 1),
    slot('noodle', 'frozenUdon', 'loose', [80, 100, 120], 'heart', 1),
    slot('mushroom', 'shiitake', 'cap', [15, 20, 27], 'ring', 1),
    slot('allium', 'onion', 'slice', [25, 32, 40], 'heart', 0),
    slot('leaf', 'napaCabbage', 'chunk', [40, 50, 60], 'ring', 1),
    slot('stem', 'scallion', 'length', [15, 20, 25], 'ring', 1),
    slot('second', 'steamedFishCake', 'slice', [15, 20, 30], 'ring', 2),
    slot('green', 'garlandGreens', 'length', [10, 15, 20], 'top', 3),
  ],
  stages: [
    adds('radish', 'it lies at the bottom', ['root', 'bed'], { says: '{in} to the bottom', heat: 'off', lid: 'off' }),
    pours('Stock to two fingers under the rim', 'it stands two fingers under the rim', {
      kind: 'cover',
      at: 'boiling',
    }),
    adds(
      'skewers',
      'the cakes are swollen and hot through; broth spooned over what stands out',
      ['main', 'second', 'starch', 'noodle', 'mushroom', 'allium', 'leaf', 'stem', 'tofu', 'ball'],
      { says: '{in} in, the skewers fanned with their handles over the rim', lid: 'off' },
    ),
    SKIM,
    greensIn(),
  ],
  schools: [],
  finishIds: ['udon'],
  keepsApart: [],
  returns: [{ fromFormulaId: 'anchovyStock', ingredientId: 'daikon', cut: 'fromStock', otherwise: 'halfMoon' }],
  vesselFit: {
    widthToDepth: [2.6, 6],
    litresPerHead: 0.9,
    needsLid: false,
    takesSear: false,
    takesBoilingPour: true,
    divided: false,
  },
  kitchenTools: [tool.ladle, tool.fishSkewers, tool.kettle],
};
