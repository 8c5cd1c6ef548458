import { z } from 'zod';
import type { Feast } from '../core/feast/feast.ts';
import { FoodSchema } from './food.ts';
import { EaterSchema } from './household.ts';
import { Day, Grams, Id, Words } from './primitives.ts';
import { RecipePageSchema } from './recipe.ts';
import { schemaOf } from './schema-of.ts';

/** Servings on a plate: none, or some; people eat one and a half, a half, two. */
const PortionSchema = z.number('is not a number').min(0, 'cannot be below 0').max(20, 'can be at most 20');
const Points = z.number('is not a number').min(0, 'cannot be below 0').max(1000, 'is too much');

const FeastDishSchema = z.object({
  recipeId: Id,
  versionId: Id,
  portions: z.record(Id, PortionSchema),
  mostDeparture: z.number().min(0).max(1000).nullable(),
});

const GuestSchema = z.object({
  name: Words(80),
  allergies: EaterSchema.shape.allergies,
  avoids: EaterSchema.shape.avoids,
});

export const FeastSchema: z.ZodType<Feast> = schemaOf<Feast>()(
  z.object({
    id: Id,
    name: Words(120),
    day: Day.nullable(),
    guests: z
      .array(GuestSchema)
      .max(100, 'are more than 100')
      .refine((gs) => new Set(gs.map((g) => g.name)).size === gs.length, 'has two of one name')
      .default([]),
    people: z.int('is not a whole number').min(1, 'must be at least 1').max(500, 'can be at most 500'),
    dishes: z
      .array(FeastDishSchema)
      .max(20, 'are more than 20')
      .refine(
        (ds) => new Set(ds.map((d) => d.recipeId)).size === ds.length,
        'has a recipe twice: take a larger portion',
      ),
    bought: z
      .array(
        z.object({
          id: Id,
          text: Words(200),
          foodId: Id,
          revision: z.int().min(1),
          grams: Grams,
          portions: z.record(Id, PortionSchema),
        }),
      )
      .max(20, 'are more than 20')
      .default([]),
    targets: z.record(Id, Points),
    revision: z.int().min(0),
  }),
);

/** A feast with everything its dishes count with. */
export const FeastWithRecipesSchema = z.object({
  feast: FeastSchema,
  pages: z.array(RecipePageSchema),
  foods: z.array(FoodSchema),
});
export type FeastWithRecipes = z.infer<typeof FeastWithRecipesSchema>;
