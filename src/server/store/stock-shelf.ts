import { StockItemSchema } from '../../contract/stock.ts';
import { STOCK_KIND } from '../../core/documents/document-kinds.ts';
import { byUse, type StockItem } from '../../core/stock/stock.ts';
import { rowShelf } from './row-shelf.ts';
import { nowOf, type Scope } from './scope.ts';

/** What is in the house, and what cannot be had. */
export const STOCK = rowShelf<StockItem, 'stock_item'>({
  name: 'stock',
  what: 'item',
  kind: STOCK_KIND,
  schema: StockItemSchema,
  first: 1,
  table: 'stock_item',
  keys: (id) => ({ id }),
  read: (r) =>
    StockItemSchema.parse({
      id: r.id,
      foodId: r.food_id,
      name: r.name,
      grams: r.grams,
      opened: r.opened === 1,
      useBy: r.use_by,
      lacking: r.lacking === 1,
    }),
  columns: (i, s) => ({
    food_id: i.foodId,
    name: i.name,
    grams: i.grams,
    opened: i.opened ? 1 : 0,
    use_by: i.useBy,
    lacking: i.lacking ? 1 : 0,
    changed_at: nowOf(s),
  }),
});

/** What is in the house, in the order to use it up, each with its revision. */
export async function stockOf(s: Scope): Promise<(StockItem & { revision: number })[]> {
  const all = await STOCK.all(s);
  const revisions = new Map(all.map((i) => [i.id, i.revision]));
  return byUse(all).map((i) => ({ ...i, revision: revisions.get(i.id)! }));
}
