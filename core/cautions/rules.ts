import type { Conflict, Liquid } from '@elixa/contract';
import { belongsTo } from '../catalogue/heatSources';
import type { Role } from '../catalogue/style';
import { formulaById } from '../catalogue/formulas';
import type { Ingredient } from '../catalogue/ingredient';
import { isRawFlesh } from '../catalogue/kinds';
import { isBaby, isDelicate } from '../diners/care';
import { whyNot } from '../diners/whyNot';
import { showLength } from '../measures/showSize';
import { sum } from '../measures/sum';
import { guests, inLiquids, type CautionRule, type Situation } from './situation';

/** From this heat on, on the scale of 0 to 5, a broth or a dip is too hot for most children. Kitchen estimates. */
const HOT_FOR_A_CHILD = { broth: 1.5, dip: 2.5 };

/** Rice and noodles, by what they are to the pot; corn on the cob is a vegetable there. */
const KEPT_WITH_BROTH: readonly Role[] = ['noodle', 'starch', 'finish'];

/** A child who eats from one side of a divided pot only is not reached by the other. */
function meets({ conflicts }: Situation, child: string, { place }: Liquid): boolean {
  const side = conflicts.find((one) => one.diner === child && one.side)?.side;
  return !side || place === 'aside' || (place === 'otherHalf') === (side === 'second');
}

/** What is too hot, and the children whom it is too hot for. */
function hotForChildren(situation: Situation, isDip: boolean): string[] {
  const hot = situation.liquids
    .filter(({ kind }) => (isDip ? kind === 'sauce' : kind === 'broth'))
    .filter(({ heat }) => heat >= (isDip ? HOT_FOR_A_CHILD.dip : HOT_FOR_A_CHILD.broth));
  // For those who eat nothing hot something was settled, or stands open by name.
  const children = guests(situation, ({ child, diets }) => child && !diets.includes('mild'));
  const met = hot.filter((liquid) => isDip || children.some((child) => meets(situation, child, liquid)));
  const whom = children.filter((child) => met.some((liquid) => isDip || meets(situation, child, liquid)));
  return whom.length > 0 ? [...new Set(met.map((liquid) => liquid.name)), ...whom] : [];
}

/** Whether all that makes a broth hot goes in at the pot, so that a mild bowl can be filled before. */
const canBeFilledBefore = ({ catalogue, liquids }: Situation): boolean =>
  liquids
    .filter(({ kind, heat }) => kind === 'broth' && heat >= HOT_FOR_A_CHILD.broth)
    .every(({ formulaId, ingredients }) => {
      const { heldBack } = formulaById(formulaId) ?? {};
      const hot = ingredients.filter((one) => catalogue.byId(one.ingredientId).kinds.includes('chilli'));
      return hot.length > 0 && heldBack?.share === 1 && hot.every((one) => heldBack.of.includes(one.ingredientId));
    });

type Weight = NonNullable<Situation['conflicts'][number]['weight']>;

const open = ({ conflicts }: Situation, weight: Weight) =>
  conflicts.filter((one) => !one.resolvedBy && one.weight === weight);

/** What is not settled, and still ends up in front of a guest. */
const openConflicts = (situation: Situation, weight: Weight): string[] =>
  open(situation, weight).map(
    ({ diner, why, ingredientId }) => `${diner} ${why}: ${situation.catalogue.byId(ingredientId).name}`,
  );

/** Kept to one side by what would harm the guest or is no food to the guest. */
const isKeptApart = ({ side, weight }: Conflict) => side !== undefined && (weight === 'harm' || weight === 'diet');

/** Guests who would have alcohol and were not asked, each with how much at most. */
function notAsked(situation: Situation): string[] {
  const rows = open(situation, 'care').filter((one) => one.care === 'alcohol');
  return [...new Set(rows.map((one) => one.diner))].map((diner) => {
    const grams = sum(rows.filter((one) => one.diner === diner).map((one) => one.alcoholG ?? 0));
    return `${diner}: up to ${grams < 1 ? grams.toFixed(1) : Math.round(grams)} g`;
  });
}

