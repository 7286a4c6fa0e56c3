import type { Band } from '../formula';
import type { Finish } from '../style';

const whole = (cut: string) => [{ cut, share: 1 }];

/** A finish of one kind of noodles or cakes. */
const noodles = (
  id: string,
  name: string,
  says: string,
  of: {
    ingredientId: string;
    cut: string;
    rangeG: Band;
    untilCue: string;
    apart?: true;
    leavesMl: number;
    saltPct?: Band;
  },
): Finish => ({
  id,
  name,
  says,
  leavesMlPerHead: of.leavesMl,
  ...(of.saltPct ? { saltPct: of.saltPct } : {}),
  ...(of.apart ? { apart: of.apart } : {}),
  slots: [
    { ingredientId: of.ingredientId, role: 'finish', rangeG: of.rangeG, cuts: whole(of.cut), place: 'heart', layer: 0 },
  ],
  stages: [
    {
      id: 'noodles',
      do: 'add',
      says: '{in} into the broth',
      untilCue: of.untilCue,
      lid: 'off',
      roles: ['finish'],
    },
  ],
});

/** What is drunk with noodles is a little saltier than a soup. */
const SOUP: Band = [0.9, 1, 1.1];

/** Ways to finish a broth, by the head. */
export const FINISHES: readonly Finish[] = [
  {
    id: 'porridge',
    name: 'Rice porridge',
    says: 'Rinsed rice opens in the broth; egg is streamed in and sets under the lid.',
    leavesMlPerHead: 180,
    saltPct: [0.7, 0.8, 0.9],
    slots: [
      {
        ingredientId: 'cookedRice',
        role: 'finish',
        rangeG: [80, 100, 140],
        cuts: whole('loose'),
        place: 'heart',
        layer: 0,
      },
      { ingredientId: 'egg', role: 'finish', rangeG: [25, 25, 50], cuts: whole('beaten'), place: 'heart', layer: 1 },
    ],
    stages: [
      {
        id: 'rice',
        do: 'add',
        says: '{in} into the broth',
        untilCue: 'the grains have opened',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
  {
    id: 'udon',
    name: 'Udon',
    says: 'Boiled noodles are loosened in the broth until they are hot through.',
    leavesMlPerHead: 250,
    saltPct: SOUP,
    slots: [
      { ingredientId: 'udon', role: 'finish', rangeG: [100, 150, 200], cuts: whole('loose'), place: 'heart', layer: 0 },
    ],
    stages: [
      {
        id: 'noodles',
        do: 'add',
        says: '{in} into the broth',
        untilCue: 'loose and hot through',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
  {
    id: 'udonInSauce',
    name: 'Udon in what is left of the sauce',
    says: 'Noodles are turned in the last of the sauce, let down with a little dashi.',
    leavesMlPerHead: 80,
    saltPct: [1.2, 1.8, 2.5],
    slots: [
      { ingredientId: 'udon', role: 'finish', rangeG: [100, 125, 150], cuts: whole('loose'), place: 'heart', layer: 0 },
    ],
    stages: [
      {
        id: 'noodles',
        do: 'add',
        says: '{in} into the sauce, turned in it',
        untilCue: 'glossy and hot through; water in, if it tastes too salty',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
  noodles('wheatNoodle', 'Wheat noodles', 'Fresh noodles cook in the broth, which thickens a little.', {
    ingredientId: 'eggNoodle',
    cut: 'loose',
    rangeG: [80, 100, 120],
    leavesMl: 250,
    saltPct: SOUP,
    untilCue: 'no raw core is left',
  }),
  noodles(
    'wheatApart',
    'Wheat noodles, cooked apart',
    'Boiled in a pan of their own and rinsed: the broth stays clear.',
    {
      ingredientId: 'eggNoodle',
      cut: 'loose',
      rangeG: [80, 100, 120],
      leavesMl: 250,
      saltPct: SOUP,
      untilCue: 'hot again in the broth',
      apart: true,
    },
  ),
  noodles('vermicelliInBowl', 'Rice vermicelli', 'Soaked thin noodles, broth and what is left of the pot over them.', {
    ingredientId: 'riceVermicelli',
    cut: 'soaked',
    rangeG: [40, 50, 60],
    leavesMl: 270,
    untilCue: 'soft',
    apart: true,
  }),
  noodles('noodleCake', 'Noodle cakes', 'Fried noodle cakes at a full boil; whoever waits eats them soft.', {
    ingredientId: 'instantNoodle',
    cut: 'cake',
    rangeG: [50, 60, 100],
    leavesMl: 270,
    untilCue: 'loose, no raw core; eaten at once',
  }),
  noodles('glassNoodles', 'Glass noodles', 'Soaked sweet potato noodles drink what is left of the broth.', {
    ingredientId: 'glassNoodle',
    cut: 'soaked',
    rangeG: [25, 30, 40],
    leavesMl: 150,
    untilCue: 'clear, no white core',
  }),
  noodles(
    'riceCakes',
    'Pounded rice cakes',
    'A rice cake for each, until it sags. Cut small and sat with, for children and the frail.',
    {
      ingredientId: 'mochi',
      cut: 'block',
      rangeG: [50, 50, 100],
      leavesMl: 200,
      saltPct: SOUP,
      untilCue: 'soft, it begins to sag',
    },
  ),
  {
    id: 'friedRice',
    name: 'Rice fried in what is left',
    says: 'Rice pressed on the bottom of the almost empty pan until it crackles.',
    leavesMlPerHead: 40,
    dry: true,
    slots: [
      {
        ingredientId: 'cookedRice',
        role: 'finish',
        rangeG: [120, 135, 150],
        cuts: whole('loose'),
        place: 'heart',
        layer: 0,
      },
    ],
    stages: [
      {
        id: 'rice',
        do: 'add',
        says: 'Ladle out all but a few spoons; {in} in, pressed flat on the bottom',
        untilCue: 'it crackles and smells toasted',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
  {
    id: 'soupFromBowl',
    name: 'Soup from the bowl',
    says: 'Hot broth over what is left of each dip: drunk as it is.',
    leavesMlPerHead: 150,
    slots: [],
    stages: [],
  },
];

/** An evening that ends without one. */
export const NO_FINISH = 'none';

export const finishById = (id: string): Finish | undefined => FINISHES.find((one) => one.id === id);
