import type { SimmerPiece } from '@elixa/contract';
import { type Catalogue, isHeatedThrough } from '@elixa/core';

/** A food whose middle has to get hot. */
export const isOfAnimal = (catalogue: Catalogue, { ingredientId }: SimmerPiece): boolean =>
  isHeatedThrough(catalogue.byId(ingredientId));
