import type { SimmerPiece } from '@elixa/contract';
import { ingredientById } from '@elixa/core';

/** A food whose middle has to get hot: everything of an animal that goes in raw. */
export const isOfAnimal = ({ ingredientId }: SimmerPiece): boolean =>
  ingredientById(ingredientId).kinds.some((kind) => !['plant', 'mineral', 'milk'].includes(kind));
