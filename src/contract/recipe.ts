import { z } from 'zod';
import type { Credit } from '../core/card/card.ts';
import type { Claim } from '../core/recipe/read-recipe.ts';
import { FoodSchema } from './food.ts';
import { Id, Words } from './primitives.ts';
import { EntrySchema, VersionSchema } from './version.ts';

const Link = z
  .string()
  .max(500)
  .regex(/^https?:\/\/\S+$/i, 'is not a web address that begins with http');

export const CreditSchema = z.object({
  author: z.string().trim().max(120).nullable(),
  url: Link.nullable(),
  whose: z.enum(['own', 'family', 'other']),
}) satisfies z.ZodType<Credit>;

export const ClaimSchema = z.object({
  kind: z.enum(['points', 'kcal']),
  value: z.number().min(0),
  words: z.string().max(300),
}) satisfies z.ZodType<Claim>;

export const RecipeSchema = z.object({
  id: Id,
  title: Words(200),
  credit: CreditSchema,
  claims: z.array(ClaimSchema).max(20),
  notes: z.string().max(200_000),
  revision: z.int().min(0),
});
export type Recipe = z.infer<typeof RecipeSchema>;

/** A recipe brought in: with its version as written. */
export const NewRecipeSchema = RecipeSchema.omit({ revision: true }).extend({ asWritten: VersionSchema });
export type NewRecipe = z.infer<typeof NewRecipeSchema>;
export const RecipeChangeSchema = RecipeSchema.pick({ title: true, credit: true }).partial();

/** A card as it stands in the list of a recipe's cards. */
export const CardLinkSchema = z.object({
  id: Id,
  recipeId: Id,
  versionId: Id,
  versionName: z.string(),
  url: z.string(),
  countedOn: z.string(),
  withdrawn: z.boolean(),
});
export type CardLink = z.infer<typeof CardLinkSchema>;

export const RecipePageSchema = z.object({
  recipe: RecipeSchema,
  versions: z.array(VersionSchema),
  cards: z.array(CardLinkSchema),
  /** Versions of other recipes that its lines take from. */
  inner: z.array(z.object({ version: VersionSchema, title: z.string() })),
  /** The foods of all its lines, in the revisions that they name. */
  foods: z.array(FoodSchema),
});
export type RecipePage = z.infer<typeof RecipePageSchema>;

/** A recipe in the list: counted on the server by the same engine. */
export const RecipeSummarySchema = z.object({
  id: Id,
  title: z.string(),
  author: z.string().nullable(),
  servings: z.number().nullable(),
  open: z.int(),
  versionId: Id,
  versionName: z.string(),
  versions: z.int(),
  kcal: z.number().nullable(),
  /** The unrounded dish weight a serving, g. */
  servingGrams: z.number(),
  programs: z.array(z.object({ mark: z.string(), points: z.number(), was: z.number().nullable() })),
});
export type RecipeSummary = z.infer<typeof RecipeSummarySchema>;

export const VersionPageSchema = z.object({ version: VersionSchema, entries: z.array(EntrySchema) });
export type VersionPage = z.infer<typeof VersionPageSchema>;
