import { sum } from '../measures/sum';
import { PIECES_TAKE_SALT } from './balance';
import type { FormulaSolution, Piece } from './solution';

/**
 * What a sauce comes to at the table that was judged as it was poured: let down by the water that the food gives, by what
 * is poured in with it, and by the salt that goes into the food.
 * @param letDownG unsalted liquid that is poured in over the evening, in g
 * @returns salt in % by mass
 */
export function strengthLetDown(
  { salt, finishedG }: Pick<FormulaSolution, 'salt' | 'finishedG'>,
  pieces: readonly Piece[],
  letDownG: number,
): number {
  const waterG = sum(pieces.map((one) => one.massG * one.what.composition.water));
  const releasedG = sum(pieces.map((one) => one.massG * one.what.releasedShare));
  return ((salt.addedG + salt.extractedG) / (finishedG + releasedG + letDownG + PIECES_TAKE_SALT * waterG)) * 100;
}
