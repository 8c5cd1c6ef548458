import { z } from 'zod';
import { ALLERGENS, FOOD_KINDS, FOOD_STATES, type Food, ROLES } from '../core/food/food.ts';
import type { FoodCorrection } from '../core/food/food-correction.ts';
import { labelImpossible } from '../core/food/food-from-label.ts';
import { mostPer100g, NUTRIENTS, type Nutrient, type NutrientProfile } from '../core/food/nutrients.ts';
import { Id, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const nutrientAmount = (n: Nutrient) => {
  const amount = z
    .number()
    .min(0, 'cannot be below 0')
    .max(mostPer100g(n) + 1e-6, `can be at most ${mostPer100g(n)} in 100 g`);
  return z
    .object({ value: amount.nullable(), low: amount, high: amount })
    .refine(
      (a) => a.low <= a.high && (a.value === null || (a.low <= a.value + 1e-9 && a.value <= a.high + 1e-9)),
      'has a value outside of its interval',
    );
};
const Profile = schemaOf<NutrientProfile>()(
  z.object(
    Object.fromEntries(NUTRIENTS.map((n) => [n, nutrientAmount(n)])) as Record<
      Nutrient,
      ReturnType<typeof nutrientAmount>
    >,
  ),
);

export const MeasureSchema = z.object({
  unit: Words(40),
  form: Written(40).nullable(),
  grams: z.number('is not a number').gt(0, 'must be above 0').max(100_000, 'is too large'),
});

/** One revision of a food, as it crosses the wire and lies in the database. */
export const FoodSchema: z.ZodType<Food> = schemaOf<Food>()(
  z.object({
    id: Id,
    revision: z.int().min(1),
    name: Words(120),
    group: Written(60),
    state: z.enum(FOOD_STATES),
    per100g: Profile,
    measures: z.array(MeasureSchema).max(60),
    kinds: z.array(z.enum(FOOD_KINDS)).max(20),
    roles: z.array(z.enum(ROLES)).max(14),
    allergens: z.array(z.enum(ALLERGENS)).max(14),
    synonyms: z.array(Written(120)).max(100),
    ownNames: z.array(Written(120)).max(40).optional(),
    source: Written(200),
    energyNote: Written(300).nullable(),
  }),
);

/** What a household calls a food and what its own measures weigh. */
export const FoodCorrectionSchema = schemaOf<FoodCorrection>()(
  z.object({
    foodId: Id,
    synonyms: z.array(Words(120)).max(40),
    measures: z.array(MeasureSchema).max(60),
  }),
);

const printed = z.number('is not a number').min(0, 'cannot be below 0').max(100_000, 'is too large').nullable();

export const LabelFields = z.object({
  id: Id,
  name: Words(120),
  basisGrams: z.number('is not a number').min(0.01, 'must be at least 0.01').max(10_000, 'is too large'),
  household: z
    .object({
      quantity: z
        .number()
        .min(0.001, 'must be at least 0.001: "that is" counts the measure')
        .max(1000, 'must be at most 1000'),
      unit: Words(40),
      grams: z.number().min(0.01, 'must be at least 0.01').max(10_000, 'must be at most 10000'),
    })
    .nullable(),
  printed: z.object({
    kcal: printed,
    fat: printed,
    satFat: printed,
    carbs: printed,
    sugars: printed,
    addedSugars: printed,
    fibre: printed,
    protein: printed,
    sodium: printed,
  }),
  rules: z.enum(['us', 'eu', 'exact']),
  kinds: z.array(z.enum(FOOD_KINDS)).max(20),
  roles: z.array(z.enum(ROLES)).max(14),
  allergens: z.array(z.enum(ALLERGENS)).max(14),
});

/** A food copied from its label: values as printed, null for what the label does not say. */
export const LabelSchema = LabelFields.superRefine((label, ctx) => {
  for (const { field, message } of labelImpossible(label)) ctx.addIssue({ code: 'custom', path: [...field], message });
});
export type Label = z.infer<typeof LabelSchema>;

/** Foods and corrections that are written together, or not at all. */
export const BatchSchema = schemaOf<Batch>()(
  z.object({
    foods: z
      .array(FoodSchema)
      .max(20_000, 'are more than 20,000: split the file')
      .refine((fs) => new Set(fs.map((f) => f.id)).size === fs.length, 'have an id twice'),
    corrections: z.array(FoodCorrectionSchema).max(20_000, 'are more than 20,000: split the file'),
  }),
);
export interface Batch {
  readonly foods: readonly Food[];
  readonly corrections: readonly FoodCorrection[];
}
