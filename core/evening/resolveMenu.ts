import { NO_FINISH } from '../catalogue/finishes';
import type { Evening, FieldError } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { vesselSuits } from './vesselFit';
import { isMeatOrFish } from '../catalogue/kinds';
import type { Style } from '../catalogue/style';
import { schoolsOfStyle, styleById } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { helpings } from '../diners/helpings';
import { seatTable, standIn } from '../diners/table';
import { chosenLiquids } from './chosenLiquids';
import { isSeared, isSwished } from './portions';
import { documentFaults } from './check';
import { marinadesOn } from './marinades';
import type { Menu } from './menu';
import { wholePieceFaults } from './simmeringFaults';
import { meatFreeSide, sidesOf } from './sides';
import {
  finishesOf,
  finishOf,
  spoiltPartOf,
  potIngredients,
  pouredTonight,
  pourOf,
  withRoomFor,
  slotsOf,
  stagesOf,
  withHeldBack,
} from './tonight';

/** Everything looked up, or what is wrong with it. */
export type Resolved = { menu: Menu; faults: readonly [] } | { menu?: undefined; faults: readonly FieldError[] };

function menuOf(given: Evening, style: Style): Menu {
  const schools = { ...given.style.schools, ...schoolsOfStyle(style, given.style.schools) };
  const evening: Evening = { ...given, style: { ...given.style, schools } };
  const slots = slotsOf(evening, style);
  const chosen = chosenLiquids(evening, style);
  const table = seatTable(evening, potIngredients({ evening, slots, chosen }));
  const sides = sidesOf(evening, style, { slots, chosen, table });
  const food = helpings(evening, slots, table, sides);
  const stages = withHeldBack(stagesOf(evening, style), spoiltPartOf(evening, chosen.broth));
  return {
    evening,
    catalogue: catalogueOf(evening),
    style,
    slots,
    table,
    sides,
    food,
    chosen,
    marinades: marinadesOn(chosen.ahead, food),
    stages,
    pour: pouredTonight(withRoomFor(pourOf(stages), [chosen.broth, chosen.otherHalf]), evening),
    finish: finishOf(evening, style),
  };
}

/** A pot that cannot carry the style, with the pots that can, or what can be done in it. */
function vesselFaults({ evening, style }: Menu): FieldError[] {
  const { verdict, because } = vesselSuits(evening, style);
  if (verdict !== 'refused') return [];
  const others = VESSELS.filter((vessel) => vesselSuits(evening, style, vessel).verdict !== 'refused');
  const ways = style.schools.flatMap((choice) =>
    choice.options
      .filter(({ id }) => {
        const schools = { ...evening.style.schools, [choice.id]: id };
        return vesselSuits({ ...evening, style: { ...evening.style, schools } }, style).verdict !== 'refused';
      })
      .map((option) => `"${option.label}" (style.schools.${choice.id}: ${option.id})`),
  );
  const fixes = [
    ...(others.length > 0 ? [`Use the ${others.map((vessel) => vessel.name).join(' or the ')}`] : []),
    ...(ways.length > 0 ? [`choose ${ways.join(' or ')}`] : []),
  ];
  return [
    {
      field: 'vessel',
      message: `The ${evening.vessel.name} does not carry a pot of this kind (${style.name}). ${because[0]}`,
      fix: `${fixes.join(', or ') || 'Choose another pot'}.`,
    },
  ];
}

/** A way of eating that tonight's food does not bear. */
function serviceFaults({ evening, style, food, stages }: Menu): FieldError[] {
  const others = style.services.filter((service) => service !== evening.service);
  const fix = `Use one of: ${others.join(', ')}; or put back what the style has there.`;
  const inPot = food.filter((one) => one.purpose === 'pot');
  if (evening.service === 'swish' && !inPot.some((one) => isSwished(one, evening.service))) {
    return [
      { field: 'service', message: 'Nothing in this pot is cut so thin that guests can hold it in the broth', fix },
    ];
  }
  const canSear = stages.some((stage) => inPot.some((one) => isSeared(one, stage)));
  if (evening.service === 'searThenSimmer' && !canSear) {
    return [{ field: 'service', message: 'Nothing in this pot is seared before the sauce goes in', fix }];
  }
  return [];
}

/** A side that is to be free of meat and is not: by what is put there, or by its broth. */
function sideFaults({ evening, catalogue, style, chosen, table, sides }: Menu): FieldError[] {
  const asked = evening.choices.sides;
  if (!asked || !sides) return [];
  const side = meatFreeSide(evening, style, chosen, table);
  if (!side) return [];
  const other = side === 'first' ? 'second' : 'first';
  const broth = side === 'first' ? chosen.broth : chosen.otherHalf;
  const isOfMeat = (id: string) => isMeatOrFish(catalogue.byId(id));
  const brought = [...sides.contents[side]].filter(isOfMeat);
  if (asked.meatFree && broth && brought.length > 0) {
    return [
      {
        field: 'choices.sides.meatFree',
        message: `${broth.name} is not free of meat: it has ${catalogue.byId(brought[0]!).name} in it`,
        fix: `Choose a broth without for that side, or use "${other}" or "none" here.`,
      },
    ];
  }
  return Object.entries(asked.of ?? {})
    .filter(([id, where]) => where !== other && isOfMeat(standIn(table, id, 'main')) && !table.leaveOut.has(id))
    .map(([id]) => ({
      field: `choices.sides.of.${id}`,
      message: `${catalogue.byId(standIn(table, id, 'main')).name} cannot go where nothing of an animal may`,
      fix: `Use "${other}", or name no side free of meat (choices.sides.meatFree: none).`,
    }));
}

