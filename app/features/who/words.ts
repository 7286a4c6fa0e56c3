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
};

export const ALLERGEN: Record<Allergen, string> = {
  soy: 'Soy',
  wheat: 'Wheat',
  sesame: 'Sesame',
  peanut: 'Peanut',
  egg: 'Egg',
  fish: 'Fish',
  crustaceans: 'Crustaceans',
  molluscs: 'Molluscs',
  milk: 'Milk',
  mustard: 'Mustard',
  buckwheat: 'Buckwheat',
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

const avoided = (catalogue: Catalogue, avoid: string) =>
  avoid in ALLERGEN ? ALLERGEN[avoid as Allergen].toLowerCase() : nameOf(catalogue, avoid);

/** What the cook has to remember about a guest, in one line. */
export function dinerNotes(catalogue: Catalogue, diner: Diner): string {
  return [
    ...CARE.filter(({ name }) => diner[name]).map(({ label }) => label.toLowerCase()),
    ...diner.diets.map((diet) => DIET[diet].toLowerCase()),
    ...diner.avoids.map((avoid) => `no ${avoided(catalogue, avoid)}`),
  ].join(' · ');
}
