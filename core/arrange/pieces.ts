import { FLESH_G_PER_ML, pieceGAt } from '../catalogue/cutThickness';
import { FORMS, type Form } from '../catalogue/forms';
import type { Ingredient } from '../catalogue/ingredient';
import { lookOf, type DrawnLook } from './drawing/lookOf';

/** What is measured so light in a cup is mostly air itself: puffed skin, dried things. */
const AIRY_BELOW_G_PER_ML = 0.2;

/** One piece of a cut as it lies in a pot. */
export interface Piece extends DrawnLook {
  form: Form;
  massG: number;
  /** Towards the rim, round the pot, and up, in mm. */
  alongMm: number;
  acrossMm: number;
  heightMm: number;
}

/** Pieces of one cut in a bunch. */
export interface Pieces {
  ingredientId: string;
  cut: string;
  piece: Piece;
  /** Whole ones; a handful of something without pieces counts as what it is drawn as. */
  count: number;
  massG: number;
  /** What it fills with the air between its pieces, before any liquid, in ml. */
  bulkMl: number;
  /** What it takes of the liquid's room, in ml. */
  settledMl: number;
}

/**
 * A piece of a cut: as large as its mass and thickness make it, lying as its shape lies.
 * @param thicknessMm where it is cut thicker or thinner tonight
 * @example pieceOf(firmTofu, 'block').alongMm // 35
 */
export function pieceOf(what: Ingredient, cut: string, thicknessMm?: number): Piece {
  const look = lookOf(what, cut);
  const form = FORMS[look.glyph];
  const usual = what.cuts[cut] ?? { thicknessMm: 10, pieceG: 10 };
  const cutMm = thicknessMm ?? usual.thicknessMm;
  const heightMm = Math.max(cutMm, form.liesMm ?? 0);
  const massG = pieceGAt(usual, cutMm);
  const flatMm2 = (massG / FLESH_G_PER_ML / heightMm) * 1000;
  const unitMm = Math.sqrt((flatMm2 * form.shows) / (4 * form.along * form.across * form.fills));
  return { ...look, form, massG, heightMm, alongMm: 2 * form.along * unitMm, acrossMm: 2 * form.across * unitMm };
}

/** What so much of a cut comes to as it lies in a pot: how many pieces, and how much room they take dry and in the liquid. */
export function piecesOf(what: Ingredient, cut: string, massG: number, thicknessMm?: number): Pieces {
  const piece = pieceOf(what, cut, thicknessMm);
  const { settledDensityGPerMl, densityGPerMl } = what;
  const settledMl = massG / settledDensityGPerMl;
  const solidMl = massG / (densityGPerMl < AIRY_BELOW_G_PER_ML ? densityGPerMl : FLESH_G_PER_ML);
  return {
    ingredientId: what.id,
    cut,
    piece,
    count: massG > 0 ? Math.max(1, Math.round(massG / piece.massG)) : 0,
    massG,
    bulkMl: Math.max(settledMl, solidMl / (1 - piece.form.gaps)),
    settledMl,
  };
}

/**
 * Whole pieces in one of several equal rounds: each round gets its share to within a piece, and none is lost between them.
 * @param round counted from 1
 * @example dealt(7, 3, 1) // 3
 */
export const dealt = (count: number, rounds: number, round: number): number =>
  Math.ceil((count * round) / rounds - 1e-9) - Math.ceil((count * (round - 1)) / rounds - 1e-9);
