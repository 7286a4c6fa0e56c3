import type { Service } from '@elixa/contract';

/** One thing that goes into the pot, by the head of a regular appetite. */
export interface StyleItem {
  ingredientId: string;
  gramsPerHead: number;
  cuts: ReadonlyArray<{ cut: string; share: number }>;
  /** In the middle of the pot or round the wall. */
  zone: 'ring' | 'heart';
  purpose: 'pot' | 'finish';
}

export interface School {
  id: string;
  label: string;
  says: string;
}

export interface SchoolChoice {
  id: string;
  question: string;
  options: readonly School[];
  usual: string;
}

/** A style of pot. It is data: a new one needs no code. */
export interface Style {
  id: string;
  name: string;
  says: string;
  services: readonly Service[];
  usualService: Service;
  brothMlPerHead: number;
  brothFormulaId: string;
  dipFormulaIds: readonly string[];
  items: readonly StyleItem[];
  schools: readonly SchoolChoice[];
  /** How much dip is mixed by the school of seasoning, as a share of the formula's amount. */
  dipShares: Record<string, number>;
}
