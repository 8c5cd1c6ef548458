import { z } from 'zod';
import { USUAL_PASS_ON } from '../core/card/pass-on.ts';
import { APPLIANCES } from '../core/dish/dish-facts.ts';
import type { RecipeHead } from '../core/documents/recipe-kind.ts';
import { type Claim, NO_FACTS, type RecipeFacts } from '../core/page/recipe-text.ts';
import { DISH_KINDS } from '../core/version/dish-words.ts';
import { CreditSchema } from './credit.ts';
import { keptSchema } from './entry.ts';
import { FoodSchema } from './food.ts';
import { MovedSchema } from './moved.ts';
import { PassOnSchema } from './pass-on.ts';
import { PictureSchema } from './picture.ts';
import { Day, Id, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';
import { VersionChangeSchema, VersionSchema } from './version.ts';

export const ClaimSchema = schemaOf<Claim>()(
  z.object({
    kind: z.enum(['points', 'kcal']),
    value: z.number().min(0),
    valueMax: z.number().min(0).nullable().default(null),
    per: z.string().max(40).nullable().default(null),
    of: z.string().max(40).nullable().default(null),
    programId: Id.nullable().default(null),
    words: Written(300),
  }),
);

const Minutes = z.number().min(0).max(100_000).nullable();
export const RecipeFactsSchema = schemaOf<RecipeFacts>()(
  z.object({
    makes: Written(300).nullable().default(null),
    times: z.object({ prep: Minutes, cook: Minutes, total: Minutes }),
    pans: z.array(z.object({ words: Written(200), lid: z.boolean() })).max(20),
    tools: z.array(Written(300)).max(60),
  }),
);

/** Doubts that the cook has put aside, by their words. */
export const SettledSchema = z.array(Written(400)).max(100);

export const RecipeSchema = z.object({
  id: Id,
  title: Words(200),
  credit: CreditSchema,
  claims: z.array(ClaimSchema).max(20),
  notes: Written(200_000),
  facts: RecipeFactsSchema.default(() => ({ makes: null, times: { ...NO_FACTS.times }, pans: [], tools: [] })),
  settled: SettledSchema.default([]),
  /** The version that is shown; null for the newest lightened one. */
  shownVersionId: Id.nullable().default(null),
  favourite: z.boolean().default(false),
  /** What the cook chose to pass on of it. */
  passOn: PassOnSchema.default(() => USUAL_PASS_ON),
  revision: z.int().min(0),
});
export type Recipe = z.infer<typeof RecipeSchema>;

/** The part of a recipe that all its versions share, as its document has it. */
export const recipeHeadOf = ({
  title,
  credit,
  settled,
  shownVersionId,
  favourite,
  claims,
  passOn,
}: Recipe): RecipeHead => ({
  title,
  credit,
  settled,
  shownVersionId,
  favourite,
  claims,
  passOn,
});

/** A recipe brought in: with its version as written. */
export const NewRecipeSchema = RecipeSchema.omit({ revision: true }).extend({ asWritten: VersionSchema });
export type NewRecipe = z.infer<typeof NewRecipeSchema>;
export const RecipeChangeSchema = RecipeSchema.pick({ title: true, credit: true }).partial().extend({
  shownVersionId: Id.nullable().optional(),
  favourite: z.boolean().optional(),
  passOn: PassOnSchema.optional(),
});

/** A card as it stands in the list of a recipe's cards. */
export const CardLinkSchema = z.object({
  id: Id,
  recipeId: Id,
  versionId: Id,
  versionName: z.string(),
  url: z.string(),
  countedOn: z.string(),
  withdrawn: z.boolean(),
  /** What its dish comes to by now, where that is another number. */
  newer: z.array(MovedSchema),
  /** Whether it was published again, and can go back to what it showed. */
  again: z.boolean(),
  /** The last day on which its link leads to it; null for no end. */
  until: Day.nullable(),
  /** Whether that day is over. */
  runOut: z.boolean(),
  /** A short correction to paste under an old post; null where it was not published again. */
  correction: z.string().nullable(),
});
export type CardLink = z.infer<typeof CardLinkSchema>;

export const RecipePageSchema = z.object({
  recipe: RecipeSchema,
  versions: z.array(VersionSchema),
  cards: z.array(CardLinkSchema),
  /** Versions of other recipes that its lines take from. */
  inner: z.array(
    z.object({
      version: VersionSchema,
      title: z.string(),
      /** What all of it weighed when it was cooked the last time, g; null where nobody weighed it. */
      weighed: z.number().nullable(),
    }),
  ),
  /** The foods of all its lines, in the revisions that they name. */
  foods: z.array(FoodSchema),
  pictures: z.array(PictureSchema),
  /** The times that it was cooked, the newest first, the last of them. */
  cooked: z.array(
    z.object({
      id: Id,
      day: z.string(),
      fromId: Id,
      versionId: Id,
      grams: z.number().nullable(),
      note: z.string(),
    }),
  ),
  /** How many days it is good for, as its eaters found; null before two of them have said. */
  learnt: z.string().nullable(),
});
export type RecipePage = z.infer<typeof RecipePageSchema>;

/** A recipe as the list shows it: counted when it was written, not when it is looked at. */
export const RecipeSummarySchema = z.object({
  id: Id,
  title: z.string(),
  author: z.string().nullable(),
  whose: CreditSchema.shape.whose,
  changedAt: z.string(),
  servings: z.number().nullable(),
  open: z.int(),
  versionId: Id,
  versionName: z.string(),
  versions: z.int(),
  kcal: z.number().nullable(),
  /** The unrounded dish weight a serving, g. */
  servingGrams: z.number(),
  /** A serving for everyone who counts, with their own exceptions; beside it, where it was lightened, as written. */
  points: z.array(
    z.object({
      counter: z.string(),
      mark: z.string(),
      points: z.number(),
      was: z.number().nullable(),
      complete: z.boolean(),
      /** The points at either end of what is not known exactly. */
      low: z.number(),
      high: z.number(),
    }),
  ),
  /** Something that it counts with has changed, and it is being counted anew. */
  stale: z.boolean(),
  favourite: z.boolean(),
  /** The first picture of the dish; null where there is none. */
  picture: Id.nullable(),
  dish: z.enum(DISH_KINDS).nullable(),
  /** From the first move to the table, where the source says it. */
  minutes: z.number().nullable(),
  /** Who at the table must not or will not eat of it, by the eaters' ids. */
  notFor: z.array(Id),
});
export type RecipeSummary = z.infer<typeof RecipeSummarySchema>;

export const RECIPE_ORDERS = ['changed', 'title', 'points', 'mostPoints', 'kcal'] as const;
export type RecipeOrder = (typeof RECIPE_ORDERS)[number];

/** What part of the list is asked for. */
export const RecipeQuerySchema = z.object({
  /** Words that title, ingredients or source begin with. */
  q: z.string().max(120).default(''),
  order: z.enum(RECIPE_ORDERS).default('changed'),
  /** Whose points the list is ordered and filtered by: the key of somebody who counts. */
  counter: Id.optional(),
  pointsAtMost: z.coerce.number().min(0).max(1000).optional(),
  kcalAtMost: z.coerce.number().min(0).max(100_000).optional(),
  whose: CreditSchema.shape.whose.optional(),
  dish: z.enum(DISH_KINDS).optional(),
  appliance: z.enum(APPLIANCES).optional(),
  /** Recipes whose source says no time are not among them. */
  minutesAtMost: z.coerce.number().min(0).max(100_000).optional(),
  /** Only what is cooked in one pot, pan or dish. */
  onePot: z.enum(['yes']).optional(),
  /** Somebody at the table who must be able and willing to eat it: the eater's id. */
  canEat: Id.optional(),
  favourite: z.enum(['yes']).optional(),
  /** Only what the house has, but for two things at most. */
  inHouse: z.enum(['yes']).optional(),
  /** Where the last page ended. */
  after: z.string().max(400).optional(),
  limit: z.coerce.number().int().min(1).max(100).default(50),
});
export type RecipeQuery = z.infer<typeof RecipeQuerySchema>;

/** A page of the list. */
export const RecipeListSchema = z.object({
  rows: z.array(RecipeSummarySchema),
  /** Where the next page begins; null when this is the last. */
  next: z.string().nullable(),
  /** How many recipes fit the question; null on pages after the first. */
  total: z.int().nullable(),
  /** How many recipes of the household are being counted anew. */
  counting: z.int(),
});
export type RecipeList = z.infer<typeof RecipeListSchema>;

/** A version as it is kept, with the last of its history. */
export const KeptVersionSchema = keptSchema(VersionSchema, VersionChangeSchema);
export type KeptVersion = z.infer<typeof KeptVersionSchema>;
