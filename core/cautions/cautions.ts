import type { Caution, Evening } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Helping } from '../diners/helpings';

interface Situation {
  evening: Evening;
  helpings: readonly Helping[];
  /** What is in the broth, the sauces and what is made ahead. */
  liquidIngredientIds: readonly string[];
  /** What comes out of a jar made for another table. */
  jars: readonly string[];
  rounds: number;
}

interface CautionRule {
  id: string;
  severity: Caution['severity'];
  text: string;
  because(situation: Situation): string[];
}

const named = (situation: Situation, test: (ingredientId: string) => boolean) =>
  [...new Set(situation.helpings.map((one) => one.ingredientId).filter(test))].map((id) => ingredientById(id).name);

const inLiquids = (situation: Situation, test: (ingredientId: string) => boolean) =>
  [...new Set(situation.liquidIngredientIds.filter(test))].map((id) => ingredientById(id).name);

const hasKind = (kind: 'poultry' | 'fish' | 'egg') => (id: string) => ingredientById(id).kinds.includes(kind);

/** General advice; the words defer to local authorities. Food-safety and fire rules of the place come first. */
const RULES: readonly CautionRule[] = [
  {
    id: 'chickenThrough',
    severity: 'danger',
    text: 'Chicken is done at 74 °C in the middle of the thickest piece. Check one before serving. Local food-safety advice comes first.',
    because: (situation) => named(situation, hasKind('poultry')),
  },
  {
    id: 'fishThrough',
    severity: 'warning',
    text: 'Fish is usually advised to reach 63 °C inside. Look for bones before it goes in. Local food-safety advice comes first.',
    because: (situation) => named(situation, hasKind('fish')),
  },
  {
    id: 'rawEgg',
    severity: 'warning',
    text: 'Egg that is raw or runny can make people ill, most of all the young, the old, the pregnant and the weak. Let it set through (71 °C), or use pasteurised egg where raw egg is wanted.',
    because: (situation) => {
      const eggs = [...new Set([...named(situation, hasKind('egg')), ...inLiquids(situation, hasKind('egg'))])];
      const children = situation.evening.diners.filter((diner) => diner.child).map((diner) => diner.name);
      return eggs.length > 0 ? [...eggs, ...children] : [];
    },
  },
  {
    id: 'otherTablesJar',
    severity: 'danger',
    text: 'A jar holds what was made for another table. Read its label before it goes to those who cannot eat everything; where the label is silent, make it fresh.',
    because: ({ evening, jars }) => {
      const careful = evening.diners.filter((diner) => diner.avoids.length > 0 || diner.diets.length > 0);
      return jars.length > 0 && careful.length > 0 ? [...jars, ...careful.map((diner) => diner.name)] : [];
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
    because: (situation) => named(situation, (id) => hasKind('poultry')(id) || hasKind('fish')(id)),
  },
  {
    id: 'mushrooms',
    severity: 'note',
    text: 'Cook mushrooms through. No wild ones unless an expert has named them.',
    because: (situation) => named(situation, (id) => ingredientById(id).family === 'mushroom'),
  },
  {
    id: 'hotForChildren',
    severity: 'warning',
    text: 'Serve children from a cooled bowl, cut large pieces small, and keep the pot out of their reach.',
    because: ({ evening }) => evening.diners.filter((diner) => diner.child).map((diner) => diner.name),
  },
  {
    id: 'alcoholStays',
    severity: 'note',
    text: 'Not all alcohol boils off: about a third is still there after half an hour of simmering. Guests who avoid it need a broth without.',
    because: (situation) => inLiquids(situation, (id) => ingredientById(id).kinds.includes('alcohol')),
  },
  {
    id: 'chilliFumes',
    severity: 'warning',
    text: 'Chilli and hot oil bite the eyes and the chest, and oil can catch fire. Air the room, keep the heat low, never leave it, keep a lid at hand and no water.',
    because: (situation) => inLiquids(situation, (id) => ingredientById(id).perils.includes('chilliFumes')),
  },
  {
    id: 'keepBroth',
    severity: 'note',
    text: 'Cool leftover broth and rice quickly and put them in the fridge within two hours; reheat until steaming.',
    because: (situation) => named(situation, (id) => ingredientById(id).family === 'grain'),
  },
  {
    id: 'kelpIodine',
    severity: 'note',
    text: 'Kelp is very rich in iodine. Guests with thyroid illness should ask their doctor.',
    because: ({ liquidIngredientIds }) => (liquidIngredientIds.includes('kelp') ? [ingredientById('kelp').name] : []),
  },
];

const RANK: Record<Caution['severity'], number> = { danger: 0, warning: 1, note: 2 };

/**
 * The cautions that this evening calls for, gravest first, each with what called for it.
 */
export function cautionsFor(situation: Situation): Caution[] {
  return RULES.map((rule) => ({ ...rule, because: rule.because(situation) }))
    .filter((caution) => caution.because.length > 0)
    .sort((a, b) => RANK[a.severity] - RANK[b.severity]);
}
