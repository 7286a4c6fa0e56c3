import { z } from 'zod';
import { serviceSchema } from './evening';
import { catalogueIdSchema } from './ids';

/** A change of the evening that a plan suggests, and that one tap makes. */
export const editSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('gramsPerHead'), ingredientId: catalogueIdSchema, grams: z.number().nonnegative() }),
  /** Everything that goes into the pot, by this share of what it was. */
  z.strictObject({ kind: z.literal('lessFood'), share: z.number().positive() }),
  z.strictObject({ kind: z.literal('brothMlPerHead'), ml: z.number().positive() }),
  z.strictObject({ kind: z.literal('vessel'), vesselId: z.string() }),
  z.strictObject({ kind: z.literal('heatSource'), heatSourceId: z.string() }),
  /** What was swapped for some is swapped for everyone. */
  z.strictObject({ kind: z.literal('swapForEveryone'), ingredientIds: z.array(catalogueIdSchema).min(1) }),
  z.strictObject({ kind: z.literal('service'), service: serviceSchema }),
]);

/** What mends something: in words, and as a change where one can be made here. */
export const adviceSchema = z.object({ text: z.string(), edit: editSchema.optional() });

export type Edit = z.infer<typeof editSchema>;
export type Advice = z.infer<typeof adviceSchema>;
