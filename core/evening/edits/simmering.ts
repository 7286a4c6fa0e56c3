import type { EditOf, Evening } from '@elixa/contract';
import { without } from './without';

const overriding = (evening: Evening, overrides: Partial<Evening['overrides']>): Evening => ({
  ...evening,
  overrides: { ...evening.overrides, ...overrides },
});

type ByCut = Record<string, Record<string, number>>;

/** A table by ingredient and cut with one value more, or without it where nothing is said. */
function withValue(table: ByCut | undefined, ingredientId: string, cut: string, value: number | undefined): ByCut {
  const others = without(table?.[ingredientId], cut);
  const ofThing = value === undefined ? others : { ...others, [cut]: value };
  const rest = without(table, ingredientId);
  return Object.keys(ofThing).length === 0 ? rest : { ...rest, [ingredientId]: ofThing };
}

/** How thick a thing is cut tonight; as its cut has it where no thickness is said. */
export const thicknessSet = (evening: Evening, { ingredientId, cut, thicknessMm }: EditOf<'thicknessSet'>): Evening =>
  overriding(evening, { thicknessMm: withValue(evening.overrides.thicknessMm, ingredientId, cut, thicknessMm) });

/** How long before its round is ready a thing goes in; when the plan has it where no time is said. */
export const timeInPotSet = (evening: Evening, { ingredientId, cut, minutes }: EditOf<'timeInPotSet'>): Evening =>
  overriding(evening, { minutesInPot: withValue(evening.overrides.minutesInPot, ingredientId, cut, minutes) });

export function frozenSet(evening: Evening, { ingredientId, frozen }: EditOf<'frozenSet'>): Evening {
  const others = (evening.choices.frozen ?? []).filter((id) => id !== ingredientId);
  return { ...evening, choices: { ...evening.choices, frozen: frozen ? [...others, ingredientId] : others } };
}

/** The broth poured as hot as it gets, or as the style has it. */
export const brothHotSet = (evening: Evening, { hot }: EditOf<'brothHotSet'>): Evening => ({
  ...evening,
  choices: { ...evening.choices, brothHot: hot ? true : undefined },
});

/** The pot with its lid at hand, or without one. */
export const lidSet = (evening: Evening, { lid }: EditOf<'lidSet'>): Evening => ({
  ...evening,
  vessel: { ...evening.vessel, lid },
});
