import type { FoodKind, Peril } from './ingredient';

/** What is said of things with a peril, and where they have to be for it to matter. */
export interface PerilRow {
  id: string;
  severity: 'danger' | 'warning' | 'note';
  peril: Peril;
  /** In the food, in broths and sauces, in what is eaten as it is (dips, bowls beside the pot), or anywhere. */
  where: 'food' | 'liquids' | 'dips' | 'anywhere';
  /** Of these kinds only, or of all but these. */
  kinds?: readonly FoodKind[];
  notKinds?: readonly FoodKind[];
  /** Things that have this peril as well have a row of their own. */
  without?: Peril;
  /** Said only where such guests eat. */
  onlyFor?: 'smallAndFrail' | 'delicate' | 'baby' | 'careful';
  /** Said instead where a child, somebody expecting or somebody frail eats. */
  forDelicate?: { severity: 'danger'; text: string };
  /** General advice; the words defer to local authorities. */
  text: string;
}

const RAW_ANIMALS: readonly FoodKind[] = ['poultry', 'pork', 'beef', 'lamb', 'fish', 'crustacean', 'mollusc'];

export const PERILS: readonly PerilRow[] = [
  {
    id: 'chickenThrough',
    severity: 'danger',
    peril: 'cookThrough',
    where: 'food',
    kinds: ['poultry'],
    without: 'minced',
    text: 'Poultry is usually advised to reach 74 °C in the middle of the thickest piece, thin slices until no pink is left. Check one before serving. Local food-safety advice comes first.',
  },
  {
    id: 'minceThrough',
    severity: 'danger',
    peril: 'minced',
    where: 'food',
    text: 'Mince is done at 71 °C in the middle, of poultry at 74 °C: what was on the outside is inside now. Cut one open before serving. Local food-safety advice comes first.',
  },
  {
    id: 'porkThrough',
    severity: 'danger',
    peril: 'cookThrough',
    where: 'anywhere',
    kinds: ['pork'],
    without: 'minced',
    text: 'Pork is usually advised to reach 63 °C inside and to rest three minutes; thin slices until no pink is left. Local food-safety advice comes first.',
  },
  {
    id: 'fishThrough',
    severity: 'warning',
    peril: 'cookThrough',
    where: 'food',
    kinds: ['fish'],
    text: 'Fish is usually advised to reach 63 °C inside. Local food-safety advice comes first.',
  },
  {
    id: 'shellfishThrough',
    severity: 'danger',
    peril: 'cookThrough',
    where: 'food',
    kinds: ['crustacean', 'mollusc'],
    text: 'Shellfish is cooked until it is opaque or has opened by itself. Throw away what was open and did not close before, and what stays shut after. Local food-safety advice comes first.',
  },
  {
    id: 'rawEgg',
    severity: 'warning',
    peril: 'rawEgg',
    where: 'dips',
    forDelicate: {
      severity: 'danger',
      text: 'No raw or runny egg for children, the expecting and the frail: it can make them gravely ill. Let it set through (71 °C), or use pasteurised egg.',
    },
    text: 'Egg that is raw or runny can make people ill. Let it set through (71 °C), or use pasteurised egg where raw egg is wanted.',
  },
  {
    id: 'softEgg',
    severity: 'warning',
    peril: 'rawEgg',
    where: 'food',
    onlyFor: 'delicate',
    text: 'Egg that is stirred in or dropped in sets through for them, white and yolk (71 °C).',
  },
  {
    id: 'honeyForBaby',
    severity: 'danger',
    peril: 'honey',
    where: 'anywhere',
    onlyFor: 'baby',
    text: 'No honey for a baby under one year, not even cooked: it can make a baby gravely ill.',
  },
  {
    id: 'makersLabel',
    severity: 'warning',
    peril: 'fromMaker',
    where: 'anywhere',
    onlyFor: 'careful',
    text: 'What is in these depends on who made them. Read the whole label for what this guest avoids, traces too, each time one is bought.',
  },
  {
    id: 'rawAndCooked',
    severity: 'warning',
    peril: 'cookThrough',
    where: 'food',
    kinds: RAW_ANIMALS,
    text: 'Vegetables are cut first, raw fish next, raw meat last; then the board is washed. Raw food has its own chopsticks.',
  },
  {
    id: 'choking',
    severity: 'danger',
    peril: 'choking',
    where: 'anywhere',
    onlyFor: 'smallAndFrail',
    text: 'Children under five and the frail choke on what is round, slippery or chewy. Cut it small, sit with them, or leave it out for them.',
  },
  {
    id: 'bones',
    severity: 'note',
    peril: 'bones',
    where: 'anywhere',
    notKinds: ['fish'],
    text: 'There are bones in it: strain what is boiled of them, and give every guest a bowl for what is left on the plate.',
  },
  {
    id: 'fishBones',
    severity: 'note',
    peril: 'bones',
    where: 'anywhere',
    kinds: ['fish'],
    text: 'Fish has fine bones: feel it over with a finger before it is cut, and pick over what a child gets.',
  },
  {
    id: 'shells',
    severity: 'note',
    peril: 'shells',
    where: 'food',
    text: 'There are shells in it: scrub them, count them out of the pot, and set a bowl for them.',
  },
  {
    id: 'mushrooms',
    severity: 'note',
    peril: 'mushroom',
    where: 'food',
    text: 'Cook mushrooms through. No wild ones unless an expert has named them.',
  },
  {
    id: 'cookThroughPlants',
    severity: 'warning',
    peril: 'cookThrough',
    where: 'food',
    notKinds: RAW_ANIMALS,
    text: 'Sprouts and flour are raw food: cook them through, like meat.',
  },
  {
    id: 'boilFully',
    severity: 'danger',
    peril: 'boilFully',
    where: 'anywhere',
    text: 'Soy milk from beans must boil fully, several minutes past its first foam, before anything is made of it: raw it makes people ill.',
  },
  {
    id: 'splits',
    severity: 'note',
    peril: 'cloudsAndSplits',
    where: 'liquids',
    text: 'It splits if it boils hard: warm it gently, and watch it.',
  },
  {
    id: 'chilliFumes',
    severity: 'warning',
    peril: 'chilliFumes',
    where: 'liquids',
    text: 'Chilli bites the eyes and the chest as it warms. Air the room, keep the heat low, and keep your face out of the steam.',
  },
  {
    id: 'kelpIodine',
    severity: 'note',
    peril: 'iodine',
    where: 'anywhere',
    text: 'Kelp is very rich in iodine. Guests with thyroid illness, and those who expect a child, should ask their doctor.',
  },
];
