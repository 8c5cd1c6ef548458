import { z } from 'zod';
import { NUTRIENTS, type Nutrient, type NutrientAmount } from '../core/food/nutrients.ts';
import type { Count, LineCount } from '../core/program/count.ts';
import { COUNTING_METHODS } from '../core/program/rule.ts';
import { schemaOf } from './schema-of.ts';

const IntervalSchema = z.object({ low: z.number(), high: z.number() });
const CertaintySchema = z.enum(['exact', 'atMost', 'atLeast', 'range']);

const LineCountSchema = schemaOf<LineCount>()(
  z.object({
    id: z.string(),
    label: z.string(),
    raw: z.number(),
    bounds: IntervalSchema,
    range: IntervalSchema,
    uncounted: z.string().nullable(),
    counts: z.string().nullable(),
    pinned: z.boolean(),
    open: z.boolean(),
  }),
);

const CountSchema = schemaOf<Count>()(
  z.object({
    points: z.number(),
    raw: z.number(),
    bounds: IntervalSchema,
    range: IntervalSchema,
    pointsRange: IntervalSchema,
    certainty: CertaintySchema,
    complete: z.boolean(),
    by: z.enum(COUNTING_METHODS),
    portion: z.number(),
    servings: z.number(),
    lines: z.array(LineCountSchema),
    doubt: z.object({ lineId: z.string(), of: z.enum(['grams', 'nutrients', 'rule']) }).nullable(),
  }),
);

const AmountSchema = schemaOf<NutrientAmount>()(
  z.object({
    value: z.number().nullable(),
    low: z.number(),
    high: z.number(),
  }),
);
const ServingSchema = z.object(
  Object.fromEntries(NUTRIENTS.map((n) => [n, AmountSchema])) as Record<Nutrient, typeof AmountSchema>,
);

/** A version counted for everyone who counts. */
export const VersionCountedSchema = z.object({
  servings: z.number(),
  servingGrams: z.number(),
  perServing: ServingSchema,
  eaters: z.array(CountSchema.extend({ eater: z.string(), mark: z.string() })),
  open: z.array(z.string()),
  saltLeftOut: z.boolean(),
});

/** A feast counted: everybody's plate, with the titles of the dishes. */
export const FeastCountedSchema = z.object({
  plates: z.array(
    z.object({
      eater: z.string(),
      mark: z.string(),
      points: z.number(),
      raw: z.number(),
      pointsRange: IntervalSchema,
      certainty: CertaintySchema,
      apart: z.number(),
      complete: z.boolean(),
      dishes: z.array(z.object({ title: z.string(), count: CountSchema.nullable() })),
    }),
  ),
  kcal: z.number().nullable(),
  kcalAtMost: z.number(),
  protein: z.number().nullable(),
  grams: z.number(),
});
export type FeastCounted = z.infer<typeof FeastCountedSchema>;
