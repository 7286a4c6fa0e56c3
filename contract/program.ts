import { z } from 'zod';
import { catalogueIdSchema } from './ids';

const massG = z.number().nonnegative();

export const lidSchema = z.enum(['on', 'ajar', 'off']);

/** What a liquid holds, in g; acid as acetic acid. */
export const contentsSchema = z.object({
  waterG: z.number(),
  saltG: z.number(),
  sugarG: z.number(),
  acidG: z.number(),
  alcoholG: z.number(),
  glutamateG: z.number(),
  nucleotideG: z.number(),
});

/** So much of a cut that goes in together. */
export const foodInSchema = z.object({
  pieceId: z.string().min(1).max(120),
  ingredientId: catalogueIdSchema,
  cut: z.string().max(48),
  massG,
  /** Instead of the thickness of the cut. */
  thicknessMm: z.number().positive().optional(),
  frozen: z.boolean().optional(),
  /** Instead of where it is kept. */
  tempC: z.number().optional(),
  way: z.enum(['simmered', 'seared', 'swished']).optional(),
  /** All that it can give to the liquid besides water: salt of what was cured, runoff of a marinade. */
  gives: contentsSchema.partial().optional(),
});

const plain = <Is extends string>(is: Is) => z.object({ is: z.literal(is) });

/**
 * Something that is done to a pot. Plan, log and simulation speak of it alike, and all that the simulation needs of it is in
 * it; what changes nothing of heat and liquid is named all the same, since the cook does it.
 */
export const actSchema = z.discriminatedUnion('is', [
  plain('light'),
  /**
   * The fire, as a share of its full power. Where it is held the cook turns it down when that heat is reached and up again
   * when it is not: at the boil (a simmer), just under it, or at so many °C.
   */
  z.object({
    is: z.literal('heat'),
    share: z.number().min(0).max(1),
    holds: z.union([z.enum(['boil', 'justUnder']), z.number()]).optional(),
  }),
  /** The lid, and what becomes of it when it boils again. */
  z.object({ is: z.literal('lid'), lid: lidSchema, thenAtBoil: lidSchema.optional() }),
  /** `liquid` is the id of a broth or sauce of the plan, of something of the catalogue, `water`, or `jug`: what was ladled out before. */
  z.object({
    is: z.literal('poured'),
    liquid: z.string().min(1).max(80),
    ml: z.number().nonnegative(),
    tempC: z.number(),
    contents: contentsSchema,
    fatG: massG.optional(),
  }),
  z.object({
    is: z.literal('ladled'),
    ml: z.union([z.number().nonnegative(), z.literal('all')]),
    to: z.enum(['bowls', 'jug', 'dip']),
  }),
  foodInSchema.extend({ is: z.literal('added') }),
  z.object({ is: z.literal('liftedOut'), pieceIds: z.array(z.string()) }),
  /** What was lifted out goes back in, as warm as it was. */
  z.object({ is: z.literal('putBack'), pieceIds: z.array(z.string()) }),
  z.object({ is: z.literal('eaten'), pieceIds: z.array(z.string()) }),
  /** Work on the pan before any liquid, which leaves it so hot. */
  z.object({
    is: z.literal('dryWork'),
    doing: z.enum(['melt', 'fry', 'sear', 'deglaze']),
    panC: z.number(),
    pieceIds: z.array(z.string()).optional(),
  }),
  z.object({ is: z.literal('drunk'), ml: z.number().nonnegative() }),
  /** Stirred in by the cook: of what, how much, what that brings into the liquid, and how warm. */
  z.object({
    is: z.literal('seasoned'),
    with: z.string().optional(),
    massG: massG.optional(),
    contents: contentsSchema.optional(),
    tempC: z.number().optional(),
  }),
  plain('skimmed'),
  plain('stirred'),
  plain('loosened'),
  plain('basted'),
  plain('scooped'),
  plain('rested'),
  plain('served'),
]);

/** An act of a program: when, on which pot, and with which words of the plan it is told. */
export const plannedActSchema = z.object({
  id: z.string().min(1).max(160),
  /** The action of the simmer plan that tells it. */
  actionId: z.string().min(1).max(120),
  potId: z.string().min(1).max(40),
  round: z.int().positive(),
  /** Seconds from lighting the burner; of what hangs on an event, when that is expected. */
  atS: z.number(),
  /** Done when the pot boils next after the act before it, whenever that is. */
  on: z.literal('boil').optional(),
  act: actSchema,
});

/** All that is done at the pots of an evening, in order, and nothing else. */
export const potProgramSchema = z.object({
  pots: z.array(z.object({ id: z.string(), name: z.string() })).min(1),
  acts: z.array(plannedActSchema),
});

export type Lid = z.infer<typeof lidSchema>;
export type Contents = z.infer<typeof contentsSchema>;
export type FoodIn = z.infer<typeof foodInSchema>;
export type Act = z.infer<typeof actSchema>;
export type ActOf<Is extends Act['is']> = Extract<Act, { is: Is }>;
export type PlannedAct = z.infer<typeof plannedActSchema>;
export type PotProgram = z.infer<typeof potProgramSchema>;
