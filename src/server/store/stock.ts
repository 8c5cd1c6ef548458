import { StockItemSchema } from '../../contract/stock.ts';
import type { StockItem, StockTaken } from '../../core/stock/stock.ts';
import { byUse, takeFromStock } from '../../core/stock/stock.ts';
import type { Db } from '../db/open.ts';
import type { Database } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';
import { getVersion } from './versions.ts';

const itemOf = (r: Database['stock_item']): StockItem =>
  StockItemSchema.parse({
    id: r.id,
    foodId: r.food_id,
    name: r.name,
    grams: r.grams,
    opened: r.opened === 1,
    useBy: r.use_by,
    lacking: r.lacking === 1,
  });

/** What is in the house, in the order to use it up. */
export async function stockOf(db: Db, householdId: string): Promise<StockItem[]> {
  const rows = await db.selectFrom('stock_item').selectAll().where('household_id', '=', householdId).execute();
  return byUse(rows.map(itemOf));
}

/** Puts an item in place, new or changed. @throws ProblemError 404 for another household's. */
export async function putStock(db: Db, householdId: string, item: StockItem, now: string): Promise<void> {
  const have = await db.selectFrom('stock_item').select('household_id').where('id', '=', item.id).executeTakeFirst();
  if (have && have.household_id !== householdId) throw notFound('item');
  const values = {
    food_id: item.foodId,
    name: item.name,
    grams: item.grams,
    opened: item.opened ? 1 : 0,
    use_by: item.useBy,
    lacking: item.lacking ? 1 : 0,
    changed_at: now,
  };
  await db
    .insertInto('stock_item')
    .values({ id: item.id, household_id: householdId, ...values })
    .onConflict((c) => c.column('id').doUpdateSet(values))
    .execute();
}

export async function removeStock(db: Db, householdId: string, id: string): Promise<void> {
  await db.deleteFrom('stock_item').where('household_id', '=', householdId).where('id', '=', id).execute();
}

/** Takes what a version needs out of the stock, in one transaction, and says what changed. */
export async function takeForVersion(
  db: Db,
  householdId: string,
  versionId: string,
  now: string,
): Promise<StockTaken[]> {
  const version = await getVersion(db, versionId);
  const taken = takeFromStock(await stockOf(db, householdId), version.lines);
  await db.transaction().execute(async (t) => {
    for (const { before, after } of taken) {
      if (after === null) await removeStock(t, householdId, before.id);
      else await putStock(t, householdId, after, now);
    }
  });
  return taken;
}
