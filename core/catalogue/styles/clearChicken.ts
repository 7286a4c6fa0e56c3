import { SEASONING_SCHOOLS } from '../formulas/brothSteps';
import { schoolOfTaste, type SchoolChoice } from '../school';
import type { Style } from '../style';
import { tool, whole } from './parts';

const TOFU_SCHOOLS: SchoolChoice = {
  id: 'tofu',
  question: 'How the tofu is made ready',
  usual: 'plain',
  options: [
    { id: 'plain', label: 'Cut only', says: 'Soft; it trembles in the broth.' },
    { id: 'pressed', label: 'Pressed', says: 'Twenty minutes under a plate. It takes up more broth.' },
    { id: 'grilled', label: 'Pressed and browned', says: 'Half an hour. It keeps its shape through every round.' },
  ],
};

const BUILD_SCHOOLS = schoolOfTaste('build', 'How the pot is filled', [
  { id: 'inTurn', label: 'In turn', says: 'Into the boiling broth, each thing when its time comes.' },
  { id: 'builtCold', label: 'Arranged cold', says: 'Slow things arranged first, broth poured over, then heated.' },
]);

const COLD = { when: { build: 'builtCold' } } as const;
const IN_TURN = { when: { build: 'inTurn' } } as const;

export const CLEAR_CHICKEN: Style = {
  id: 'clearChicken',
  name: 'Clear chicken pot',
  says: 'Chicken, roots, cabbage and tofu in a clear kelp and bonito broth, with a soy and scallion dip.',
  services: ['rounds', 'allAtOnce'],
  brothMlPerHead: 300,
  brothFormulaId: 'clearDashi',
  quickBroth: { formulaId: 'quickPowder', says: 'The ten-minute broth from powder' },
  seasonAt: 'made',
  dipFormulaIds: ['soyScallion'],
  slots: [
    {
      ingredientId: 'chickenThigh',
      role: 'main',
      rangeG: [120, 150, 200],
      cuts: whole('chunk'),
      place: 'heart',
      layer: 1,
    },
    { ingredientId: 'daikon', role: 'root', rangeG: [40, 50, 90], cuts: whole('halfMoon'), place: 'ring', layer: 0 },
    { ingredientId: 'carrot', role: 'root', rangeG: [20, 30, 45], cuts: whole('round'), place: 'ring', layer: 0 },
    {
      ingredientId: 'napaCabbage',
      role: 'leaf',
      rangeG: [80, 120, 150],
      cuts: [
        { cut: 'stem', share: 0.45 },
        { cut: 'leaf', share: 0.55 },
      ],
      place: 'ring',
      layer: 1,
    },
    { ingredientId: 'firmTofu', role: 'tofu', rangeG: [70, 85, 120], cuts: whole('block'), place: 'ring', layer: 1 },
    { ingredientId: 'longOnion', role: 'allium', rangeG: [20, 30, 45], cuts: whole('slant'), place: 'ring', layer: 1 },
    { ingredientId: 'shiitake', role: 'mushroom', rangeG: [18, 27, 45], cuts: whole('cap'), place: 'ring', layer: 1 },
    { ingredientId: 'enoki', role: 'mushroom', rangeG: [15, 25, 45], cuts: whole('tuft'), place: 'ring', layer: 1 },
    {
      ingredientId: 'yuzuPeel',
      role: 'topping',
      rangeG: [0.5, 1, 2],
      cuts: whole('strip'),
      place: 'top',
      layer: 3,
      optional: true,
    },
    { ingredientId: 'mizuna', role: 'green', rangeG: [20, 25, 50], cuts: whole('length'), place: 'ring', layer: 2 },
  ],
  stages: [
    {
      id: 'pour',
      do: 'pour',
      says: 'Broth into the pot',
      untilCue: 'it covers the food',
      lid: 'on',
      pour: { kind: 'cover', at: 'warm' },
      ...IN_TURN,
    },
    {
      id: 'arrange',
      do: 'add',
      says: '{in} arranged in the pot',
      untilCue: 'each thing in its own bunch',
      lid: 'off',
      roles: ['root', 'main', 'second', 'ball', 'tofu', 'allium', 'noodle', 'starch'],
      items: [{ ingredientId: 'shiitake', share: 1 }],
      ...COLD,
    },
    {
      id: 'pourOver',
      do: 'pour',
      says: 'Broth to just under the top',
      untilCue: 'the tops stand out of it',
      lid: 'on',
      pour: { kind: 'underTop', at: 'warm' },
      ...COLD,
    },
    {
      id: 'slow',
      do: 'add',
      says: '{in} in',
      untilCue: 'chicken plump and round, a chopstick goes through the radish',
      lid: 'ajar',
      roles: ['root', 'stem', 'leaf', 'main', 'second', 'ball', 'tofu', 'mushroom', 'allium', 'noodle', 'starch'],
    },
    {
      id: 'skim',
      do: 'skim',
      says: 'Skim the foam',
      untilCue: 'it boils again and grey foam rises',
      lid: 'off',
    },
    {
      id: 'greens',
      do: 'add',
      says: '{in} in',
      untilCue: 'limp but still green',
      lid: 'off',
      roles: ['green', 'topping'],
    },
  ],
  schools: [SEASONING_SCHOOLS, TOFU_SCHOOLS, BUILD_SCHOOLS],
  dipShares: { question: 'seasoning', shares: { dipCarriesSalt: 1, drunkAsSoup: 0.6 } },
  finishIds: ['porridge', 'udon'],
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
