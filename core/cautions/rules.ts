import { ingredientById } from '../catalogue/ingredients';
import type { FoodKind, Ingredient } from '../catalogue/ingredient';
import { isAvoided } from '../diners/whyNot';
import {
  anywhere,
  guests,
  hasPeril,
  inFood,
  inLiquids,
  isDelicate,
  type CautionRule,
  type Situation,
} from './situation';

const isRawMeatOf = (kinds: readonly FoodKind[]) => (what: Ingredient) =>
  what.perils.includes('cookThrough') && what.kinds.some((kind) => kinds.includes(kind));
const isMinced = (what: Ingredient) => what.perils.includes('minced');
const isWhole = (test: (what: Ingredient) => boolean) => (what: Ingredient) => test(what) && !isMinced(what);

const POULTRY = isRawMeatOf(['poultry']);
const PORK = isRawMeatOf(['pork']);
const FISH = isRawMeatOf(['fish']);
const SHELLFISH = isRawMeatOf(['crustacean', 'mollusc']);
const RAW_ANIMAL = isRawMeatOf(['poultry', 'pork', 'beef', 'lamb', 'fish', 'crustacean', 'mollusc']);

/** From this heat on, on the scale of 0 to 5, a dish is too hot for most children. Kitchen estimate. */
const HOT_FOR_A_CHILD = 1.5;

/** What is not settled, and still ends up in front of a guest: for an allergen or a thing named, or for a diet. */
const openConflicts = ({ conflicts }: Situation, avoided: boolean): string[] =>
  conflicts
    .filter((one) => !one.resolvedBy && isAvoided(one.why) === avoided)
    .map(({ diner, why, ingredientId }) => `${diner} ${why}: ${ingredientById(ingredientId).name}`);

