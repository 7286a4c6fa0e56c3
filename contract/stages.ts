import { z } from 'zod';

/** What a cook does at a pot, in the words that a style's stages are written in. */
export const stageWordSchema = z.enum([
  'melt',
  'fry',
  'deglaze',
  'sear',
  'pour',
  'add',
  'cover',
  'uncover',
  'stir',
  'loosen',
  'baste',
  'skim',
  'season',
  'enrich',
  'lift',
  'rest',
]);

/** The same, and what belongs to fire and table: lit, boiling, turned down or up, served, held in by the guests, off. */
export const actionKindSchema = z.enum([
  'light',
  'boil',
  'heatDown',
  'heatUp',
  'serve',
  'swish',
  'off',
  ...stageWordSchema.options,
]);

export const stageSchema = z.object({
  id: z.string(),
  do: stageWordSchema,
  /** In tonight's words. */
  says: z.string(),
  untilCue: z.string(),
  ingredientIds: z.array(z.string()),
});

export type StageWord = z.infer<typeof stageWordSchema>;
export type ActionKind = z.infer<typeof actionKindSchema>;
export type PlanStage = z.infer<typeof stageSchema>;
