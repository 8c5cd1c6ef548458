import { z } from 'zod';
import { MovedSchema } from './moved.ts';
import { Id } from './primitives.ts';
import { LineSchema } from './version.ts';

const MovedRecipeSchema = z.object({ id: Id, title: z.string(), points: z.array(MovedSchema) });

/** Something outside of recipes that changed, and the counts that it moved. */
export const DriftCauseSchema = z.object({
  id: Id,
  kind: z.enum(['program', 'pin', 'eater', 'recipe']),
  words: z.string(),
  at: z.string(),
  aside: z.boolean(),
  /** How many recipes it moved; the first of them stand below, those that moved most first. */
  recipes: z.number(),
  most: z.array(MovedRecipeSchema),
  /** Pins that are another way off the rule by now. */
  pins: z.array(
    z.object({ food: z.string(), grams: z.number(), points: z.number(), was: z.number(), now: z.number() }),
  ),
});
export type DriftCause = z.infer<typeof DriftCauseSchema>;

/** A food that has a newer state than the lines that name it. */
export const RenewedFoodSchema = z.object({ id: Id, name: z.string(), revision: z.number(), recipes: z.number() });
export type RenewedFood = z.infer<typeof RenewedFoodSchema>;

/** A card that shows other points than its dish has by now. */
export const OldCardSchema = z.object({
  id: Id,
  recipeId: Id,
  title: z.string(),
  versionName: z.string(),
  countedOn: z.string(),
  points: z.array(MovedSchema),
});
export type OldCard = z.infer<typeof OldCardSchema>;

/** Everything that changes elsewhere have moved. */
export const DriftSchema = z.object({
  causes: z.array(DriftCauseSchema),
  foods: z.array(RenewedFoodSchema),
  cards: z.array(OldCardSchema),
  /** Recipes that wait to be counted anew: what they come to is not in here yet. */
  counting: z.number(),
});
export type Drift = z.infer<typeof DriftSchema>;

/** The lines of one version that name a food in an earlier state, and what the newest would make of its count. */
export const OutdatedLinesSchema = z.object({
  recipeId: Id,
  title: z.string(),
  versionId: Id,
  versionName: z.string(),
  revision: z.number(),
  lines: z.array(LineSchema),
  points: z.array(MovedSchema),
});
export type OutdatedLines = z.infer<typeof OutdatedLinesSchema>;
