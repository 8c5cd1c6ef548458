import { z } from 'zod';
import { ROLES } from '../core/food/food.ts';
import { MOST_INGREDIENTS } from '../core/page/recipe-limits.ts';
import type { ReadingRest } from '../core/reading/reading.ts';
import { DISH_KINDS, TECHNIQUES } from '../core/version/dish-words.ts';
import type { Change, VersionEntry } from '../core/version/entry.ts';
import { type LineLoss, LOSS_REASONS } from '../core/version/line-loss.ts';
import { type Line, type Step, VERSION_KINDS, type Version } from '../core/version/version.ts';
import type { LineFood } from '../core/weighing/line-food.ts';
import type { Weight } from '../core/weighing/weight.ts';
import { entrySchema } from './entry.ts';
import { Grams, Id, Servings, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

/** A line or a step may be as long as anybody pastes; the reader asks about long ones, and nothing is cut off. */
const LONGEST_TEXT = 100_000;
const MOST_STEPS = 1000;
const distinct = (items: readonly { readonly id: string }[]): boolean =>
  new Set(items.map((i) => i.id)).size === items.length;

export const WeightSchema: z.ZodType<Weight> = schemaOf<Weight>()(
  z
    .object({
      grams: Grams,
      low: Grams,
      high: Grams,
      from: z.enum(['weight', 'measure', 'count', 'package', 'density', 'estimate']),
    })
    .refine((w) => w.low <= w.grams + 1e-9 && w.grams <= w.high + 1e-9, 'must lie between its least and its most'),
);

const LineFoodSchema = schemaOf<LineFood>()(
  z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('food'), foodId: Id, revision: z.int().min(1) }),
    z.object({
      kind: z.literal('recipe'),
      recipeId: Id,
      versionId: Id,
      cooked: z.number().gt(0).max(200_000).optional(),
      cookId: Id.optional(),
    }),
    z.object({
      kind: z.literal('nothing'),
      why: Written(200),
      is: z.object({ foodId: Id, revision: z.int().min(1) }).optional(),
    }),
    z.object({ kind: z.literal('open') }),
  ]),
);

/** What a line was read as, besides what stands in it. */
const ReadingRestSchema = schemaOf<ReadingRest>()(
  z.object({
    packageQuantity: z.number().nullable(),
    packageUnit: z.string().max(40).nullable(),
    parts: z
      .array(
        z.object({
          quantity: z.number(),
          quantityMax: z.number().nullable(),
          unit: z.string().max(40).nullable(),
          relation: z.enum(['plus', 'same']),
        }),
      )
      .max(1000),
    modifiers: z.array(Written(LONGEST_TEXT)).max(1000),
    alternatives: z.array(Written(LONGEST_TEXT)).max(1000),
    energy: z
      .object({ kcal: z.number().min(0).max(100_000), each: z.boolean() })
      .nullable()
      .default(null),
    confidence: z.number().min(0).max(1),
    warnings: z.array(z.string().max(400)).max(10),
  }),
);

/** What of a line is not eaten, g. */
const LossSchema: z.ZodType<LineLoss> = schemaOf<LineLoss>()(
  z
    .object({ why: z.enum(LOSS_REASONS), low: Grams, high: Grams, answered: z.boolean() })
    .refine((l) => l.low <= l.high + 1e-9, 'has more at the least than at the most'),
);

export const LineSchema: z.ZodType<Line> = schemaOf<Line>()(
  z.object({
    id: Id,
    originLineId: Id,
    group: Written(200).nullable(),
    text: Written(LONGEST_TEXT),
    amount: z
      .object({
        quantity: z.number().min(0).max(10_000_000),
        quantityMax: z.number().min(0).max(10_000_000).nullable(),
        unit: z.string().max(40).nullable(),
      })
      .nullable(),
    item: Written(LONGEST_TEXT),
    note: Written(1000).nullable(),
    read: ReadingRestSchema.nullable().default(null),
    food: LineFoodSchema,
    taken: z
      .object({
        confidence: z.number().min(0).max(1),
        standIn: Written(LONGEST_TEXT).nullable(),
        asLastTime: z.boolean(),
      })
      .nullable()
      .default(null),
    weight: WeightSchema.nullable(),
    role: z.enum(ROLES).nullable(),
    roleSaid: z.boolean().default(false),
    technique: z.enum(TECHNIQUES).nullable().default(null),
    loss: LossSchema.nullable().default(null),
    kept: z.boolean(),
    leftOut: z.boolean(),
    swapId: z.string().max(64).nullable(),
    warnings: z.array(z.string().max(400)).max(10),
  }),
);

export const StepSchema: z.ZodType<Step> = schemaOf<Step>()(
  z.object({
    id: Id,
    text: Written(LONGEST_TEXT),
    uses: z
      .array(z.object({ originLineId: Id, share: z.number('is not a number').min(0).max(1) }))
      .max(MOST_INGREDIENTS)
      .optional(),
  }),
);

export const VersionSchema: z.ZodType<Version> = schemaOf<Version>()(
  z.object({
    id: Id,
    recipeId: Id,
    parentId: Id.nullable(),
    kind: z.enum(VERSION_KINDS),
    name: Words(120),
    servings: Servings.nullable(),
    dish: z.enum(DISH_KINDS).nullable().default(null),
    madeFor: Id.nullable().default(null),
    lines: z
      .array(LineSchema)
      .max(MOST_INGREDIENTS, `holds more than ${MOST_INGREDIENTS} lines: split the recipe into two`)
      .refine(distinct, 'has two lines with one id'),
    steps: z.array(StepSchema).max(MOST_STEPS).refine(distinct, 'has two steps with one id'),
    revision: z.int().min(0),
  }),
);

export const VersionChangeSchema = schemaOf<Change>()(
  z.discriminatedUnion('kind', [
    z
      .object({
        kind: z.literal('line'),
        lineId: Id,
        before: LineSchema.nullable(),
        after: LineSchema.nullable(),
        index: z.int().min(0).max(1000),
      })
      .refine(
        (c) => [c.before, c.after].every((l) => l === null || l.id === c.lineId),
        'gives a line the id of another',
      ),
    z.object({ kind: z.literal('servings'), before: Servings.nullable(), after: Servings.nullable() }),
    z.object({
      kind: z.literal('steps'),
      before: z.array(StepSchema).max(MOST_STEPS),
      after: z.array(StepSchema).max(MOST_STEPS),
    }),
    z.object({ kind: z.literal('name'), before: Words(120), after: Words(120) }),
    z.object({
      kind: z.literal('dish'),
      before: z.enum(DISH_KINDS).nullable(),
      after: z.enum(DISH_KINDS).nullable(),
    }),
  ]),
);

/** What a cook did to a version in one go. */
export const VersionEntrySchema: z.ZodType<VersionEntry> = schemaOf<VersionEntry>()(entrySchema(VersionChangeSchema));
