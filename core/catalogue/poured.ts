/** What is poured into a measuring jug; powders, pastes, fats and cut things are spooned or weighed. */
const POURED: ReadonlySet<string> = new Set([
  'water',
  'milk',
  'soyMilk',
  'coconutMilk',
  'coconutWater',
  'lightSoy',
  'darkSoy',
  'tamari',
  'whiteSoy',
  'fishSauce',
  'oysterSauce',
  'mirin',
  'sake',
  'riceWine',
  'honey',
  'riceSyrup',
  'riceVinegar',
  'blackVinegar',
  'lemonJuice',
  'limeJuice',
  'yuzuJuice',
  'sesameOil',
  'neutralOil',
  'chilliOil',
]);

/** Whether an ingredient is poured. */
export const isPoured = (ingredientId: string) => POURED.has(ingredientId);
