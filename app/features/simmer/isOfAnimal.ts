import type { SimmerPiece } from '@elixa/contract';
import { ingredientById, isHeatedThrough } from '@elixa/core';

/** A food whose middle has to get hot. */
export const isOfAnimal = ({ ingredientId }: SimmerPiece): boolean => isHeatedThrough(ingredientById(ingredientId));
