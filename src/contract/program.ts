import { z } from 'zod';
import { FOOD_KINDS, FOOD_STATES } from '../core/food/food.ts';
import { NUTRIENTS, type Nutrient } from '../core/food/nutrients.ts';
import type { Pin, Program } from '../core/program/program.ts';
import { COUNTING_METHODS, type Rule } from '../core/program/rule.ts';
import type { Exception } from '../core/program/uncounted.ts';
import { Id, Words } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const perNutrient = <T extends z.ZodType>(value: T) =>
  z.partialRecord(z.enum(NUTRIENTS), value) as unknown as z.ZodType<Partial<Record<Nutrient, z.infer<T>>>>;

export const RuleSchema = schemaOf<Rule>()(
  z.object({
    coefficients: perNutrient(z.number().finite()),
    per: z.number().gt(0),
    caps: perNutrient(z.number().min(0)),
    step: z.union([z.literal(1), z.literal(0.5)]),
    rounding: z.enum(['nearest', 'up', 'down']),
    floorAt: z.enum(['serving', 'line']),
  }),
);

const UncountedEntrySchema = z.object({
  words: Words(120),
  foods: z.array(Id),
  kinds: z.array(z.enum(FOOD_KINDS)),
  // What earlier revisions did not say.
  states: z.array(z.enum(FOOD_STATES)).nullable().default(null),
  kcalAtMost: z.number().min(0).nullable(),
});

const ExclusionSchema = z.object({
  words: Words(120),
  foods: z.array(Id).default([]),
  kinds: z.array(z.enum(FOOD_KINDS)),
  except: z.array(Id).default([]),
});

export const ProgramSchema: z.ZodType<Program> = schemaOf<Program>()(
  z.object({
    id: Id,
    revision: z.int().min(1),
    mark: z.string().regex(/^[A-Z]{2,3}$/, 'is not a mark of two or three capital letters'),
    name: Words(60),
    idea: z.string().max(300).default(''),
    rule: RuleSchema,
    by: z.enum(COUNTING_METHODS),
    list: z.object({
      entries: z.array(UncountedEntrySchema),
      exclusions: z.array(ExclusionSchema),
    }),
    allowance: z.number().min(0),
    reserve: z.number().min(0),
    floor: z.number().min(0),
  }),
);

export const ExceptionSchema = schemaOf<Exception>()(z.object({ foodId: Id, uncounted: z.boolean() }));

export const PinSchema = schemaOf<Pin>()(
  z.object({
    foodId: Id,
    programId: Id,
    points: z.number('is not a number').min(0, 'cannot be below 0').max(1000, 'is too large'),
    grams: z.number('is not a number').gt(0, 'must be above 0').max(100_000, 'is too large'),
  }),
);

const ALIASES: Readonly<Record<string, Nutrient>> = {
  energy: 'kcal',
  calories: 'kcal',
  totalFat: 'fat',
  saturatedFat: 'satFat',
  saturated: 'satFat',
  trans: 'transFat',
  carbohydrate: 'carbs',
  carbohydrates: 'carbs',
  sugar: 'sugars',
  addedSugar: 'addedSugars',
  fiber: 'fibre',
  salt: 'sodium',
};
const canonical = (record: unknown): unknown =>
  typeof record === 'object' && record !== null
    ? Object.fromEntries(Object.entries(record).map(([k, v]) => [ALIASES[k] ?? k, v]))
    : record;
const loosely = (values: z.ZodType<Partial<Record<Nutrient, number>>>) => z.preprocess(canonical, values);

/** A rule of one's own, as `rule.json` of the command line: what is left out takes the usual value. */
export const RuleFileSchema = z.object({
  mark: z.string().max(12).default('OWN'),
  name: z.string().max(60).default('Own rule'),
  coefficients: loosely(perNutrient(z.number().finite())),
  per: z.number().gt(0).default(1),
  caps: loosely(perNutrient(z.number().min(0))).default({}),
  step: z.union([z.literal(1), z.literal(0.5)]).default(1),
  rounding: z.enum(['nearest', 'up', 'down']).default('nearest'),
  floorAt: z.enum(['serving', 'line']).default('serving'),
  by: z.enum(COUNTING_METHODS).default('ingredients'),
  /** The mark of a sample program whose uncounted list it takes, or food ids of its own; none when left out. */
  uncounted: z.union([z.string(), z.array(Id)]).default([]),
});
export type RuleFile = z.infer<typeof RuleFileSchema>;
