import { belongsTo } from '../catalogue/heatSources';
import type { Role } from '../catalogue/style';
import { guests, inLiquids, isDelicate, type CautionRule, type Situation } from './situation';

/** From this heat on, on the scale of 0 to 5, a broth or a dip is too hot for most children. Kitchen estimates. */
const HOT_FOR_A_CHILD = { broth: 1.5, dip: 2.5 };

/** Rice and noodles, by what they are to the pot; corn on the cob is a vegetable there. */
const KEPT_WITH_BROTH: readonly Role[] = ['noodle', 'starch', 'finish'];

const hotNames = ({ liquids }: Situation, isDip: boolean): string[] =>
  liquids
    .filter(({ kind }) => (isDip ? kind === 'sauce' : kind !== 'sauce' && kind !== 'base'))
    .filter(({ heat }) => heat >= (isDip ? HOT_FOR_A_CHILD.dip : HOT_FOR_A_CHILD.broth))
    .map((liquid) => liquid.name);

/** What is too hot, and the children whom it is too hot for. */
const hotForChildren = (situation: Situation, isDip: boolean): string[] => {
  const hot = [...new Set(hotNames(situation, isDip))];
  const children = guests(situation, (diner) => diner.child);
  return hot.length > 0 && children.length > 0 ? [...hot, ...children] : [];
};

/** What is not settled, and still ends up in front of a guest: for an allergen or a thing named, or for a diet. */
const openConflicts = ({ catalogue, conflicts }: Situation, avoided: boolean): string[] =>
  conflicts
    .filter((one) => !one.resolvedBy && (one.avoided ?? false) === avoided)
    .map(({ diner, why, ingredientId }) => `${diner} ${why}: ${catalogue.byId(ingredientId).name}`);

/** What is said of the table, the pot and the fire. General advice; the words defer to local authorities. Food-safety and fire rules of the place come first. */
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
    because: ({ conflicts }) => [...new Set(conflicts.filter((one) => one.apart).map((one) => one.diner))],
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
    id: 'notOnThisBurner',
    severity: 'danger',
    text: 'A pan with an element of its own stands on no burner, and no other pot is heated by an element that it does not have. Choose the two that belong together.',
    because: ({ evening: { vessel, heatSource } }) =>
      belongsTo(vessel, heatSource) ? [] : [vessel.name, heatSource.name],
  },
  {
    id: 'cordAndWater',
    severity: 'danger',
    text: 'Lead the cord where nobody catches it and no child pulls at it, away from the edge. Keep its plug and its foot dry, and unplug it before it is emptied. Follow its own leaflet.',
    because: ({ evening: { vessel } }) => (vessel.ownElement ? [vessel.name] : []),
  },
  {
    id: 'splitPot',
    severity: 'warning',
    text: 'Keep the two sides apart: a ladle and chopsticks for each, and raw meat in one of them only. What boils over the wall mixes them.',
    because: ({ evening, liquids }) =>
      evening.vessel.divided && liquids.some((liquid) => liquid.place === 'otherHalf') ? [evening.vessel.name] : [],
  },
  {
    id: 'meatFreeSide',
    severity: 'danger',
    text: 'One side is kept free of what the other holds: a ladle, nets and chopsticks of its own for each, and neither is filled so that it can boil over the wall. If anything comes over, that side is no longer free of it: those who eat from it get a fresh pan with what was kept back of their broth.',
    because: ({ evening, conflicts }) =>
      evening.vessel.divided ? [...new Set(conflicts.filter((one) => one.side).map((one) => one.diner))] : [],
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
    because: (situation) => hotForChildren(situation, false),
  },
  {
    id: 'hotDipForChild',
    severity: 'note',
    text: 'A hot dip stays out of a child’s reach: plain broth or a drop of soy does instead.',
    because: (situation) => hotForChildren(situation, true),
  },
  {
    id: 'alcoholStays',
    severity: (situation) => (guests(situation, isDelicate).length > 0 ? 'warning' : 'note'),
    text: 'Not all alcohol boils off: about a third is still there after half an hour of simmering. Guests who avoid it, children and the expecting need a broth without.',
    because: (situation) => inLiquids(situation, (what) => what.kinds.includes('alcohol')),
  },
  {
    id: 'keepBroth',
    severity: 'note',
    text: 'Cool leftover broth and rice quickly and put them in the fridge within two hours; reheat until steaming.',
    because: ({ helpings }) => [
      ...new Set(
        helpings
          .filter((one) => KEPT_WITH_BROTH.includes(one.role))
          .map((one) => one.what)
          .filter((what) => what.family === 'grain')
          .map((what) => what.name),
      ),
    ],
  },
];
