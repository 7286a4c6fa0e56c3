import { z } from 'zod';
import { catalogueIdSchema } from './ids';

/** Something in the house: an ingredient, or a jar of a sauce or base by its formula. */
export const pantryItemSchema = z.strictObject({
  itemId: catalogueIdSchema,
  massG: z.number().min(0).max(100_000),
  /** Good until that day (`2026-12-08`); the same thing with two days is two items. */
  bestBefore: z.iso.date().optional(),
  /** When it was last counted; the later count holds, wherever it was made. Nothing left is counted too. */
  changedAt: z.iso.datetime({ offset: true }),
});

export const pantrySchema = z.strictObject({ items: z.array(pantryItemSchema).max(500) });

export type PantryItem = z.infer<typeof pantryItemSchema>;
export type Pantry = z.infer<typeof pantrySchema>;
