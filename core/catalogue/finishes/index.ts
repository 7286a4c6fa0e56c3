import type { Finish } from '../style';

const whole = (cut: string) => [{ cut, share: 1 }];

/** Ways to finish a broth, by the head. */
export const FINISHES: readonly Finish[] = [
  {
    id: 'porridge',
    name: 'Rice porridge',
    says: 'Rinsed rice opens in the broth; egg is streamed in and sets under the lid.',
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
        heat: 'low',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
  {
    id: 'udon',
    name: 'Udon',
    says: 'Boiled noodles are loosened in the broth until they are hot through.',
    slots: [
      { ingredientId: 'udon', role: 'finish', rangeG: [100, 150, 200], cuts: whole('loose'), place: 'heart', layer: 0 },
    ],
    stages: [
      {
        id: 'noodles',
        do: 'add',
        says: '{in} into the broth',
        untilCue: 'loose and hot through',
        heat: 'medium',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
  {
    id: 'udonInSauce',
    name: 'Udon in what is left of the sauce',
    says: 'Noodles are turned in the last of the sauce, let down with a little dashi.',
    slots: [
      { ingredientId: 'udon', role: 'finish', rangeG: [100, 125, 150], cuts: whole('loose'), place: 'heart', layer: 0 },
    ],
    stages: [
      {
        id: 'noodles',
        do: 'add',
        says: '{in} into the sauce, turned in it',
        untilCue: 'glossy and hot through; water in, if it tastes too salty',
        heat: 'medium',
        lid: 'off',
        roles: ['finish'],
      },
    ],
  },
];

/** An evening that ends without one. */
export const NO_FINISH = 'none';

export const finishById = (id: string): Finish | undefined => FINISHES.find((one) => one.id === id);
