/** One ingredient of a formula, by the litre of finished liquid unless a role says otherwise. */
export interface FormulaPart {
  ingredientId: string;
  /**
   * `infusion` is lifted out again and keeps water; `salting` is solved so that the liquid reaches its salinity, shared
   * between the salting parts by weight of `share`; `seasoning` and `body` scale plainly.
   */
  role: 'infusion' | 'salting' | 'seasoning' | 'body';
  /** Grams for a litre of finished broth, or for one head of a dip. Not for `salting`. */
  grams?: number;
  /** Share of the salt that has to be added. Only for `salting`. */
  share?: number;
  note?: string;
}

export interface FormulaStep {
  id: string;
  says: string;
  minutes: number;
  attended: boolean;
  tempC?: number;
  lookFor?: string;
  /** Only when these schools are followed. */
  when?: Readonly<Record<string, string>>;
  /** Only when the formula still holds this ingredient after swaps. */
  ifUses?: string;
}

export interface BrothFormula {
  id: string;
  name: string;
  kind: 'broth';
  parts: readonly FormulaPart[];
  steps: readonly FormulaStep[];
}

export interface DipFormula {
  id: string;
  name: string;
  kind: 'sauce';
  mlPerHead: number;
  targetSalinityPct: number;
  salinityBand: readonly [number, number];
  parts: readonly FormulaPart[];
  steps: readonly FormulaStep[];
}