/** A finish that would heat clay almost dry. */
function finishFaults({ evening, finish }: Menu): FieldError[] {
  if (!finish?.dry || evening.vessel.material !== 'clay') return [];
  const message = `${finish.name}: clay is never heated almost dry, it cracks`;
  return [{ field: 'choices.finish', message, fix: 'Choose another finish, or a pot of metal.' }];
}

/** What goes in last must not boil: nothing is cooked in it, and no other broth boils beside it in the same pot. */
function heldBackFaults({ evening, catalogue, style, chosen }: Menu): FieldError[] {
  const held = spoiltPartOf(evening, chosen.broth);
  const other = spoiltPartOf(evening, chosen.otherHalf);
  const { name } = catalogue.byId((held ?? other)?.of[0] ?? 'water');
  if ((held || other) && chosen.otherHalf) {
    return [
      {
        field: 'choices.liquids.otherHalf',
        message: `The ${name} must not boil, and one flame heats both halves`,
        fix: 'Choose another broth for that half, or a pot of its own for it.',
      },
    ];
  }
  if (!held) return [];
  const finishes = finishesOf(evening, style, chosen.broth).map((one) => one.id);
  const finish = finishOf(evening, style);
  return [
    ...(evening.service === 'swish'
      ? [
          {
            field: 'service',
            message: `The ${name} must not boil, and raw slices are not cooked through in it`,
            fix: `Use one of: ${style.services.filter((one) => one !== 'swish').join(', ') || 'another pot'}.`,
          },
        ]
      : []),
    ...(finish && !finish.dry && !finishes.includes(finish.id)
      ? [
          {
            field: 'choices.finish',
            message: `${finish.name}: the ${name} must not boil, and nothing is cooked in it`,
            fix: `Use one of: ${[...finishes, NO_FINISH].join(', ')}.`,
          },
        ]
      : []),
  ];
}

/** Nothing to cook, or something whose time nobody knows. */
function foodFaults({ evening, food }: Menu): FieldError[] {
  const inPot = food.filter((one) => one.pan === 'main' && one.purpose === 'pot' && one.cuts.length > 0);
  if (inPot.length === 0) {
    return [{ field: 'choices.leaveOut', message: 'Nothing is left to cook', fix: 'Put something back into the pot.' }];
  }
  const unknown = food.find(
    (one) =>
      one.purpose !== 'beside' &&
      one.role !== 'fat' &&
      one.cuts.some(({ cut }) => !one.what.cuts[cut]?.cooks?.simmered),
  );
  if (!unknown) return [];
  const index = evening.choices.swaps.findIndex((swap) => swap.withIngredientId === unknown.ingredientId);
  const { name } = unknown.what;
  return [
    {
      field: index === -1 ? 'style.id' : `choices.swaps[${index}].withIngredientId`,
      message: `It is not known how long ${name} takes in a pot`,
      fix: 'Exchange it for something else, or leave it out.',
    },
  ];
}

/**
 * Looks everything of an evening up, once: its style, schools, liquids, guests, pans and food. Everything that plans takes
 * the menu, not the raw document.
 * @param evening a document of the right shape
 * @returns the menu of an evening that can be planned, or else what is at fault, each with its field and a fix
 * @example resolveMenu(practiceNight).menu?.style.id // 'clearChicken'
 */
export function resolveMenu(evening: Evening): Resolved {
  const faults = documentFaults(evening);
  if (faults.length > 0) return { faults };
  const menu = menuOf(evening, styleById(evening.style.id)!);
  const found = [
    ...vesselFaults(menu),
    ...foodFaults(menu),
    ...wholePieceFaults(menu),
    ...serviceFaults(menu),
    ...heldBackFaults(menu),
    ...sideFaults(menu),
    ...finishFaults(menu),
  ];
  return found.length > 0 ? { faults: found } : { menu, faults: [] };
}

/**
 * What an evening of the right shape asks for that cannot be had.
 * @returns field, message and fix of each fault; empty when the evening can be planned
 */
export const checkEvening = (evening: Evening): FieldError[] => [...resolveMenu(evening).faults];

/** A document that has the right shape but asks for something that does not exist. */
export class EveningError extends Error {
  constructor(readonly errors: readonly FieldError[]) {
    super(errors.map((one) => `${one.field}: ${one.message}. ${one.fix}`).join('\n'));
    this.name = 'EveningError';
  }
}

/**
 * The menu of an evening that can be planned.
 * @throws EveningError with the fields at fault
 */
export function menuOrThrow(evening: Evening): Menu {
  const { menu, faults } = resolveMenu(evening);
  if (!menu) throw new EveningError(faults);
  return menu;
}
