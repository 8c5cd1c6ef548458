import { z } from 'zod';
import { BoxSchema } from './cook.ts';
import { StockTakenSchema } from './stock.ts';

/** What a dish took: out of packages, `after` null where one is empty, and out of boxes. */
export const TakenForDishSchema = z.object({
  stock: z.array(StockTakenSchema),
  boxes: z.array(z.object({ before: BoxSchema, after: BoxSchema })),
});