/** General advice; the words defer to local authorities. Food-safety and fire rules of the place come first. */
export const RULES: readonly CautionRule[] = [
  {
    id: 'unsettledAllergen',
    severity: 'danger',
    text: 'Something on this table is not for everybody at it, and nothing is settled. Exchange it or leave it out before anybody lights the burner; picking it out of a bowl is not enough.',
    because: (situation) => openConflicts(situation, true),
  },
  {
    id: 'unsettledDiet',
    severity: 'warning',
    text: 'A guest does not eat something that is planned, and nothing is settled. See who eats.',
    because: (situation) => openConflicts(situation, false),
  },
  {
    id: 'cookedApart',
    severity: 'warning',
    text: 'What is cooked apart stays apart: its own board, ladle and chopsticks, and nothing is topped up from the other pot.',
    because: ({ conflicts }) => [
      ...new Set(conflicts.filter((one) => one.resolvedBy?.match(/small pan|bowl apart/)).map((one) => one.diner)),
    ],
  },
  {
    id: 'chickenThrough',
    severity: 'danger',
    text: 'Chicken is done at 74 °C in the middle of the thickest piece. Check one before serving. Local food-safety advice comes first.',
    because: (situation) => inFood(situation, isWhole(POULTRY)),
  },
  {
    id: 'minceThrough',
    severity: 'danger',
    text: 'Mince is done at 71 °C in the middle, of poultry at 74 °C: what was on the outside is inside now. Cut one open before serving. Local food-safety advice comes first.',
    because: (situation) => inFood(situation, isMinced),
  },
  {
    id: 'porkThrough',
    severity: 'danger',
    text: 'Pork is usually advised to reach 63 °C inside and to rest three minutes; thin slices until no pink is left. Local food-safety advice comes first.',
    because: (situation) => anywhere(situation, isWhole(PORK)),
  },
  {
    id: 'fishThrough',
    severity: 'warning',
    text: 'Fish is usually advised to reach 63 °C inside. Local food-safety advice comes first.',
    because: (situation) => inFood(situation, FISH),
  },
  {
    id: 'shellfishThrough',
    severity: 'danger',
    text: 'Shellfish is cooked until it is opaque or has opened by itself. Throw away what was open and did not close before, and what stays shut after. Local food-safety advice comes first.',
    because: (situation) => inFood(situation, SHELLFISH),
  },
  {
    id: 'rawEgg',
    severity: (situation) => (guests(situation, isDelicate).length > 0 ? 'danger' : 'warning'),
    text: (situation) =>
      guests(situation, isDelicate).length > 0
        ? 'No raw or runny egg for children, the expecting and the frail: it can make them gravely ill. Let it set through (71 °C), or use pasteurised egg.'
        : 'Egg that is raw or runny can make people ill. Let it set through (71 °C), or use pasteurised egg where raw egg is wanted.',
    because: (situation) => {
      const eggs = anywhere(situation, hasPeril('rawEgg'));
      return eggs.length > 0 ? [...eggs, ...guests(situation, isDelicate)] : [];
    },
  },
  {
    id: 'otherTablesJar',
    severity: 'danger',
    text: 'A jar holds what was made for another table. Read its label before it goes to those who cannot eat everything; where the label is silent, make it fresh.',
    because: (situation) => {
      const careful = guests(situation, (diner) => diner.avoids.length > 0 || diner.diets.length > 0);
      return situation.jars.length > 0 && careful.length > 0 ? [...situation.jars, ...careful] : [];
    },
  },
  {
    id: 'portableGas',
    severity: 'danger',
    text: 'Air the room. The pot must not overhang the cartridge. Lock the cartridge and keep it from heat. Follow the burner’s own leaflet and local fire rules.',
    because: ({ evening }) => [
      ...(evening.heatSource.kind === 'portableGas' ? [evening.heatSource.name] : []),
      ...(evening.heatSource.kind === 'portableGas' && evening.vessel.innerDiameterMm >= 280
        ? [`${evening.vessel.name}: check that it does not overhang`]
        : []),
    ],
  },
  {
    id: 'clayShock',
    severity: 'warning',
    text: 'Never heat clay empty, nor set it cold and wet on a flame, nor pour cold water into it while it is hot: it cracks.',
    because: ({ evening }) => (evening.vessel.material === 'clay' ? [evening.vessel.name] : []),
  },
  {
    id: 'notForInduction',
    severity: 'danger',
    text: 'This pot is not made for induction. Choose another pot or another burner.',
    because: ({ evening }) =>
      evening.heatSource.kind === 'induction' && !evening.vessel.inductionReady
        ? [evening.vessel.name, evening.heatSource.name]
        : [],
  },
  {
    id: 'rawAndCooked',
    severity: 'warning',
    text: 'Vegetables are cut first, raw fish next, raw meat last; then the board is washed. Raw food has its own chopsticks.',
    because: (situation) => inFood(situation, RAW_ANIMAL),
  },
  {
    id: 'splitPot',
    severity: 'warning',
    text: 'Keep the two sides apart: a ladle and chopsticks for each, and raw meat in one of them only. What boils over the wall mixes them.',
    because: ({ evening, liquids }) =>
      evening.vessel.divided && liquids.some((liquid) => liquid.place === 'otherHalf') ? [evening.vessel.name] : [],
  },
  {
    id: 'choking',
    severity: 'danger',
    text: 'Small children and the frail choke on what is round, slippery or chewy. Cut it small, sit with them, or leave it out for them.',
    because: (situation) => {
      const hard = anywhere(situation, hasPeril('choking'));
      const whom = guests(situation, (diner) => diner.child || diner.frail === true);
      return hard.length > 0 && whom.length > 0 ? [...hard, ...whom] : [];
    },
  },
  {
    id: 'bones',
    severity: 'note',
    text: 'There are bones in it: feel fish over before it goes in, strain stocks, and give every guest a bowl for what is left on the plate.',
    because: (situation) => anywhere(situation, hasPeril('bones')),
  },
  {
    id: 'shells',
    severity: 'note',
    text: 'There are shells in it: scrub them, count them out of the pot, and set a bowl for them.',
    because: (situation) => inFood(situation, hasPeril('shells')),
  },
  {
    id: 'mushrooms',
    severity: 'note',
    text: 'Cook mushrooms through. No wild ones unless an expert has named them.',
    because: (situation) => inFood(situation, hasPeril('mushroom')),
  },
  {
    id: 'cookThroughPlants',
    severity: 'warning',
    text: 'Sprouts and flour are raw food: cook them through, like meat.',
    because: (situation) => inFood(situation, (what) => what.perils.includes('cookThrough') && !RAW_ANIMAL(what)),
  },
  {
    id: 'boilFully',
    severity: 'danger',
    text: 'Soy milk made at home must boil fully, several minutes past its first foam, before it goes into anything; from a carton it has boiled already.',
    because: (situation) => anywhere(situation, hasPeril('boilFully')),
  },
  {
    id: 'splits',
    severity: 'note',
    text: 'It splits if it boils: it goes in last, on a low heat.',
    because: (situation) => inLiquids(situation, hasPeril('cloudsAndSplits')),
  },
  {
    id: 'hotForChildren',
    severity: 'warning',
    text: 'Serve children from a cooled bowl, cut large pieces small, and keep the pot out of their reach.',
    because: (situation) => guests(situation, (diner) => diner.child),
  },
  {
    id: 'chilliForChild',
    severity: 'warning',
    text: 'Too hot for a child: give a mild bowl apart, filled before the chilli goes in.',
    because: (situation) => {
      const hot = situation.liquids.filter(({ heat, kind }) => heat >= HOT_FOR_A_CHILD && kind !== 'base');
      const children = guests(situation, (diner) => diner.child);
      return hot.length > 0 && children.length > 0 ? [...hot.map((liquid) => liquid.name), ...children] : [];
    },
  },
  {
    id: 'alcoholStays',
    severity: (situation) => (guests(situation, isDelicate).length > 0 ? 'warning' : 'note'),
    text: 'Not all alcohol boils off: about a third is still there after half an hour of simmering. Guests who avoid it, children and the expecting need a broth without.',
    because: (situation) => inLiquids(situation, (what) => what.kinds.includes('alcohol')),
  },
  {
    id: 'chilliFumes',
    severity: 'warning',
    text: 'Chilli and hot oil bite the eyes and the chest, and oil can catch fire. Air the room, keep the heat low, never leave it, keep a lid at hand and no water.',
    because: (situation) => inLiquids(situation, hasPeril('chilliFumes')),
  },
  {
    id: 'keepBroth',
    severity: 'note',
    text: 'Cool leftover broth and rice quickly and put them in the fridge within two hours; reheat until steaming.',
    because: (situation) => inFood(situation, (what) => what.family === 'grain'),
  },
  {
    id: 'kelpIodine',
    severity: 'note',
    text: 'Kelp is very rich in iodine. Guests with thyroid illness, and those who expect a child, should ask their doctor.',
    because: (situation) => anywhere(situation, hasPeril('iodine')),
  },
];