const overhangs = ({ evening }: Situation, fromMm: number, toMm: number): string[] => {
  const { heatSource, vessel, units } = evening;
  const isSo = heatSource.kind === 'portableGas' && vessel.innerDiameterMm >= fromMm && vessel.innerDiameterMm < toMm;
  return isSo ? [`${vessel.name}, ${showLength(vessel.innerDiameterMm, units)} across`] : [];
};

/** A pan so wide may reach over the cartridge beside it, and one so much wider does. Kitchen estimates, mm across. */
const MAY_OVERHANG_MM = 270;
const OVERHANGS_MM = 310;

/** Fat as hot as this is fried in, in °C. */
const FRIED_C = 105;

const fried = ({ liquids }: Situation) =>
  liquids.filter(({ jar, steps }) => !jar && steps.some((step) => (step.tempC ?? 0) >= FRIED_C));

/** Raw flesh that is still out so long after the burner was lit has stood too long, in s. */
const RAW_STANDS_S = 75 * 60;

function rawPlates({ catalogue, simmer }: Situation): string[] {
  const waits = simmer.pieces.filter(({ ingredientId, cut, way, inAtS }) => {
    const untilS = way === 'swished' ? simmer.endsAtS : inAtS;
    return isRawFlesh(catalogue.byId(ingredientId), cut) && untilS > RAW_STANDS_S;
  });
  return [...new Set(waits.map((one) => catalogue.byId(one.ingredientId).name))];
}

/** Red meat that is cut thin and held or seared by eye, so that it can come out pink. */
function pinkMeat({ catalogue, simmer }: Situation): Ingredient[] {
  const meats = simmer.pieces
    .filter(({ way }) => way === 'swished' || way === 'seared')
    .map((one) => catalogue.byId(one.ingredientId))
    .filter(({ kinds }) => kinds.includes('beef') || kinds.includes('lamb'));
  return [...new Set(meats)];
}

