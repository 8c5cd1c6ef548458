import { z } from 'zod';
import { FOOD_KINDS, FOOD_STATES } from '../core/food/food.ts';
import { NUTRIENTS, type Nutrient } from '../core/food/nutrients.ts';
import { type Pin, type Program, type SaidPin, USUAL_WEEK } from '../core/program/program.ts';
import { COUNTING_METHODS, type Rule } from '../core/program/rule.ts';
import type { TaughtFrom } from '../core/program/taught-from.ts';
import type { Exception } from '../core/program/uncounted.ts';
import { Id, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

export const perNutrient = <T extends z.ZodType>(value: T) =>
  z.partialRecord(z.enum(NUTRIENTS), value) as unknown as z.ZodType<Partial<Record<Nutrient, z.infer<T>>>>;

/** A rule that counts nothing at all is a slip. */
const saysSomething = (r: { readonly coefficients: Partial<Record<Nutrient, number>> }): boolean =>
  Object.values(r.coefficients).some((c) => c !== 0);
const NOTHING_COUNTED = { message: 'count nothing: give at least one nutrient a number', path: ['coefficients'] };

const Coefficient = z.number('is not a number').min(-1e6, 'is too small').max(1e6, 'is too large');
const Per = z.number('is not a number').gt(0, 'must be above 0').max(1e9, 'is too large');
const MostCounted = z.number('is not a number').min(0, 'cannot be below 0').max(1e6, 'is too large');

export const RuleSchema = schemaOf<Rule>()(
  z
    .object({
      coefficients: perNutrient(Coefficient),
      per: Per,
      caps: perNutrient(MostCounted),
      step: z.union([z.literal(1), z.literal(0.5)]),
      rounding: z.enum(['nearest', 'up', 'down']),
      floorAt: z.enum(['serving', 'line']),
    })
    .refine(saysSomething, NOTHING_COUNTED),
);

/** Earlier revisions had one limit of their own for energy, and said less. */
const entryFromBefore = (entry: unknown): unknown => {
  if (typeof entry !== 'object' || entry === null || !('kcalAtMost' in entry)) return entry;
  const { kcalAtMost, ...rest } = entry;
  return { ...rest, atMost: kcalAtMost === null ? {} : { kcal: kcalAtMost } };
};

const UncountedEntrySchema = z.preprocess(
  entryFromBefore,
  z.object({
    words: Words(120),
    foods: z.array(Id).max(2000).default([]),
    groups: z.array(Words(60)).max(40).default([]),
    kinds: z.array(z.enum(FOOD_KINDS)).default([]),
    states: z.array(z.enum(FOOD_STATES)).nullable().default(null),
    atMost: perNutrient(z.number('is not a number').min(0, 'cannot be below 0').max(1e6, 'is too large')).default({}),
    without: z.array(z.enum(FOOD_KINDS)).default([]),
  }),
);

const ExclusionSchema = z.object({
  words: Words(120),
  foods: z.array(Id).default([]),
  kinds: z.array(z.enum(FOOD_KINDS)),
  except: z.array(Id).default([]),
});

/** Points that somebody has for a day or a week. */
export const PointsADay = z.number('is not a number').min(0, 'cannot be below 0').max(1000, 'is too large');

const Span = z.object({ low: z.number().min(0), high: z.number().min(0).max(1e9, 'is too large') });

/** What a rule was taught from: what it leaves open travels with it. */
const TaughtFromSchema = schemaOf<TaughtFrom>()(
  z.object({
    nutrients: z.array(z.enum(NUTRIENTS)).min(1).max(NUTRIENTS.length),
    modes: z
      .array(z.object({ rounding: z.enum(['nearest', 'up', 'down']), step: z.union([z.literal(1), z.literal(0.5)]) }))
      .min(1)
      .max(6),
    caps: z
      .array(z.object({ nutrient: z.enum(NUTRIENTS), most: MostCounted }).nullable())
      .min(1)
      .max(40),
    known: z
      .array(
        z.object({
          name: Words(200),
          grams: z.number().gt(0).max(1e6, 'is too large').nullable(),
          points: z.number().min(0, 'cannot be below 0').max(1e5, 'is too large'),
          of: perNutrient(Span),
        }),
      )
      .max(400),
  }),
);

/** What a program is, wherever it is kept. */
const programFields = {
  mark: z.string().regex(/^[A-Z]{2,3}$/, 'is not a mark of two or three capital letters'),
  name: Words(60),
  idea: Written(300, 'is too long').default(''),
  rule: RuleSchema,
  /** Earlier revisions have no such thing: their rules were typed. */
  taught: TaughtFromSchema.nullable().default(null),
  by: z.enum(COUNTING_METHODS),
  list: z.object({
    entries: z.array(UncountedEntrySchema).max(200),
    exclusions: z.array(ExclusionSchema).max(60),
  }),
  personal: z.boolean().default(false),
  allowance: PointsADay,
  reserve: PointsADay,
  floor: PointsADay,
  week: z
    .object({
      begins: z.int().min(1).max(7),
      carriesOver: PointsADay,
      adds: z.enum(['rounded', 'raw']),
    })
    .default(USUAL_WEEK),
};

export const ProgramSchema: z.ZodType<Program> = schemaOf<Program>()(
  z.object({ id: Id, revision: z.int().min(1), ...programFields }),
);

/** A program as a file: everything but where it is kept. */
export const ProgramFileSchema = z.object({
  v: z.literal(1).describe('The state of this format.'),
  ...programFields,
});
export type ProgramFile = z.infer<typeof ProgramFileSchema>;

export const ExceptionSchema = schemaOf<Exception>()(z.object({ foodId: Id, uncounted: z.boolean() }));

export const PinSchema = schemaOf<Pin>()(
  z.object({
    foodId: Id,
    programId: Id,
    points: z.number('is not a number').min(0, 'cannot be below 0').max(1000, 'is too large'),
    grams: z.number('is not a number').gt(0, 'must be above 0').max(100_000, 'is too large'),
  }),
);

export const SaidPinSchema = schemaOf<SaidPin>()(
  PinSchema.extend({
    saidOn: z.iso.date('is not a day').nullable().default(null),
    source: Written(120, 'is too long').default(''),
    foodRevision: z.int().min(1).nullable().default(null),
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
  coefficients: loosely(perNutrient(Coefficient)),
  per: Per.default(1),
  caps: loosely(perNutrient(MostCounted)).default({}),
  step: z.union([z.literal(1), z.literal(0.5)]).default(1),
  rounding: z.enum(['nearest', 'up', 'down']).default('nearest'),
  floorAt: z.enum(['serving', 'line']).default('serving'),
  by: z.enum(COUNTING_METHODS).default('ingredients'),
  /** The mark of a sample program whose uncounted list it takes, or food ids of its own; none when left out. */
  uncounted: z.union([z.string(), z.array(Id)]).default([]),
});
export type RuleFile = z.infer<typeof RuleFileSchema>;
