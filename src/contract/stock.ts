import { z } from 'zod';
import type { StockItem, StockTaken } from '../core/stock/stock.ts';
import { Day, Id, Words } from './primitives.ts';

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
