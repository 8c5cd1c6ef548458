import { z } from 'zod';
import type { StockItem, StockTaken } from '../core/stock/stock.ts';
import { Id, Words } from './primitives.ts';

/** A calendar day that exists, YYYY-MM-DD. */
const Day = z.iso.date('is not a day, such as 2026-12-24');

export const StockItemSchema: z.ZodType<StockItem> = z.object({
  id: Id,
  foodId: Id.nullable(),
  name: Words(120),
  grams: z.number('is not a number').min(0, 'cannot be below 0').max(100_000, 'is too large').nullable(),
  opened: z.boolean(),
  useBy: Day.nullable(),
  lacking: z.boolean(),
});
export const StockSchema = z.array(StockItemSchema);

export const StockTakenSchema: z.ZodType<StockTaken> = z.object({
  before: StockItemSchema,
  after: StockItemSchema.nullable(),
});
