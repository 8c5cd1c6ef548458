import { z } from 'zod';
import type { StockItem, StockTaken } from '../core/stock/stock.ts';
import { Revision } from './entry.ts';
import { Day, Id, Words } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

export const StockItemSchema = schemaOf<StockItem>()(
  z.object({
    id: Id,
    foodId: Id.nullable(),
    name: Words(120),
    grams: z.number('is not a number').min(0, 'cannot be below 0').max(100_000, 'is too large').nullable(),
    opened: z.boolean(),
    useBy: Day.nullable(),
    lacking: z.boolean(),
  }),
);
/** What is in the house, each with its revision. */
export const StockSchema = z.array(StockItemSchema.extend({ revision: Revision }));

export const StockTakenSchema: z.ZodType<StockTaken> = schemaOf<StockTaken>()(
  z.object({
    before: StockItemSchema,
    after: StockItemSchema.nullable(),
  }),
);
