/** How long a cut wants in simmering broth at 100 °C, and the sign that it is done. */
export interface AdditionWindow {
  leastMin: number;
  bestMin: number;
  mostMin: number;
  /** Below this time it is not safe to eat, whatever its texture. */
  safeMin: number;
  /** Plants slow down with the boiling point by a z-value in °C; animal foods by how far the centre must climb. */
  slowsBy: { zC: number } | { centreC: number };
  sign: string;
}

const plant = (leastMin: number, bestMin: number, mostMin: number, zC: number, sign: string): AdditionWindow => ({
  leastMin,
  bestMin,
  mostMin,
  safeMin: 0,
  slowsBy: { zC },
  sign,
});

const mushroom = (leastMin: number, bestMin: number, mostMin: number, sign: string): AdditionWindow => ({
  ...plant(leastMin, bestMin, mostMin, 25, sign),
  safeMin: leastMin,
});

/**
 * Animal foods have no time below the safe one: the largest likely piece of the cut, from 3 °C, reaches its centre
 * temperature by conduction with a quarter to spare. The best time lies above it.
 */
const animal = (safeMin: number, bestMin: number, mostMin: number, centreC: number, sign: string): AdditionWindow => ({
  leastMin: safeMin,
  bestMin,
  mostMin,
  safeMin,
  slowsBy: { centreC },
  sign,
});

/**
 * Times by ingredient and cut at 100 °C, from the fridge, in a broth that simmers. Kitchen estimates, each good to a
 * quarter either way; those of animal foods are held to a conduction model by test. A heat model of each piece takes
 * their place behind the same interface.
 */
export const ADDITION_TIMES: Readonly<Record<string, AdditionWindow>> = {
  'chickenThigh/chunk': animal(11, 12, 25, 74, 'plump and round, no pink at the thickest; 74 °C inside'),
  'codFillet/slice': animal(6.5, 7, 10, 63, 'white through and just about to flake; 63 °C inside'),
  'friedTofu/wedge': plant(2, 4, 20, 25, 'puffed and heavy with broth'),
  'firmTofu/block': plant(3, 6, 25, 25, 'it trembles'),
  'daikon/halfMoon': plant(9, 12, 25, 28, 'a chopstick goes through'),
  'carrot/round': plant(5, 7, 14, 28, 'a chopstick goes in with a little push'),
  'napaCabbage/stem': plant(5, 7, 14, 28, 'clear at the edges'),
  'napaCabbage/leaf': plant(1, 2, 5, 25, 'collapsed and bright'),
  'longOnion/slant': plant(4, 5, 12, 25, 'soft, the layers slide'),
  'shiitake/cap': mushroom(5, 6, 15, 'the gills have darkened all over'),
  'enoki/tuft': mushroom(3, 4, 8, 'limp and glossy'),
  'mizuna/length': plant(0.5, 0.75, 2, 25, 'limp but still green'),
  'cookedRice/loose': plant(3, 5, 9, 25, 'the grains have opened'),
  'scallion/fine': plant(0.25, 0.5, 3, 25, 'bright and just limp'),
  'egg/beaten': animal(2.5, 3, 4, 71, 'set through, not runny'),
};
