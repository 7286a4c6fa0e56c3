import type { Drawn, Ledger, SaltLedger, WaterLedger } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import type { SteamingPan } from '../heat/evaporation';
import type { ActiveFormula, ActivePart } from './activeFormula';
import type { Thinner } from './thinner';

/** Raw food, in g. */
export interface Piece {
  what: Ingredient;
  massG: number;
  /** It lay in a marinade: it takes no salt from the liquid, and gives what runs off. */
  marinated?: boolean;
}

/** What runs off marinated food into a liquid, in g of salt and of sucrose equivalents. */
export interface RunOff {
  saltG: number;
  sweetG: number;
}

export interface FormulaQuestion {
  active: ActiveFormula;
  /** Finished mass in g of a liquid that is let down; not used where its parts are all there is. */
  finishedG: number;
  /** Mass in g that a marinade lies on, and its salt. */
  along?: { massG: number; saltPct: number };
  /** What the table likes, as factors on the targets. */
  taste?: { salt: number; sweet: number; sour: number };
  /** Salinity that the cook set by hand. */
  salinityPct?: number;
  thinner?: Thinner;
  /** What simmers in it afterwards. */
  pieces?: readonly Piece[];
  runOff?: RunOff;
  /** Pan that it is made in. */
  pan: SteamingPan;
  /** Steam lost in the pot, and minutes it simmers there. */
  potEvaporationG?: number;
  potMinutes?: number;
}

export interface SolvedPart {
  ingredientId: string;
  cut?: string;
  role: ActivePart['part']['role'];
  massG: number;
  note?: string;
}

export interface FormulaSolution {
  parts: SolvedPart[];
  /** Water or broth that it is made with. */
  thinnerG: number;
  /** There is so much before anything goes into the pot, and so much at the end. */
  madeG: number;
  finishedG: number;
  salinityPct: number;
  sweetnessPct: number;
  acidPct: number;
  umamiGPer100g: number;
  heat: number;
  ethanolG: number;
  /** The same by what it came with. */
  alcoholOf: ReadonlyArray<{ ingredientId: string; keptG: number }>;
  colour: string;
  /** What 100 g of it would bring to something that is let down with it. */
  asThinner: Thinner;
  water: WaterLedger;
  salt: SaltLedger;
  sweetness: Ledger;
  ethanol: Ledger;
  drawn: Drawn[];
  /** Steps that stand-ins want besides the formula's own. */
  ownSteps: Array<{
    id: string;
    ingredientId: string;
    at: 'in' | 'out';
    says: string;
    atS: number;
    durationS: number;
  }>;
  salinityWith(masses: ReadonlyMap<string, number>, thinnerG: number): number;
}
