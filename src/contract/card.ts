import { z } from 'zod';
import type { Card } from '../core/card/card.ts';
import { COUNTING_METHODS } from '../core/program/rule.ts';
import { CreditSchema } from './credit.ts';
import { CorrectedSchema } from './pass-on.ts';
import { schemaOf } from './schema-of.ts';

const Raw = z.array(z.number());
const MaybeGrams = z.number().nullable();
const LabelValuesSchema = z.object({
  kcal: MaybeGrams,
  fat: MaybeGrams,
  satFat: MaybeGrams,
  carbs: MaybeGrams,
  sugars: MaybeGrams,
  fibre: MaybeGrams,
  protein: MaybeGrams,
  salt: MaybeGrams,
});

/** A card as it is kept under its link. */
export const CardSchema = schemaOf<Card>()(
  z.object({
    title: z.string(),
    versionName: z.string(),
    revision: z.int().nullable(),
    credit: CreditSchema,
    shows: z.enum(['whole', 'changes', 'amounts']),
    words: z.string().nullable(),
    picture: z.object({ id: z.string(), width: z.number(), height: z.number() }).nullable(),
    servings: z.number().nullable(),
    servingGrams: z.number(),
    servingCooked: z.object({ low: z.number(), high: z.number() }).nullable().default(null),
    countedOn: z.string(),
    programs: z.array(
      z.object({
        mark: z.string(),
        name: z.string(),
        points: z.number(),
        low: z.number(),
        high: z.number(),
        certainty: z.enum(['exact', 'atMost', 'atLeast', 'range']),
        complete: z.boolean(),
        by: z.enum(COUNTING_METHODS).default('ingredients'),
        was: z.number().nullable(),
        span: z
          .object({ low: z.number(), high: z.number(), lines: z.array(z.string()) })
          .nullable()
          .default(null),
      }),
    ),
    kcal: z.number().nullable(),
    kcalWas: z.number().nullable(),
    ingredients: z.array(
      z.object({
        group: z.string().nullable(),
        amount: z.string(),
        name: z.string(),
        raw: Raw,
        any: z.string().nullable(),
        offers: z.array(
          z.object({ words: z.string(), points: Raw.nullable(), same: z.boolean(), contains: z.array(z.string()) }),
        ),
        asks: z.string().nullable(),
      }),
    ),
    steps: z.array(z.object({ text: z.string(), adds: Raw })),
    changes: z.array(z.object({ from: z.string(), to: z.string(), why: z.string().nullable() })),
    regular: z.array(z.object({ words: z.string(), points: Raw })),
    options: z.array(z.object({ words: z.string(), points: Raw })),
    allergens: z.array(z.string()),
    cautions: z.array(z.object({ id: z.string(), words: z.string(), source: z.string() })),
    label: z
      .object({ of: z.enum(['raw', 'cooked']), per100: LabelValuesSchema, serving: LabelValuesSchema })
      .nullable(),
    reader: z
      .object({
        ways: z.array(
          z
            .object({
              step: z.union([z.literal(1), z.literal(0.5)]),
              rounding: z.enum(['nearest', 'up', 'down']),
              parts: z.array(z.object({ raw: z.number(), low: z.number(), high: z.number() })),
            })
            .nullable(),
        ),
        sizes: z.array(
          z.object({
            quantity: z.number().nullable(),
            quantityMax: z.number().nullable(),
            unit: z.string().nullable(),
            grams: z.number().nullable(),
            isTin: z.boolean(),
            isDrained: z.boolean(),
            item: z.string(),
            note: z.string().nullable(),
            isCounted: z.boolean(),
          }),
        ),
      })
      .nullable()
      .default(null)
      .describe('What it is counted again from for another portion; null for a card from before that was kept.'),
    corrected: CorrectedSchema.nullable().describe('What was wrong before it was published again.'),
  }),
);
