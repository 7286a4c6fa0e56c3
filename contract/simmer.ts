import { z } from 'zod';
import { adviceSchema } from './edits';
import { catalogueIdSchema } from './ids';
import { actionKindSchema } from './stages';

const massG = z.number().nonnegative();

export const actionSchema = z.object({
  id: z.string(),
  /** Actions with the same step are done together, with one tap. */
  step: z.int().nonnegative(),
  /** Seconds from lighting the burner. */
  atS: z.number(),
  kind: actionKindSchema,
  round: z.int().positive(),
  pan: z.enum(['main', 'aside']),
  ingredientId: catalogueIdSchema.optional(),
  cut: z.string().optional(),
  /** The stage of the style that it belongs to; none for what belongs to fire and table. */
  stageId: z.string().optional(),
  /** The piece of `pieces` that goes in with this action. */
  pieceId: z.string().optional(),
  massG: massG.optional(),
  /** Seconds that the pot does not boil after what goes in with this step. */
  recoveryS: z.number().nonnegative().optional(),
  /** The lid goes on after what goes in with this step; what becomes of it when the pot boils again. */
  lidThen: z.enum(['off', 'ajar', 'on']).optional(),
  /** What becomes of fire and lid with it, in words, where the title names only what goes in. */
  fire: z.string().optional(),
  /** What is in the pot splits at a hard boil: it is brought up on less heat. */
  gently: z.boolean().optional(),
  /** Why it is done then, in a sentence. */
  because: z.string().optional(),
  /** Broth that is poured in with this action, in ml; negative where it is ladled out. */
  volumeMl: z.number().optional(),
  /** What is left of the round before is ladled out, before the pot is built anew. */
  empties: z.literal(true).optional(),
  /** Hot water that is poured in besides, in ml; all of `volumeMl` where that is nothing else. */
  waterMl: z.number().nonnegative().optional(),
  shownText: z.string().optional(),
  says: z.string(),
  lookFor: z.string().optional(),
});

export const simmerPieceSchema = z.object({
  id: z.string(),
  ingredientId: catalogueIdSchema,
  cut: z.string(),
  round: z.int().positive(),
  pan: z.enum(['main', 'aside']),
  massG,
  /** In the simmering pot, in a stack in it, held in it by its guest, or on the hot pan before any liquid. */
  way: z.enum(['simmered', 'stacked', 'swished', 'seared', 'fried']),
  inAtS: z.number(),
  /** From when its cooking counts: when it goes in, or when the pot boils that it lay in cold. */
  countsFromS: z.number(),
  outAtS: z.number(),
  /** Time at the boil, cold spells discounted, that it gets and that it wants at this altitude. */
  cookS: z.number(),
  leastS: z.number(),
  bestS: z.number(),
  mostS: z.number(),
  /** Below this it is not safe to eat; zero where time alone makes nothing unsafe. */
  safeS: z.number(),
  inWindow: z.boolean(),
  safe: z.boolean(),
  sign: z.string(),
  /** By the model of heat, where the pot was rehearsed: the middle of the mean piece and of the largest when it is lifted out. */
  centreTempC: z.number().optional(),
  largestCentreTempC: z.number().optional(),
  /** Minutes at 70 °C that the middle of the largest piece has had its like of. */
  lethalityMin: z.number().nonnegative().optional(),
  /** Minutes at 100 °C in the middle of the mean piece, or of an animal food the minutes for which it was done. */
  cookValueMin: z.number().nonnegative().optional(),
  window: z.object({ leastMin: z.number(), bestMin: z.number(), mostMin: z.number() }).optional(),
  /** When the largest piece became safe. */
  safeAtS: z.number().optional(),
  /** From when to when it is in its window, as the pot has it; without an end where it stands for as long as anybody waits. */
  readyAtS: z.number().optional(),
  overAtS: z.number().optional(),
  /** Cut so thick tonight, and frozen when it goes in. */
  thicknessMm: z.number().positive().optional(),
  frozen: z.boolean().optional(),
  /** Of what is held in the broth: who eats it, and the seconds that each one's slice stays in. */
  heldBy: z.array(z.object({ diner: z.string(), seconds: z.number().positive() })).optional(),
  /** Why it goes in when it does, in a sentence. */
  because: z.string().optional(),
});

/** A piece over the time of its trace: the middle of the largest one, and how far the mean one has come. */
export const pieceTraceSchema = z.object({
  pieceId: z.string(),
  /** Of the trace's values the first that it is in the pot at. */
  from: z.int().nonnegative(),
  centreTempC: z.array(z.number()),
  /** By the measure of its window, in min. */
  hadMin: z.array(z.number()),
});

/** The pot over time: its liquid, how high all stands in it, and how salty it is. */
export const traceSchema = z.object({
  fromS: z.number(),
  stepS: z.number().positive(),
  liquidTempC: z.array(z.number()),
  levelMl: z.array(z.number()),
  depthMm: z.array(z.number()),
  salinityPct: z.array(z.number()),
  /** Fat that melted out of the food and floats on the liquid, in g. */
  fatG: z.array(z.number()).optional(),
  pieces: z.array(pieceTraceSchema).optional(),
});

export const unsatisfiedSchema = z.object({
  id: z.string(),
  /** The evening cannot be cooked so: one of the remedies has to be taken. */
  refused: z.literal(true).optional(),
  text: z.string(),
  because: z.string(),
  remedies: z.array(adviceSchema),
});

export const simmerSchema = z.object({
  boilingPointC: z.number(),
  /** The liquid in the pot when the finish begins, what of it is hot water poured in for that, and what the finish drinks. */
  ending: z.object({ brothMl: z.number(), waterMl: z.number(), drinksMl: z.number() }).optional(),
  /** When the burner is lit so that the first round is ready as people sit down. */
  litAt: z.iso.datetime({ offset: true }),
  boilAtS: z.number(),
  /** From the fire under its liquid to the boil, in the first filling of the pot. */
  timeToBoilS: z.number().nonnegative().optional(),
  readyAtS: z.array(z.number()),
  /** Rounds that are eaten from the first filling of the pot: two where some slices are seared and eaten first. */
  platedRounds: z.int().positive(),
  endsAtS: z.number(),
  timing: z.string(),
  actions: z.array(actionSchema),
  pieces: z.array(simmerPieceSchema),
  unsatisfied: z.array(unsatisfiedSchema),
  /** What this plan costs by the measure of plans, and what none can cost less than; see docs/decisions/0016. */
  objective: z.number().nonnegative().optional(),
  lowerBound: z.number().nonnegative().optional(),
  /** Of the pot, where it was rehearsed. */
  trace: traceSchema.optional(),
});

/** The liquid in the pot when the finish begins, and what is done to its strength. */
export const endingSchema = z.object({
  brothMl: z.number().nonnegative(),
  waterMl: z.number().nonnegative(),
  drinksMl: z.number().nonnegative(),
  /** As it then is, in %. */
  salinityPct: z.number().nonnegative(),
  /** Light soy sauce or hot water that brings it where the finish wants it. */
  soyG: z.number().optional(),
  letDownMl: z.number().optional(),
  seasoning: z.string(),
});

export type Ending = z.infer<typeof endingSchema>;
export type Action = z.infer<typeof actionSchema>;
export type SimmerPiece = z.infer<typeof simmerPieceSchema>;
export type Unsatisfied = z.infer<typeof unsatisfiedSchema>;
export type PieceTrace = z.infer<typeof pieceTraceSchema>;
export type Trace = z.infer<typeof traceSchema>;
export type Simmer = z.infer<typeof simmerSchema>;
