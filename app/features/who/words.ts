import { type Allergen, type Appetite, type Diet, type Diner, type HeatSource, type Units } from '@elixa/contract';
import { type Catalogue, nameOf } from '@elixa/core';

export const APPETITE: Record<Appetite, string> = { small: 'Small', regular: 'Regular', large: 'Large' };

export const DIET: Record<Diet, string> = {
  vegan: 'Vegan',
  vegetarian: 'Vegetarian',
  pescatarian: 'Fish, no meat',
  noPork: 'No pork',
  noBeef: 'No beef',
  noAlcohol: 'No alcohol',
  mild: 'Nothing hot',
};

export const ALLERGEN: Record<Allergen, string> = {
  soy: 'Soy',
  wheat: 'Wheat, gluten',
  sesame: 'Sesame',
  peanut: 'Peanut',
  egg: 'Egg',
  fish: 'Fish',
  crustaceans: 'Crustaceans',
  molluscs: 'Molluscs',
  milk: 'Milk',
  mustard: 'Mustard',
  buckwheat: 'Buckwheat',
  celery: 'Celery',
  nuts: 'Nuts',
  lupin: 'Lupin',
  sulphites: 'Sulphites',
};

/** Whom raw food, alcohol, heat and hard bites hurt most. */
export const CARE = [
  { name: 'child', label: 'Child' },
  { name: 'expecting', label: 'Expecting a child' },
  { name: 'frail', label: 'Old or ill' },
] as const;

export const UNITS: Record<Units, string> = { metric: 'Metric', us: 'US cups', eastAsian: 'East Asian' };

export const HEAT: Record<HeatSource['kind'], string> = {
  portableGas: 'Portable gas',
  gasHob: 'Gas hob',
  induction: 'Induction',
  electricPlate: 'Electric plate',
  ownElement: 'Its own element',
};

const isAllergen = (name: string): name is Allergen => name in ALLERGEN;

const named = (catalogue: Catalogue, name: string) =>
  isAllergen(name) ? ALLERGEN[name].toLowerCase() : nameOf(catalogue, name);

const careWords = (diner: Diner) =>
  CARE.filter(({ name }) => diner[name]).map(({ name, label }) =>
    name === 'child' && diner.years !== undefined ? ageWords(diner.years) : label.toLowerCase(),
  );

/** @example ageWords(8) // '8 years old' */
export const ageWords = (years: number): string =>
  years < 1 ? 'under one year old' : `${years} ${years === 1 ? 'year' : 'years'} old`;

/** What the cook has to remember about a guest, in one line. */
export function dinerNotes(catalogue: Catalogue, diner: Diner): string {
  return [
    ...careWords(diner),
    ...diner.diets.map((diet) => DIET[diet].toLowerCase()),
    ...diner.avoids.map((one) => `no ${named(catalogue, one)}`),
    ...(diner.dislikes ?? []).map((one) => `does not like ${named(catalogue, one)}`),
  ].join(' · ');
}
