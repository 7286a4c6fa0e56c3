import type { SaltLedger, WaterLedger } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { BrothFormula } from '../catalogue/formula';
import type { Helping } from '../diners/helpings';
import { standIn, type Table } from '../diners/table';

/** Water that a dried thing still holds when it is lifted out, in g for a gram. Kitchen estimates. */
const HOLDS_WATER: Record<string, number> = { kelp: 2.5, bonitoFlakes: 4, driedShiitake: 4 };
/** Share of its own salt that an infusion gives to the broth. Kitchen estimate, 0.4-0.7. */
const GIVES_SALT = 0.5;
/** How far pieces come toward the salt of the broth while they cook. Kitchen estimate, 0.1-0.25. */
const PIECES_TAKE_SALT = 0.15;

export interface BrothPart {
  ingredientId: string;
  massG: number;
  note?: string;
  role: 'infusion' | 'salting' | 'seasoning' | 'body';
}

export interface BrothSolution {
  parts: BrothPart[];
  startWaterG: number;
  madeG: number;
  finishedG: number;
  salinityPct: number;
  water: WaterLedger;
  salt: SaltLedger;
  /** Salinity when other masses of the same parts and another start water are used. */
  salinityWith(masses: ReadonlyMap<string, number>, startWaterG: number): number;
}

export interface BrothQuestion {
  formula: BrothFormula;
  table: Table;
  finishedG: number;
  salinityPct: number;
  /** What simmers in the broth, finish excluded. */
  pieces: readonly Helping[];
  stockEvaporationG: number;
  potEvaporationG: number;
}

function swapped(formula: BrothFormula, table: Table) {
  return formula.parts
    .filter((part) => !table.leaveOut.has(part.ingredientId))
    .map((part) => {
      const ingredientId = standIn(table, part.ingredientId, 'main');
      const how = ingredientById(part.ingredientId).replacements.find((one) => one.withIngredientId === ingredientId);
      return { ...part, ingredientId, note: how ? undefined : part.note, grams: (part.grams ?? 0) * (how?.ratio ?? 1) };
    });
}

function merged(parts: BrothPart[]): BrothPart[] {
  const byId = new Map<string, BrothPart>();
  for (const part of parts) {
    const known = byId.get(part.ingredientId);
    byId.set(part.ingredientId, known ? { ...known, massG: known.massG + part.massG } : part);
  }
  return [...byId.values()].filter((part) => part.massG > 1e-9 && part.ingredientId !== 'water');
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/**
 * Start water and seasoning of a broth, so that what is served has the asked mass and salinity.
 *
 * Water: start + seasonings + released by the food = served + evaporated + held by what is lifted out.
 * Salt: added + drawn from infusions = in the served broth + taken up by the pieces.
 * Both are linear, so they are solved directly. Where the food would give more water than is asked for, more broth is
 * served and nothing is poured away.
 * @returns masses in g, salinity in % by mass of the liquid
 */
export function solveBroth(question: BrothQuestion): BrothSolution {
  const { formula, table, salinityPct, pieces } = question;
  const all = swapped(formula, table);
  const litres = question.finishedG / 1000;
  const fixed: BrothPart[] = all
    .filter((part) => part.role !== 'salting')
    .map(({ ingredientId, grams, note, role }) => ({ ingredientId, massG: grams * litres, note, role }));
  const infusions = fixed.filter((part) => part.role === 'infusion');
  const extractedG =
    sum(infusions.map((part) => part.massG * (ingredientById(part.ingredientId).saltPct / 100))) * GIVES_SALT;
  const absorbedG = sum(infusions.map((part) => part.massG * (HOLDS_WATER[part.ingredientId] ?? 3)));
  const pieceWaterG = sum(pieces.map((one) => one.massG * ingredientById(one.ingredientId).composition.water));
  const releasedG = sum(pieces.map((one) => one.massG * ingredientById(one.ingredientId).releasedShare));
  const evaporatedG = question.stockEvaporationG + question.potEvaporationG;
  const saltHoldingG = (liquidG: number) => liquidG + PIECES_TAKE_SALT * pieceWaterG;

  const salting = all.filter((part) => part.role === 'salting');
  const shares = sum(salting.map((part) => part.share ?? 0));
  const seasoned = (liquidG: number): BrothPart[] => {
    const addedG = Math.max(0, (salinityPct / 100) * saltHoldingG(liquidG) - extractedG);
    const salts = salting.map((part) => ({
      ingredientId: part.ingredientId,
      role: part.role,
      note: part.note,
      massG: (addedG * (part.share ?? 0)) / shares / (ingredientById(part.ingredientId).saltPct / 100),
    }));
    return [...fixed, ...salts];
  };
  const poured = (parts: readonly BrothPart[]) => parts.filter((part) => part.role !== 'infusion');
  const pouredG = (parts: readonly BrothPart[]) => sum(poured(parts).map((part) => part.massG));
  const startFor = (liquidG: number) =>
    liquidG + evaporatedG + absorbedG - releasedG - extractedG - pouredG(seasoned(liquidG));

  // Seasonings grow with the liquid, so the shortfall is found by stepping until the start water is not negative.
  let liquidG = question.finishedG;
  for (let step = 0; step < 50 && startFor(liquidG) < 0; step += 1) liquidG -= startFor(liquidG) * 1.05;
  const withWater = seasoned(liquidG);
  const startWaterG =
    startFor(liquidG) + sum(withWater.filter((part) => part.ingredientId === 'water').map((part) => part.massG));
  const parts = merged(withWater);
  const addedSaltG = sum(poured(parts).map((part) => part.massG * (ingredientById(part.ingredientId).saltPct / 100)));
  const reachedPct = ((addedSaltG + extractedG) / saltHoldingG(liquidG)) * 100;

  return {
    parts,
    startWaterG,
    madeG: startWaterG + pouredG(parts) + extractedG - absorbedG - question.stockEvaporationG,
    finishedG: liquidG,
    salinityPct: reachedPct,
    water: {
      startG: startWaterG,
      seasoningsG: pouredG(parts) + extractedG,
      releasedG,
      evaporatedG,
      absorbedG,
      finishedG: liquidG,
    },
    salt: {
      addedG: addedSaltG,
      extractedG,
      inPiecesG: (reachedPct / 100) * PIECES_TAKE_SALT * pieceWaterG,
      inLiquidG: (reachedPct / 100) * liquidG,
    },
    salinityWith(masses, otherStartG) {
      const shown = parts.map((part) => ({ ...part, massG: masses.get(part.ingredientId) ?? part.massG }));
      const saltG = sum(poured(shown).map((part) => part.massG * (ingredientById(part.ingredientId).saltPct / 100)));
      const massChangeG = otherStartG - startWaterG + pouredG(shown) - pouredG(parts);
      return ((saltG + extractedG) / saltHoldingG(liquidG + massChangeG)) * 100;
    },
  };
}
