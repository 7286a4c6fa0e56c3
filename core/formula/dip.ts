import type { SaltLedger, WaterLedger } from '@elixa/contract';
import type { DipFormula } from '../catalogue/formula';
import { ingredientById } from '../catalogue/ingredients';
import { standIn, type Table } from '../diners/table';

export interface DipPart {
  ingredientId: string;
  massG: number;
  note?: string;
}

export interface DipSolution {
  parts: DipPart[];
  /** Hot broth from the pot that thins it at the table. */
  brothG: number;
  liquidG: number;
  salinityPct: number;
  water: WaterLedger;
  salt: SaltLedger;
  salinityWith(masses: ReadonlyMap<string, number>, brothG: number): number;
}

const saltG = (part: DipPart) => part.massG * (ingredientById(part.ingredientId).saltPct / 100);
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/** A solid in a dip (scallion) is not part of its liquid. */
const isLiquid = (part: DipPart) => ingredientById(part.ingredientId).family === 'seasoning';

/**
 * A dip for so many heads that reaches its salinity after it has been thinned with broth. Two linear equations, one of
 * mass and one of salt, in the mass of the salting part and of the broth.
 * @param heads regular portions, more than zero
 * @param brothSalinityPct salinity of the broth it is thinned with
 * @returns masses in g
 */
export function solveDip(formula: DipFormula, table: Table, heads: number, brothSalinityPct: number): DipSolution {
  const liquidG = formula.mlPerHead * heads * 1.04;
  const known: DipPart[] = [];
  let salting = 'salt';
  for (const part of formula.parts) {
    if (table.leaveOut.has(part.ingredientId)) continue;
    const ingredientId = standIn(table, part.ingredientId, 'main');
    if (part.role === 'salting') salting = ingredientId;
    else known.push({ ingredientId, massG: (part.grams ?? 0) * heads, note: part.note });
  }
  const knownLiquidG = sum(known.filter(isLiquid).map((part) => part.massG));
  const saltShare = ingredientById(salting).saltPct / 100;
  const brothShare = brothSalinityPct / 100;
  const wantedSaltG = (formula.targetSalinityPct / 100) * liquidG - sum(known.map(saltG));
  const restG = liquidG - knownLiquidG;
  const saltingG = Math.max(0, (wantedSaltG - brothShare * restG) / (saltShare - brothShare));
  const brothG = restG - saltingG;
  const parts: DipPart[] = [{ ingredientId: salting, massG: saltingG }, ...known];
  const addedG = sum(parts.map(saltG));
  const salinityPct = ((addedG + brothShare * brothG) / liquidG) * 100;
  return {
    parts,
    brothG,
    liquidG,
    salinityPct,
    water: {
      startG: brothG,
      seasoningsG: sum(parts.filter(isLiquid).map((part) => part.massG)),
      releasedG: 0,
      evaporatedG: 0,
      absorbedG: 0,
      finishedG: liquidG,
    },
    salt: { addedG, extractedG: brothShare * brothG, inPiecesG: 0, inLiquidG: (salinityPct / 100) * liquidG },
    salinityWith(masses, otherBrothG) {
      const shown = parts.map((part) => ({ ...part, massG: masses.get(part.ingredientId) ?? part.massG }));
      const massG = otherBrothG + sum(shown.filter(isLiquid).map((part) => part.massG));
      return ((sum(shown.map(saltG)) + brothShare * otherBrothG) / massG) * 100;
    },
  };
}