/** What is said of the table, the pot and the fire. General advice; the words defer to local authorities. Food-safety and fire rules of the place come first. */
export const RULES: readonly CautionRule[] = [
  {
    id: 'unsettledAllergen',
    severity: 'danger',
    text: 'Something on this table is not for everybody at it, and nothing is settled. Exchange it or leave it out before anybody lights the burner; picking it out of a bowl is not enough.',
    because: (situation) => openConflicts(situation, 'harm'),
  },
  {
    id: 'unsettledDiet',
    severity: 'warning',
    text: 'A guest does not eat something that is planned, and nothing is settled. See who eats.',
    because: (situation) => openConflicts(situation, 'diet'),
  },
  {
    id: 'unaskedAlcohol',
    severity: 'warning',
    text: 'Alcohol is left in what they would eat, and nobody was asked. No amount is known to do the expecting or a child no harm: exchange it, or ask by name under Who eats.',
    because: notAsked,
  },
  {
    id: 'cookedApart',
    severity: 'warning',
    text: 'What is cooked apart stays apart: its own board, ladle and chopsticks, and nothing is topped up from the other pot.',
    // What is said of the two sides of a pot says it of those who eat from one of them.
    because: ({ conflicts }) => [...new Set(conflicts.filter((one) => one.apart && !one.side).map((one) => one.diner))],
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
    text: 'Open a window while it burns: a flame in a closed room leaves carbon monoxide, which nobody smells. A headache or dizziness is its sign: everybody goes out into the air. Charcoal is never burnt indoors. Lock the cartridge and keep it from heat; where it smells of gas nothing is lit. The burner’s own leaflet and local fire rules come first.',
    because: ({ evening }) => (evening.heatSource.kind === 'portableGas' ? [evening.heatSource.name] : []),
  },
  {
    id: 'gasHob',
    severity: 'warning',
    text: 'Air the room while the gas burns: a flame in a closed room leaves carbon monoxide, which nobody smells. Charcoal is never burnt indoors.',
    because: ({ evening }) => (evening.heatSource.kind === 'gasHob' ? [evening.heatSource.name] : []),
  },
  {
    id: 'mayOverhang',
    severity: 'warning',
    text: 'A pot of this width may reach over the cartridge. Look from the side before you light it; if the cartridge grows warm to the hand, the burner goes off.',
    because: (situation) => overhangs(situation, MAY_OVERHANG_MM, OVERHANGS_MM),
  },
  {
    id: 'overhangs',
    severity: 'danger',
    text: 'So wide a pot reaches over the cartridge and throws the heat back on it, which can burst it. Use a burner without a cartridge beside it, or a narrower pot; the burner’s leaflet says how wide.',
    because: (situation) => overhangs(situation, OVERHANGS_MM, Infinity),
  },
  {
    id: 'neverAlone',
    severity: 'warning',
    text: 'Somebody stays with a lit burner. Sleeves, cloths and handles stay clear of it, and it is off before the last one leaves the table.',
    because: ({ evening }) => [evening.heatSource.name],
  },
  {
    id: 'hotFat',
    severity: 'danger',
    text: 'Hot fat spits and can catch fire. What goes in is dry, the heat is low, a lid is at hand to smother it, and never water. Wine or spirit goes in off the flame, from a cup and not the bottle: its vapour flares up.',
    because: (situation) => [
      ...new Set([
        ...fried(situation).map((one) => one.name),
        ...(situation.isDryFirst ? [situation.evening.vessel.name] : []),
      ]),
    ],
  },
  {
    id: 'rawPlates',
    severity: 'warning',
    text: 'Raw meat and fish stay in the fridge until their round: no raw plate stands out over two hours, in a hot room over one.',
    because: rawPlates,
  },
  {
    id: 'pinkMeat',
    severity: 'danger',
    text: 'Beef and lamb are not for them while there is any pink: their slices stay in until they are brown through (71 °C). Ask whether they want any.',
    because: (situation) => {
      const meats = pinkMeat(situation);
      const whom = guests(situation, (diner) => isDelicate(diner) && meats.some((what) => !whyNot(diner, what)));
      return whom.length > 0 ? [...meats.map((what) => what.name), ...whom] : [];
    },
  },
  {
    id: 'saltForBaby',
    severity: 'warning',
    text: 'A baby under one year eats nothing that is salted: cook a little plain apart, soft and cut small.',
    because: (situation) => guests(situation, isBaby),
  },
  {
    id: 'clayShock',
    severity: 'warning',
    text: 'Clay starts on a low flame, dry underneath and never empty; nothing cold goes into it while it is hot: it cracks.',
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
    because: ({ evening, liquids, conflicts }) =>
      // A side without meat has stricter words of its own.
      evening.vessel.divided && liquids.some((liquid) => liquid.place === 'otherHalf') && !conflicts.some(isKeptApart)
        ? [evening.vessel.name]
        : [],
  },
  {
    id: 'meatFreeSide',
    severity: 'danger',
    text: 'One side is kept free of what the other holds: a ladle, nets and chopsticks of its own for each, and neither is filled so that it can boil over the wall. If anything comes over, that side is no longer free of it: those who eat from it get a fresh pan with what was kept back of their broth.',
    because: ({ evening, conflicts }) =>
      evening.vessel.divided ? [...new Set(conflicts.filter(isKeptApart).map((one) => one.diner))] : [],
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
    text: (situation) =>
      canBeFilledBefore(situation)
        ? 'Too hot for a child: give a mild bowl apart, filled before the chilli goes in.'
        : 'Too hot for a child, and hot from the start: no mild bowl can be taken from it. Say under Who eats that the child eats nothing hot, and a small pan apart is planned; or choose a pot with two broths.',
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
    severity: 'note',
    text: 'Not all alcohol boils off: about a third is still there after half an hour of simmering. Tell whoever drives or avoids it.',
    because: (situation) => inLiquids(situation, (what) => what.kinds.includes('alcohol')),
  },
  {
    id: 'keepBroth',
    severity: 'note',
    text: 'Cool leftover broth and rice quickly and put them in the fridge within two hours; reheat until steaming.',
    because: ({ helpings, liquids }) => [
      ...new Set([
        ...liquids.filter((one) => one.kind === 'broth' && one.place !== 'letDown').map((one) => one.name),
        ...helpings
          .filter((one) => KEPT_WITH_BROTH.includes(one.role))
          .map((one) => one.what)
          .filter((what) => what.family === 'grain')
          .map((what) => what.name),
      ]),
    ],
  },
];
