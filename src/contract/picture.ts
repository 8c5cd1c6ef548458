import { z } from 'zod';
import { Id } from './primitives.ts';

/** A recipe has so many pictures at most. */
export const MOST_PICTURES = 20;

/** A picture of a recipe: of the dish, or of the page that it came from. Its bytes are asked for by size. */
export const PictureSchema = z.object({
  id: Id,
  recipeId: Id,
  kind: z.enum(['dish', 'page']),
  /** The time that it was cooked and pictured; null for one of the recipe. */
  cookId: Id.nullable(),
  /** Of the large one, px. */
  width: z.int(),
  height: z.int(),
});
export type Picture = z.infer<typeof PictureSchema>;

/** What a picture that is sent is of. */
export const PictureQuerySchema = z.object({
  kind: PictureSchema.shape.kind.default('dish'),
  cook: Id.optional(),
});
